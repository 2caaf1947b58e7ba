import { succeed, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import { sideThrough, turnTo, wrapFacing, type Facing } from '../../move/index.ts'
import { THROUGH } from '../model/throughTurn.ts'
import { readDirection, type DirectionFrame, type Standing } from '../geometry/frames.ts'

/** A turn in eighths, clockwise positive; `about` marks one that is only nearly so much. */
export interface TurnAmount {
  readonly eighths: number
  readonly about: boolean
  /** The way it goes through, where that decides its side. */
  readonly through?: Facing
}

/** Where a turn begins, for wordings that say where it ends or what it passes. */
export interface TurnFrom extends Standing {
  readonly facing: Facing
  readonly frame: DirectionFrame
}

const SIDES: readonly (readonly [RegExp, 1 | -1])[] = [
  [/\b(anti-?clockwise|counter-?clockwise|left)\b/, -1],
  [/\b(clockwise|right)\b/, 1],
]

const AMOUNTS: readonly (readonly [RegExp, (match: RegExpExecArray) => number])[] = [
  [/(\d+(?:\.\d+)?)\s*(?:degrees?|°)/, (m) => Number(m[1]) / 45],
  [/(\d+)\s+(?:and\s+)?(\d)\/(\d)/, (m) => 8 * (Number(m[1]) + Number(m[2]) / Number(m[3]))],
  [/(\d)\/(\d)/, (m) => (8 * Number(m[1])) / Number(m[2])],
  [/\bone and (?:a|one) half\b/, () => 12],
  [/\bone and (?:a|one) quarter\b/, () => 10],
  [/\bthree[- ]quarters?\b/, () => 6],
  [/\bthree[- ]eighths?\b/, () => 3],
  [/\b(?:a |one )?half\b/, () => 4],
  [/\b(?:a |one )?quarter\b/, () => 2],
  [/\b(?:an |one )?eighth\b/, () => 1],
  [/\b(?:twice|two turns|double)\b/, () => 16],
  [/\b(?:full|whole|once|one turn)\b/, () => 8],
  [/(?:^|\s)(\d)(?!\S)/, (m) => 8 * Number(m[1])],
]
const WHOLE = 8

/**
 * Reads any wording of a turn: "3/4 right", "270 degrees clockwise", "one and a half left", "nearly
 * a half to the right", "quarter, left shoulder back". A left shoulder that goes back turns left.
 * From a facing also "toward the wall" (ends there, by the shorter way unless a side is named) and
 * "a half through the centre" (its side
 * follows from the facing, now and wherever it is danced; without a facing it is to the right until
 * it is danced). Refuses a wording whose sides contradict each
 * other, one without a side, and an amount that is no whole number of eighths.
 */
export function parseTurn(text: string, from?: TurnFrom): Result<TurnAmount> {
  const words = text.toLowerCase()
  const aimed =
    /\b(?:(through)|to face|toward|towards|to)\s+(?!the (?:right|left)\b|(?:right|left)\b)(?:the\s+)?(.+)$/.exec(
      words,
    )
  const before = aimed ? words.slice(0, aimed.index) : words
  const sides = sidesIn(aimed ? before : words)
  const about = /\b(nearly|almost|about|not quite)\b/.test(words)
  if (sides.size > 1) return problem('turn.contradiction.sides', { text })
  const side = [...sides][0]
  const amount = AMOUNTS.flatMap(([pattern, eighths]) => {
    const match = pattern.exec(before.trim())
    return match ? [eighths(match)] : []
  })[0]
  if (amount !== undefined && !Number.isInteger(amount)) return problem('turn.eighths', { text })
  if (aimed)
    return aimedTurn(
      text,
      { target: aimed[2]!, isThrough: aimed[1] !== undefined, side, amount, about },
      from,
    )
  if (amount === undefined) return problem('turn.amount', { text })
  if (side === undefined) return problem('turn.side', { text })
  return succeed({ eighths: amount * side, about })
}

interface Aim {
  readonly target: string
  readonly isThrough: boolean
  readonly side: 1 | -1 | undefined
  readonly amount: number | undefined
  readonly about: boolean
}

function aimedTurn(
  text: string,
  { target, isThrough, side, amount, about }: Aim,
  from: TurnFrom | undefined,
): Result<TurnAmount> {
  if (!from && !isThrough) return problem('turn.from', { text })
  const direction = readDirection(target, from?.frame ?? 'hall', from)
  if (!direction.ok) return direction
  if (isThrough) {
    const through = THROUGH.some(([way]) => way === direction.value) ? direction.value : undefined
    const way = from ? sideThrough(from.facing, direction.value) : (side ?? 1)
    if (way === 0) return problem('turn.side.straight', { text })
    if (side !== undefined && side !== way)
      return problem('turn.contradiction.way', { text, side: way === 1 ? 'right' : 'left' })
    if (amount === undefined) return problem('turn.amount', { text })
    const isRule = side === undefined && through !== undefined
    return succeed({ eighths: amount * way, about, ...(isRule && { through }) })
  }
  if (!from) return problem('turn.from', { text })
  const short = turnTo(from.facing, direction.value)
  const eighths = side === undefined ? short : side * wrapFacing(side * short) + 0
  if (
    amount !== undefined &&
    amount * (side ?? Math.sign(short)) !== eighths &&
    !(amount === WHOLE && eighths === 0)
  ) {
    return problem('turn.contradiction.amount', {
      text,
      eighths: Math.abs(eighths),
      side: eighths < 0 ? 'left' : 'right',
    })
  }
  return succeed({
    eighths: amount === WHOLE && eighths === 0 ? WHOLE * (side ?? 1) : eighths,
    about,
  })
}

function sidesIn(words: string): Set<1 | -1> {
  let rest = words
  const sides = new Set<1 | -1>()
  for (const [pattern, side] of SIDES) {
    if (pattern.test(rest)) sides.add(side)
    rest = rest.replace(new RegExp(pattern, 'g'), ' ')
  }
  return sides
}
