import { z } from 'zod'
import { TIME_TOLERANCE_SECONDS } from './tolerance.ts'
import { TICKS_PER_BEAT, type Seconds, type TickPosition } from './units.ts'

/**
 * A beat map says when each beat of a recording sounds. Within a segment, anchors rise strictly in
 * beats and in seconds, time is straight between them and runs on at the last slope beyond them.
 * Between two segments lies free time: music without beats, where one tick has two times, the one
 * it is left at and the one beats resume at.
 */
const anchorSchema = z.strictObject({ beat: z.number(), seconds: z.number() }).readonly()
const segmentSchema = z
  .strictObject({ anchors: z.array(anchorSchema).min(2).readonly() })
  .readonly()
  .refine((s) => rises(s.anchors), 'anchors must rise strictly in both beat and seconds')
export const beatMapSchema = z
  .strictObject({ segments: z.array(segmentSchema).min(1).readonly() })
  .readonly()
  .refine(
    (map) => joins(map.segments),
    'a segment must begin at the beat where the one before it ends, and later in seconds',
  )

export type Anchor = z.infer<typeof anchorSchema>
export type BeatMapSegment = z.infer<typeof segmentSchema>
export type BeatMap = z.infer<typeof beatMapSchema>
/** Which of the two times of a free stretch is meant. */
export type FreeTimeSide = 'leaving' | 'resuming'

function rises(anchors: readonly Anchor[]): boolean {
  return anchors.every(
    (a, i) => i === 0 || (a.beat > anchors[i - 1]!.beat && a.seconds > anchors[i - 1]!.seconds),
  )
}

function joins(segments: readonly BeatMapSegment[]): boolean {
  return segments.every((s, i) => {
    if (i === 0) return true
    const end = segments[i - 1]!.anchors.at(-1)!
    return s.anchors[0]!.beat === end.beat && s.anchors[0]!.seconds > end.seconds
  })
}

/**
 * A map of one steady tempo. `bpm` in beats a minute, above 0; beat 0 sounds at `firstSeconds`.
 *
 * @param bpm Beats a minute, above 0.
 * @param firstSeconds Where beat 0 sounds, in seconds.
 */
export function steadyBeatMap(bpm: number, firstSeconds = 0): BeatMap {
  if (!(bpm > 0)) throw new RangeError(`a tempo is above 0 beats a minute, not ${bpm}`)
  return {
    segments: [
      {
        anchors: [
          { beat: 0, seconds: firstSeconds },
          { beat: 1, seconds: firstSeconds + 60 / bpm },
        ],
      },
    ],
  }
}

/**
 * Index of the straight span that answers for `value` on `axis`: the last whose start is not after
 * it.
 */
function spanOf(anchors: readonly Anchor[], axis: 'beat' | 'seconds', value: number): number {
  let low = 0
  let high = anchors.length - 2
  while (low < high) {
    const middle = (low + high + 1) >> 1
    if (anchors[middle]![axis] <= value) low = middle
    else high = middle - 1
  }
  return low
}

function along(
  anchors: readonly Anchor[],
  from: 'beat' | 'seconds',
  to: 'beat' | 'seconds',
  value: number,
): number {
  const i = spanOf(anchors, from, value)
  const a = anchors[i]!
  const b = anchors[i + 1]!
  return a[to] + ((value - a[from]) * (b[to] - a[to])) / (b[from] - a[from])
}

function segmentAtBeat(map: BeatMap, beat: number, side: FreeTimeSide): BeatMapSegment {
  const { segments } = map
  for (let i = 0; i < segments.length - 1; i++) {
    const end = segments[i]!.anchors.at(-1)!.beat
    if (beat < end || (beat === end && side === 'leaving')) return segments[i]!
  }
  return segments.at(-1)!
}

/**
 * Seconds of the recording at a tick position. At free time, `side` picks the moment it is left or
 * resumed.
 */
export function secondsAt(
  map: BeatMap,
  at: TickPosition,
  side: FreeTimeSide = 'resuming',
): Seconds {
  const beat = at / TICKS_PER_BEAT
  return along(segmentAtBeat(map, beat, side).anchors, 'beat', 'seconds', beat) as Seconds
}

/**
 * Tick position that sounds at `atSeconds` of the recording. Anywhere inside free time it is that
 * free time's tick.
 */
export function tickAt(map: BeatMap, atSeconds: Seconds): TickPosition {
  const { segments } = map
  for (let i = 0; i < segments.length; i++) {
    const { anchors } = segments[i]!
    const next = segments[i + 1]
    if (!next || atSeconds <= anchors.at(-1)!.seconds)
      return (along(anchors, 'seconds', 'beat', atSeconds) * TICKS_PER_BEAT) as TickPosition
    if (atSeconds < next.anchors[0]!.seconds - TIME_TOLERANCE_SECONDS)
      return (anchors.at(-1)!.beat * TICKS_PER_BEAT) as TickPosition
  }
  throw new Error('a beat map has at least one segment')
}

/** Beats a minute at a tick position; at an anchor, the tempo that begins there. */
export function bpmAt(map: BeatMap, at: TickPosition, side: FreeTimeSide = 'resuming'): number {
  const beat = at / TICKS_PER_BEAT
  const { anchors } = segmentAtBeat(map, beat, side)
  const i = spanOf(anchors, 'beat', beat)
  return (
    (60 * (anchors[i + 1]!.beat - anchors[i]!.beat)) /
    (anchors[i + 1]!.seconds - anchors[i]!.seconds)
  )
}

/** The free stretches: the tick where beats stop, and the seconds from leaving to resuming. */
export function freeTimes(
  map: BeatMap,
): { at: TickPosition; leaveSeconds: Seconds; resumeSeconds: Seconds }[] {
  return map.segments.slice(1).map((segment, i) => {
    const left = map.segments[i]!.anchors.at(-1)!
    return {
      at: (left.beat * TICKS_PER_BEAT) as TickPosition,
      leaveSeconds: left.seconds as Seconds,
      resumeSeconds: segment.anchors[0]!.seconds as Seconds,
    }
  })
}

/**
 * Heard seconds of a moment of music at a speed of 0.5 to 1.5 of the recording.
 *
 * @param speed Of the recording, 0.5 to 1.5.
 */
export const heardSeconds = (music: Seconds, speed: number): Seconds => (music / speed) as Seconds
