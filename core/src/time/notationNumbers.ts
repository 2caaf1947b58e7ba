import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import type { NotationEvent, NotationToken, ReadOptions } from './notationToken.ts'
import { TICKS_PER_BEAT, type Tick } from './units.ts'

const PARTS: Record<3 | 4, Record<string, number>> = {
  3: { '&': TICKS_PER_BEAT / 3, a: (2 * TICKS_PER_BEAT) / 3 },
  4: { e: TICKS_PER_BEAT / 4, '&': TICKS_PER_BEAT / 2, a: (3 * TICKS_PER_BEAT) / 4 },
}

/** Where the reading stands: the last beat taken, its number in the bar, and which bar it is. */
interface Place {
  /** Beat index from the figure's first beat; -1 before the first number. */
  beat: number
  /** Number of that beat in its bar, from 1. */
  inBar: number
  /** Bar counted from 1. */
  bar: number
  /** Beats in a bar once known. */
  barLength: number | undefined
}

/**
 * Numbers are beats. A number that was skipped is a held beat. Where the numbers begin again a bar
 * ends; the number of the bar (or eight) may stand in place of its 1.
 */
export function readNumbers(
  tokens: readonly NotationToken[],
  options: ReadOptions,
): Result<{ events: NotationEvent[]; lengthTicks: Tick }> {
  const events: NotationEvent[] = []
  let place: Place | null = null
  for (const [i, { text, offset }] of tokens.entries()) {
    if (text === '-') {
      place = held(place, options)
    } else if (/\d/.test(text)) {
      const next: Result<Place> = place
        ? nextNumber(place, Number(text), tokens, i)
        : firstNumber(Number(text), offset, options)
      if (!next.ok) return next
      place = next.value
      events.push({ token: text, at: (place.beat * TICKS_PER_BEAT) as Tick })
    } else {
      const part = PARTS[options.division][text]
      if (part === undefined)
        return problem('notation.division', { character: offset + 1, text }, { offset })
      events.push({ token: text, at: ((place ? place.beat : -1) * TICKS_PER_BEAT + part) as Tick })
    }
  }
  return succeed({ events, lengthTicks: (((place?.beat ?? -1) + 1) * TICKS_PER_BEAT) as Tick })
}

function held(place: Place | null, options: ReadOptions): Place {
  if (!place)
    return { beat: 0, inBar: options.countFrom ?? 1, bar: 1, barLength: options.beatsPerGroup }
  const wraps = place.barLength !== undefined && place.inBar === place.barLength
  return {
    ...place,
    beat: place.beat + 1,
    inBar: wraps ? 1 : place.inBar + 1,
    bar: wraps ? place.bar + 1 : place.bar,
  }
}

function firstNumber(number: number, offset: number, options: ReadOptions): Result<Place> {
  const from = options.countFrom ?? number
  if (number < from)
    return problem('notation.from', { character: offset + 1, from, number }, { offset })
  return succeed({ beat: number - from, inBar: number, bar: 1, barLength: options.beatsPerGroup })
}

function nextNumber(
  place: Place,
  number: number,
  tokens: readonly NotationToken[],
  i: number,
): Result<Place> {
  const offset = tokens[i]!.offset
  const expected = place.inBar + 1
  const pastBar = place.barLength !== undefined && number > place.barLength
  if (number >= expected && !pastBar)
    return succeed({ ...place, beat: place.beat + number - place.inBar, inBar: number })
  if (number === 1 || (number === place.bar + 1 && beginsBar(place, tokens, i)))
    return succeed(nextBar(place))
  return problem(
    'notation.number',
    { character: offset + 1, inBar: place.inBar, expected, barNumber: place.bar + 1, number },
    { offset },
  )
}

/**
 * The first beat of the next bar. A bar that was not full is held to its end; the first bar to end
 * tells how long bars are.
 */
function nextBar(place: Place): Place {
  const barLength = place.barLength ?? place.inBar
  return { beat: place.beat + barLength - place.inBar + 1, inBar: 1, bar: place.bar + 1, barLength }
}

/**
 * Whether a bar number is followed as a 1 would be: by 2, or by what holds leave of it. Without a
 * known bar this tells it from a slip.
 */
function beginsBar(place: Place, tokens: readonly NotationToken[], i: number): boolean {
  if (place.barLength !== undefined) return true
  let expected = 2
  for (const { text } of tokens.slice(i + 1)) {
    if (text === '-') expected++
    else if (/\d/.test(text)) return Number(text) === expected
  }
  return true
}
