import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import type { NotationEvent, NotationToken, ReadOptions } from './notationToken.ts'
import { TICKS_PER_BEAT, type Tick } from './units.ts'

/**
 * Slows and quicks follow one another; `-` holds one beat. `&` starts half a quick, `a` a quarter
 * of a beat, before the end of what stands before it, and takes its time from there.
 */
export function readSlowQuick(
  tokens: readonly NotationToken[],
  options: ReadOptions,
): Result<{ events: NotationEvent[]; lengthTicks: Tick }> {
  const lengths: Record<string, number> = {
    S: options.slowTicks,
    Q: options.quickTicks,
    '-': TICKS_PER_BEAT,
  }
  const early: Record<string, number> = { '&': options.quickTicks / 2, a: TICKS_PER_BEAT / 4 }
  const events: NotationEvent[] = []
  let end = 0
  for (const { text, offset } of tokens) {
    const before = early[text]
    if (before !== undefined) {
      events.push({ token: text, at: (end - before) as Tick })
      continue
    }
    const length = lengths[text]
    if (length === undefined)
      return problem('notation.e', { character: offset + 1, text }, { offset })
    if (text !== '-') events.push({ token: text, at: end as Tick })
    end += length
  }
  return succeed({ events, lengthTicks: end as Tick })
}
