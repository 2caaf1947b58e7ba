const { max, round } = Math

/** Samples a second of what a speech ear is given: what tells speech lies below 8 kHz. */
export const SPEECH_RATE = 16_000
export const WINDOW = 512
export const HOP = 128
export const FRAMES_PER_SECOND = SPEECH_RATE / HOP
export const BINS = WINDOW / 2 + 1

/** The middle of a frame, in seconds. */
export const secondOfFrame = (frame: number): number => (frame * HOP + WINDOW / 2) / SPEECH_RATE

/** Speech is told by so many bands of even width in pitch. */
export const BANDS = 24
const LOWEST_HZ = 160
const HIGHEST_HZ = 7600

/** First bin of each band, and the one behind its last. */
export const EDGES = Array.from({ length: BANDS }, (_, i) => {
  const bin = (k: number): number =>
    round((LOWEST_HZ * (HIGHEST_HZ / LOWEST_HZ) ** (k / BANDS) * WINDOW) / SPEECH_RATE)
  return [bin(i), max(bin(i) + 1, bin(i + 1))] as const
})
