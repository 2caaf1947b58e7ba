import { z } from 'zod'
import { turned, wrapFacing, type Facing } from '../../move/index.ts'
import { holdIdSchema, holdOf, mirrorOf } from './hold.ts'
import { otherWeight, type Weight } from './weight.ts'

const roleStateSchema = z
  .strictObject({
    weight: z.enum(['left', 'right', 'both', 'split']),
    facing: z.int().min(0).max(7) as unknown as z.ZodType<Facing>,
  })
  .readonly()

/**
 * What a couple is like at one moment: each role's weight and facing in the hall, and the hold
 * between them.
 */
export const coupleStateSchema = z
  .strictObject({ lead: roleStateSchema, follow: roleStateSchema, hold: holdIdSchema })
  .readonly()
export type RoleState = { readonly weight: Weight; readonly facing: Facing }
export type CoupleState = z.infer<typeof coupleStateSchema>

/** What is worked out from a state, kept for states that are alike. */
export function keptByState<T>(work: (state: CoupleState) => T): (state: CoupleState) => T {
  const kept = new Map<string, T>()
  return (state) => {
    const key = stateKey(state)
    const before = kept.get(key)
    if (before !== undefined) return before
    const made = work(state)
    kept.set(key, made)
    return made
  }
}

/** A couple's state as one text: states that are alike have the same. */
export const stateKey = ({ lead, follow, hold }: CoupleState): string =>
  `${lead.weight} ${lead.facing} ${follow.weight} ${follow.facing} ${hold}`

/**
 * Whether the two stand as their hold says: face to face or side by side. Holds without a fixed
 * relation always agree.
 */
export function relationFits(state: CoupleState): boolean {
  const relation = holdOf(state.hold)?.relation
  return (
    relation === null ||
    relation === undefined ||
    wrapFacing(state.follow.facing - state.lead.facing) === relation
  )
}

/**
 * The state turned in the hall: feet and hold stay, both facings move by the same eighths.
 *
 * @param eighths Eighths of a turn, clockwise above 0.
 */
export const rotateState = (state: CoupleState, eighths: number): CoupleState => ({
  ...state,
  lead: { ...state.lead, facing: turned(state.lead.facing, eighths) },
  follow: { ...state.follow, facing: turned(state.follow.facing, eighths) },
})

/** The mirrored state: feet exchanged, hold by its mirror, the starting facings kept. */
export function reflectState(state: CoupleState): CoupleState {
  const swap = (role: RoleState): RoleState => ({
    ...role,
    weight: otherWeight(role.weight),
  })
  return { lead: swap(state.lead), follow: swap(state.follow), hold: mirrorOf(state.hold) }
}

/**
 * Couple in a hold with the lead facing this way and the lead's left and follow's right foot free.
 */
export function startingState(hold: string, leadFacing: Facing): CoupleState {
  const relation = holdOf(hold)?.relation ?? 4
  return {
    lead: { weight: 'right', facing: leadFacing },
    follow: { weight: 'left', facing: wrapFacing(leadFacing + relation) },
    hold,
  }
}
