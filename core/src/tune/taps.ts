import {
  secondsAt,
  tickAt,
  tickPosition,
  TICKS_PER_BEAT,
  TIME_TOLERANCE_SECONDS,
  type Anchor,
  type BeatMap,
  type Seconds,
} from '../time/index.ts'

/**
 * People tap a little early; the median of many (Aschersleben 2002). Taken where the sound does not
 * tell (see `tapDelay`).
 */
const TAP_BIAS_SECONDS = -0.03
export const LEAST_MEND_TAPS = 4

/**
 * A steady map from taps on consecutive beats, in seconds of the recording: the line nearest to all
 * of them, so that one late tap does little. A tap left out is two beats, a double tap none. The
 * first tap becomes beat 0. Null with fewer than four taps or taps that do not rise.
 *
 * @param taps Moments of the taps, in seconds, rising.
 * @param delaySeconds By which sound comes late, in seconds; 0 or more.
 */
export function fromTaps(taps: readonly number[], delaySeconds = TAP_BIAS_SECONDS): BeatMap | null {
  if (taps.length < LEAST_MEND_TAPS || taps.some((tap, i) => i > 0 && tap <= taps[i - 1]!))
    return null
  const gaps = taps.slice(1).map((tap, i) => tap - taps[i]!)
  const usual = [...gaps].sort((a, b) => a - b)[gaps.length >> 1]!
  const beats: Anchor[] = [{ beat: 0, seconds: taps[0]! - delaySeconds }]
  for (const [i, gap] of gaps.entries()) {
    const steps = Math.round(gap / usual)
    if (steps > 0)
      beats.push({ beat: beats.at(-1)!.beat + steps, seconds: taps[i + 1]! - delaySeconds })
  }
  return beats.length < LEAST_MEND_TAPS ? null : { segments: [{ anchors: straight(beats) }] }
}

/** The straight line nearest to the taps (least squares), as its two ends. */
function straight(taps: readonly Anchor[]): Anchor[] {
  const n = taps.length
  const meanBeat = taps.reduce((sum, tap) => sum + tap.beat, 0) / n
  const meanSeconds = taps.reduce((sum, tap) => sum + tap.seconds, 0) / n
  const slope =
    taps.reduce((sum, tap) => sum + (tap.beat - meanBeat) * (tap.seconds - meanSeconds), 0) /
    taps.reduce((sum, tap) => sum + (tap.beat - meanBeat) ** 2, 0)
  const at = (beat: number): Anchor => ({ beat, seconds: meanSeconds + slope * (beat - meanBeat) })
  return [at(taps[0]!.beat), at(taps.at(-1)!.beat)]
}

/**
 * Tapped beats longer or shorter than the map's by more than this factor are another tempo, not the
 * same one mended.
 */
const TAP_TEMPO_WITHIN = 1.2
/** Beats on either side of the taps over which the map comes back to where it was. */
const BLEND_BEATS = 2

/**
 * Beats moved to where they were tapped, around the taps only. Null when there are too few taps, or
 * they have another tempo than the beats there (then the whole is to be heard again), or they run
 * over free time.
 *
 * @param taps Moments of the taps, in seconds, rising.
 * @param delaySeconds By which sound comes late, in seconds; 0 or more.
 */
export function retapped(
  map: BeatMap,
  taps: readonly number[],
  delaySeconds = TAP_BIAS_SECONDS,
): BeatMap | null {
  const line = fromTaps(taps, delaySeconds)?.segments[0]?.anchors
  if (!line) return null
  const [first, last] = [line[0]!, line.at(-1)!]
  const beatAt = (seconds: number): number => tickAt(map, seconds as Seconds) / TICKS_PER_BEAT
  const count = last.beat - first.beat
  const ratio = (beatAt(last.seconds) - beatAt(first.seconds)) / count
  if (ratio > TAP_TEMPO_WITHIN || ratio < 1 / TAP_TEMPO_WITHIN) return null
  const start = Math.round((beatAt(first.seconds) + beatAt(last.seconds) - count) / 2)
  const tapped = Array.from({ length: count + 1 }, (_, i): Anchor => ({
    beat: start + i,
    seconds: first.seconds + (i * (last.seconds - first.seconds)) / count,
  }))
  const index = map.segments.findIndex(
    ({ anchors }, i) =>
      (i === 0 || start > anchors[0]!.beat) &&
      (i === map.segments.length - 1 || start + count < anchors.at(-1)!.beat),
  )
  if (index < 0) return null
  const anchors = blended(map, index, tapped)
  const rises = anchors.every(({ seconds }, i) => i === 0 || seconds > anchors[i - 1]!.seconds)
  return rises
    ? { segments: map.segments.map((one, i) => (i === index ? { anchors } : one)) }
    : null
}

/**
 * A segment's anchors with tapped beats in the place of its own; where it joins free time it stays.
 */
function blended(map: BeatMap, index: number, tapped: readonly Anchor[]): Anchor[] {
  const segment = map.segments[index]!
  const whole: BeatMap = { segments: [segment] }
  const own = (beat: number): Anchor => ({
    beat,
    seconds: secondsAt(whole, tickPosition(beat * TICKS_PER_BEAT)),
  })
  const before = tapped[0]!.beat - BLEND_BEATS
  const after = tapped.at(-1)!.beat + BLEND_BEATS
  const joinsBefore = index > 0
  const joinsAfter = index < map.segments.length - 1
  const [head, tail] = [segment.anchors[0]!, segment.anchors.at(-1)!]
  const rest = [...segment.anchors, own(before), own(after)].filter(
    ({ beat }) => beat <= before || beat >= after,
  )
  const inside = rest.filter(
    ({ beat }) => (!joinsBefore || beat > head.beat) && (!joinsAfter || beat < tail.beat),
  )
  const all = [
    ...(joinsBefore ? [head] : []),
    ...inside,
    ...tapped,
    ...(joinsAfter ? [tail] : []),
  ].sort((a, b) => a.beat - b.beat)
  return all.filter(({ beat }, i) => i === 0 || beat > all[i - 1]!.beat + TIME_TOLERANCE_SECONDS)
}
