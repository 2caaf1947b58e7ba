import {
  freeTimes,
  secondsAt,
  ticksPerBar,
  tickPosition,
  TICKS_PER_BEAT,
  type BeatMap,
  type Metre,
  type Tick,
} from '../time/index.ts'
import { tunePhrases, type Tune } from './tune.ts'

/**
 * Mean beats a minute from one tick to another, free time left out. Equal ticks have the tempo of
 * the beat that follows.
 *
 * @param from Tick of the recording.
 * @param to Tick of the recording, not before the other.
 */
export function meanBpm(map: BeatMap, from: number, to: number): number {
  const end = to > from ? to : from + TICKS_PER_BEAT
  const free = freeTimes(map).reduce(
    (sum, { at, leaveSeconds, resumeSeconds }) =>
      at > from && at < end ? sum + resumeSeconds - leaveSeconds : sum,
    0,
  )
  const seconds =
    secondsAt(map, tickPosition(end), 'leaving') -
    secondsAt(map, tickPosition(from), 'resuming') -
    free
  return (60 * (end - from)) / TICKS_PER_BEAT / seconds
}

/**
 * Tempo of a recording's counted music: the mean of its middle four fifths, as beginnings hesitate
 * and ends slow down.
 */
export function usualBpm(map: BeatMap): number {
  const first = map.segments[0]!.anchors[0]!.beat
  const last = map.segments.at(-1)!.anchors.at(-1)!.beat
  const edge = Math.floor((last - first) * 0.1)
  return meanBpm(map, (first + edge) * TICKS_PER_BEAT, (last - edge) * TICKS_PER_BEAT)
}

/** Beats on either side of a place that its tempo is taken from. */
const AROUND_BEATS = 8
/** Nobody hears so little as another tempo; beats that were found one by one differ by as much. */
const STEADY_SHARE = 0.025

/**
 * The tempo as it is told at a place, the same on every screen: that of the whole recording as long
 * as the music keeps to it within a fortieth, else the mean of the beats around.
 *
 * @param at Tick of the recording.
 * @returns Beats a minute.
 */
export function toldBpm(map: BeatMap, at: number): number {
  const usual = usualBpm(map)
  const first = map.segments[0]!.anchors[0]!.beat * TICKS_PER_BEAT
  const last = map.segments.at(-1)!.anchors.at(-1)!.beat * TICKS_PER_BEAT
  const around = AROUND_BEATS * TICKS_PER_BEAT
  const from = Math.max(first, Math.min(at, last) - around)
  const here = meanBpm(map, from, Math.max(from, Math.min(last, at + around)))
  return Math.abs(here / usual - 1) < STEADY_SHARE ? usual : here
}

/** Tempo a tune is known by: that of its first recording, or the written one where it has none. */
export const tuneBpm = (tune: Tune): number =>
  tune.recordings[0] ? usualBpm(tune.recordings[0].beatMap) : tune.bpm

/**
 * Bars a minute of a tempo in a metre.
 *
 * @param bpm Beats a minute, above 0.
 */
export const barsPerMinute = (bpm: number, metre: Metre): number => bpm / metre.beatsPerBar

/**
 * One section with all that a cuer asks of it. Lengths in bars and beats of the music, seconds of
 * the recording.
 */
export interface SectionFacts {
  readonly sectionId: string
  readonly label: string
  readonly start: Tick
  readonly end: Tick
  readonly phraseBars: readonly number[]
  readonly bars: number
  readonly beats: number
  readonly seconds: number
  readonly bpm: number
  readonly barsPerMinute: number
}

/** Facts of every section of a tune on one recording (see `tuneOn`), in order. */
export function sectionFacts(tune: Tune): SectionFacts[] {
  const map = tune.recordings[0]?.beatMap
  const bar = ticksPerBar(tune.metre)
  const phrases = tunePhrases(tune)
  return tune.sections.flatMap((section): SectionFacts[] => {
    const own = phrases.filter((phrase) => phrase.sectionId === section.id)
    if (own.length === 0) return []
    const [start, end] = [own[0]!.start, own.at(-1)!.end]
    const bpm = map ? meanBpm(map, start, end) : tune.bpm
    const seconds = map
      ? secondsAt(map, end, 'leaving') - secondsAt(map, start)
      : ((end - start) / TICKS_PER_BEAT) * (60 / tune.bpm)
    return [
      {
        sectionId: section.id,
        label: section.label,
        start,
        end,
        phraseBars: own.map(({ bars }) => bars),
        bars: (end - start) / bar,
        beats: (end - start) / TICKS_PER_BEAT,
        seconds,
        bpm,
        barsPerMinute: bpm / tune.metre.beatsPerBar,
      },
    ]
  })
}
