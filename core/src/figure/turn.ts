import { problem, succeed, type Result } from '../document/index.ts'

/** A turn in eighths, clockwise positive; `about` marks one that is only nearly so much. */
export interface TurnAmount {
  readonly eighths: number
  readonly about: boolean
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
]

/**
 * Reads any wording of a turn: "3/4 right", "270 degrees clockwise", "one and a half left", "nearly a half to the right",
 * "quarter, left shoulder back". A left shoulder that goes back turns left. Refuses a wording whose sides contradict
 * each other, one without a side, and an amount that is no whole number of eighths.
 */
export function parseTurn(text: string): Result<TurnAmount> {
  const words = text.toLowerCase()
  const sides = sidesIn(words)
  if (sides.size > 1) return problem('turn.contradiction', `"${text}" names both sides; left is anticlockwise, right is clockwise.`)
  const found = AMOUNTS.flatMap(([pattern, amount]) => {
    const match = pattern.exec(words)
    return match ? [amount(match)] : []
  })[0]
  if (found === undefined) return problem('turn.amount', `"${text}" names no amount; a quarter, 3/4, 270 degrees or the like was expected.`)
  if (!Number.isInteger(found)) return problem('turn.eighths', `"${text}" is no whole number of eighths of a turn.`)
  const side = [...sides][0]
  if (side === undefined) return problem('turn.side', `"${text}" does not say which way; left or right was expected.`)
  return succeed({ eighths: found * side, about: /\b(nearly|almost|about|not quite)\b/.test(words) })
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
