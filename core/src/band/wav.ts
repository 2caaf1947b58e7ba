import { loudestOf } from './synth.ts'

/**
 * Bytes of a 16-bit mono WAV file. Samples beyond -1..1 are limited.
 *
 * @param samples Mono; beyond -1 to 1 they are limited.
 * @param sampleRate Samples a second, above 0.
 */
export function wavBytes(samples: Float32Array, sampleRate: number): Uint8Array {
  const bytes = new Uint8Array(44 + samples.length * 2)
  const view = new DataView(bytes.buffer)
  const text = (at: number, value: string): void =>
    [...value].forEach((letter, i) => view.setUint8(at + i, letter.charCodeAt(0)))
  text(0, 'RIFF')
  view.setUint32(4, bytes.length - 8, true)
  text(8, 'WAVEfmt ')
  view.setUint32(16, 16, true)
  view.setUint16(20, 1, true)
  view.setUint16(22, 1, true)
  view.setUint32(24, sampleRate, true)
  view.setUint32(28, sampleRate * 2, true)
  view.setUint16(32, 2, true)
  view.setUint16(34, 16, true)
  text(36, 'data')
  view.setUint32(40, samples.length * 2, true)
  for (let i = 0; i < samples.length; i++) {
    const sample = samples[i]!
    view.setInt16(44 + i * 2, sample >= 1 ? 32767 : sample <= -1 ? -32767 : sample * 32767, true)
  }
  return bytes
}

/**
 * Peaks for drawing: for each of `count` stretches the loudest absolute sample, 0..1.
 *
 * @param samples Mono, -1 to 1.
 * @param count How many stretches, 1 or more.
 */
export function wavePeaks(samples: Float32Array, count: number): number[] {
  const span = samples.length / count
  return Array.from(
    { length: count },
    (_, k) =>
      Math.round(loudestOf(samples, Math.floor(k * span), Math.floor((k + 1) * span)) * 1000) /
      1000,
  )
}
