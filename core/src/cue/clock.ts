import {
  heardSeconds,
  secondsAt,
  tickAt,
  type BeatMap,
  type Seconds,
  type Tick,
  type TickPosition,
} from '../time/index.ts'

/**
 * Heard time of the danced timeline: ticks count from the first step, seconds from the recording's
 * start at this speed.
 */
export interface HeardClock {
  readonly heardAt: (at: TickPosition) => number
  readonly tickAtHeard: (heard: number) => TickPosition
}

/**
 * Clocks already made: what was worked out on one stays true as long as the beat map is the same.
 */
const made = new WeakMap<BeatMap, Map<string, HeardClock>>()

/**
 * The clock of a recording at a speed of 0.5 to 1.5; `firstStep` is the recording's tick of the
 * first danced step. The same recording, step and speed give the same clock.
 *
 * @param speed Of the recording, 0.5 to 1.5.
 */
export function heardClock(map: BeatMap, firstStep: Tick, speed: number): HeardClock {
  const clocks = made.get(map) ?? made.set(map, new Map()).get(map)!
  const key = `${firstStep} ${speed}`
  const before = clocks.get(key)
  if (before) return before
  const clock: HeardClock = {
    heardAt: (at) => heardSeconds(secondsAt(map, (at + firstStep) as TickPosition), speed),
    tickAtHeard: (heard) => (tickAt(map, (heard * speed) as Seconds) - firstStep) as TickPosition,
  }
  clocks.set(key, clock)
  return clock
}
