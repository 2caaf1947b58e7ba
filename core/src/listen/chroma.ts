import { LISTEN_RATE } from './logSpectrum.ts'
import { RealFft } from './realFft.ts'

const WINDOW = 2048
export const CLASSES = 12
/** Harmony changes slowly: a frame every 40 ms. */
const HOP = 882
export const CHROMA_PER_SECOND = LISTEN_RATE / HOP
/** Harmony is heard in the middle octaves. */
const LOWEST_HZ = 110
const HIGHEST_HZ = 1800

/** Twelve pitch classes for each frame, 0 = A, `CHROMA_PER_SECOND` frames a second. */
export interface Chroma {
  readonly frames: number
  readonly classes: Float32Array
}

/**
 * What sounds by pitch class: magnitudes from 110 to 1800 Hz, each bin at its nearest semitone.
 *
 * @param samples Mono, at `LISTEN_RATE`.
 * @param progress Told the share done, 0..1; may throw to stop.
 */
export function chromaOf(
  samples: Float32Array,
  progress: (share: number) => void = () => undefined,
): Chroma {
  const frames = Math.max(0, Math.floor(samples.length / HOP))
  const classes = new Float32Array(frames * CLASSES)
  const bin = LISTEN_RATE / WINDOW
  const [first, last] = [Math.ceil(LOWEST_HZ / bin), Math.floor(HIGHEST_HZ / bin)]
  const classOf = Uint8Array.from({ length: last + 1 }, (_, k) =>
    k === 0 ? 0 : ((Math.round(12 * Math.log2((k * bin) / 440)) % 12) + 12) % 12,
  )
  const fft = new RealFft(WINDOW, last + 1)
  const hann = Float64Array.from(
    { length: WINDOW },
    (_, i) => (0.5 - 0.5 * Math.cos((2 * Math.PI * i) / WINDOW)) * (4 / WINDOW),
  )
  const input = new Float64Array(WINDOW)
  const magnitudes = new Float64Array(last + 1)
  for (let frame = 0; frame < frames; frame++) {
    if (frame % 500 === 0) progress(frame / frames)
    const start = frame * HOP - WINDOW / 2
    for (let i = 0; i < WINDOW; i++) input[i] = (samples[start + i] ?? 0) * hann[i]!
    fft.magnitudes(input, magnitudes)
    for (let k = first; k <= last; k++) classes[frame * CLASSES + classOf[k]!]! += magnitudes[k]!
  }
  return { frames, classes }
}
