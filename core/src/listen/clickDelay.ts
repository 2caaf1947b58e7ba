import { interquartileRange, median } from 'simple-statistics'
const { max, abs, round } = Math

/** A microphone hears a click within so long. */
const MOST_DELAY_SECONDS = 0.6
/** A click that is heard is this much more like itself than what else sounds there. */
const STANDS_OUT = 8
/** So many of the clicks have to be heard, as a share. */
const LEAST_HEARD = 0.6

/** How late a microphone hears what is played. */
export interface ClickDelay {
  /** The middle of all clicks, in seconds. */
  readonly delaySeconds: number
  /** Half of the clicks lie within so many seconds of each other. */
  readonly spreadSeconds: number
  /** How many clicks were heard. */
  readonly heard: number
}

/**
 * How late a microphone hears what is played, from clicks at known moments: each is looked for by
 * its likeness (cross-correlation). Null where fewer than three in five are heard.
 *
 * @param samples Mono, -1 to 1.
 * @param sampleRate Samples a second, above 0.
 * @param clicks When each was played, in seconds of the samples.
 * @param shape The click as it is played, at the same rate.
 */
export function clickDelay(
  samples: Float32Array,
  sampleRate: number,
  clicks: readonly number[],
  shape: Float32Array,
): ClickDelay | null {
  const delays = clicks.flatMap((click) => delayOf(samples, sampleRate, click, shape) ?? [])
  if (delays.length === 0 || delays.length < LEAST_HEARD * clicks.length) return null
  return {
    delaySeconds: median(delays),
    spreadSeconds: interquartileRange(delays),
    heard: delays.length,
  }
}

function delayOf(
  samples: Float32Array,
  sampleRate: number,
  click: number,
  shape: Float32Array,
): number | null {
  const from = round(click * sampleRate)
  const most = round(MOST_DELAY_SECONDS * sampleRate)
  const likeness = Float64Array.from({ length: most }, (_, lag) => {
    let sum = 0
    for (let i = 0; i < shape.length; i++) sum += (samples[from + lag + i] ?? 0) * shape[i]!
    return abs(sum)
  })
  const best = max(...likeness)
  const mean = likeness.reduce((sum, one) => sum + one, 0) / most
  return best > STANDS_OUT * mean && best > 0 ? likeness.indexOf(best) / sampleRate : null
}
