import { TICKS_PER_BEAT } from '../../time/index.ts'
import { isDancedAlike } from '../model/figure.ts'
import { stepsOfDancer } from '../model/cast.ts'
import { walkFeet, HIP } from './feet.ts'
import { along, minus, ORIGIN, plus, type FloorPoint } from '../../move/index.ts'
import { wrapFacing } from '../../move/index.ts'
import { handChanges, holdAt } from './measure.ts'
import { holdOf, type Hold } from '../model/hold.ts'
import { ROLES, type Role, type Step } from '../model/step.ts'
import type { DancedFigure } from '../model/vary.ts'
import { startingWeight, weightAfter, type Weight } from '../model/weight.ts'

/**
 * A figure seen from above. Places are in strides from where the lead (or the one who dances alone)
 * stood first: forward is that dancer's way ahead, right to the right of it. Facings are eighths
 * clockwise from there, whole turns kept.
 */
export interface PictureDancer {
  readonly role: Role | 'everyone'
  /** Number of the couple in a set; null outside one. */
  readonly couple: number | null
  /** Where the dancer is from the beginning, and after each step, in order of time. */
  readonly poses: readonly Pose[]
}

export interface Pose {
  /** Tick from which it holds; the first comes before everything. */
  readonly at: number
  readonly step: Step | null
  readonly left: FloorPoint
  readonly right: FloorPoint
  readonly body: FloorPoint
  readonly facing: number
  readonly weight: Weight
}

interface Start {
  readonly at: FloorPoint
  readonly facing: number
}

/** Where the follow stands in a hold, seen from the lead: in strides, schematically. */
export function partnerPlace({ id, relation }: Pick<Hold, 'id' | 'relation'>): FloorPoint {
  const apart = id === 'closed' || id === 'banjo' || id === 'sidecar' ? 0.9 : 1.2
  if (relation === 0) {
    if (id === 'shadow' || id === 'wrap') return { forward: 0.35, right: 0.6 }
    if (id === 'tandem') return { forward: 0.9, right: 0 }
    return { forward: 0, right: id === 'left open' || id === 'reverse semi-closed' ? -0.9 : 0.9 }
  }
  return { forward: apart, right: id === 'banjo' ? -0.35 : id === 'sidecar' ? 0.35 : 0 }
}

/**
 * Everyone who dances a figure, seen from above, begun in a hold (its first where none is said).
 */
export function figurePicture(
  danced: DancedFigure,
  begun = danced.figure.entry.holds[0] ?? 'none',
): PictureDancer[] {
  const { figure, steps } = danced
  if (isDancedAlike(figure) && figure.dancers === 'solo')
    return [
      { role: 'everyone', couple: null, poses: posesOf(steps.lead, { at: ORIGIN, facing: 0 }) },
    ]
  const hold = holdOf(begun) ?? holdOf('none')!
  if (figure.dancers === 'set') return setPicture(danced, hold)
  const lead = posesOf(steps.lead, { at: ORIGIN, facing: 0 })
  const follow = posesOf(steps.follow, { at: partnerPlace(hold), facing: hold.relation ?? 4 })
  const changes = handChanges(danced, begun)
  return [
    { role: 'lead', couple: null, poses: lead },
    {
      role: 'follow',
      couple: null,
      poses: together(lead, follow, (tick) => holdAt(changes, begun, tick)),
    },
  ]
}

/** Between two couples of a set, and between its lines. */
const ROW = 1.6
const LINES = 2.2

/**
 * A set with its couples one below the other, each line facing across; a couple that moves hand in
 * hand does so between the lines.
 */
function setPicture(danced: DancedFigure, hold: Hold): PictureDancer[] {
  const [, most] = danced.figure.set!.couples
  const pair = hold.relation === 0 ? 0.45 : LINES / 2
  return Array.from({ length: most }, (_, i) => i + 1).flatMap((couple) =>
    ROLES.map((role): PictureDancer => {
      const steps = stepsOfDancer(danced, couple, role)
      const fromMiddle = steps.length === 0 ? LINES / 2 : pair
      const facing = steps.length === 0 ? startFacing(null, role) : startFacing(danced, role)
      return {
        role,
        couple,
        poses: posesOf(steps, {
          at: {
            forward: -(couple - 1) * ROW,
            right: LINES / 2 + (role === 'lead' ? -fromMiddle : fromMiddle),
          },
          facing,
        }),
      }
    }),
  )
}

/** Lines face each other, unless the figure says they face up or down. */
function startFacing(danced: DancedFigure | null, role: Role): number {
  const [facing] = danced?.figure.entry.facings ?? []
  if (facing === 0 || facing === 4) return facing
  return role === 'lead' ? 2 : 6
}

function posesOf(steps: readonly Step[], start: Start): Pose[] {
  let weight = startingWeight(steps)
  const place = (point: FloorPoint): FloorPoint => plus(start.at, along(point, start.facing))
  const first: Pose = {
    at: -Infinity,
    step: null,
    left: place({ forward: 0, right: -HIP }),
    right: place({ forward: 0, right: HIP }),
    body: start.at,
    facing: start.facing,
    weight,
  }
  const walked = walkFeet(steps).map((feet): Pose => {
    weight = weightAfter(weight, feet.step).weight
    return {
      at: feet.step.at,
      step: feet.step,
      left: place(feet.left),
      right: place(feet.right),
      body: place(feet.body),
      facing: start.facing + feet.facing,
      weight,
    }
  })
  return [first, ...walked]
}

/**
 * The follow kept where the hold says, as often as the two stand as it says: each walks by strides
 * alone, and would drift from the other in a turn that a couple dances as one.
 */
function together(
  lead: readonly Pose[],
  follow: readonly Pose[],
  heldAt: (tick: number) => string,
): Pose[] {
  let shift = ORIGIN
  return follow.map((pose) => {
    const partner = lead.findLast(({ at }) => at <= pose.at)!
    const hold = holdOf(heldAt(pose.at))
    if (
      hold &&
      hold.relation !== null &&
      hold.hands.length > 0 &&
      wrapFacing(pose.facing - partner.facing) === hold.relation
    ) {
      shift = minus(plus(partner.body, along(partnerPlace(hold), partner.facing)), pose.body)
    }
    return {
      ...pose,
      left: plus(pose.left, shift),
      right: plus(pose.right, shift),
      body: plus(pose.body, shift),
    }
  })
}

/** A foot moves for at most so long before it arrives. */
const MOVING_TICKS = TICKS_PER_BEAT / 2

/**
 * How a dancer stands at any tick: on the way to the next step just before it, else as after the
 * last.
 *
 * @param tick Tick; 24 are a beat.
 */
export function poseAt({ poses }: PictureDancer, tick: number): Pose {
  const i = poses.findLastIndex(({ at }) => at <= tick)
  const now = poses[i]!
  const next = poses[i + 1]
  if (!next) return now
  const from = Math.max(next.at - MOVING_TICKS, now.at)
  const share = (tick - from) / (next.at - from)
  if (!(share > 0)) return now
  const mix = (a: FloorPoint, b: FloorPoint): FloorPoint => ({
    forward: a.forward + (b.forward - a.forward) * share,
    right: a.right + (b.right - a.right) * share,
  })
  return {
    ...now,
    left: mix(now.left, next.left),
    right: mix(now.right, next.right),
    body: mix(now.body, next.body),
    facing: now.facing + (next.facing - now.facing) * share,
  }
}
