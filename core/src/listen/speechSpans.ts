/** A stretch of speech in a recording, in seconds from its start. */
export interface SpeechSpan {
  readonly start: number
  readonly end: number
}

export interface SpeechOptions {
  /** Pauses up to this long belong to what is said: the stops in “through, face, close”. */
  readonly pauseSeconds?: number
}

/** Loudness is taken over so many seconds. */
export const FRAME_SECONDS = 0.005
/**
 * Louder than the room by this much, and no softer than this below the loudest: speech. Decibels.
 */
const ABOVE_ROOM_DB = 12
const BELOW_LOUDEST_DB = 40
/** A click of a key is shorter. */
const LEAST_SECONDS = 0.09
/** What is not louder than this is no speech at all, whatever the room. */
const SILENCE_DB = -55
const USUAL_PAUSE_SECONDS = 0.4

/**
 * Loudness of a recording frame by frame, in decibels below full scale. Frames may be added as they
 * are heard.
 *
 * @param samples Mono, -1 to 1.
 * @param sampleRate Samples a second, above 0.
 */
export function loudnessFrames(samples: Float32Array, sampleRate: number): Float32Array {
  const size = Math.max(1, Math.round(FRAME_SECONDS * sampleRate))
  const frames = new Float32Array(Math.floor(samples.length / size))
  for (let k = 0; k < frames.length; k++) {
    let sum = 0
    for (let i = k * size; i < (k + 1) * size; i++) sum += samples[i]! ** 2
    frames[k] = 10 * Math.log10(sum / size + 1e-12)
  }
  return frames
}

/**
 * Where somebody speaks in a recording (mono samples at a rate in Hz): what is clearly louder than
 * the room and not far below the loudest. Empty where nobody does. Edges are exact to one frame of
 * 5 ms.
 *
 * @param samples Mono, -1 to 1.
 * @param sampleRate Samples a second, above 0.
 */
export function speechSpans(
  samples: Float32Array,
  sampleRate: number,
  { pauseSeconds = USUAL_PAUSE_SECONDS }: SpeechOptions = {},
): SpeechSpan[] {
  return spansOfFrames(loudnessFrames(samples, sampleRate), pauseSeconds)
}

/**
 * Where somebody speaks, by the loudness of frames.
 *
 * @param frames Loudness frame by frame, in decibels below full scale.
 * @param pauseSeconds A silence at least so long parts two spans.
 */
export function spansOfFrames(
  frames: Float32Array,
  pauseSeconds = USUAL_PAUSE_SECONDS,
): SpeechSpan[] {
  if (frames.length === 0) return []
  const sorted = Float32Array.from(frames).sort()
  const loudest = sorted[sorted.length - 1]!
  const room = sorted[Math.floor(sorted.length * 0.1)]!
  if (loudest < SILENCE_DB) return []
  const least = Math.max(
    Math.min(room + ABOVE_ROOM_DB, loudest - ABOVE_ROOM_DB),
    loudest - BELOW_LOUDEST_DB,
  )
  const spans: { start: number; end: number }[] = []
  frames.forEach((level, k) => {
    if (level <= least) return
    const [start, end] = [k * FRAME_SECONDS, (k + 1) * FRAME_SECONDS]
    const last = spans.at(-1)
    if (last && start - last.end <= pauseSeconds) last.end = end
    else spans.push({ start, end })
  })
  return spans.filter((span) => span.end - span.start >= LEAST_SECONDS)
}
