import type { Onsets } from './onset.ts'
import type { Spectrogram } from './spectrum.ts'

/**
 * How beats group into bars: how many to a bar, which beat is the first one, and how much speaks
 * for it against the next best.
 */
export interface Grouping {
  readonly beatsPerBar: 2 | 3 | 4
  /** Index of the first downbeat among the beats. */
  readonly firstDownbeat: number
  readonly score: number
}

/** What is heard at each beat, evened to mean 0 and spread 1 over the piece. */
interface BeatFeatures {
  readonly bass: Float64Array
  readonly all: Float64Array
  readonly treble: Float64Array
  /** How much the harmony, and the bass note, changed against the beat before. */
  readonly harmony: Float64Array
  readonly bassNote: Float64Array
}

/**
 * What a downbeat has more of than other beats: a new harmony, a new bass note, a bass onset; less
 * treble, where the backbeat is.
 */
const DOWNBEAT = { harmony: 1, bassNote: 0.6, bass: 0.7, all: 0.3, treble: -0.25 } as const
const REPEATS = 1.4
/** Most dances have four or three to the bar; two must show it. */
const USUAL: Readonly<Record<2 | 3 | 4, number>> = { 2: -0.25, 3: 0, 4: 0.1 }
/** A beat that divides into three is a jig's, and jigs have two to the bar: as good as settled. */
const JIG = 3
/**
 * Both thirds of a beat must sound against its half, against the beat, and evenly: swing has mostly
 * the second.
 */
const THIRDS_OVER_HALF = 1.5
const LEAST_THIRD = 0.1
const EVEN_THIRDS = 0.6
const REACH_FRAMES = 5
const BASS_HZ = 260

/**
 * All groupings, best first. At least eight beats are needed to tell; with fewer, four to the bar
 * from the first.
 */
export function groupings(
  spectrogram: Spectrogram,
  onsets: Onsets,
  beats: readonly number[],
): Grouping[] {
  if (beats.length < 8) return [{ beatsPerBar: 4, firstDownbeat: 0, score: 0 }]
  const features = featuresOf(spectrogram, onsets, beats)
  const jig = inThirds(onsets.all, beats)
  // What settles the bar says nothing of the beat: it orders the groupings and stays out of their
  // scores.
  const rank = (grouping: Grouping): number =>
    grouping.score + (jig && grouping.beatsPerBar === 2 ? JIG : 0)
  return ([2, 3, 4] as const)
    .flatMap((beatsPerBar) => {
      const repeats = REPEATS * repetition(features, beatsPerBar) + USUAL[beatsPerBar]
      return Array.from({ length: beatsPerBar }, (_, firstDownbeat) => ({
        beatsPerBar,
        firstDownbeat,
        score: contrast(features, beatsPerBar, firstDownbeat) + repeats,
      }))
    })
    .sort((a, b) => rank(b) - rank(a))
}

/** Whether beats divide into three: what sounds on both thirds, against what sounds on the half. */
function inThirds(all: Float32Array, beats: readonly number[]): boolean {
  const at = (part: number): number => {
    const values = beats.slice(1).map((beat, i) => {
      const frame = Math.round(beats[i]! + part * (beat - beats[i]!))
      return Math.max(all[frame - 1] ?? 0, all[frame] ?? 0, all[frame + 1] ?? 0)
    })
    return values.reduce((sum, value) => sum + value, 0) / values.length
  }
  const [first, second] = [at(1 / 3), at(2 / 3)]
  return (
    Math.min(first, second) >
    Math.max(
      THIRDS_OVER_HALF * at(1 / 2),
      LEAST_THIRD * at(0),
      EVEN_THIRDS * Math.max(first, second),
    )
  )
}

function featuresOf(
  spectrogram: Spectrogram,
  onsets: Onsets,
  beats: readonly number[],
): BeatFeatures {
  const peak = (curve: Float32Array) =>
    standard(
      Float64Array.from(beats, (beat) => {
        let top = 0
        for (
          let at = Math.max(0, Math.round(beat) - REACH_FRAMES);
          at <= Math.min(curve.length - 1, Math.round(beat) + REACH_FRAMES);
          at++
        )
          top = Math.max(top, curve[at]!)
        return Math.log(1 + top)
      }),
    )
  const low = spectrogram.hertz.filter((hertz) => hertz < BASS_HZ).length
  const harmony = beats.map((_, i) =>
    meanVector(spectrogram.chroma, 12, 12, beats, i, spectrogram.frames),
  )
  const bassNote = beats.map((_, i) =>
    meanVector(spectrogram.loudness, spectrogram.bands, low, beats, i, spectrogram.frames),
  )
  return {
    bass: peak(onsets.bass),
    all: peak(onsets.all),
    treble: peak(onsets.treble),
    harmony: standard(changes(harmony)),
    bassNote: standard(changes(bassNote)),
  }
}

/** Mean of the first `take` columns from a beat to the next. */
function meanVector(
  rows: Float32Array,
  width: number,
  take: number,
  beats: readonly number[],
  i: number,
  frames: number,
): Float64Array {
  const from = Math.round(beats[i]!)
  const to = Math.min(
    frames,
    Math.max(from + 1, Math.round(beats[i + 1] ?? beats[i]! + (beats[i]! - beats[i - 1]!))),
  )
  const sum = new Float64Array(take)
  for (let frame = from; frame < to; frame++)
    for (let k = 0; k < take; k++) sum[k]! += rows[frame * width + k]!
  return sum
}

/** One less the cosine of each vector with the one before. */
function changes(vectors: readonly Float64Array[]): Float64Array {
  return Float64Array.from(vectors, (vector, i) => {
    const before = vectors[i - 1]
    if (!before) return 0
    let dot = 0
    let a = 0
    let b = 0
    for (let k = 0; k < vector.length; k++) {
      dot += vector[k]! * before[k]!
      a += vector[k]! ** 2
      b += before[k]! ** 2
    }
    return a === 0 || b === 0 ? 0 : 1 - dot / Math.sqrt(a * b)
  })
}

function standard(values: Float64Array): Float64Array {
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length
  const spread = Math.sqrt(
    values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length,
  )
  return values.map((value) => (spread < 1e-9 ? 0 : (value - mean) / spread))
}

/** How far what makes a downbeat stands out on every n-th beat from here. */
function contrast(features: BeatFeatures, beatsPerBar: number, first: number): number {
  return (Object.keys(DOWNBEAT) as (keyof typeof DOWNBEAT)[]).reduce((sum, name) => {
    const values = features[name]
    let on = 0
    let count = 0
    for (let i = first; i < values.length; i += beatsPerBar) {
      on += values[i]!
      count++
    }
    // Values are evened to mean 0: the others' mean follows from those on the downbeat.
    const mean = on / Math.max(1, count)
    return sum + DOWNBEAT[name] * mean * Math.sqrt((beatsPerBar - 1) / beatsPerBar)
  }, 0)
}

/**
 * How alike beats are to those a bar, and two bars, before, against the average of other distances.
 */
function repetition(features: BeatFeatures, beatsPerBar: number): number {
  const at = (lag: number): number => {
    const own = (['bass', 'all', 'treble', 'harmony'] as const).map((name) =>
      correlationAt(features[name], lag),
    )
    return own.reduce((sum, value) => sum + value, 0) / own.length
  }
  const others = [1, 2, 3, 5].filter((lag) => lag % beatsPerBar !== 0).map(at)
  return (
    (at(beatsPerBar) + at(2 * beatsPerBar)) / 2 -
    others.reduce((sum, value) => sum + value, 0) / others.length
  )
}

function correlationAt(values: Float64Array, lag: number): number {
  let sum = 0
  for (let i = lag; i < values.length; i++) sum += values[i]! * values[i - lag]!
  return sum / Math.max(1, values.length - lag)
}
