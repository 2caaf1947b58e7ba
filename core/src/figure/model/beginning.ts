import { memoised } from '../../document/index.ts'
import { turned } from '../../move/index.ts'
import { keptByState, relationFits, rotateState, type CoupleState } from './coupleState.ts'
import { holdOf, holdsFlow, isTaken, isWalkedIn, mirrorOf, opensToward } from './hold.ts'
import { bodyTurn } from './turnAmount.ts'
import type { DancedFigure } from './vary.ts'

/** Hands that are taken and let go in a set without a word. */
const IN_A_SET: ReadonlySet<string> = new Set(['none', 'ring', 'star', 'left-hand star'])

/** The holds in which a figure may begin as it is danced: by their mirrors where it is mirrored. */
export const entryHolds = ({ figure, variation, foot }: DancedFigure): readonly string[] =>
  variation.reflected !== (foot === 'mirrored')
    ? figure.entry.holds.map(mirrorOf)
    : figure.entry.holds

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
  if (inSet) return { state: standingIn(state, stood ?? holds[0]!), takes: 'fits' }
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
