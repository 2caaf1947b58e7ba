/** Where somebody is on the way: centimetres, and where they look, eighths seen from above. */
export interface Spot {
  readonly x: number
  readonly y: number
  readonly seen: number
}
/** A way: where somebody is at a share of it, from 0 to 1. */
export type Way = (share: number) => Spot
export interface Point {
  readonly x: number
  readonly y: number
}

const EIGHTH = Math.PI / 4
/** Centimetres by which two who change places keep out of each other's way. */
const BOW = 22
/** Two who go round each other are so far from their middle. */
export const ROUND_RADIUS = 45

/** From one facing to another by the shorter way, as the share goes. */
export function blend(from: number, to: number): (share: number) => number {
  const apart = ((((to - from) % 8) + 12) % 8) - 4
  return (share) => from + apart * share
}

/** A place of so many that lie in a ring, from 0, however far one has gone on. */
export const roundTo = (place: number, of: number): number => ((place % of) + of) % of

/** The middle of points. */
export function middleOf(points: readonly Point[]): Point {
  const sum = points.reduce((all, { x, y }) => ({ x: all.x + x, y: all.y + y }), { x: 0, y: 0 })
  return { x: sum.x / points.length, y: sum.y / points.length }
}

/** Clockwise angle of a point seen from a middle, from up, in radians of 0 to a full turn. */
export function angleFrom(middle: Point, { x, y }: Point): number {
  const angle = Math.atan2(x - middle.x, y - middle.y)
  return angle < -1e-9 ? angle + 2 * Math.PI : Math.max(0, angle)
}

/** Clockwise seen from above, from the top: indexes of the points. */
export function ringOrder(points: readonly Point[]): number[] {
  const middle = middleOf(points)
  const far = ({ x, y }: Point): number => Math.hypot(x - middle.x, y - middle.y)
  return points
    .map((point, i) => ({ i, angle: angleFrom(middle, point), far: far(point) }))
    .sort((a, b) => a.angle - b.angle || a.far - b.far)
    .map(({ i }) => i)
}

/** Standing where one is, turning to another facing. */
export const stay =
  (at: Point, from: number, to: number): Way =>
  (share) => ({ x: at.x, y: at.y, seen: blend(from, to)(share) })

/**
 * To a place by even pace round the corners between.
 *
 * @param from Where one looks at first, eighths seen from above.
 * @param to Where one looks then.
 */
export function along(points: readonly Point[], from: number, to: number): Way {
  const lengths = points
    .slice(1)
    .map((point, i) => Math.hypot(point.x - points[i]!.x, point.y - points[i]!.y))
  const whole = lengths.reduce((sum, length) => sum + length, 0)
  const turn = blend(from, to)
  return (share) => {
    let left = share * whole
    for (const [i, length] of lengths.entries()) {
      if (left > length && i < lengths.length - 1) {
        left -= length
        continue
      }
      const part = length === 0 ? 0 : Math.min(1, left / length)
      const [a, b] = [points[i]!, points[i + 1]!]
      return { x: a.x + (b.x - a.x) * part, y: a.y + (b.y - a.y) * part, seen: turn(share) }
    }
    return { x: points[0]!.x, y: points[0]!.y, seen: turn(share) }
  }
}

/**
 * To another's place in a bow.
 *
 * @param side 1 by right shoulders, to the own left; -1 by left ones.
 */
export function bow(start: Point, end: Point, side: 1 | -1, from: number, to: number): Way {
  const length = Math.hypot(end.x - start.x, end.y - start.y)
  const left = length === 0 ? { x: 0, y: 0 } : unitLeft(start, end, length)
  const turn = blend(from, to)
  return (share) => {
    const out = side * BOW * Math.sin(Math.PI * share)
    return {
      x: start.x + (end.x - start.x) * share + left.x * out,
      y: start.y + (end.y - start.y) * share + left.y * out,
      seen: turn(share),
    }
  }
}
const unitLeft = (start: Point, end: Point, length: number): Point => ({
  x: -(end.y - start.y) / length,
  y: (end.x - start.x) / length,
})

/** One way after the other, each in the same time. */
export function inTurn(ways: readonly Way[]): Way {
  return (share) => {
    const at = Math.min(ways.length - 1, Math.floor(share * ways.length))
    return ways[at]!(share * ways.length - at)
  }
}

/**
 * Round a middle by an angle, clockwise above 0: straight in to a radius in the first quarter, round
 * in the middle half, straight out in the last; who is within it goes round all the time.
 *
 * @param seen Where they look at a share.
 */
export function round(
  middle: Point,
  start: Point,
  angle: number,
  radius: number,
  seen: (share: number) => number,
): Way {
  const far = Math.hypot(start.x - middle.x, start.y - middle.y)
  const from = angleFrom(middle, start)
  const isNear = far <= radius + 1e-6
  return (share) => {
    const turned = isNear ? share : clamp((share - 0.25) / 0.5)
    const edge = Math.min(1, Math.min(share, 1 - share) / 0.25)
    const out = isNear ? far : far + (radius - far) * edge
    const at = from + angle * turned
    return {
      x: middle.x + out * Math.sin(at),
      y: middle.y + out * Math.cos(at),
      seen: seen(share),
    }
  }
}
export const clamp = (share: number): number => Math.min(1, Math.max(0, share))

/**
 * Round a ring: the angle goes evenly, the radius to that of the ring in the first quarter and out
 * in the last; uneven spacing evens out in the first and comes back in the last.
 *
 * @param evenFrom Angle at which one would stand in an even ring, and by how much it turns.
 */
export function ringWay({
  middle,
  start,
  end,
  evenFrom,
  turn,
  radius,
  seen,
}: {
  readonly middle: Point
  readonly start: Point
  readonly end: Point
  readonly evenFrom: number
  readonly turn: number
  readonly radius: number
  readonly seen: (share: number) => number
}): Way {
  const far = (at: Point): number => Math.hypot(at.x - middle.x, at.y - middle.y)
  const [startFar, endFar] = [far(start), far(end)]
  const startOff = near(angleFrom(middle, start) - evenFrom)
  const endOff = near(angleFrom(middle, end) - evenFrom - turn)
  return (share) => {
    const [first, last] = [clamp(share / 0.25), clamp((share - 0.75) / 0.25)]
    const angle = evenFrom + turn * share + startOff * (1 - first) + endOff * last
    const out = startFar + (radius - startFar) * first + (endFar - radius) * last
    return {
      x: middle.x + out * Math.sin(angle),
      y: middle.y + out * Math.cos(angle),
      seen: seen(share),
    }
  }
}
/** An angle brought to within half a turn. */
export const near = (angle: number): number => {
  const full = 2 * Math.PI
  return ((((angle + Math.PI) % full) + full) % full) - Math.PI
}

/** Eighths of an angle in radians. */
export const eighthsOf = (angle: number): number => angle / EIGHTH
