import { directionWords, type DirectionFrame } from '../../../figure/index.ts'
import { type Facing } from '../../../move/index.ts'

const FACINGS = [
  'line of dance',
  'diagonal to the wall',
  'the wall',
  'diagonal to reverse and wall',
  'reverse',
  'diagonal to reverse and centre',
  'the centre',
  'diagonal to the centre',
]

/**
 * A facing as a formation says it in a sentence: by the clock, in a ring or a set where that has a
 * word for it, else in the hall's words.
 */
export function facingTold(facing: Facing, frame: DirectionFrame): string {
  const told = frame === 'hall' ? null : directionWords(frame, facing)
  return told === null
    ? (FACINGS[facing] ?? '')
    : told === 'wall' || told === 'centre'
      ? `the ${told}`
      : told
}

/**
 * A turn with its side.
 *
 * @param eighths Eighths of a turn, clockwise above 0.
 */
export function turn(eighths: number): string {
  if (eighths === 0) return 'no turn'
  const amounts = ['', 'an eighth', 'a quarter', 'three eighths', 'a half']
  return `${amounts[Math.abs(eighths)] ?? `${Math.abs(eighths)} eighths`} ${eighths < 0 ? 'to the left' : 'to the right'}`
}
