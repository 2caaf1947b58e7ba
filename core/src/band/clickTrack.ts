/** A click of a track: its moment in seconds and whether it is the first of a bar. */
export interface Click {
  readonly seconds: number
  readonly strong: boolean
}

const CLICK_SECONDS = 0.05

/**
 * Clicks alone, as mono samples; `lengthSeconds` is the length of the whole track. Each click
 * begins at the sample nearest its moment.
 *
 * @param lengthSeconds Of the whole track, in seconds.
 * @param sampleRate Samples a second, above 0.
 */
export function clickTrack(
  clicks: readonly Click[],
  lengthSeconds: number,
  sampleRate: number,
): Float32Array {
  const samples = new Float32Array(Math.ceil(lengthSeconds * sampleRate))
  const length = Math.round(CLICK_SECONDS * sampleRate)
  for (const { seconds, strong } of clicks) {
    const start = Math.round(seconds * sampleRate)
    const step = (2 * Math.PI * (strong ? 1560 : 1040)) / sampleRate
    for (let i = 0; i < length; i++) {
      const at = start + i
      if (at >= 0 && at < samples.length)
        samples[at]! += (strong ? 0.7 : 0.45) * Math.exp((-6 * i) / length) * Math.sin(i * step)
    }
  }
  return samples
}
