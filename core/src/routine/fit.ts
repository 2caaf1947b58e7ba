import { beatsOfTicks, type Beats, type Seconds, type Tick } from '../time/index.ts'
import type { DancedPass, Timeline } from './timeline.ts'

/** The dance laid against the music that is left for it. */
export interface MusicFit {
  readonly danceBeats: Beats
  readonly danceSeconds: Seconds
  readonly musicSeconds: Seconds
  /** Counts the dance is longer than the music; negative when music is left over. */
  readonly overBeats: number
  /** The pass being danced when the music stops, where it stops too early. */
  readonly stopsIn: DancedPass | null
}

/**
 * Counts x 60 / tempo against the music. `bpm` above 0 in beats a minute; `musicSeconds` from the
 * first danced step.
 *
 * @param bpm Beats a minute, above 0.
 */
export function fitToMusic(timeline: Timeline, bpm: number, musicSeconds: Seconds): MusicFit {
  const danceBeats = beatsOfTicks(timeline.lengthTicks)
  const overBeats = danceBeats - (musicSeconds * bpm) / 60
  const stopTick = (danceBeats - overBeats) * 24
  return {
    danceBeats,
    danceSeconds: ((danceBeats * 60) / bpm) as Seconds,
    musicSeconds,
    overBeats,
    stopsIn:
      overBeats > 1e-6 ? (timeline.passes.find((pass) => pass.end > stopTick) ?? null) : null,
  }
}

/**
 * How often a fill of `unitTicks` goes into a gap, and what is left over: 42 counts by a unit of 4
 * are 10 and 2.
 */
export function fillGap(
  gapTicks: Tick,
  unitTicks: Tick,
): { readonly times: number; readonly leftTicks: Tick } {
  return { times: Math.floor(gapTicks / unitTicks), leftTicks: (gapTicks % unitTicks) as Tick }
}
