import { ticksPerBar, type Metre } from './metre.ts'
import { TICKS_PER_BEAT, type Tick, type TickPosition } from './units.ts'

/** One phrase laid on the music: half-open, `start` to `end`. */
export interface PhraseSpan {
  readonly index: number
  readonly start: Tick
  readonly end: Tick
  readonly bars: number
}

/**
 * Usual length of a phrase in bars of this metre: 8 (24 beats of waltz, 32 of four, 16 of a march,
 * jig or reel).
 */
export const USUAL_PHRASE_BARS = 8

/**
 * Lays phrases of the given lengths in bars end to end from `start`.
 *
 * @param lengthsInBars Bars of each phrase, 1 or more.
 */
export function layPhrases(
  metre: Metre,
  lengthsInBars: readonly number[],
  start: Tick,
): PhraseSpan[] {
  const bar = ticksPerBar(metre)
  let at: number = start
  return lengthsInBars.map((bars, index) => {
    const span = { index, start: at as Tick, end: (at + bars * bar) as Tick, bars }
    at = span.end
    return span
  })
}

/**
 * The span that holds the position, of spans in order without overlap; null where none does.
 *
 * @param at Position in ticks.
 */
export function spanAt<Span extends { readonly start: number; readonly end: number }>(
  spans: readonly Span[],
  at: number,
): Span | null {
  let low = 0
  let high = spans.length - 1
  while (low <= high) {
    const middle = (low + high) >> 1
    const span = spans[middle]!
    if (at < span.start) high = middle - 1
    else if (at >= span.end) low = middle + 1
    else return span
  }
  return null
}

/** The phrase that holds the position, or null before the first and after the last. */
export const phraseAt = (phrases: readonly PhraseSpan[], at: TickPosition): PhraseSpan | null =>
  spanAt(phrases, at)

/**
 * How often a figure must repeat before it lines up with the phrase again: 6 beats in phrases of 8
 * after 4. Both above 0.
 */
export function timesToLineUp(figureTicks: Tick, phraseTicks: Tick): number {
  let a: number = figureTicks
  let b: number = phraseTicks
  while (b !== 0) [a, b] = [b, a % b]
  return phraseTicks / a
}

/**
 * Steps a second when `steps` fall in `ticks` at `bpm` beats a minute.
 *
 * @param steps How many, 0 or more.
 * @param bpm Beats a minute, above 0.
 */
export const stepsPerSecond = (steps: number, ticks: Tick, bpm: number): number =>
  steps / (((ticks / TICKS_PER_BEAT) * 60) / bpm)
