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

/**
 * Reads a count-in pattern that ends on the first step: `5 6 7 8`, `5 6 + cue`, `5 6 ready go`, `1
 * 2 3 ready`. Every word takes one beat, `cue` takes two, `+` only joins. An empty pattern is a
 * dance that starts without one.
 */
export function readCountIn(pattern: string): Result<readonly CountInWord[]> {
  const words = pattern.split(/\s+/).filter((word) => word !== '' && word !== '+')
  const odd = words.find((word) => !/^(\d{1,2}|[\p{L}'’-]+)$/u.test(word))
  if (odd !== undefined) return problem('count-in.word', { odd })
  const lengths = words.map((word) => (word === 'cue' ? CUE_BEATS : 1))
  let left = lengths.reduce((sum, length) => sum + length, 0)
  const read = words.map((text, i): CountInWord => {
    const at = tick(-left * TICKS_PER_BEAT)
    left -= lengths[i]!
    const kind = text === 'cue' ? 'cue' : /^\d/.test(text) ? 'count' : 'word'
    return { text, at, lengthTicks: tick(lengths[i]! * TICKS_PER_BEAT), kind }
  })
  return succeed(read)
}
