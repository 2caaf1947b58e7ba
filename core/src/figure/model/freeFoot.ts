import { memoised } from '../../document/index.ts'
import { saysSide } from './figureWords.ts'
import type { CoupleState } from './coupleState.ts'
import { mirroredWords } from './mirroredWords.ts'
import { otherFoot, ROLES, type Role, type Step } from './step.ts'
import type { DancedFigure } from './vary.ts'
import { neededFoot } from './weight.ts'

/**
 * Figures that begin on whichever foot is free: a forward waltz is one on either foot, a vine is
 * not. They only go forward, back or in place, without a turn, so that on the other foot they lead
 * to the same place; and their words name no side.
 */
export const isOfEitherFoot = memoised(
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

/**
 * A figure as it is begun from a state: on the other foot, where it begins on either and the one it
 * is written on carries the weight; else the same.
 */
export function onFreeFoot(danced: DancedFigure, state: CoupleState): DancedFigure {
  if (danced.foot === 'asked' || !ROLES.some((role) => isTaken(danced, state, role))) return danced
  if (!isOfEitherFoot(danced)) return danced
  const other = onOtherFoot(danced)
  return ROLES.some((role) => isTaken(other, state, role)) ? danced : other
}

const isTaken = ({ steps }: DancedFigure, state: CoupleState, role: Role): boolean =>
  state[role].weight === neededFoot(steps[role])

/** On the other foot than it is, and back again on the one it is written on. */
const onOtherFoot = memoised(({ foot, steps, ...danced }: DancedFigure): DancedFigure => ({
  ...danced,
  ...(foot === 'other' ? {} : { foot: 'other' as const }),
  steps: { lead: feetExchanged(steps.lead), follow: feetExchanged(steps.follow) },
}))

const feetExchanged = (steps: readonly Step[]): Step[] =>
  steps.map((step) => ({
    ...step,
    foot: step.foot === 'left' || step.foot === 'right' ? otherFoot(step.foot) : step.foot,
    text: mirroredWords(mirroredWords(step.text, 'en'), 'de'),
  }))
