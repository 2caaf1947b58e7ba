import { FRAMES_PER_SECOND } from './spectrum.ts'

/**
 * Autocorrelation of an onset curve at lags up to `longest` frames, unbiased, 1 at lag 0. Negative
 * correlation is kept.
 */
export function autocorrelation(curve: Float32Array, longest: number): Float64Array {
  const n = curve.length
  let mean = 0
  for (let i = 0; i < n; i++) mean += curve[i]!
  mean /= Math.max(1, n)
  const out = new Float64Array(longest + 1)
  for (let lag = 0; lag <= Math.min(longest, n - 1); lag++) {
    let sum = 0
    for (let i = lag; i < n; i++) sum += (curve[i]! - mean) * (curve[i - lag]! - mean)
    out[lag] = sum / (n - lag)
  }
  const power = out[0]! || 1
  for (let lag = 0; lag <= longest; lag++) out[lag]! /= power
  return out
}

/** Smooths with a short Gaussian; `sigma` in frames. */
export function smoothed(curve: Float32Array, sigma: number): Float32Array {
  const half = Math.ceil(3 * sigma)
  const taps = Float64Array.from({ length: 2 * half + 1 }, (_, i) =>
    Math.exp(-0.5 * ((i - half) / sigma) ** 2),
  )
  const total = taps.reduce((sum, tap) => sum + tap, 0)
  return Float32Array.from(curve, (_, i) => {
    let sum = 0
    for (let k = -half; k <= half; k++) sum += taps[k + half]! * (curve[i + k] ?? 0)
    return sum / total
  })
}

export const bpmOfFrames = (frames: number): number => (60 * FRAMES_PER_SECOND) / frames
export const framesOfBpm = (bpm: number): number => (60 * FRAMES_PER_SECOND) / bpm
