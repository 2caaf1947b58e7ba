import {
  secondsAt,
  tickPosition,
  TICKS_PER_BEAT,
  TIME_TOLERANCE_SECONDS,
  type Anchor,
  type BeatMap,
  type BeatMapSegment,
} from '../time/index.ts'

/** Anchors of a stretch of one segment, its two ends among them. */
function stretchOf({ anchors }: BeatMapSegment, from: number, to: number): Anchor[] {
  const whole: BeatMap = { segments: [{ anchors }] }
  const end = (beat: number): Anchor => ({
    beat,
    seconds: secondsAt(whole, tickPosition(beat * TICKS_PER_BEAT)),
  })
  return [
    end(from),
    ...anchors.filter(
      ({ beat }) => beat > from + TIME_TOLERANCE_SECONDS && beat < to - TIME_TOLERANCE_SECONDS,
    ),
    end(to),
  ]
}

/**
 * Holds a stretch as free time: from one beat to a later one nothing is counted, and the later beat
 * takes the number of the earlier. Null when the stretch crosses free time that is there already,
 * or leaves no beat before or after it.
 *
 * @param fromBeat Where free time begins.
 * @param toBeat Where it ends, later than that.
 */
export function freed(map: BeatMap, fromBeat: number, toBeat: number): BeatMap | null {
  const index = map.segments.findIndex(
    ({ anchors }, i) => fromBeat < anchors.at(-1)!.beat || i === map.segments.length - 1,
  )
  const segment = map.segments[index]!
  const first =
    index === 0 ? Math.min(segment.anchors[0]!.beat, fromBeat - 1) : segment.anchors[0]!.beat
  const last =
    index === map.segments.length - 1
      ? Math.max(segment.anchors.at(-1)!.beat, toBeat + 1)
      : segment.anchors.at(-1)!.beat
  if (toBeat <= fromBeat || fromBeat <= first || toBeat >= last) return null
  const shift = toBeat - fromBeat
  const back = (anchors: readonly Anchor[]): Anchor[] =>
    anchors.map(({ beat, seconds }) => ({ beat: beat - shift, seconds }))
  const later = map.segments.slice(index + 1).map(({ anchors }) => ({ anchors: back(anchors) }))
  return {
    segments: [
      ...map.segments.slice(0, index),
      { anchors: stretchOf(segment, first, fromBeat) },
      { anchors: back(stretchOf(segment, toBeat, last)) },
      ...later,
    ],
  }
}

/**
 * Counts a free stretch again, at the tempo around it: as many whole beats as fit best, at least
 * one. `index` counts free stretches from 0.
 *
 * @param index Number of the free stretch, from 0.
 */
export function counted(
  map: BeatMap,
  index: number,
): { readonly map: BeatMap; readonly beats: number } | null {
  const before = map.segments[index]
  const after = map.segments[index + 1]
  if (!before || !after) return null
  const left = before.anchors.at(-1)!
  const resumed = after.anchors[0]!
  const lengths = [before.anchors.slice(-2), after.anchors.slice(0, 2)].map(
    ([a, b]) => (b!.seconds - a!.seconds) / (b!.beat - a!.beat),
  )
  const beats = Math.max(
    1,
    Math.round((resumed.seconds - left.seconds) / ((lengths[0]! + lengths[1]!) / 2)),
  )
  const on = (anchors: readonly Anchor[]): Anchor[] =>
    anchors.map(({ beat, seconds }) => ({ beat: beat + beats, seconds }))
  const joined = { anchors: [...before.anchors, ...on(after.anchors)] }
  return {
    beats,
    map: {
      segments: [
        ...map.segments.slice(0, index),
        joined,
        ...map.segments.slice(index + 2).map(({ anchors }) => ({ anchors: on(anchors) })),
      ],
    },
  }
}
