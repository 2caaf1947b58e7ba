import { FRAMES_PER_SECOND, type Spectrogram } from './spectrum.ts'

/**
 * How strongly something begins, frame by frame: over all bands, in the bass, and in the treble.
 * Each has mean 0..1 scale.
 */
export interface Onsets {
  readonly all: Float32Array
  readonly bass: Float32Array
  readonly treble: Float32Array
  /** 1 where music sounds, 0 in silence and in hiss alone. */
  readonly sounding: Uint8Array
}

const BASS_HZ = 160
const TREBLE_HZ = 2500
/**
 * Rise is taken against this many frames before, with neighbouring bands joined: vibrato makes no
 * onsets (after Böck and Widmer 2013).
 */
const LAG_FRAMES = 2
/** Stretch over which loudness is evened out. */
const LEVEL_SECONDS = 4

export function onsetsOf(spectrogram: Spectrogram): Onsets {
  const { frames, hertz } = spectrogram
  const all = new Float32Array(frames)
  const bass = new Float32Array(frames)
  const treble = new Float32Array(frames)
  for (let frame = LAG_FRAMES; frame < frames; frame++) {
    for (let b = 0; b < hertz.length; b++) {
      const rise = riseOf(spectrogram, frame, b)
      if (rise <= 0) continue
      all[frame]! += rise
      if (hertz[b]! < BASS_HZ) bass[frame]! += rise
      else if (hertz[b]! > TREBLE_HZ) treble[frame]! += rise
    }
  }
  const sounding = soundingOf(spectrogram)
  return {
    all: evened(all, sounding),
    bass: evened(bass, sounding),
    treble: evened(treble, sounding),
    sounding,
  }
}

function riseOf({ loudness, bands }: Spectrogram, frame: number, band: number): number {
  const before = (frame - LAG_FRAMES) * bands
  const now = loudness[frame * bands + band]!
  const middle = loudness[before + band]!
  const low = band > 0 ? loudness[before + band - 1]! : middle
  const high = band < bands - 1 ? loudness[before + band + 1]! : middle
  const highest = low > high ? low : high
  return now - (middle > highest ? middle : highest)
}

/**
 * Takes out the running mean and scales by the running spread, so that a soft verse counts as much
 * as a loud chorus.
 */
function evened(raw: Float32Array, sounding: Uint8Array): Float32Array {
  const half = Math.round((LEVEL_SECONDS / 2) * FRAMES_PER_SECOND)
  const sums = new Float64Array(raw.length + 1)
  const squares = new Float64Array(raw.length + 1)
  for (let i = 0; i < raw.length; i++) {
    sums[i + 1] = sums[i]! + raw[i]!
    squares[i + 1] = squares[i]! + raw[i]! * raw[i]!
  }
  const overall = Math.sqrt(squares[raw.length]! / Math.max(1, raw.length))
  return Float32Array.from(raw, (value, i) => {
    if (sounding[i] === 0) return 0
    const from = Math.max(0, i - half)
    const to = Math.min(raw.length, i + half + 1)
    const n = to - from
    const mean = (sums[to]! - sums[from]!) / n
    const spread = Math.sqrt(Math.max(0, (squares[to]! - squares[from]!) / n - mean * mean))
    return Math.max(0, value - mean) / (spread + 0.1 * overall + 1e-9)
  })
}

/**
 * Music is at least this far above the quietest tenth of the recording, or within this of its loud
 * half.
 */
const ABOVE_LOUD = 0.03
const GAP_SECONDS = 0.8

/** Frames within reach of something loud enough to be music, rests of under a second included. */
function soundingOf({ level, frames }: Spectrogram): Uint8Array {
  const sorted = Float32Array.from(level).sort()
  const loud = sorted[Math.floor(frames * 0.9)] ?? 0
  const threshold = Math.max(loud * ABOVE_LOUD, 1e-5)
  const sounding = new Uint8Array(frames)
  const reach = Math.round(GAP_SECONDS * FRAMES_PER_SECOND)
  let last = -Infinity
  for (let i = 0; i < frames; i++) {
    if (level[i]! <= threshold) continue
    const from = i - last <= reach ? last + 1 : i
    sounding.fill(1, Math.max(0, from), i + 1)
    last = i
  }
  return sounding
}
