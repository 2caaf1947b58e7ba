/**
 * The one tolerance for times, in seconds. A double keeps 1e-12 s over an hour of music; sums of a
 * few hundred anchor spans lose three digits of that, and nobody hears a nanosecond.
 */
export const TIME_TOLERANCE_SECONDS = 1e-9
