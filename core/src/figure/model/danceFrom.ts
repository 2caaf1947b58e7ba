import { memoised } from '../../document/index.ts'
import { turned } from '../../move/index.ts'
import { beginning } from './beginning.ts'
import { keptByState, type CoupleState, type RoleState } from './coupleState.ts'
import { ROLES, type Role, type Step } from './step.ts'
import { hasThroughTurn, sidedSteps } from './throughTurn.ts'
import { bodyTurn } from './turnAmount.ts'
import { onFreeFoot } from './freeFoot.ts'
import type { DancedFigure } from './vary.ts'
import { neededFoot, weightAfter, type Weight } from './weight.ts'

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
export const danceFrom = (standing: CoupleState, danced: DancedFigure): DancedOutcome =>
  outcomes(onFreeFoot(danced, standing))(standing)

/** How a figure went from each state it was begun in: sheets begin it in few, many times over. */
const outcomes = memoised((danced: DancedFigure) =>
  keptByState((standing) => danceThrough(standing, danced)),
)

/**
 * The figure as it is danced when it is begun from a state: on the foot that is free, where it
 * begins on either, and turning to the side that follows, where its turns are told by what they go
 * through.
 */
export const asBegun = (danced: DancedFigure, standing: CoupleState): DancedFigure =>
  sidesTaken(onFreeFoot(danced, standing), standing)

const sidesTaken = (danced: DancedFigure, standing: CoupleState): DancedFigure =>
  ROLES.some((role) => hasThroughTurn(danced.steps[role]))
    ? withSides(danced)(beginning(standing, danced).state)
    : danced
const withSides = memoised((danced: DancedFigure) =>
  keptByState((begun): DancedFigure => {
    const lead = sidedSteps(danced.steps.lead, begun.lead.facing)
    const follow = sidedSteps(danced.steps.follow, begun.follow.facing)
    return { ...danced, steps: { ...danced.steps, lead, follow } }
  }),
)

function danceThrough(standing: CoupleState, danced: DancedFigure): DancedOutcome {
  const before = beginning(standing, danced).state
  const troubles: StepTrouble[] = []
  const run = (role: Role): RoleState => {
    let state: RoleState = before[role]
    const first = walkedFirst(danced, role)
    for (const step of sidedSteps(danced.steps[role], state.facing)) {
      // Who walks begins on either foot.
      const from = step === first && state.weight === step.foot ? 'both' : state.weight
      const { weight, trouble } = weightAfter(from, step)
      if (trouble) troubles.push({ role, step, before: state.weight, trouble })
      state = { weight, facing: turned(state.facing, bodyTurn(step)) }
    }
    // And stops on either.
    return first && isWalkedThrough(danced.steps[role]) ? { ...state, weight: 'both' } : state
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

/** Families that are walked: nobody in them minds on which foot they begin to walk. */
const WALKED: ReadonlySet<string> = new Set([
  'set dance',
  'mixer',
  'square',
  'longways',
  'promenade',
])

/** The first step of a walked figure, which either foot may take; null where the foot matters. */
function walkedFirst({ figure, steps }: DancedFigure, role: Role): Step | null {
  if (figure.dancers !== 'set' && !WALKED.has(figure.family)) return null
  const first = steps[role].find(({ layer, foot }) => layer === 'feet' && foot !== null)
  return first?.kind === 'step' && first.weight === 'full' ? first : null
}

/** Whether a role only walks: one full step after the other. */
const isWalkedThrough = memoised((steps: readonly Step[]): boolean =>
  steps.every(
    ({ layer, kind, weight }) =>
      layer !== 'feet' || kind === 'hold' || (kind === 'step' && weight === 'full'),
  ),
)

/** The foot each role has free as it is written; null where the role asks for none. */
export const entryFeet = (danced: DancedFigure): Record<Role, 'left' | 'right' | null> => ({
  lead: walkedFirst(danced, 'lead') ? null : neededFoot(danced.steps.lead),
  follow: walkedFirst(danced, 'follow') ? null : neededFoot(danced.steps.follow),
})

/**
 * The first role whose needed foot carries the weight, with the foot; null when the figure can
 * begin.
 */
export function missingFoot(
  state: CoupleState,
  danced: DancedFigure,
): { readonly role: Role; readonly foot: 'left' | 'right' } | null {
  const needed = entryFeet(onFreeFoot(danced, state))
  const role = ROLES.find((one) => needed[one] !== null && state[one].weight === needed[one])
  return role ? { role, foot: needed[role]! } : null
}
