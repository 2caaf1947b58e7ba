import {
  secondsAt,
  tickAt,
  TICKS_PER_BEAT,
  type BeatMap,
  type Seconds,
  type Tick,
} from '../time/index.ts'
import { offBeat } from './mend.ts'

/** How far from the tapped tempo the beat may be, as a factor. */
const WITHIN = 1.08
/** Beats that lie further than this from the taps, as a share of a beat, are on the off-beat. */
const APART = 0.3
/** How far a tempo may be from another, or from half or twice it, to be taken for it; octaves. */
const ALIKE_OCTAVES = 0.2

/** The tempo of a tapped map from its first tap to its last, in beats a minute. */
export function tapTempo(tapped: BeatMap): number {
  const { anchors } = tapped.segments[0]!
  const [first, last] = [anchors[0]!, anchors.at(-1)!]
  return (60 * (last.beat - first.beat)) / (last.seconds - first.seconds)
}

/** The range of tempo to listen in, in beats a minute, where somebody tapped. */
export function rangeAround(tapped: BeatMap): [number, number] {
  const bpm = tapTempo(tapped)
  return [bpm / WITHIN, bpm * WITHIN]
}

/**
 * Half, once or twice: how one tempo counts another; once where it is none of them.
 *
 * @param bpm Beats a minute, above 0.
 * @param of The other tempo, in beats a minute, above 0.
 */
export const countingFactor = (bpm: number, of: number): number =>
  [0.5, 1, 2].find((one) => Math.abs(Math.log2(bpm / of / one)) < ALIKE_OCTAVES) ?? 1

/**
 * Beats that were heard near taps as a map; the place of the taps tells beat from off-beat. What
 * was tapped stands where nothing like it was heard.
 *
 * @param heard Seconds of beats and downbeats, and the tempo in beats a minute; null: nothing.
 */
export function beatsNearTaps(
  heard: {
    readonly bpm: number
    readonly beats: readonly number[]
    readonly downbeats: readonly number[]
  } | null,
  tapped: BeatMap,
): BeatMap {
  if (!heard || Math.abs(Math.log2(heard.bpm / tapTempo(tapped))) > ALIKE_OCTAVES) return tapped
  const downbeat = Math.max(0, heard.beats.indexOf(heard.downbeats[0]!))
  const map: BeatMap = {
    segments: [{ anchors: heard.beats.map((seconds, i) => ({ beat: i - downbeat, seconds })) }],
  }
  const first = tapped.segments[0]!.anchors[0]!
  const position =
    tickAt(map, secondsAt(tapped, (first.beat * TICKS_PER_BEAT) as Tick) as Seconds) /
    TICKS_PER_BEAT
  return Math.abs(position - Math.round(position)) > APART ? offBeat(map) : map
}
