import { memoised } from '../document/index.ts'
import { wrapFacing } from './facing.ts'
import { layoutOf, rowsOfMinor, type Layout, type Place, type Places, type Role } from './places.ts'

/** Where one dancer stands, and who that is in this time through. */
export interface Dancer {
  /** Role and couple, such as `L1`. */
  readonly id: string
  readonly role: Role
  /** The couple or trio as the dance began, from 1. */
  readonly couple: number
  /** Whole centimetres from the middle of the formation: right, and up. */
  readonly x: number
  readonly y: number
  /** Eighths in the frame of the formation, clockwise. */
  readonly facing: number
  /** Number in this time through, from 1. */
  readonly number: number
  /** The minor set, from 0; null for who is out. */
  readonly group: number | null
  /** The partner's index among the dancers; null for who has nobody. */
  readonly partner: number | null
}

/** Where everybody stands. Dancers are in the order L1 F1 (S1) L2 F2 and so on. */
export interface Standing {
  readonly places: Places
  readonly layout: Layout
  /** How often they have progressed. */
  readonly phase: number
  /** Nobody knows where they stand: words without lines were danced. */
  readonly isOpen: boolean
  readonly dancers: readonly Dancer[]
}

/** A dancer is in a place within so many centimetres. */
const IN_PLACE = 35
const ROLE_ORDER: Readonly<Record<Role, number>> = { L: 0, F: 1, S: 2, D: 3 }
const EIGHTH = Math.PI / 4

/** How everybody stands as the dance begins. */
export function firstStanding(places: Places): Standing {
  const layout = layoutOf(places)
  const absent = new Set(places.without)
  const dancers = layout.places
    .map((place) => ({
      id: `${place.role}${place.number}`,
      role: place.role,
      couple: place.number,
      x: place.x,
      y: place.y,
      facing: place.facing,
      number: place.number,
      group: null,
      partner: null,
    }))
    .filter(({ id }) => !absent.has(id))
    .sort((a, b) => a.couple - b.couple || ROLE_ORDER[a.role] - ROLE_ORDER[b.role])
  return dealt({ places, layout, phase: 0, isOpen: false, dancers })
}

/** The place that somebody at a point is in, by its index; null where that is none. */
export function placeAt({ places }: Layout, { x, y }: { x: number; y: number }): number | null {
  let best = -1
  let least = IN_PLACE
  places.forEach((place, i) => {
    const far = Math.hypot(place.x - x, place.y - y)
    if (far <= least) [best, least] = [i, far]
  })
  return best < 0 ? null : best
}

/** The row, station or side nearest to a point. */
export const rowAt = (layout: Layout, at: { x: number; y: number }): number =>
  nearest(layout, at).row
/** The line or lane nearest to a point. */
export const laneAt = (layout: Layout, at: { x: number; y: number }): number =>
  nearest(layout, at).lane

/** Every word for who is meant asks for it, again and again at the same points. */
const nearestKnown = memoised((_: Layout): Map<number, Place> => new Map())
/** Points are whole centimetres within this of the middle, so that two make one key. */
const FAR = 1 << 15

function nearest(layout: Layout, { x, y }: { x: number; y: number }): Place {
  const known = nearestKnown(layout)
  const isWhole = Number.isInteger(x) && Number.isInteger(y)
  const key = (x + FAR) * 2 * FAR + y + FAR
  const found = isWhole ? known.get(key) : undefined
  if (found) return found
  let best = layout.places[0]!
  let least = Infinity
  for (const place of layout.places) {
    const far = (place.x - x) ** 2 + (place.y - y) ** 2
    if (far < least) [best, least] = [place, far]
  }
  if (isWhole) known.set(key, best)
  return best
}

/** By how many eighths, clockwise, a frame that goes round lies turned at a point. */
const frameTurn = (layout: Layout, { x, y }: { x: number; y: number }): number =>
  layout.isRound ? 6 - (Math.atan2(y, x) - Math.PI / 2) / EIGHTH : 0

/**
 * Where a facing of the frame points as seen from above: eighths clockwise from up, any real.
 *
 * @param facing Eighths in the frame of the formation, clockwise.
 */
export const facingSeen = (layout: Layout, at: { x: number; y: number }, facing: number): number =>
  facing + frameTurn(layout, at)

/** The facing of the frame nearest to a direction seen from above, at a point. */
export const facingNearest = (layout: Layout, at: { x: number; y: number }, seen: number): number =>
  wrapFacing(Math.round(seen - frameTurn(layout, at) - 1e-9))

/** The direction from one point to another, in eighths clockwise from up. */
export const directionTo = (from: { x: number; y: number }, to: { x: number; y: number }): number =>
  Math.atan2(to.x - from.x, to.y - from.y) / EIGHTH

/** The next time through: minor sets are formed anew, and who comes out at an end turns round. */
export function progressed(standing: Standing): Standing {
  let next = standing
  // A grouping in which nobody dances is passed over.
  for (let tries = 0; tries < 3; tries++) {
    next = dealt(outsChanged({ ...leftoversChanged(next), phase: next.phase + 1 }, next))
    if (next.dancers.some(({ group }) => group !== null)) return next
  }
  return next
}

/** First row of the first minor set, where sets are formed anew. */
const offsetOf = ({ places, phase }: Standing): number => {
  const rows = rowsOfMinor(places)
  return rows === Infinity ? 0 : phase % rows
}

/** The minor set of a row; null where it is in no full one. */
function groupOfRow(standing: Standing, row: number): number | null {
  const rows = rowsOfMinor(standing.places)
  if (rows === Infinity) return 0
  const place = row - offsetOf(standing)
  const group = Math.floor(place / rows)
  return place < 0 || offsetOf(standing) + (group + 1) * rows > standing.layout.rows ? null : group
}

/** Two couples left at the bottom of a set of threes change places. */
function leftoversChanged(standing: Standing): Standing {
  const { places, layout } = standing
  if (places.shape !== 'longways' || places.minor !== 'triple') return standing
  const left = (layout.rows - offsetOf(standing)) % 3
  if (left !== 2) return standing
  const out = [layout.rows - 1, layout.rows - 2]
  const [below, above] = out.map((row) => layout.places.find((place) => place.row === row)!.y)
  return {
    ...standing,
    dancers: standing.dancers.map((dancer) => {
      const row = rowAt(layout, dancer)
      if (row === out[0]) return { ...dancer, y: above! }
      return row === out[1] ? { ...dancer, y: below! } : dancer
    }),
  }
}

/** Improper couples change sides as they come out; in threes only the ones stand crossed. */
function outsChanged(standing: Standing, before: Standing): Standing {
  const { places, layout } = standing
  if (places.shape !== 'longways' || places.stand !== 'improper') return standing
  const rows = rowsOfMinor(places)
  const isCrossed = ({ role, x }: Dancer): boolean => (role === 'L') === x > 0
  return {
    ...standing,
    dancers: standing.dancers.map((dancer) => {
      const row = rowAt(layout, dancer)
      const group = groupOfRow(standing, row)
      const isOne = (row - offsetOf(standing)) % rows === 0
      const isNewlyOut = group === null && groupOfRow(before, row) !== null
      const changes =
        rows === 2
          ? isNewlyOut
          : group === null
            ? isNewlyOut && row > rows && isCrossed(dancer)
            : isCrossed(dancer) !== isOne
      if (!changes) return dancer
      const facing = rows === 2 ? (row === 0 ? 4 : 0) : dancer.x < 0 ? 6 : 2
      return { ...dancer, x: -dancer.x + 0, facing }
    }),
  }
}

/** Numbers, minor sets and partners as a time through begins. */
function dealt(standing: Standing): Standing {
  const { places, layout } = standing
  const rows = rowsOfMinor(places)
  const numbered = standing.dancers.map((dancer) => {
    const row = rowAt(layout, dancer)
    if (places.shape === 'longways') {
      const group = groupOfRow(standing, row)
      const inSet = rows === Infinity ? row : (row - offsetOf(standing) + rows) % rows
      const number = places.stand === 'becket' ? (dancer.x < 0 ? 1 : 2) : inSet + 1
      return { ...dancer, group, number }
    }
    if (places.shape === 'facing' || (places.shape === 'trios' && places.facing)) {
      const of = layout.rows
      const group = Math.floor(((row - standing.phase + 2 * of) % of) / 2)
      return { ...dancer, group, number: dancer.couple }
    }
    return { ...dancer, group: 0, number: dancer.couple }
  })
  const byCouple = new Map(numbered.map((dancer, i) => [`${dancer.role}${dancer.couple}`, i]))
  const goesByStation = places.shape === 'circle' || places.shape === 'round'
  const other: Readonly<Record<string, string>> = { L: 'F', F: 'L' }
  const dancers = numbered.map((dancer, i) => {
    const station = rowAt(layout, dancer)
    const found = goesByStation
      ? numbered.findIndex(
          (one, j) => j !== i && one.role !== dancer.role && rowAt(layout, one) === station,
        )
      : (byCouple.get(`${other[dancer.role] ?? ''}${dancer.couple}`) ?? -1)
    return { ...dancer, partner: found < 0 ? null : found }
  })
  return { ...standing, dancers }
}

/** Who stands in each place, by the index of the dancer; null where two do or somebody in none. */
export function inPlaces({ layout, dancers }: Standing): readonly (number | null)[] | null {
  const there: (number | null)[] = layout.places.map(() => null)
  for (const [i, dancer] of dancers.entries()) {
    const place = placeAt(layout, dancer)
    if (place === null || there[place] !== null) return null
    there[place] = i
  }
  return there
}
