import type { Onsets } from './onset.ts'
import { FRAMES_PER_SECOND } from './spectrum.ts'
import { smoothed } from './tempo.ts'

/**
 * Beats followed through a recording, in frames, and how well they fit: the mean strength of what
 * sounds on them.
 */
export interface Followed {
  readonly frames: readonly number[]
  readonly fit: number
}

/**
 * How far the beat may stray from where it began, as a factor: music slows more than it hurries.
 */
const FASTER = 0.8
const SLOWER = 1.7
/**
 * Cost of a change of beat length, for each octave squared; a frame more or less is only rounding
 * and costs little.
 */
const CHANGE_COST = 700
const ROUNDING_COST = 0.04
const ROUNDING_FRAMES = 0.8
/**
 * Cost of each beat whose length is away from where the music began, for each octave squared: drift
 * is small, another level of the beat is not.
 */
const AWAY_COST = 4
/** The first beats are this near to the period, as a factor. */
const BEGINS_WITHIN = 1.1
/** Share of the bass in what makes a beat: bass falls on beats where chords fall between them. */
const BASS_SHARE = 0.7

/** What speaks for a beat at each frame. */
export function beatStrength(onsets: Onsets): Float32Array {
  const all = smoothed(onsets.all, 1.6)
  const bass = smoothed(onsets.bass, 2.2)
  return all.map((value, i) => value + BASS_SHARE * bass[i]!)
}

/**
 * The best chain of beats near a period: the sum of what sounds on the beats, less a cost for every
 * change of length between one beat and the next. Exact, by dynamic programming over frame and
 * length (after Ellis 2007, with the length kept in the state so that the music may drift).
 */
export function followBeats(strength: Float32Array, periodFrames: number): Followed {
  const n = strength.length
  const shortest = Math.max(2, Math.round(periodFrames * FASTER))
  const longest = Math.round(periodFrames * SLOWER)
  const lengths = longest - shortest + 1
  if (n < longest * 2) return { frames: [], fit: 0 }
  const score = new Float32Array(n * lengths)
  const from = new Int16Array(n * lengths).fill(-1)
  const reach = Math.max(2, Math.round(periodFrames * 0.12))
  const costs = changeCosts(shortest, lengths, reach)
  const away = Float32Array.from(
    { length: lengths },
    (_, l) => AWAY_COST * Math.log2((l + shortest) / periodFrames) ** 2,
  )
  const begins = Uint8Array.from({ length: lengths }, (_, l) =>
    Math.max((l + shortest) / periodFrames, periodFrames / (l + shortest)) <= BEGINS_WITHIN ? 1 : 0,
  )
  for (let t = 0; t < n; t++) {
    const own = strength[t]!
    for (let l = 0; l < lengths; l++) {
      const before = t - (l + shortest)
      let best = begins[l] === 1 ? 0 : -1e6
      let kept = -1
      if (before >= 0) {
        best = -Infinity
        const last = l + reach < lengths ? l + reach : lengths - 1
        for (let k = l > reach ? l - reach : 0; k <= last; k++) {
          const value = score[before * lengths + k]! - costs[l * (2 * reach + 1) + k - l + reach]!
          if (value > best) {
            best = value
            kept = k
          }
        }
      }
      score[t * lengths + l] = best + own - away[l]!
      from[t * lengths + l] = kept
    }
  }
  return traced(strength, score, from, shortest, lengths)
}

function changeCosts(shortest: number, lengths: number, reach: number): Float32Array {
  const width = 2 * reach + 1
  const costs = new Float32Array(lengths * width)
  for (let l = 0; l < lengths; l++) {
    for (let d = -reach; d <= reach; d++) {
      const change = Math.max(0, Math.abs(d) - ROUNDING_FRAMES) / (l + shortest + Math.min(0, d))
      costs[l * width + d + reach] =
        ROUNDING_COST * Math.abs(d) + CHANGE_COST * Math.log2(1 + change) ** 2
    }
  }
  return costs
}

/** Goes back from the best end within the last beat. */
function traced(
  strength: Float32Array,
  score: Float32Array,
  from: Int16Array,
  shortest: number,
  lengths: number,
): Followed {
  const n = strength.length
  let at = n - 1
  let length = 0
  let best = -Infinity
  for (let t = Math.max(0, n - shortest - lengths); t < n; t++) {
    for (let l = 0; l < lengths; l++) {
      if (score[t * lengths + l]! > best) {
        best = score[t * lengths + l]!
        at = t
        length = l
      }
    }
  }
  const frames: number[] = []
  for (;;) {
    frames.push(at)
    const before = from[at * lengths + length]!
    if (before < 0) break
    at -= length + shortest
    length = before
  }
  frames.reverse()
  return { frames, fit: frames.reduce((sum, frame) => sum + strength[frame]!, 0) / frames.length }
}

/**
 * A frame with its fraction: the top of the parabola through the strength around it, within two
 * frames.
 */
export function refinedFrame(strength: Float32Array, frame: number): number {
  let top = frame
  for (let at = Math.max(1, frame - 2); at <= Math.min(strength.length - 2, frame + 2); at++)
    if (strength[at]! > strength[top]!) top = at
  const [a, b, c] = [strength[top - 1] ?? 0, strength[top]!, strength[top + 1] ?? 0]
  const bend = a - 2 * b + c
  return bend < 0 ? top + Math.max(-0.5, Math.min(0.5, (0.5 * (a - c)) / bend)) : frame
}

export const secondsOfFrame = (frame: number): number => frame / FRAMES_PER_SECOND

/**
 * A stretch of beats belongs to the music when what sounds on it is at least this share of what
 * usually does.
 */
const LEAST_SHARE = 0.25
const STRETCH_BEATS = 4

/**
 * Drops beats at the ends where no music sounds on them: introductions without beat, applause,
 * silence.
 */
export function trimmed(strength: Float32Array, frames: readonly number[]): number[] {
  const values = frames.map((frame) => strength[frame]!)
  const usual = [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0
  const belongs = (i: number): boolean => {
    const stretch = values.slice(Math.max(0, i), i + STRETCH_BEATS)
    return (
      stretch.reduce((sum, value) => sum + value, 0) / Math.max(1, stretch.length) >=
        LEAST_SHARE * usual && stretch[0]! >= 0.05 * usual
    )
  }
  let first = 0
  while (first < frames.length && !belongs(first)) first++
  let last = frames.length - 1
  while (
    last > first &&
    values[last]! < LEAST_SHARE * usual &&
    values[last - 1]! < LEAST_SHARE * usual
  )
    last--
  return frames.slice(first, last + 1)
}
