import { memoised } from '../document/index.ts'
import { figurePicture, poseAt, type PictureDancer } from '../figure/index.ts'
import {
  along,
  facingSeen,
  minus,
  ORIGIN,
  plus,
  type FloorPoint,
  type Places,
  type Standing,
} from '../move/index.ts'
import type { DancedSlot, Routine, Timeline } from '../routine/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import type { DancerSpot } from './dancerSpot.ts'

/**
 * Dances in which everybody does the same and nobody changes places: couples round the hall, lines,
 * rings. What is followed is one couple, or one dancer, by their steps; all others go as they go.
 */
export interface Walk {
  readonly stretches: readonly Stretch[]
  /** Where they are at the end. */
  readonly end: Spots
}
/** Lead (or who dances alone) and follow: strides along the line of dance and to the wall. */
interface Spots {
  readonly lead: Spot
  readonly follow: Spot
}
interface Spot {
  readonly at: FloorPoint
  /** Eighths clockwise in the frame of the dance, parts of them on the way. */
  readonly facing: number
}
interface Stretch {
  readonly slot: DancedSlot
  readonly from: Spots
  /** Where the lead stands as the figure begins, which its picture is drawn from. */
  readonly lead: Spot
  readonly dancers: readonly PictureDancer[]
}

/** A stride of a dance, in centimetres: shorter than one of a walk. */
export const DANCED_STRIDE = 60
/** What a hold moves as a figure begins is moved within so many ticks. */
const SETTLE_TICKS = TICKS_PER_BEAT

/** Whether a formation is one in which all go the same way. */
export const isWalked = ({ shape }: Places): boolean =>
  ['round', 'lines', 'ring', 'ring-couples', 'circle'].includes(shape)

/** Couples round the hall, rows of a line dance, dancers of a ring, where a sheet does not say. */
const USUAL = { couples: 8, rows: 3, columns: 4, ring: 12 } as const

/**
 * How dancers stand where a sheet gives only its formation, for looking at it; null for sets, which
 * have to say who stands where, and where nothing is said.
 */
export function usualPlaces({ places, formation, couples }: Routine): Places | null {
  if (places) return places
  switch (formation) {
    case 'couples-round':
    case 'couple':
      return { shape: 'round', couples: couples ?? USUAL.couples }
    case 'lines':
    case 'solo':
      return { shape: 'lines', rows: USUAL.rows, columns: USUAL.columns }
    case 'ring':
      return { shape: 'ring', dancers: Math.max(3, couples ?? USUAL.ring) }
    default:
      return null
  }
}

/** The way of a dance, by its steps. */
export const walkOf = memoised((timeline: Timeline): Walk => {
  const stretches: Stretch[] = []
  const { slots } = timeline
  let now: Spots = beginning(slots[0])
  for (const slot of slots) {
    const dancers = slot.danced ? figurePicture(slot.danced, slot.before.hold) : []
    const lead = { at: now.lead.at, facing: slot.before.lead.facing }
    const stretch = { slot, from: now, lead, dancers }
    stretches.push(stretch)
    now = spotsIn(stretch, slot.lengthTicks)
  }
  return { stretches, end: now }
})

/** A couple stands with its middle where it begins. */
function beginning(slot: DancedSlot | undefined): Spots {
  const facing = slot?.before.lead.facing ?? 0
  const dancers = slot?.danced ? figurePicture(slot.danced, slot.before.hold) : []
  const follow = dancers[1]?.poses[0]
  const apart = follow ? along(follow.body, facing) : ORIGIN
  const half = { forward: apart.forward / 2, right: apart.right / 2 }
  return {
    lead: { at: minus(ORIGIN, half), facing },
    follow: { at: half, facing: slot?.before.follow.facing ?? facing },
  }
}

function spotsIn({ slot, from, lead, dancers }: Stretch, tick: number): Spots {
  const spotOf = (dancer: PictureDancer | undefined): Spot | null => {
    if (!dancer) return null
    const pose = poseAt(dancer, tick)
    return { at: plus(lead.at, along(pose.body, lead.facing)), facing: lead.facing + pose.facing }
  }
  const one = spotOf(dancers[0])
  if (!one) return from
  const other = spotOf(dancers[1]) ?? one
  // What the figure begins with may stand a little otherwise than the one before ended.
  const left = Math.max(0, 1 - tick / SETTLE_TICKS)
  const begun = dancers[1]
    ? plus(lead.at, along(dancers[1].poses[0]!.body, lead.facing))
    : from.follow.at
  const away = minus(from.follow.at, begun)
  const eased = { forward: away.forward * left, right: away.right * left }
  const follow = { ...other, at: plus(other.at, eased) }
  return slot.swapped ? { lead: follow, follow: one } : { lead: one, follow }
}

/** Where the couple is at a tick from the first step. */
function spotsAt({ stretches, end }: Walk, tick: number): Spots {
  const first = stretches[0]
  if (!first || tick < 0) return first?.from ?? end
  const stretch = stretches.findLast(({ slot }) => slot.start <= tick) ?? first
  return tick >= stretch.slot.end && stretch === stretches.at(-1)
    ? end
    : spotsIn(stretch, Math.min(tick - stretch.slot.start, stretch.slot.lengthTicks))
}

/**
 * Where everybody of a formation is, in the picture's own centimetres.
 *
 * @param tick From the first danced step.
 */
export function walkedAt(walk: Walk, standing: Standing, tick: number): DancerSpot[] {
  const { lead, follow } = spotsAt(walk, tick)
  const { layout, dancers } = standing
  return dancers.map((dancer): DancerSpot => {
    const spot = isFollow(dancer.role) ? follow : lead
    const home = layout.isRound ? middleOf(standing, dancer.couple, dancer.role) : dancer
    const place = layout.isRound
      ? round(home, spot.at)
      : {
          x: home.x + spot.at.right * DANCED_STRIDE,
          y: home.y + spot.at.forward * DANCED_STRIDE,
        }
    return { ...place, seen: facingSeen(layout, place, spot.facing), hand: null }
  })
}
const isFollow = (role: string): boolean => role === 'F'

/** The middle of a couple; one who is alone is one's own. */
function middleOf(
  { layout }: Standing,
  couple: number,
  role: string,
): { readonly x: number; readonly y: number } {
  const own = layout.places.filter(
    ({ number, role: other }) => number === couple && (role === 'D' ? other === 'D' : true),
  )
  const of = (key: 'x' | 'y'): number =>
    own.reduce((sum, place) => sum + place[key], 0) / own.length
  return { x: of('x'), y: of('y') }
}

/** Strides along the line of dance go round the middle; those to the wall go outwards. */
function round(home: { x: number; y: number }, { forward, right }: FloorPoint) {
  const radius = Math.hypot(home.x, home.y)
  const angle = Math.atan2(home.y, home.x) + (forward * DANCED_STRIDE) / radius
  const far = radius + right * DANCED_STRIDE
  return { x: far * Math.cos(angle), y: far * Math.sin(angle) }
}

/** What a time through carries: strides along the line of dance (or ahead) and to the wall. */
export function travelOfPasses(timeline: Timeline): readonly FloorPoint[] {
  const walk = walkOf(timeline)
  // The first step of a time through is made as it begins.
  const before = (tick: number): FloorPoint => middleAt(walk, tick - 1e-6)
  return timeline.passes.map(({ start, end }) => minus(before(end), before(start)))
}
function middleAt(walk: Walk, tick: number): FloorPoint {
  const { lead, follow } = spotsAt(walk, tick)
  const sum = plus(lead.at, follow.at)
  return { forward: sum.forward / 2, right: sum.right / 2 }
}

/**
 * How far along the way round the hall the couples have come, in centimetres.
 *
 * @param tick From the first danced step.
 */
export const advancedAt = (walk: Walk, tick: number): number =>
  middleAt(walk, tick).forward * DANCED_STRIDE

/** How far from where it began a walk ever is as a figure ends, in strides. */
export const farthestOf = ({ stretches, end }: Walk): number =>
  Math.max(
    0,
    ...[...stretches.map(({ from }) => from), end].map(({ lead }) =>
      Math.hypot(lead.at.forward, lead.at.right),
    ),
  )
