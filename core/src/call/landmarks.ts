import { ticksPerBar, type Tick, type TickPosition } from '../time/index.ts'
import type { Call } from './call.ts'
import type { PreparedCall } from './prepare.ts'

/** Landmarks of the tune that can be heard, by their place in the dance. */
export function landmarksOf({ written }: PreparedCall) {
  return (written.tune?.landmarks ?? []).map((one) => ({
    ...one,
    tick: (one.at - written.firstStep) as Tick,
  }))
}

/** The landmark that is expected next, from two bars back on. */
export function nextLandmark(prepared: PreparedCall, position: TickPosition) {
  const from = position - 2 * ticksPerBar(prepared.written.routine.metre)
  return landmarksOf(prepared).find(({ tick }) => tick >= from) ?? null
}

/** Where a landmark that is heard now puts the music: the start of the tune, while nothing plays. */
export function landmarkTick(prepared: PreparedCall, call: Call, position: TickPosition): Tick {
  const heard =
    call.state === 'waiting'
      ? landmarksOf(prepared).find(({ kind }) => kind === 'start')
      : nextLandmark(prepared, position)
  return heard?.tick ?? (0 as Tick)
}
