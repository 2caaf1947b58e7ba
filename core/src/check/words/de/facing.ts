import {
  directionWords,
  HALL_FACINGS_DE,
  type DirectionFrame,
  type Standing,
} from '../../../figure/index.ts'
import { type Facing } from '../../../move/index.ts'

/** Directions that rings and sets have words of their own for. */
const OWN: Readonly<Record<string, string>> = {
  wall: 'zur Wand',
  centre: 'zur Mitte',
  in: 'zur Mitte',
  out: 'nach außen',
  up: 'nach oben',
  down: 'nach unten',
  across: 'hinüber',
  left: 'nach links',
  right: 'nach rechts',
  clockwise: 'im Uhrzeigersinn',
  anticlockwise: 'gegen den Uhrzeigersinn',
  'line of dance': 'in Tanzrichtung',
  reverse: 'gegen die Tanzrichtung',
}

/**
 * A facing as a formation says it in a sentence, behind “Blick”: by the clock, in a ring or a set
 * where that has a word for it, else in the hall's words.
 */
export function facingTold(facing: Facing, frame: DirectionFrame, standing: Standing = {}): string {
  const told = frame === 'hall' ? null : directionWords(frame, facing, standing)
  if (told === null) return HALL_FACINGS_DE[facing] ?? ''
  const hour = /^(\d+) o’clock$/.exec(told)
  const half = /^half past (\d+)$/.exec(told)
  if (half) return `auf halb ${(Number(half[1]) % 12) + 1}`
  return hour ? `auf ${hour[1]} Uhr` : (OWN[told] ?? told)
}

const AMOUNTS = ['', 'ein Achtel', 'ein Viertel', 'drei Achtel', 'eine halbe Drehung']

/**
 * A turn with its side.
 *
 * @param eighths Eighths of a turn, clockwise above 0.
 */
export function turn(eighths: number): string {
  if (eighths === 0) return 'keine Drehung'
  return `${AMOUNTS[Math.abs(eighths)] ?? `${Math.abs(eighths)} Achtel`} ${eighths < 0 ? 'nach links' : 'nach rechts'}`
}
