import { memoised } from '../document/index.ts'
import { facingSeen, spotAt, type LinesDanced, type Standing } from '../move/index.ts'
import type { DancedSlot, Timeline } from '../routine/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import type { DancerSpot } from './dancerSpot.ts'
import type { Track } from './tracked.ts'
import { isWalked, walkedAt, walkOf } from './walk.ts'

/** The floor at one moment of a dance. */
export interface FloorMoment {
  /** What is danced then; null before the first step and after the last. */
  readonly slot: DancedSlot | null
  /** As they stand where it begins: who is out, who dances with whom. */
  readonly standing: Standing
  readonly spots: readonly DancerSpot[]
}

/** Who changes sides or places as a time through begins does so within so many beats. */
const SETTLE_TICKS = 4 * TICKS_PER_BEAT

/**
 * Where everybody is at a tick of a dance.
 *
 * @param tick From the first danced step; before it all stand as they begin, after the end as they
 * end.
 */
export function floorAt(track: Track, timeline: Timeline, tick: number): FloorMoment {
  const { slots } = timeline
  if (goesByStepsAlone(track)) {
    const slot = slots[slotIndex(slots, tick)] ?? null
    const spots = walkedAt(walkOf(timeline), track.first, tick)
    return { slot: slot && tick < slot.end ? slot : null, standing: track.first, spots }
  }
  const at = slotIndex(slots, tick)
  const slot = slots[at]
  if (!slot || tick >= slot.end) {
    const standing = tick < 0 || slots.length === 0 ? track.first : track.last
    return { slot: null, standing, spots: standing.dancers.map((_, i) => still(standing, i)) }
  }
  const { danced, before } = track.slots.get(slot.key)!
  const local = tick - slot.start
  const earlier = slots[at - 1]
  const came = earlier ? track.slots.get(earlier.key)!.after : before
  const busy = dancersOf(danced)
  const spots = before.dancers.map((dancer, i): DancerSpot => {
    const isOff = came.dancers[i]!.x !== dancer.x || came.dancers[i]!.y !== dancer.y
    if (isOff && local < SETTLE_TICKS && !busy.has(i)) {
      const [from, to] = [still(came, i), still(before, i)]
      const share = Math.max(0, local) / SETTLE_TICKS
      return {
        ...to,
        x: from.x + (to.x - from.x) * share,
        y: from.y + (to.y - from.y) * share,
      }
    }
    return busy.has(i) ? spotAt(danced, i, local) : still(before, i)
  })
  return { slot, standing: before, spots }
}

/** Nobody changes places in it: there are no lines, and all go where their steps go. */
export const goesByStepsAlone = memoised(
  ({ places, slots }: Track): boolean =>
    isWalked(places) && [...slots.values()].every(({ lines }) => lines.length === 0),
)

const dancersOf = memoised(
  ({ spans }: LinesDanced): ReadonlySet<number> => new Set(spans.map(({ dancer }) => dancer)),
)

function still({ dancers, layout }: Standing, i: number): DancerSpot {
  const { x, y, facing } = dancers[i]!
  return { x, y, seen: facingSeen(layout, { x, y }, facing), hand: null }
}

/** The last slot that has begun by a tick; -1 before the first. */
function slotIndex(slots: readonly DancedSlot[], tick: number): number {
  let [low, high] = [0, slots.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (slots[middle]!.start <= tick) low = middle + 1
    else high = middle
  }
  return low - 1
}

/**
 * Where a dancer goes over a stretch, as points of centimetres on every eighth of a beat.
 *
 * @param dancer Index among the dancers.
 * @param from Tick at which the trail begins.
 * @param to Tick at which it ends.
 */
export function trailOf(
  track: Track,
  timeline: Timeline,
  dancer: number,
  from: number,
  to: number,
): readonly { readonly x: number; readonly y: number }[] {
  const step = TICKS_PER_BEAT / 8
  const points = []
  for (let tick = from; tick <= to; tick += step) {
    const { x, y } = floorAt(track, timeline, tick).spots[dancer]!
    points.push({ x, y })
  }
  return points
}
