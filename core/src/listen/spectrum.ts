import FFT from 'fft.js'

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

/** Analyses mono samples at `LISTEN_RATE`; `progress` is told the share done and may throw to stop. */
export function spectrogram(samples: Float32Array, progress: (share: number) => void = () => undefined): Spectrogram {
  const bands = bandsOf()
  const frames = Math.max(0, Math.floor(samples.length / HOP))
  const fft = new FFT(WINDOW)
  const spectrum = fft.createComplexArray()
  const window = Float64Array.from({ length: WINDOW }, (_, i) => 0.5 - 0.5 * Math.cos((2 * Math.PI * i) / WINDOW))
  const input = new Float64Array(WINDOW)
  const magnitude = new Float64Array(WINDOW / 2)
  const loudness = new Float32Array(frames * bands.length)
  const chroma = new Float32Array(frames * 12)
  const level = new Float32Array(frames)
  const classes = pitchClasses()
  for (let frame = 0; frame < frames; frame++) {
    if (frame % 500 === 0) progress(frame / frames)
    const start = frame * HOP - WINDOW / 2
    let energy = 0
    for (let i = 0; i < WINDOW; i++) {
      const at = start + i
      const sample = at >= 0 && at < samples.length ? samples[at]! : 0
      energy += sample * sample
      input[i] = sample * window[i]!
    }
    level[frame] = Math.sqrt(energy / WINDOW)
    fft.realTransform(spectrum, input)
    for (let k = 0; k < WINDOW / 2; k++) {
      const re = spectrum[2 * k]!
      const im = spectrum[2 * k + 1]!
      magnitude[k] = (Math.sqrt(re * re + im * im) * 4) / WINDOW
      const pitch = classes[k]!
      if (pitch >= 0) chroma[frame * 12 + pitch]! += magnitude[k]!
    }
    for (let b = 0; b < bands.length; b++) {
      const { first, weights } = bands[b]!
      let sum = 0
      for (let k = 0; k < weights.length; k++) sum += weights[k]! * magnitude[first + k]!
      loudness[frame * bands.length + b] = Math.log(1 + COMPRESSION * sum)
    }
  }
  return { frames, bands: bands.length, loudness, hertz: bands.map((band) => band.hertz), chroma, level }
}

/** Pitch class of each bin between 110 and 1800 Hz, -1 elsewhere. */
function pitchClasses(): Int8Array {
  return Int8Array.from({ length: WINDOW / 2 }, (_, k) => {
    const hertz = (k * LISTEN_RATE) / WINDOW
    if (hertz < 110 || hertz > 1800) return -1
    return ((Math.round(12 * Math.log2(hertz / 440)) % 12) + 12) % 12
  })
}

/** Taps on either side of the low pass that goes before thinning out. */
const HALF_TAPS = 15

/**
 * Brings samples of any rate to `LISTEN_RATE`: a windowed-sinc low pass where samples are thinned out, taken at the
 * nearest sample (within 12 microseconds at 44.1 kHz), straight lines where there are too few.
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
    const start = Math.round(i * ratio)
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
