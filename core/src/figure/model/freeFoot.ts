import { memoised, sameValue } from '../../document/index.ts'
import { beginning, entryHolds, type Beginning } from './beginning.ts'
import { saysSide } from './figureWords.ts'
import type { CoupleState } from './coupleState.ts'
import { mirroredName, mirroredWords } from './mirroredWords.ts'
import { reflectSteps } from './reflect.ts'
import { otherFoot, ROLES, type Role, type Step } from './step.ts'
import { applyVariation, type DancedFigure } from './vary.ts'
import { neededFoot } from './weight.ts'

/**
 * Figures that begin on whichever foot is free: a forward waltz is one on either foot, a vine is
 * not. They only go forward, back or in place, without a turn, so that on the other foot they lead
 * to the same place; and their words name no side.
 */
const isOfEitherFoot = memoised(
  ({ figure, steps, holds, moves }: DancedFigure): boolean =>
    moves === null &&
    holds.length === 0 &&
    figure.dancers !== 'set' &&
    !BESIDE.includes(figure.exitHold ?? '') &&
    !saysSide(figure) &&
    ROLES.every((role) => steps[role].every(isStraight)) &&
    ROLES.some((role) => neededFoot(steps[role]) !== null),
)

/** Who ends past the partner’s side, as in a feather, does so on that foot. */
const BESIDE: readonly string[] = ['banjo', 'sidecar']

const isStraight = ({ turn, through, travel }: Step): boolean =>
  turn === 0 && through === undefined && (travel === null || travel.direction % 4 === 0)

/** A figure on the foot that it was asked on, whichever is free: who mirrors it means that foot. */
export const onFootAsked = memoised((danced: DancedFigure): DancedFigure => ({
  ...danced,
  foot: 'asked',
}))

/** A figure whose foot nobody asked for, though it is mirrored: with all of its time through. */
export const onAnyFoot = memoised((danced: DancedFigure): DancedFigure => {
  const { foot, ...rest } = danced
  return foot === 'asked' ? rest : danced
})

/** Holds in which the two stand close, so that one side is not like the other. */
const CLOSE: readonly string[] = [
  'closed',
  'semi-closed',
  'reverse semi-closed',
  'banjo',
  'sidecar',
]

/**
 * Figures that are danced to whichever side is free: a new yorker is one to either side, a twirl
 * under the left hand is not. Both do the same to their own side, their name says none, and the two
 * do not stand close; or all it does is to change the foot, forward or back, side and close.
 */
const isOfEitherSide = memoised(
  ({ figure, variation, steps, moves }: DancedFigure): boolean =>
    moves === null &&
    figure.dancers !== 'set' &&
    variation.turn === undefined &&
    mirroredName(figure.name) === null &&
    !BESIDE.includes(figure.exitHold ?? '') &&
    (figure.dancers === 'solo' ||
      isChange(steps) ||
      (figure.entry.holds.some((hold) => !CLOSE.includes(hold)) && isMirrorPair(steps))) &&
    ROLES.every((role) => steps[role].every(({ layer }) => layer !== 'arms')) &&
    ROLES.some((role) => neededFoot(steps[role]) !== null),
)

/** Whether both do three steps that change the foot: forward or back, side and close. */
const isChange = (steps: DancedFigure['steps']): boolean =>
  ROLES.every((role) => {
    const [first, second, third, ...more] = steps[role]
    return (
      more.length === 0 &&
      [first, second, third].every((step) => step?.turn === 0 && step.weight === 'full') &&
      first!.travel !== null &&
      first!.travel.direction % 4 === 0 &&
      second!.travel !== null &&
      second!.travel.direction % 4 === 2 &&
      third!.travel === null
    )
  })

/** Whether the follow does what the lead does, to the other side. */
function isMirrorPair({ lead, follow }: DancedFigure['steps']): boolean {
  const plain = (steps: readonly Step[]): Omit<Step, 'text'>[] =>
    steps.map(({ text: _, ...step }) => step)
  return sameValue(plain(reflectSteps(lead)), plain(follow))
}

/** Figures that begin on whichever foot is free, the same way or to the other side. */
export const beginsOnEither = (danced: DancedFigure): boolean =>
  isOfEitherFoot(danced) || isOfEitherSide(danced)

/**
 * A figure as it is begun from a state: on the other foot, where it begins on either and the one it
 * is written on carries the weight; else the same.
 */
export function onFreeFoot(danced: DancedFigure, state: CoupleState): DancedFigure {
  if (danced.foot === 'asked' || !ROLES.some((role) => isTaken(danced, state, role))) return danced
  const other = isOfEitherFoot(danced)
    ? onOtherFoot(danced)
    : isOfEitherSide(danced)
      ? toOtherSide(danced)
      : null
  if (!other || ROLES.some((role) => isTaken(other, state, role))) return danced
  return isHeldAsWell(state, danced, other) ? other : danced
}

/** Whether a figure takes no other hands, and no more of them, to the one side than to the other. */
function isHeldAsWell(state: CoupleState, danced: DancedFigure, other: DancedFigure): boolean {
  const asks = (one: DancedFigure): number => TAKES.indexOf(beginning(state, one).takes)
  const isOwn = (one: DancedFigure): boolean => entryHolds(one).includes(state.hold)
  return asks(other) <= asks(danced) && (isOwn(other) || !isOwn(danced))
}

/** What it takes to begin a figure, the least first. */
const TAKES: readonly Beginning['takes'][] = ['fits', 'turned', 'taken', 'asked']

const isTaken = ({ steps }: DancedFigure, state: CoupleState, role: Role): boolean =>
  state[role].weight === neededFoot(steps[role])

/** On the other foot than it is, and back again on the one it is written on. */
const onOtherFoot = memoised(({ foot, steps, ...danced }: DancedFigure): DancedFigure => ({
  ...danced,
  ...(foot === 'other' ? {} : { foot: 'other' as const }),
  steps: { lead: feetExchanged(steps.lead), follow: feetExchanged(steps.follow) },
}))

/**
 * To the other side than it is, and back again to the one it is written to. Where its words name a
 * side it is called by the other; else it is called the same.
 */
const toOtherSide = memoised((danced: DancedFigure): DancedFigure => {
  const { figure, variation, foot } = danced
  const isBack = tookOtherFoot(danced)
  const written = foot === 'other' ? !variation.reflected : variation.reflected
  const other = applyVariation(figure, { ...variation, reflected: isBack ? written : !written })
  if (!other.ok) return danced
  if (isBack) return onAnyFoot(other.value)
  return saysSide(figure)
    ? { ...other.value, foot: 'other' }
    : { ...other.value, variation, foot: 'mirrored' }
})

/** Whether a figure took the foot, or the side, that it is not written on. */
export const tookOtherFoot = ({ foot }: DancedFigure): boolean =>
  foot === 'other' || foot === 'mirrored'

const feetExchanged = (steps: readonly Step[]): Step[] =>
  steps.map((step) => ({
    ...step,
    foot: step.foot === 'left' || step.foot === 'right' ? otherFoot(step.foot) : step.foot,
    text: mirroredWords(mirroredWords(step.text, 'en'), 'de'),
  }))
