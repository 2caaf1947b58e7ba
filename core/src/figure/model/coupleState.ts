import { z } from 'zod'
import { memoised } from '../../document/index.ts'
import { turned, wrapFacing, type Facing } from '../../move/index.ts'
import {
  holdIdSchema,
  holdOf,
  holdsFlow,
  isTaken,
  isWalkedIn,
  mirrorOf,
  opensToward,
} from './hold.ts'
import { ROLES, type Role, type Step } from './step.ts'
import { freeFoot, neededFoot, weightAfter, type Weight } from './weight.ts'
import { hasThroughTurn, sidedSteps } from './throughTurn.ts'
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
export const danceFrom = (standing: CoupleState, danced: DancedFigure): DancedOutcome =>
  outcomes(danced)(standing)

/** How a figure went from each state it was begun in: sheets begin it in few, many times over. */
const outcomes = memoised((danced: DancedFigure) =>
  keptByState((standing) => danceThrough(standing, danced)),
)

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
 * The figure as it turns when it is begun from a state, where turns of it are told by what they go
 * through; the same where none are.
 */
export const sidesTaken = (danced: DancedFigure, standing: CoupleState): DancedFigure =>
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

/** The foot each role must have free to begin; null where the role asks for none. */
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
  const needed = entryFeet(danced)
  const role = ROLES.find((one) => needed[one] !== null && state[one].weight === needed[one])
  return role ? { role, foot: needed[role]! } : null
}

/** Hands that are taken and let go in a set without a word. */
const IN_A_SET: ReadonlySet<string> = new Set(['none', 'ring', 'star', 'left-hand star'])

/** The holds in which a figure may begin as it is danced: by their mirrors where it is mirrored. */
export const entryHolds = ({ figure, variation }: DancedFigure): readonly string[] =>
  variation.reflected ? figure.entry.holds.map(mirrorOf) : figure.entry.holds

/**
 * How a figure is begun from where a couple stands: the state it begins in, and what that takes.
 * `fits`: nothing, they stand so, or their hold passes into it. `turned`: they turn to or from each
 * other into it, without a hand being let go. `taken`: a hand is taken, which was let go. `asked`:
 * their arms have to be brought somewhere; the figure is then begun as if they had been.
 */
export interface Beginning {
  readonly state: CoupleState
  readonly takes: 'fits' | 'turned' | 'taken' | 'asked'
}

/**
 * How a couple begins a figure from where it stands, rotated if it is danced so.
 *
 * @param standing How the two stand beforehand.
 * @param danced The figure as it is danced.
 */
export const beginning = (standing: CoupleState, danced: DancedFigure): Beginning =>
  beginnings(danced)(standing)

/** How a figure is begun from each state: sheets begin it in few. */
const beginnings = memoised((danced: DancedFigure) =>
  keptByState((standing) => begunFrom(standing, danced)),
)

function begunFrom(standing: CoupleState, danced: DancedFigure): Beginning {
  const state = rotateState(standing, danced.variation.rotate ?? 0)
  const holds = entryHolds(danced)
  if (holds.length === 0 || holds.includes(state.hold)) return { state, takes: 'fits' }
  if (isWalkedIn(state.hold, holds) && onlyWalks(danced)) return { state, takes: 'fits' }
  // In a set all find each other's hands as they come.
  const inSet = danced.figure.dancers === 'set' && IN_A_SET.has(state.hold)
  const found = inSet
    ? holds.find((hold) => IN_A_SET.has(hold))
    : holds.find((hold) => holdsFlow(state.hold, hold) && relationFits({ ...state, hold }))
  if (found !== undefined) return { state: { ...state, hold: found }, takes: 'fits' }
  const into = turnedInto(state, danced, (hold) => holdsFlow(state.hold, hold))
  if (into) return { state: into, takes: 'turned' }
  const stood = holds.find((hold) => relationFits({ ...state, hold }))
  // Who stand alike are no couple: they give hands in a ring, and in no hold of two.
  const isRing = stood !== undefined && holdOf(stood)?.relation === null
  if (isAlike(state) && !isRing) return { state, takes: 'asked' }
  if (state.hold === 'none') {
    const taken =
      stood !== undefined && isTaken(stood)
        ? { ...state, hold: stood }
        : turnedInto({ ...state, hold: 'open' }, danced, (hold) => holdsFlow('closed', hold))
    if (taken) return { state: taken, takes: 'taken' }
  }
  return { state: standingIn(state, stood ?? holds[0]!), takes: 'asked' }
}

/** Whether both only walk forward and back: without a turn, a step to the side, or another hold. */
const onlyWalks = memoised(
  ({ steps, exitHold, holds }: DancedFigure): boolean =>
    [...steps.lead, ...steps.follow].every(
      (step) => bodyTurn(step) === 0 && (step.travel === null || step.travel.direction % 4 !== 2),
    ) &&
    exitHold === null &&
    holds.length === 0,
)
const isAlike = ({ lead, follow, hold }: CoupleState): boolean =>
  hold === 'none' && lead.weight === follow.weight && lead.facing === follow.facing

/** The state with a hold, the follow facing as it asks. */
function standingIn(state: CoupleState, hold: string): CoupleState {
  const relation = holdOf(hold)?.relation
  return relation === null || relation === undefined
    ? { ...state, hold }
    : {
        ...state,
        follow: { ...state.follow, facing: turned(state.lead.facing, relation) },
        hold,
      }
}

const PICKED_UP = [[0, 4]] as const
/** How the follow turns out of a fan to face the lead, in eighths. */
const FANNED: ReadonlyMap<string, number> = new Map([
  ['fan', 2],
  ['left fan', -2],
])

/** The state with a hold of the figure into which the two turn a quarter each, or the follow half. */
function turnedInto(
  state: CoupleState,
  danced: DancedFigure,
  mayBe: (hold: string) => boolean,
): CoupleState | null {
  // A figure that goes along the line of dance face to face picks the follow up in front.
  const isAlong = danced.figure.entry.facings.includes(0) && opensToward(state.hold) !== 0
  const fanned = FANNED.get(state.hold)
  for (const hold of entryHolds(danced)) {
    if (!mayBe(hold)) continue
    const quarter = opensToward(hold) || -opensToward(state.hold)
    const ways: (readonly [lead: number, follow: number])[] =
      quarter === 0 ? [] : [[quarter, -quarter]]
    if (fanned !== undefined) ways.push([0, fanned])
    for (const [lead, follow] of [...(isAlong ? PICKED_UP : []), ...ways]) {
      const next = {
        lead: { ...state.lead, facing: turned(state.lead.facing, lead) },
        follow: { ...state.follow, facing: turned(state.follow.facing, follow) },
        hold,
      }
      if (relationFits(next)) return next
    }
  }
  return null
}

/**
 * The hold in which a figure is begun from a state: the one they have where it may begin in that,
 * else one that theirs passes into as they stand. Null where they have to turn or be told.
 */
export function holdBegun(state: CoupleState, danced: DancedFigure): string | null {
  const { state: begun, takes } = beginning(state, danced)
  return takes === 'fits' ? begun.hold : null
}

/** Whether a figure can begin in the hold they have, or in one that it passes into by itself. */
export const holdFits = (state: CoupleState, danced: DancedFigure): boolean =>
  holdBegun(state, danced) !== null

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
    weight: freeFoot(role.weight) ?? role.weight,
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
