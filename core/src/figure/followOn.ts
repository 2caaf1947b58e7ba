import type { Facing } from './facing.ts'
import type { Figure } from './figure.ts'
import { danceFrom, entryFeet, holdFits, missingFoot, startingState, type FloorState } from './floor.ts'
import { applyVariation } from './variation.ts'

/** A figure that would follow, and what keeps it from it; null where nothing does. */
export interface FollowOn {
  readonly figure: Figure
  readonly refused: { readonly why: 'foot'; readonly role: 'lead' | 'follow'; readonly foot: 'left' | 'right' } | { readonly why: 'hold'; readonly hold: string } | null
}

const carrying = (foot: 'left' | 'right' | null) => (foot === 'left' ? 'right' : foot === 'right' ? 'left' : 'both')

/** How a couple stands after a figure, begun in a hold (its first where none is said), with the feet it needs. Null when it cannot be danced. */
export function stateAfter(figure: Figure, hold = figure.entry.holds[0] ?? 'closed'): FloorState | null {
  const danced = applyVariation(figure)
  if (!danced.ok) return null
  const feet = entryFeet(danced.value)
  const start = startingState(hold, (figure.entry.facings[0] ?? 2) as Facing)
  return danceFrom({ ...start, lead: { ...start.lead, weight: carrying(feet.lead) }, follow: { ...start.follow, weight: carrying(feet.follow) } }, danced.value).after
}

/**
 * What figures of a list may come next: those that go come first, then those that one change would let in, a foot before a
 * hold. `hold` is the one the figure is begun in.
 */
export function followOns(figure: Figure, figures: readonly Figure[], hold?: string): FollowOn[] {
  const state = stateAfter(figure, hold)
  if (!state) return []
  const judged = figures.flatMap((next): FollowOn[] => {
    const danced = applyVariation(next)
    if (!danced.ok) return []
    const foot = missingFoot(state, danced.value)
    const fits = holdFits(state, danced.value)
    // Two changes are no longer a follow-on.
    if (foot && !fits) return []
    return [{ figure: next, refused: foot ? { why: 'foot', ...foot } : fits ? null : { why: 'hold', hold: state.hold } }]
  })
  const order = ({ refused }: FollowOn): number => (refused === null ? 0 : refused.why === 'foot' ? 1 : 2)
  return judged.sort((a, b) => order(a) - order(b) || a.figure.name.localeCompare(b.figure.name, 'en'))
}
