import { median } from 'simple-statistics'
import {
  secondsAt,
  tickAt,
  TICKS_PER_BEAT,
  type BeatMap,
  type Seconds,
  type TickPosition,
} from '../time/index.ts'

/** A tap of the cuer's on the music, and where the music was then. Ticks are those of the tune. */
export interface Tap {
  readonly at: number
  readonly tick: number
}

/** How a live band is followed: the taps that were believed, newest last, and one that was not. */
export interface BandEar {
  readonly taps: readonly Tap[]
  /**
   * The last tap was so far off that it may have been a slip; a second one that agrees with it is
   * believed.
   */
  readonly stray: Tap | null
}

export const NEW_EAR: BandEar = { taps: [], stray: null }

/**
 * What is tapped: every beat, the first of each bar, or the start of each phrase. Ticks of the
 * tune, ascending.
 */
export interface TapGrid {
  /** The line nearest to a tick. */
  readonly nearest: (tick: number) => number
  /** Half the way between two lines at a tick. */
  readonly reach: number
}

/**
 * What a tap said: where the music is, how fast, and by how many beats the tap was off what was
 * expected.
 */
export interface Heard {
  readonly ear: BandEar
  readonly music: Seconds
  readonly speed: number
  readonly errorBeats: number
  /** Taps that come too soon after the last are hands that slipped; one far off is waited on. */
  readonly taken: 'yes' | 'double' | 'stray'
}

/** Taps that the tempo is read from. */
const MEMORY = 8
/** A second tap within so much of a beat is the same one. */
const DOUBLE_BEATS = 0.35
/** So far off a line, in beats, a tap is not believed at once. */
const STRAY_BEATS = 1

/**
 * One tap later. A tap belongs to the line of the grid that is nearest to where the music was
 * thought to be, so that a missed one does no harm. The tempo is the median of the slopes between
 * the taps kept (Theil 1950, Sen 1968), which one bad tap in three does not move; the place is the
 * tapped line itself.
 *
 * @param at Moment of the tap on the clock, in seconds.
 */
export function hearTap(
  ear: BandEar,
  at: number,
  thought: { readonly music: Seconds; readonly speed: number },
  grid: TapGrid,
  map: BeatMap,
): Heard {
  const tick = tickAt(map, thought.music)
  const beat = (TICKS_PER_BEAT * slope(map, tick)) / thought.speed
  const last = ear.taps.at(-1)
  const asIs = { music: thought.music, speed: thought.speed }
  if (last && at - last.at < DOUBLE_BEATS * beat)
    return { ...asIs, ear, errorBeats: 0, taken: 'double' }
  const line = grid.nearest(tick)
  const errorBeats = (tick - line) / TICKS_PER_BEAT
  const isStray = Math.abs(errorBeats) > Math.min(STRAY_BEATS, (0.9 * grid.reach) / TICKS_PER_BEAT)
  if (isStray && last && !(ear.stray && agrees(ear.stray, { at, tick: line }, thought.speed, map)))
    return { ...asIs, ear: { ...ear, stray: { at, tick: line } }, errorBeats, taken: 'stray' }
  // Two strays that agree: the band is where they say, and what was tapped before says nothing of
  // it.
  const taps =
    isStray && ear.stray
      ? [ear.stray, { at, tick: line }]
      : [...ear.taps, { at, tick: line }].slice(-MEMORY)
  return {
    ear: { taps, stray: null },
    music: secondsAt(map, line as TickPosition),
    speed: speedOf(taps, map) ?? thought.speed,
    errorBeats,
    taken: 'yes',
  }
}

/** Whether two taps lie as far apart in the tune as they do in time, within a tenth. */
function agrees(a: Tap, b: Tap, speed: number, map: BeatMap): boolean {
  const told =
    (secondsAt(map, b.tick as TickPosition) - secondsAt(map, a.tick as TickPosition)) /
    (b.at - a.at)
  return Math.abs(told / speed - 1) < 0.1
}

/** Seconds of the tune that one tick takes there. */
const slope = (map: BeatMap, tick: number): number =>
  (secondsAt(map, (tick + TICKS_PER_BEAT) as TickPosition) - secondsAt(map, tick as TickPosition)) /
  TICKS_PER_BEAT

/** Seconds of the tune that pass in a second: the median over all pairs of taps. */
function speedOf(taps: readonly Tap[], map: BeatMap): number | null {
  const slopes = taps
    .flatMap((one, i) =>
      taps
        .slice(i + 1)
        .map(
          (other) =>
            (secondsAt(map, other.tick as TickPosition) -
              secondsAt(map, one.tick as TickPosition)) /
            (other.at - one.at),
        ),
    )
    .filter((value) => value > 0)
  return slopes.length === 0 ? null : median(slopes)
}

/**
 * A grid of even steps from an origin: beats, or bars.
 *
 * @param step Seconds of the recording from line to line, above 0.
 * @param origin Where one of the lines is, in seconds.
 */
export const evenGrid = (step: number, origin = 0): TapGrid => ({
  nearest: (tick) => Math.round((tick - origin) / step) * step + origin,
  reach: step / 2,
})

/**
 * A grid of given lines, such as phrase starts. Needs one at least.
 *
 * @param lines Seconds of the recording, rising; one at least.
 */
export function lineGrid(lines: readonly number[]): TapGrid {
  const nearest = (tick: number): number =>
    lines.reduce((best, line) => (Math.abs(line - tick) < Math.abs(best - tick) ? line : best))
  const gaps = lines.slice(1).map((line, i) => line - lines[i]!)
  return { nearest, reach: gaps.length > 0 ? Math.min(...gaps) / 2 : Infinity }
}
