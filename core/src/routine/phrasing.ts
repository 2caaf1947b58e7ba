import type { PhraseSpan } from '../time/index.ts'
import type { DancedPass } from './timeline.ts'

/** How one pass lies on the music's phrases. */
export interface PassPhrasing {
  /** Index of the first phrase this pass dances, and how many it takes. */
  readonly firstPhrase: number
  readonly phrases: number
  /** Ticks the pass starts past (positive) or short of (negative) the phrase it dances. */
  readonly offsetBefore: number
  /**
   * Ticks that this pass is longer or shorter than its phrases: the cause of a new offset. 0 when
   * it adds none.
   */
  readonly deviation: number
  /** Ticks of the phrases it takes. */
  readonly wantedTicks: number
  /** It shares one phrase with the passes beside it: together they are as long as the phrase. */
  readonly isShared: boolean
}

/**
 * Lays passes on phrases in order. A pass that is as long as its phrases carries an offset on; one
 * that ends on a phrase line takes an offset back; several that together fill a phrase share it;
 * any other deviates, and is held against as many phrases as come nearest to its length. Null for
 * passes beyond the last phrase.
 */
export function phrasing(
  passes: readonly DancedPass[],
  phrases: readonly PhraseSpan[],
): (PassPhrasing | null)[] {
  let next = 0
  let offset = 0
  let sharedUntil = -1
  return passes.map((pass, i) => {
    if (i <= sharedUntil) return sharing(pass, i === sharedUntil ? next++ : next)
    if (next >= phrases.length) return null
    if (offset === 0)
      sharedUntil = lastToShare(passes, i, phrases[next]!.end - phrases[next]!.start)
    if (i < sharedUntil) return sharing(pass, next)
    const length = pass.end - pass.start
    const offsetBefore = offset
    const firstPhrase = next
    const count = nearestCount(phrases, next, length)
    const wantedTicks = phrases[next + count - 1]!.end - phrases[next]!.start
    if (wantedTicks !== length && offset !== 0) {
      const mended = phrases.findIndex((phrase, i) => i >= next - 1 && phrase.end === pass.end)
      if (mended >= 0) {
        next = mended + 1
        offset = 0
        return {
          firstPhrase,
          phrases: Math.max(0, next - firstPhrase),
          offsetBefore,
          deviation: 0,
          wantedTicks: length,
          isShared: false,
        }
      }
    }
    next += count
    offset += length - wantedTicks
    return {
      firstPhrase,
      phrases: count,
      offsetBefore,
      deviation: length - wantedTicks,
      wantedTicks,
      isShared: false,
    }
  })
}

/** A pass that fills a phrase together with others. */
const sharing = (pass: DancedPass, firstPhrase: number): PassPhrasing => ({
  firstPhrase,
  phrases: 1,
  offsetBefore: 0,
  deviation: 0,
  wantedTicks: pass.end - pass.start,
  isShared: true,
})

/**
 * The last of the passes from `i` on that are together just one phrase long; -1 where they are not,
 * or the first is it alone.
 */
function lastToShare(passes: readonly DancedPass[], i: number, phraseTicks: number): number {
  const { start } = passes[i]!
  const last = passes.findIndex((pass, k) => k >= i && pass.end - start >= phraseTicks)
  return last > i && passes[last]!.end - start === phraseTicks ? last : -1
}

/**
 * How many phrases from here come nearest to a length; at least one, fewer where two come equally
 * near.
 */
function nearestCount(phrases: readonly PhraseSpan[], from: number, length: number): number {
  let best = 1
  let bestGap = Infinity
  for (let count = 1; from + count <= phrases.length; count++) {
    const sum = phrases[from + count - 1]!.end - phrases[from]!.start
    const gap = Math.abs(sum - length)
    if (gap < bestGap) {
      best = count
      bestGap = gap
    }
    if (sum >= length) break
  }
  return best
}
