import { wrapFacing } from '../../move/index.ts'
import { otherFoot, type Step } from './step.ts'

/**
 * The follow's steps where the couple moves as one: the other foot, the same direction of the hall,
 * the same turn. `relation` is the follow's facing less the lead's in eighths; as both turn alike
 * it stays the same throughout.
 *
 * @param relation Eighths from the lead’s facing to the follow’s: 4 face to face, 0 side by side.
 */
export function oppositeSteps(lead: readonly Step[], relation: number): Step[] {
  return lead.map((step) => {
    const travel = step.travel && {
      ...step.travel,
      direction: wrapFacing(step.travel.direction - relation),
    }
    return {
      ...step,
      foot: step.foot === 'left' || step.foot === 'right' ? otherFoot(step.foot) : step.foot,
      travel,
      text: oppositeText(step.text, relation),
    }
  })
}

/** Words that change for a partner: feet always, forward and back only face to face. */
function oppositeText(text: string, relation: number): string {
  const faced: Record<string, string> = relation === 4 ? { forward: 'back', back: 'forward' } : {}
  const words: Record<string, string> = { left: 'right', right: 'left', ...faced }
  return text.replace(/\b\w+\b/g, (word) => words[word] ?? word)
}
