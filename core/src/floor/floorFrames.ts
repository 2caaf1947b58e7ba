import type { Timeline } from '../routine/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import { floorAt } from './floorAt.ts'
import type { Track } from './tracked.ts'

/** A dance on the floor as a row of pictures, for a screen that knows nothing of dancing. */
export interface FloorFrames {
  /** Half the width and height that the places take, in centimetres. */
  readonly half: readonly [number, number]
  readonly dancers: readonly { readonly role: 'L' | 'F' | 'S' | 'D'; readonly couple: number }[]
  /** Ticks from one picture to the next; the first is at the first step. */
  readonly every: number
  /** For each picture x, y and direction of each dancer: centimetres, and eighths seen from above. */
  readonly frames: readonly (readonly number[])[]
}

/**
 * The pictures of a dance, as many as `most` numbers allow; null where a picture every four beats
 * would be more than that.
 *
 * @param most Numbers in all the pictures together.
 */
export function floorFrames(track: Track, timeline: Timeline, most: number): FloorFrames | null {
  const { dancers, layout } = track.first
  const numbers = (every: number): number =>
    3 * dancers.length * (Math.floor(timeline.lengthTicks / every) + 1)
  const every = [1 / 2, 1, 2, 4]
    .map((beats) => beats * TICKS_PER_BEAT)
    .find((ticks) => numbers(ticks) <= most)
  if (every === undefined) return null
  const far = (key: 'x' | 'y'): number =>
    Math.max(...layout.places.map((one) => Math.abs(one[key])))
  const frames: number[][] = []
  for (let tick = 0; tick <= timeline.lengthTicks; tick += every)
    frames.push(
      floorAt(track, timeline, tick).spots.flatMap(({ x, y, seen }) => [
        Math.round(x),
        Math.round(y),
        Math.round(seen * 10) / 10,
      ]),
    )
  return {
    half: [far('x'), far('y')],
    dancers: dancers.map(({ role, couple }) => ({ role, couple })),
    every,
    frames,
  }
}
