/** How far from a tap the sound that was meant is looked for, in seconds. */
const REACH_SECONDS = 0.14
const FRAME_SECONDS = 0.005
/**
 * What begins in the sound has to stand out of the rest by this factor, on the mean of all taps.
 */
const STANDS_OUT = 2.2

/**
 * How late a person taps, in seconds (negative: early, as most do), from what begins in the sound
 * around the taps: the constant by which they are shifted against it. Null where nothing stands
 * out, or there are fewer than four taps. Samples of one channel, taps in seconds of the recording.
 *
 * @param samples Mono, -1 to 1.
 * @param sampleRate Samples a second, above 0.
 * @param taps Moments of the taps, in seconds, rising.
 */
export function tapDelay(
  samples: Float32Array,
  sampleRate: number,
  taps: readonly number[],
): number | null {
  if (taps.length < 4) return null
  const reach = Math.round(REACH_SECONDS / FRAME_SECONDS)
  const sum = new Float64Array(2 * reach + 1)
  for (const tap of taps) {
    const rises = risesAround(samples, sampleRate, tap, reach)
    const most = Math.max(...rises)
    if (most > 0) rises.forEach((rise, i) => (sum[i]! += rise / most))
  }
  const smooth = Array.from(sum, (value, i) => (value + (sum[i - 1] ?? 0) + (sum[i + 1] ?? 0)) / 3)
  const peak = smooth.indexOf(Math.max(...smooth))
  const mean = smooth.reduce((total, value) => total + value, 0) / smooth.length
  if (mean === 0 || smooth[peak]! < STANDS_OUT * mean) return null
  return (reach - peak) * FRAME_SECONDS
}

/**
 * How much louder each frame around a moment is than the one before it; from `reach` frames before
 * it to as many after.
 */
function risesAround(
  samples: Float32Array,
  sampleRate: number,
  moment: number,
  reach: number,
): number[] {
  const length = Math.round(FRAME_SECONDS * sampleRate)
  const start = Math.round(moment * sampleRate) - (reach + 1) * length
  const loudness = Array.from({ length: 2 * reach + 2 }, (_, frame) => {
    let energy = 0
    for (let i = start + frame * length; i < start + (frame + 1) * length; i++)
      energy += (samples[i] ?? 0) ** 2
    return Math.log(1e-6 + energy / length)
  })
  return loudness.slice(1).map((value, i) => Math.max(0, value - loudness[i]!))
}
