import {
  freeFoot,
  holdsFlow,
  ROLES,
  type CoupleState,
  type Foot,
  type Role,
} from '../figure/index.ts'

/** In what the end of a routine is not as its start, so that it cannot simply begin again. */
export type RoundDifference =
  | { readonly what: 'hold'; readonly now: string; readonly wanted: string }
  | {
      readonly what: 'foot'
      readonly role: Role
      readonly now: Foot | null
      readonly wanted: Foot | null
    }
  | { readonly what: 'facing'; readonly role: Role; readonly now: number; readonly wanted: number }

/**
 * Whether it comes round: all in which `end` is other than `start`, feet first; nothing where it
 * does.
 */
export function comesRoundTo(start: CoupleState, end: CoupleState): RoundDifference[] {
  const feet = ROLES.flatMap((role): RoundDifference[] => {
    const [now, wanted] = [freeFoot(end[role].weight), freeFoot(start[role].weight)]
    // Weight on both, or nobody knows on which: either foot can begin.
    const either = end[role].weight === 'both' || start[role].weight === 'both'
    return now === wanted || either ? [] : [{ what: 'foot', role, now, wanted }]
  })
  const facings = ROLES.flatMap((role): RoundDifference[] =>
    end[role].facing === start[role].facing
      ? []
      : [{ what: 'facing', role, now: end[role].facing, wanted: start[role].facing }],
  )
  return [
    ...feet,
    ...facings,
    ...(start.hold === end.hold || holdsFlow(end.hold, start.hold)
      ? []
      : [{ what: 'hold' as const, now: end.hold, wanted: start.hold }]),
  ]
}
