import { holdName } from '../../model/hold.ts'
import type { Variation } from '../../model/variation.ts'
import { HOLD_NAMES } from './names.ts'

const number = (n: number): string => String(n).replace('.', ',')
const eighths = (n: number): string =>
  n === 0 ? 'ohne Drehung' : `${Math.abs(n)}/8 ${n < 0 ? 'links' : 'rechts'}`

/** How a figure is varied, in German. */
export function variationText(variation: Variation): string {
  const {
    cut,
    times,
    reflected,
    exitHold,
    rotate,
    turn,
    ending,
    options,
    withoutPause,
    countFrom,
  } = variation
  return [
    ending ?? '',
    ...(options ?? []),
    cut === null
      ? ''
      : cut.type === 'half'
        ? 'halb'
        : cut.type === 'first'
          ? `die ersten ${number(cut.ticks / 24)}`
          : `ab ${number(cut.ticks / 24 + 1)}`,
    withoutPause ? 'ohne Pause' : '',
    turn === undefined ? '' : `Drehung ${eighths(turn)}`,
    times === 1 ? '' : `${times}-mal`,
    reflected ? 'gespiegelt' : '',
    rotate === undefined ? '' : `${eighths(rotate)} herum`,
    exitHold === null ? '' : `Ende: ${HOLD_NAMES[exitHold] ?? holdName(exitHold)}`,
    countFrom === undefined ? '' : `ab Schlag ${countFrom}`,
  ]
    .filter(Boolean)
    .join(', ')
}
