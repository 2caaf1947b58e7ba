import { mirrored } from '../../move/index.ts'
import { mirroredWords } from './mirroredWords.ts'
import { otherFoot, type Step } from './step.ts'

/**
 * The mirror of a step in the dancer's own frame: feet and sideways travel change, turns change
 * side, forward and back stay. Reflecting twice must give the step itself.
 */
export function reflectStep(step: Step): Step {
  return {
    ...step,
    foot: step.foot === 'left' || step.foot === 'right' ? otherFoot(step.foot) : step.foot,
    travel: step.travel && { ...step.travel, direction: mirrored(step.travel.direction) },
    // What it goes through says the side, mirrored or not.
    turn: step.turn === 0 || step.through !== undefined ? step.turn : -step.turn,
    text: swapSides(step.text),
  }
}

/** Steps with left and right exchanged; forward and back stay. */
export const reflectSteps = (steps: readonly Step[]): Step[] => steps.map(reflectStep)

/** Words of steps may be in either language; no side word of the one is a word of the other. */
const swapSides = (text: string): string => mirroredWords(mirroredWords(text, 'en'), 'de')
