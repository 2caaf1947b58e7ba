import { median, medianAbsoluteDeviation } from 'simple-statistics'

/** A measured output delay: how late the loudspeakers are, and how steady the taps were. */
export interface DelayMeasure {
  readonly delaySeconds: number
  readonly spreadSeconds: number
  readonly taps: number
}

/** Taps needed before a delay is believed. */
export const LEAST_TAPS = 8

/**
 * The delay between clicks as they were sent and a person's taps along with them, in seconds. Each
 * tap is held against the nearest click; the median is taken, so a stray tap does no harm. People
 * tap a little early, by about `tapBiasSeconds` (20 to 50 ms for most; Aschersleben 2002), which is
 * taken out. Null with too few taps.
 *
 * @param clicks Moments of the clicks as they were sent, in seconds, rising.
 * @param taps Moments of the taps, in seconds, rising.
 * @param tapBiasSeconds How late people tap, in seconds; below 0 is early, as most do.
 */
export function delayFromTaps(
  clicks: readonly number[],
  taps: readonly number[],
  tapBiasSeconds = -0.03,
): DelayMeasure | null {
  if (clicks.length < 2 || taps.length < LEAST_TAPS) return null
  const period = (clicks.at(-1)! - clicks[0]!) / (clicks.length - 1)
  // A tap up to three quarters of a beat late still belongs to the click before it: loudspeakers
  // are late, never early.
  const offsets = taps.map((tap) => {
    const phase = (tap - clicks[0]!) / period
    const late = phase - Math.floor(phase)
    return (late > 0.75 ? late - 1 : late) * period
  })
  const middle = median(offsets)
  const spread = medianAbsoluteDeviation(offsets)
  // Loudspeakers are late, never early: who taps ahead of the clicks has measured no delay.
  const delaySeconds = Math.max(0, middle - tapBiasSeconds)
  return { delaySeconds, spreadSeconds: spread, taps: taps.length }
}
