import { RealFft } from '../../../core/src/listen/realFft.ts'

const { log } = Math

/** Samples a second that listening works at: beats live below 10 kHz. */
export const LISTEN_RATE = 22_050
/** Samples from one frame to the next: about 10 ms. */
export const HOP = 220
export const FRAMES_PER_SECOND = LISTEN_RATE / HOP
const WINDOW = 2048

/** Bands a semitone wide from 55 Hz; the first octaves have less than a bin to a band and share. */
const LOWEST_HZ = 55
const HIGHEST_HZ = 9000
const BANDS_PER_OCTAVE = 12
/** Loudness is compressed as log(1 + this * amplitude): quiet notes count, hiss does not. */
const COMPRESSION = 60

/** Loudness by band and frame, row after row, and chroma of the middle octaves. */
export interface Spectrogram {
  readonly frames: number
  readonly bands: number
  readonly loudness: Float32Array
  /** Centre frequency of each band. */
  readonly hertz: readonly number[]
  /** Twelve pitch classes a frame, 0 = A. */
  readonly chroma: Float32Array
  /** Root mean square of each frame's window. */
  readonly level: Float32Array
}

interface Band {
  readonly hertz: number
  readonly first: number
  readonly weights: Float32Array
}

/** Triangular bands, half overlapping, on the bins of the transform. */
function bandsOf(): Band[] {
  const bin = LISTEN_RATE / WINDOW
  const edges: number[] = []
  for (let hertz = LOWEST_HZ; hertz <= HIGHEST_HZ; hertz *= 2 ** (1 / BANDS_PER_OCTAVE)) {
    const at = Math.round(hertz / bin)
    if (at !== edges.at(-1)) edges.push(at)
  }
  return edges.slice(1, -1).map((centre, i) => {
    const [low, high] = [edges[i]!, edges[i + 2]!]
    const weights = Float32Array.from({ length: high - low - 1 }, (_, k) => {
      const at = low + 1 + k
      return at <= centre ? (at - low) / (centre - low) : (high - at) / (high - centre)
    })
    return { hertz: centre * bin, first: low + 1, weights }
  })
}

/**
 * Analyses mono samples at `LISTEN_RATE`; `progress` is told the share done and may throw to stop.
 */
export function spectrogram(
  samples: Float32Array,
  progress: (share: number) => void = () => undefined,
): Spectrogram {
  const bands = bandsOf()
  const frames = Math.max(0, Math.floor(samples.length / HOP))
  const banks = banksOf(bands)
  const fft = new RealFft(WINDOW, banks.bins)
  const window = Float64Array.from(
    { length: WINDOW },
    (_, i) => (0.5 - 0.5 * Math.cos((2 * Math.PI * i) / WINDOW)) * (4 / WINDOW),
  )
  const input = new Float64Array(WINDOW)
  const magnitude = new Float64Array(banks.bins)
  const loudness = new Float32Array(frames * bands.length)
  const chroma = new Float32Array(frames * 12)
  const classes = pitchClasses()
  for (let frame = 0; frame < frames; frame++) {
    if (frame % 500 === 0) progress(frame / frames)
    takeWindow(samples, frame * HOP - WINDOW / 2, window, input)
    fft.magnitudes(input, magnitude)
    addChroma(magnitude, classes, chroma, frame * 12)
    putLoudness(magnitude, banks, loudness, frame * bands.length)
  }
  return {
    frames,
    bands: bands.length,
    loudness,
    hertz: bands.map((band) => band.hertz),
    chroma,
    level: levels(samples, frames),
  }
}

// What is done for every frame stands in small functions of its own: the engine makes those fast
// first.

function takeWindow(
  samples: Float32Array,
  start: number,
  window: Float64Array,
  input: Float64Array,
): void {
  const isInside = start >= 0 && start + WINDOW <= samples.length
  if (isInside) for (let i = 0; i < WINDOW; i++) input[i] = samples[start + i]! * window[i]!
  else for (let i = 0; i < WINDOW; i++) input[i] = (samples[start + i] ?? 0) * window[i]!
}

function addChroma(
  magnitude: Float64Array,
  { first, last, of }: PitchClasses,
  chroma: Float32Array,
  at: number,
): void {
  for (let bin = first; bin <= last; bin++) chroma[at + of[bin]!]! += magnitude[bin]!
}

/**
 * The bands in one row: where each begins among the bins, how many it has, and all their weights.
 */
interface Banks {
  readonly firsts: Int32Array
  readonly lengths: Int32Array
  readonly weights: Float64Array
  /** Bins that are needed at all. */
  readonly bins: number
}

const banksOf = (bands: readonly Band[]): Banks => ({
  firsts: Int32Array.from(bands, ({ first }) => first),
  lengths: Int32Array.from(bands, ({ weights }) => weights.length),
  weights: Float64Array.from(bands.flatMap(({ weights }) => [...weights])),
  bins: bands.at(-1)!.first + bands.at(-1)!.weights.length,
})

function putLoudness(
  magnitude: Float64Array,
  { firsts, lengths, weights }: Banks,
  loudness: Float32Array,
  at: number,
): void {
  let w = 0
  for (let b = 0; b < firsts.length; b++) {
    const end = firsts[b]! + lengths[b]!
    let sum = 0
    for (let bin = firsts[b]!; bin < end; bin++) sum += weights[w++]! * magnitude[bin]!
    loudness[at + b] = log(1 + COMPRESSION * sum)
  }
}

/** Root mean square of each frame's window, from running sums. */
function levels(samples: Float32Array, frames: number): Float32Array {
  const level = new Float32Array(frames)
  let sum = 0
  let [from, to] = [0, 0]
  for (let frame = 0; frame < frames; frame++) {
    const start = frame * HOP - WINDOW / 2
    for (; to < Math.min(samples.length, start + WINDOW); to++) sum += samples[to]! * samples[to]!
    for (; from < start; from++) sum -= samples[from]! * samples[from]!
    level[frame] = Math.sqrt(Math.max(0, sum) / WINDOW)
  }
  return level
}

/** The bins from 110 to 1800 Hz, and the pitch class of each. */
interface PitchClasses {
  readonly first: number
  readonly last: number
  readonly of: Uint8Array
}

function pitchClasses(): PitchClasses {
  const bin = LISTEN_RATE / WINDOW
  const of = Uint8Array.from({ length: WINDOW / 2 }, (_, k) =>
    k === 0 ? 0 : ((Math.round(12 * Math.log2((k * bin) / 440)) % 12) + 12) % 12,
  )
  return { first: Math.ceil(110 / bin), last: Math.floor(1800 / bin), of }
}
