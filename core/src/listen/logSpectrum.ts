import { RealFft } from './realFft.ts'

const { log1p, round } = Math

/** Samples a second of what is listened to: beats live below 10 kHz. */
export const LISTEN_RATE = 22_050
/** Samples from one frame to the next: 20 ms. */
export const HOP = 441
export const FRAMES_PER_SECOND = LISTEN_RATE / HOP
const WINDOW = 1024
const LOWEST_HZ = 40
const BANDS_PER_OCTAVE = 12
const OCTAVES = 8
/** Loudness is compressed as log(1 + this * magnitude / mean of the sounding frames). */
const COMPRESSION = 3
/** A frame sounds that has at least this share of the loudest one's energy. */
const SOUNDING_SHARE = 0.05

/** Bands of a recording, a row of `BAND_COUNT` for each frame; frame i is centred at i / 50 s. */
export interface LogSpectrum {
  readonly frames: number
  readonly bands: Float32Array
}

interface Band {
  readonly first: number
  readonly weights: Float32Array
}

/** Triangles that reach to the centres beside them, a semitone wide where bins allow. */
function triangles(): Band[] {
  const centres: number[] = []
  for (let i = 0; i <= OCTAVES * BANDS_PER_OCTAVE; i++) {
    const bin = round((LOWEST_HZ * 2 ** (i / BANDS_PER_OCTAVE) * WINDOW) / LISTEN_RATE)
    if (bin >= 2 && bin < WINDOW / 2 && bin !== centres.at(-1)) centres.push(bin)
  }
  return centres.slice(1, -1).map((centre, i) => {
    const [low, high] = [centres[i]!, centres[i + 2]!]
    const raw = Float32Array.from({ length: high - low }, (_, k) =>
      low + k < centre ? k / (centre - low) : 1 - (low + k - centre) / (high - centre),
    )
    const sum = raw.reduce((total, one) => total + one, 0)
    return { first: low, weights: raw.map((one) => one / sum) }
  })
}

const BANDS = triangles()
export const BAND_COUNT = BANDS.length
const LAST_BIN = BANDS.at(-1)!.first + BANDS.at(-1)!.weights.length

/**
 * What the net reads: loudness of 72 bands fifty times a second, evened by how loud the recording
 * is as a whole. The training side computes the same.
 *
 * @param samples Mono, at `LISTEN_RATE`.
 * @param progress Told the share done, 0..1; may throw to stop.
 */
export function logSpectrum(
  samples: Float32Array,
  progress: (share: number) => void = () => undefined,
): LogSpectrum {
  const frames = Math.floor((samples.length + WINDOW / 2) / HOP)
  const bands = new Float32Array(frames * BAND_COUNT)
  const energy = new Float64Array(frames)
  const fft = new RealFft(WINDOW, LAST_BIN)
  const hann = Float64Array.from(
    { length: WINDOW },
    (_, i) => 0.5 - 0.5 * Math.cos((2 * Math.PI * i) / WINDOW),
  )
  const input = new Float64Array(WINDOW)
  const magnitudes = new Float64Array(LAST_BIN)
  for (let frame = 0; frame < frames; frame++) {
    if (frame % 500 === 0) progress(frame / frames)
    windowAt(samples, frame * HOP - WINDOW / 2, hann, input)
    fft.magnitudes(input, magnitudes)
    energy[frame] = putBands(magnitudes, bands, frame * BAND_COUNT)
  }
  compress(bands, energy)
  return { frames, bands }
}

function windowAt(
  samples: Float32Array,
  start: number,
  hann: Float64Array,
  input: Float64Array,
): void {
  const isInside = start >= 0 && start + WINDOW <= samples.length
  if (isInside) for (let i = 0; i < WINDOW; i++) input[i] = samples[start + i]! * hann[i]!
  else for (let i = 0; i < WINDOW; i++) input[i] = (samples[start + i] ?? 0) * hann[i]!
}

/** The bands of one frame; gives their mean. */
function putBands(magnitudes: Float64Array, bands: Float32Array, at: number): number {
  let total = 0
  for (let b = 0; b < BAND_COUNT; b++) {
    const { first, weights } = BANDS[b]!
    let sum = 0
    for (let k = 0; k < weights.length; k++) sum += magnitudes[first + k]! * weights[k]!
    bands[at + b] = sum
    total += sum
  }
  return total / BAND_COUNT
}

function compress(bands: Float32Array, energy: Float64Array): void {
  const least = SOUNDING_SHARE * energy.reduce((most, one) => (one > most ? one : most), 0) + 1e-9
  let sum = 0
  let count = 0
  for (const one of energy) {
    if (one <= least) continue
    sum += one
    count++
  }
  const gain = count === 0 ? 0 : COMPRESSION / Math.max(1e-9, sum / count)
  for (let i = 0; i < bands.length; i++) bands[i] = log1p(gain * bands[i]!)
}

/** Taps on either side of the low pass that goes before thinning out. */
const HALF_TAPS = 15

/**
 * Brings samples of any rate to `LISTEN_RATE`: a windowed-sinc low pass where samples are thinned
 * out, taken at the nearest sample (within 12 microseconds at 44.1 kHz), straight lines where there
 * are too few.
 *
 * @param rate Samples a second, as they come.
 */
export function toListenRate(samples: Float32Array, rate: number): Float32Array {
  if (rate === LISTEN_RATE) return samples
  const ratio = rate / LISTEN_RATE
  const length = Math.floor(samples.length / ratio)
  return ratio > 1 ? thinned(samples, ratio, length) : drawn(samples, ratio, length)
}

function thinned(samples: Float32Array, ratio: number, length: number): Float32Array {
  const taps = lowPass(0.45 / ratio)
  const padded = new Float32Array(samples.length + 2 * HALF_TAPS + 2)
  padded.set(samples, HALF_TAPS)
  const out = new Float32Array(length)
  for (let i = 0; i < length; i++) {
    const start = round(i * ratio)
    let sum = 0
    for (let k = 0; k < taps.length; k++) sum += taps[k]! * padded[start + k]!
    out[i] = sum
  }
  return out
}

function drawn(samples: Float32Array, ratio: number, length: number): Float32Array {
  const out = new Float32Array(length)
  for (let i = 0; i < length; i++) {
    const at = i * ratio
    const left = Math.floor(at)
    const a = samples[left]!
    const b = left + 1 < samples.length ? samples[left + 1]! : a
    out[i] = a + (b - a) * (at - left)
  }
  return out
}

/** A Hamming-windowed low pass; `cutoff` in cycles a sample. */
function lowPass(cutoff: number): Float64Array {
  return Float64Array.from({ length: 2 * HALF_TAPS + 1 }, (_, i) => {
    const n = i - HALF_TAPS
    const sinc = n === 0 ? 2 * cutoff : Math.sin(2 * Math.PI * cutoff * n) / (Math.PI * n)
    return sinc * (0.54 + 0.46 * Math.cos((Math.PI * n) / HALF_TAPS))
  })
}
