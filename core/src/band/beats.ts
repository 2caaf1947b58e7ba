import { TICKS_PER_BEAT, type Anchor, type BeatMap } from '../time/index.ts'
import type { Score } from './score.ts'

/**
 * Where each beat of a score sounds: beat `firstBeat` at `firstSeconds`, then beat by beat at the
 * tempo its marks give, with its free time. One anchor a beat where the tempo moves, two for a
 * steady score.
 *
 * @param firstSeconds Where the first beat sounds, in seconds.
 */
export function beatMapOfScore(score: Score, firstSeconds: number): BeatMap {
  const first = Math.floor(score.start / TICKS_PER_BEAT)
  const last = Math.max(first + 1, Math.ceil(score.end / TICKS_PER_BEAT))
  const free = new Map(
    score.free.map(({ at, seconds }) => [Math.round(at / TICKS_PER_BEAT), seconds]),
  )
  const segments: Anchor[][] = [[]]
  // A pick-up may begin inside a beat; its first note, not the beat before it, sounds at
  // `firstSeconds`.
  let seconds =
    firstSeconds -
    (score.start / TICKS_PER_BEAT - first) * (60 / tempoAt(score, first * TICKS_PER_BEAT))
  for (let beat = first; beat <= last; beat++) {
    segments.at(-1)!.push({ beat, seconds })
    const held = beat > first && beat < last ? free.get(beat) : undefined
    if (held !== undefined && segments.at(-1)!.length > 1)
      segments.push([{ beat, seconds: (seconds += held) }])
    seconds += 60 / tempoAt(score, (beat + 0.5) * TICKS_PER_BEAT)
  }
  return {
    segments: segments.map((anchors) => ({
      anchors: score.tempo.length === 0 ? [anchors[0]!, anchors.at(-1)!] : anchors,
    })),
  }
}

/**
 * Beats a minute at a tick: straight between the marks around it, as written before the first, as
 * marked after the last.
 *
 * @param tick Tick; 24 are a beat.
 */
export function tempoAt({ bpm, tempo }: Pick<Score, 'bpm' | 'tempo'>, tick: number): number {
  const after = tempo.findIndex(({ at }) => at > tick)
  const next = tempo[after]
  const before = after < 0 ? tempo.at(-1) : tempo[after - 1]
  if (!before) return bpm
  return next
    ? before.bpm + ((tick - before.at) / (next.at - before.at)) * (next.bpm - before.bpm)
    : before.bpm
}
