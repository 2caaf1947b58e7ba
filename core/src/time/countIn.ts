import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { TICKS_PER_BEAT, tick, type Tick } from './units.ts'

/**
 * One word of a count-in. Ticks are negative: 0 is the first step. `cue` marks the room left for
 * the first cue.
 */
export interface CountInWord {
  readonly text: string
  readonly at: Tick
  readonly lengthTicks: Tick
  readonly kind: 'count' | 'word' | 'cue'
}

/** Beats that the word `cue` keeps free for the first cue. */
const CUE_BEATS = 2
/** Beats of a bar in which numbers count the bars. */
const OF_THREE = 3

/**
 * Reads a count-in pattern that ends on the first step: `5 6 7 8`, `5 6 + cue`, `5 6 ready go`, `1
 * 2 3 ready`. Every word takes one beat, `cue` takes two, `+` only joins. An empty pattern is a
 * dance that starts without one. In three-time numbers count bars: each stands on the first beat of
 * its own, the words behind them on the last beats before the first step.
 *
 * @param beatsPerBar Beats of the dance's bar, 2 to 12.
 */
export function readCountIn(pattern: string, beatsPerBar = 4): Result<readonly CountInWord[]> {
  const words = pattern.split(/\s+/).filter((word) => word !== '' && word !== '+')
  const odd = words.find((word) => !/^(\d{1,2}|[\p{L}'’-]+)$/u.test(word))
  if (odd !== undefined) return problem('count-in.word', { odd })
  const beats = beatsPerBar === OF_THREE ? barsOfThree(words) : beatsBefore(words)
  const read = words.map((text, i): CountInWord => ({
    text,
    at: tick(-beats[i]! * TICKS_PER_BEAT),
    lengthTicks: tick((beats[i]! - (beats[i + 1] ?? 0)) * TICKS_PER_BEAT),
    kind: text === 'cue' ? 'cue' : isNumber(text) ? 'count' : 'word',
  }))
  return succeed(read)
}

const isNumber = (word: string): boolean => /^\d/.test(word)

/** Beats from each word to the first step, one word a beat. */
function beatsBefore(words: readonly string[]): number[] {
  let left = 0
  return [...words]
    .reverse()
    .map((word) => (left += word === 'cue' ? CUE_BEATS : 1))
    .reverse()
}

/** The same where numbers stand on the first beats of bars of three. */
function barsOfThree(words: readonly string[]): number[] {
  const behind = words.findLastIndex(isNumber) + 1
  const tail = beatsBefore(words.slice(behind))
  // The last number shares its bar with the words behind it, where they leave it its first beat.
  let left = Math.ceil(((tail[0] ?? 0) + 1) / OF_THREE) * OF_THREE - OF_THREE
  const numbers = words
    .slice(0, behind)
    .reverse()
    .map(() => (left += OF_THREE))
    .reverse()
  return [...numbers, ...tail]
}
