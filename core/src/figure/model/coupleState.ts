import { z } from 'zod'
import { turned, wrapFacing, type Facing } from '../../move/index.ts'
import { holdIdSchema, holdOf } from './hold.ts'
import { ROLES, type Role, type Step } from './step.ts'
import { freeFoot, neededFoot, weightAfter, type Weight } from './weight.ts'
import type { DancedFigure } from './vary.ts'
import { bodyTurn } from './turnAmount.ts'

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

/** Something a step could not do from where its dancer stood. */
export interface StepTrouble {
  readonly role: Role
  readonly step: Step
  readonly before: Weight
  /** `taken`: the foot carries the weight. `unsure`: the weight was split. */
  readonly trouble: 'taken' | 'unsure'
}

export interface DancedOutcome {
  readonly after: CoupleState
  readonly troubles: readonly StepTrouble[]
}

/**
 * Dances a figure from a state: the state after it, and every step whose foot was not free. It
 * always comes to an end. Where it is rotated, it is begun that much further round.
 */
export function danceFrom(standing: CoupleState, danced: DancedFigure): DancedOutcome {
  const before = rotateState(standing, danced.variation.rotate ?? 0)
  const troubles: StepTrouble[] = []
  const run = (role: Role): RoleState => {
    let state: RoleState = before[role]
    for (const step of danced.steps[role]) {
      const { weight, trouble } = weightAfter(state.weight, step)
      if (trouble) troubles.push({ role, step, before: state.weight, trouble })
      state = { weight, facing: turned(state.facing, bodyTurn(step)) }
    }
    return state
  }
  return {
    after: {
      lead: run('lead'),
      follow: run('follow'),
      hold: danced.exitHold ?? danced.holds.at(-1)?.hold ?? before.hold,
    },
    troubles,
  }
}

/** The foot each role must have free to begin; null where the role asks for none. */
export const entryFeet = (danced: DancedFigure): Record<Role, 'left' | 'right' | null> => ({
  lead: neededFoot(danced.steps.lead),
  follow: neededFoot(danced.steps.follow),
})

/**
 * The first role whose needed foot carries the weight, with the foot; null when the figure can
 * begin.
 */
export function missingFoot(
  state: CoupleState,
  danced: DancedFigure,
): { readonly role: Role; readonly foot: 'left' | 'right' } | null {
  const needed = entryFeet(danced)
  const role = ROLES.find((one) => needed[one] !== null && state[one].weight === needed[one])
  return role ? { role, foot: needed[role]! } : null
}

/** Whether the hold is one the figure may begin in. */
export const holdFits = (state: CoupleState, danced: DancedFigure): boolean =>
  danced.figure.entry.holds.length === 0 || danced.figure.entry.holds.includes(state.hold)

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

/**
 * The mirrored state: feet exchanged, hold by its mirror, the starting facings kept. Null when the
 * hold has no mirror.
 */
export function reflectState(state: CoupleState): CoupleState | null {
  const hold = holdOf(state.hold)?.mirror
  if (!hold) return null
  const swap = (role: RoleState): RoleState => ({
    ...role,
    weight: freeFoot(role.weight) ?? role.weight,
  })
  return { lead: swap(state.lead), follow: swap(state.follow), hold }
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
