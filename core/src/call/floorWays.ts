import { memoised } from '../document/index.ts'
import { STRIDE, wayHome, type Track } from '../floor/index.ts'
import { inPlaces, placesKey, type Standing } from '../move/index.ts'
import { spanAt, TICKS_PER_BEAT, type TickPosition } from '../time/index.ts'
import type { PreparedCall } from './prepare.ts'

/**
 * How all stand where a dance was left: as the figure began that went wrong. Null where a sheet does
 * not say, and where nothing says where anybody stands.
 *
 * @param at Tick of the dance.
 */
export function standingWhere({ sheet }: PreparedCall, at: TickPosition): Standing | null {
  const { track, timeline } = sheet
  const slot = spanAt(timeline.slots, at)
  if (!track || !slot || !isOfLines(track)) return null
  const { before } = track.slots.get(slot.key)!
  return before.isOpen || inPlaces(before) === null ? null : before
}

/** Whether lines move everybody in it: then places count, and not the feet of one couple. */
export const isOfLines = memoised(({ slots }: Track): boolean =>
  [...slots.values()].some(({ lines }) => lines.length > 0),
)

/** Standings before each slot of a sheet as it is written; null where it does not say. */
export const standingOf = (track: Track | null, slotKey: string): Standing | null => {
  const before = track?.slots.get(slotKey)?.before
  return before && !before.isOpen ? before : null
}

/**
 * Whether all stand so that something can be begun that wants another standing. In squares and rings
 * each has a place of one's own; in longways sets it is enough that leads and follows, each with the
 * partner in the same place, stand alike: numbers are dealt anew.
 */
export function standLike(wanted: Standing, now: Standing): boolean {
  if (wanted.places.shape !== 'longways') return placesKey(wanted) === placesKey(now)
  return shapeOf(wanted) === shapeOf(now)
}
function shapeOf(standing: Standing): string {
  const there = inPlaces(standing)
  if (!there) return 'nobody knows'
  const placeOf = new Map(there.map((dancer, place) => [dancer, place]))
  return there
    .map((dancer) => {
      if (dancer === null) return '-'
      const { role, partner } = standing.dancers[dancer]!
      return `${role}${partner === null ? '' : placeOf.get(partner)}`
    })
    .join(' ')
}

/** A way home: what to call for it, and counts it takes; all may walk there instead. */
export interface HomeWay {
  /** As it is typed, one after the other; null where all walk home. */
  readonly calls: readonly string[] | null
  readonly counts: number
  readonly ticks: number
}

/** The cheapest way home by what can be called, where there is one, and all walking there. */
export function homeWays(standing: Standing): readonly HomeWay[] {
  const { links, counts, walk } = wayHome(standing)
  const as = (calls: readonly string[] | null, of: number): HomeWay => ({
    calls,
    counts: of,
    ticks: of * TICKS_PER_BEAT,
  })
  const called =
    links && links.length > 0
      ? [
          as(
            links.map(({ text }) => text),
            counts,
          ),
        ]
      : []
  return [...called, as(null, Math.max(WALK_LEAST, Math.ceil((walk.metres * 100) / STRIDE)))]
}
/** Walking home is said in so many counts at least. */
const WALK_LEAST = 4
