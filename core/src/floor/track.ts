import { memoised } from '../document/index.ts'
import { again } from './danceAgain.ts'
import type { PassDanced, Track, TrackedPass, TrackedSlot } from './tracked.ts'
import {
  danceLines,
  notDanced,
  firstStanding,
  placeAt,
  progressed,
  standingAlike,
  type Line,
  type LinesDanced,
  type Places,
  type Standing,
  type StatedNet,
} from '../move/index.ts'
import {
  isStandingStill,
  type DancedPass,
  type DancedSlot,
  type Pass,
  type Timeline,
} from '../routine/index.ts'

/** Formations in which what has no lines keeps everybody in their places. */
const STAYS: readonly Places['shape'][] = ['circle', 'round', 'lines']

/**
 * Follows a routine through its formation. A time through that is begun by others in the same shape
 * is danced once, and told of the others as somebody asks.
 *
 * @param homeAt Ticks at which a time through begins with all at home, however they came there.
 */
export function track(
  timeline: Timeline,
  places: Places,
  homeAt: ReadonlySet<number> = new Set(),
): Track {
  const first = firstStanding(places)
  const slots = new Map<string, TrackedSlot>()
  const passes: TrackedPass[] = []
  const known = new Map<string, DancedOnce>()
  let now = first
  for (const pass of timeline.passes) {
    if (homeAt.has(pass.start)) now = first
    const before = now
    const shape = shapeOf(before)
    const key = `${pass.part.id} ${shape.key}`
    const once = known.get(key)
    const isAlike = once && sameDance(once.pass, pass)
    const tracked = isAlike
      ? again(once, before, shape.order)
      : dancePass(before, pass, shape.order)
    if (!once) known.set(key, { ...tracked, pass, before })
    pass.slots.forEach((slot, i) => slots.set(slot.key, tracked.slots[i]!))
    const danced = shifted(tracked.end, pass.pass)
    now = pass.pass.progress || pass.pass.shift ? progressed(danced) : danced
    passes.push({ key: pass.key, before, danced, after: now })
  }
  return { places, first, slots, passes, last: now }
}

type DancedOnce = PassDanced & { readonly pass: DancedPass; readonly before: Standing }

function dancePass(before: Standing, pass: DancedPass, order: readonly number[]): PassDanced {
  let now = before
  const slots = pass.slots.map((slot) => {
    const tracked = trackSlot(now, slot)
    now = slot.slot.progress ? progressed(tracked.after) : tracked.after
    return tracked
  })
  return { slots, end: now, order }
}

/** Whether two times through move dancers by the same lines. */
const sameDance = (one: DancedPass, other: DancedPass): boolean =>
  one.slots.length === other.slots.length &&
  one.slots.every((slot, i) => {
    const twin = other.slots[i]!
    const isAsWritten =
      slot.slot === twin.slot ||
      (slot.slot.content === twin.slot.content && slot.slot.progress === twin.slot.progress)
    return isAsWritten && (slot.danced === twin.danced || linesOf(slot) === linesOf(twin))
  })

/** Who stands where, whoever that is: two standings of one shape dance everything alike. */
function shapeOf(standing: Standing): { readonly key: string; readonly order: readonly number[] } {
  const { dancers } = standing
  const order = dancers.map((_, i) => i)
  order.sort((a, b) => dancers[b]!.y - dancers[a]!.y || dancers[a]!.x - dancers[b]!.x)
  const rank = new Map(order.map((index, place) => [index, place]))
  // In a square or a ring numbers are names: they stay part of the shape.
  const key = order
    .map((index) => {
      const { role, x, y, facing, number, group, partner } = dancers[index]!
      return `${role}${x},${y},${facing},${number},${group},${partner === null ? '-' : rank.get(partner)}`
    })
    .join(' ')
  return { key: `${standing.isOpen} ${offsetKey(standing)} ${key}`, order }
}
/** Where minor sets begin, which a progression within the pass goes by. */
const offsetKey = ({ phase, places }: Standing): number =>
  places.shape !== 'longways' ? phase : places.minor === 'triple' ? phase % 3 : phase % 2

/** Where a time through leads from a standing, before the set goes on at its end. */
export const dancedThrough = (from: Standing, pass: DancedPass): Standing =>
  shifted(dancePass(from, pass, []).end, pass.pass)

/** The lines of a slot, of its figure or its words; null where it has none. */
export function linesOf({ danced, slot }: DancedSlot): readonly Line[] | null {
  if (danced) return danced.moves
  return slot.content.type === 'words' ? (slot.content.moves ?? null) : null
}

/** Where a slot leads, where that is all that is known of it. */
const netOf = ({ danced, slot: { content } }: DancedSlot): StatedNet | null =>
  danced ? danced.net : content.type === 'words' ? (content.net ?? null) : null

function trackSlot(before: Standing, slot: DancedSlot): TrackedSlot {
  const lines = linesOf(slot)
  const as = (danced: LinesDanced, isOpen = false, unknownPlaces: readonly string[] = []) => ({
    before,
    after: danced.after,
    lines: danced.lines,
    danced,
    isOpen,
    unknownPlaces,
  })
  const net = lines ? null : netOf(slot)
  if (net) {
    const { after, unknown } = netApplied(before, net)
    return as(notDanced(before, after), false, unknown)
  }
  if (lines) return as(before.isOpen ? notDanced(before) : dancedAlike(lines, before))
  const isOpen =
    slot.lengthTicks > 0 && !STAYS.includes(before.places.shape) && !isStandingStill(slot)
  return as(notDanced(before, isOpen ? { ...before, isOpen } : before), isOpen)
}

/** What lines come to, for each way in which they were begun. */
const alike = memoised((_: readonly Line[]): Map<string, LinesDanced> => new Map())
function dancedAlike(lines: readonly Line[], before: Standing): LinesDanced {
  const known = alike(lines)
  const key = standingAlike(before)
  const found = known.get(key)
  if (found) return found
  const danced = danceLines(before, lines)
  known.set(key, danced)
  return danced
}

/** Everybody to where a net says; it closes a standing that was open, where it says home. */
function netApplied(
  before: Standing,
  net: StatedNet,
): { after: Standing; unknown: readonly string[] } {
  if (net === 'home') return { after: { ...before, isOpen: false }, unknown: [] }
  const { layout } = before
  const indexOf = (id: string): number =>
    layout.places.findIndex((place) => place.id.toLowerCase() === id.toLowerCase())
  const unknown = [...new Set(net.flat())].filter((id) => indexOf(id) < 0)
  const goes = new Map(net.map(([from, to]) => [indexOf(from), indexOf(to)]))
  const dancers = before.dancers.map((dancer) => {
    const at = placeAt(layout, dancer)
    const to = at === null ? undefined : goes.get(at)
    if (to === undefined || to < 0) return dancer
    const { x, y, facing } = layout.places[to]!
    return { ...dancer, x, y, facing }
  })
  return { after: { ...before, isOpen: false, dancers }, unknown }
}

/** A mixer's pass: each role on by so many stations at its end. */
function shifted(standing: Standing, { shift }: Pass): Standing {
  if (!shift || !standing.layout.isRound || standing.isOpen) return standing
  const { layout } = standing
  const dancers = standing.dancers.map((dancer) => {
    const at = placeAt(layout, dancer)
    if (at === null) return dancer
    const { row, lane } = layout.places[at]!
    const on = dancer.role === 'L' ? shift.lead : shift.follow
    const wanted = (((row + on) % layout.rows) + layout.rows) % layout.rows
    const place = layout.places.find((one) => one.row === wanted && one.lane === lane)
    return place ? { ...dancer, x: place.x, y: place.y } : dancer
  })
  return { ...standing, dancers }
}
