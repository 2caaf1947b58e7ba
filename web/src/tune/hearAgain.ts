import {
  secondsAt,
  tickAt,
  TICKS_PER_BEAT,
  type BeatMap,
  type Seconds,
  type Tick,
} from '@dellop/core/time'
import { offBeat } from '@dellop/core/tune'
import { listenInWorker } from '../workers/listening.ts'

/** How far from the tapped tempo the beat may be, as a factor. */
const WITHIN = 1.08
/** Beats that lie further than this from the taps, as a share of a beat, are on the off-beat. */
const APART = 0.3

/**
 * The beats of a recording near a tapped map: its tempo steers the listening, its place tells beat
 * from off-beat.
 */
export async function heardNear(buffer: AudioBuffer, tapped: BeatMap): Promise<BeatMap> {
  const [first, last] = [tapped.segments[0]!.anchors[0]!, tapped.segments[0]!.anchors.at(-1)!]
  const bpm = (60 * (last.beat - first.beat)) / (last.seconds - first.seconds)
  const { heard } = await listenInWorker(
    buffer,
    { range: [bpm / WITHIN, bpm * WITHIN] },
    new AbortController().signal,
  )
  if (!heard || Math.abs(Math.log2(heard.bpm / bpm)) > 0.2) return tapped
  const downbeat = Math.max(0, heard.beats.indexOf(heard.downbeats[0]!))
  const map: BeatMap = {
    segments: [{ anchors: heard.beats.map((seconds, i) => ({ beat: i - downbeat, seconds })) }],
  }
  const position =
    tickAt(map, secondsAt(tapped, (first.beat * TICKS_PER_BEAT) as Tick) as Seconds) /
    TICKS_PER_BEAT
  return Math.abs(position - Math.round(position)) > APART ? offBeat(map) : map
}
