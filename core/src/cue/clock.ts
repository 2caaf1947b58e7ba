import { heardSeconds, secondsAt, tickAt, type BeatMap, type Seconds, type Tick, type TickPosition } from '../time/index.ts'

/** Heard time of the danced timeline: ticks count from the first step, seconds from the recording's start at this speed. */
export interface HeardClock {
  readonly heardAt: (at: TickPosition) => number
  readonly tickAtHeard: (heard: number) => TickPosition
}

/**
 * The clock of a recording at a speed of 0.5 to 1.5; `firstStep` is the recording's tick of the first danced step.
 */
export function heardClock(map: BeatMap, firstStep: Tick, speed: number): HeardClock {
  return {
    heardAt: (at) => heardSeconds(secondsAt(map, (at + firstStep) as TickPosition), speed),
    tickAtHeard: (heard) => (tickAt(map, (heard * speed) as Seconds) - firstStep) as TickPosition,
  }
}
