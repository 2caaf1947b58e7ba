import { loudestOf } from './synth.ts'

/** Speech begins and ends where it is this much softer than its loudest: 40 dB. */
const SOFTEST = 0.01

/**
 * Speech without the silence before and after it, from the first to the last sample that is no more
 * than 40 dB below the loudest.
 *
 * @param samples Mono, -1 to 1.
 */
export function trimmedSpeech(samples: Float32Array): Float32Array {
  const least = loudestOf(samples, 0, samples.length) * SOFTEST
  let [from, to] = [0, samples.length]
  while (from < to && Math.abs(samples[from]!) <= least) from++
  while (to > from && Math.abs(samples[to - 1]!) <= least) to--
  return samples.slice(from, to)
}
