import { TIME_TOLERANCE_SECONDS, type Anchor, type BeatMap, type Metre } from '../time/index.ts'

/**
 * Mending a beat map by ear. Each function gives a new map and leaves free time where it is; beat 0
 * stays the first downbeat, so what is on or before it may become a pick-up with negative beats.
 */

const mapAnchors = (map: BeatMap, change: (anchors: readonly Anchor[]) => Anchor[]): BeatMap => ({
  segments: map.segments.map(({ anchors }) => ({ anchors: change(anchors) })),
})

/**
 * Twice as many beats: what was a beat is two. Seconds stay, so nothing moves; only the counting
 * does.
 */
export const doubled = (map: BeatMap): BeatMap =>
  mapAnchors(map, (anchors) => anchors.map(({ beat, seconds }) => ({ beat: beat * 2, seconds })))

/** Half as many beats: two become one, counted from beat 0. */
export const halved = (map: BeatMap): BeatMap =>
  mapAnchors(map, (anchors) => anchors.map(({ beat, seconds }) => ({ beat: beat / 2, seconds })))

/**
 * Every beat earlier (negative) or later by some seconds.
 *
 * @param bySeconds Below 0 is earlier.
 */
export const nudged = (map: BeatMap, bySeconds: number): BeatMap =>
  mapAnchors(map, (anchors) =>
    anchors.map(({ beat, seconds }) => ({ beat, seconds: seconds + bySeconds })),
  )

/** The beats half way between the beats become the beats: for a map that lies on the off-beat. */
export const offBeat = (map: BeatMap): BeatMap =>
  mapAnchors(map, (anchors) => anchors.map(({ beat, seconds }) => ({ beat: beat - 0.5, seconds })))

/**
 * "This is one": the whole beat nearest to `beat` becomes the first of its bar, by as small a
 * renumbering as can be.
 *
 * @param beat Number of the beat; 0 is the first downbeat.
 */
export function thisIsOne(map: BeatMap, metre: Metre, beat: number): BeatMap {
  const bar = metre.beatsPerBar
  const past = ((Math.round(beat) % bar) + bar) % bar
  return past === 0
    ? map
    : mapAnchors(map, (anchors) =>
        anchors.map((anchor) => ({ ...anchor, beat: anchor.beat - past })),
      )
}

/**
 * Puts a beat at a moment: moves its anchor, or makes one. Refuses (null) a place at or beyond its
 * neighbours.
 *
 * @param beat Number of the beat; 0 is the first downbeat.
 * @param seconds Where it sounds, in seconds of the recording.
 */
export function anchored(map: BeatMap, beat: number, seconds: number): BeatMap | null {
  const index = map.segments.findIndex(
    ({ anchors }, i) => beat <= anchors.at(-1)!.beat || i === map.segments.length - 1,
  )
  const { anchors } = map.segments[index]!
  const others = anchors.filter((anchor) => Math.abs(anchor.beat - beat) > TIME_TOLERANCE_SECONDS)
  const before = others.filter((anchor) => anchor.beat < beat).at(-1)
  const after = others.find((anchor) => anchor.beat > beat)
  if ((before && seconds <= before.seconds) || (after && seconds >= after.seconds)) return null
  const moved = [...others, { beat, seconds }].sort((a, b) => a.beat - b.beat)
  return {
    segments: map.segments.map((segment, i) => (i === index ? { anchors: moved } : segment)),
  }
}

/**
 * Takes out the anchor of a beat; null when there is none, or only two are left in its stretch.
 *
 * @param beat Number of the beat; 0 is the first downbeat.
 */
export function unanchored(map: BeatMap, beat: number): BeatMap | null {
  const index = map.segments.findIndex(({ anchors }) =>
    anchors.some((anchor) => Math.abs(anchor.beat - beat) < TIME_TOLERANCE_SECONDS),
  )
  const segment = map.segments[index]
  if (!segment || segment.anchors.length <= 2) return null
  const anchors = segment.anchors.filter(
    (anchor) => Math.abs(anchor.beat - beat) >= TIME_TOLERANCE_SECONDS,
  )
  return { segments: map.segments.map((one, i) => (i === index ? { anchors } : one)) }
}
