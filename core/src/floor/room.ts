import { along, layoutOf, ORIGIN, plus, type FloorPoint, type Places } from '../move/index.ts'
import type { Hall } from './hall.ts'

/** A set needs so much room round its places, centimetres. */
const ROUND_A_SET = 80
const GRID = 25
const BETWEEN = { ring: 75, circle: 120, lines: 150, couple: 220 } as const
const WALL = { ring: 80, lines: 80, route: 120 } as const
/** A circle of couples dances so far inside its outer ring. */
const CIRCLE_INSIDE = 45
const CORNER = 150

/** A stretch of the floor by its left top corner, in centimetres from that of the hall. */
export interface FloorBox {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly length: number
}
/** A ring on the floor: its middle and radius, in centimetres. */
export interface FloorRing {
  readonly x: number
  readonly y: number
  readonly radius: number
}

/** Width and length that a formation takes with room to dance, in centimetres. */
export function boxOf(places: Places): readonly [number, number] {
  const { places: all } = layoutOf(places)
  const span = (key: 'x' | 'y'): number =>
    Math.max(...all.map((one) => one[key])) - Math.min(...all.map((one) => one[key]))
  return [span('x') + 2 * ROUND_A_SET, span('y') + 2 * ROUND_A_SET]
}

/** How many sets stand along the hall, how many across it, and the more of the two. */
export interface Fit {
  readonly along: number
  readonly across: number
  readonly most: number
}

/** How many sets fit, along the hall and across it. */
export function fitsIn(hall: Hall, [across, deep]: readonly [number, number]): Fit {
  const along = strips(hall, across, deep).length
  const sideways = strips(hall, deep, across).length
  return { along, across: sideways, most: Math.max(along, sideways) }
}

/** Where the most sets stand, and whether they stand across the hall. */
export function setsIn(
  hall: Hall,
  [across, deep]: readonly [number, number],
): { readonly sets: readonly FloorBox[]; readonly isAcross: boolean } {
  const along = strips(hall, across, deep)
  const sideways = strips(hall, deep, across)
  const isAcross = sideways.length > along.length
  return { sets: isAcross ? sideways : along, isAcross }
}

/** Strips across the hall, each as deep as a set, so chosen that they hold the most sets. */
function strips(hall: Hall, width: number, length: number): FloorBox[] {
  const steps = Math.floor(hall.length / GRID)
  const best: (readonly FloorBox[])[] = Array.from({ length: steps + 2 }, () => [])
  for (let step = steps; step >= 0; step--) {
    const y = step * GRID
    best[step] = best[step + 1]!
    if (y + length > hall.length) continue
    const row = freeWidths(hall, y, y + length).flatMap(({ from, to }) =>
      Array.from({ length: Math.floor((to - from) / width) }, (_, i) => ({
        x: from + i * width,
        y,
        width,
        length,
      })),
    )
    const after = best[Math.min(steps + 1, Math.ceil((y + length) / GRID))]!
    if (row.length + after.length > best[step]!.length) best[step] = [...row, ...after]
  }
  return [...best[0]!]
}

/** Stretches of the width that are free over a strip of the hall. */
function freeWidths(
  { width, things }: Hall,
  top: number,
  bottom: number,
): { readonly from: number; readonly to: number }[] {
  const taken = things
    .filter(({ y, length }) => y < bottom && y + length > top)
    .sort((a, b) => a.x - b.x)
  const free: { from: number; to: number }[] = []
  let at = 0
  for (const { x, width: wide } of taken) {
    if (x > at) free.push({ from: at, to: x })
    at = Math.max(at, x + wide)
  }
  if (at < width) free.push({ from: at, to: width })
  return free
}

/** Room for each kind of formation, clear of what stands in the hall. */
export interface RoomFor {
  /** Dancers in one ring, and couples in a circle. */
  readonly ring: number
  readonly circle: number
  readonly columns: number
  readonly rows: number
  /** Centimetres once round, and couples on that. */
  readonly route: number
  readonly couples: number
}

/** What a hall has room for beside what stands in it. */
export function roomFor(hall: Hall): RoomFor {
  const { radius } = ringIn(hall)
  const lines = (side: number): number =>
    Math.max(0, Math.floor((side - 2 * WALL.lines) / BETWEEN.lines) + 1)
  const free = largestFree(hall, ({ width, length }) => lines(width) * lines(length))
  const route = Math.floor(routeLength(routeIn(hall)))
  const round = (far: number, each: number): number =>
    Math.max(0, Math.floor((2 * Math.PI * far) / each))
  return {
    ring: round(radius, BETWEEN.ring),
    circle: round(radius - CIRCLE_INSIDE, BETWEEN.circle),
    columns: lines(free.width),
    rows: lines(free.length),
    route,
    couples: Math.floor(route / BETWEEN.couple),
  }
}

/** The largest ring that keeps clear of the walls and of what stands in the hall. */
export function ringIn({ width, length, things }: Hall): FloorRing {
  const middle = { x: width / 2, y: length / 2 }
  const radiusAt = (x: number, y: number): number =>
    Math.min(
      x,
      width - x,
      y,
      length - y,
      ...things.map((thing) =>
        Math.hypot(
          Math.max(thing.x - x, 0, x - thing.x - thing.width),
          Math.max(thing.y - y, 0, y - thing.y - thing.length),
        ),
      ),
    ) - WALL.ring
  let best: FloorRing = { ...middle, radius: radiusAt(middle.x, middle.y) }
  if (things.length > 0)
    for (let x = GRID; x < width; x += GRID)
      for (let y = GRID; y < length; y += GRID) {
        const radius = radiusAt(x, y)
        if (radius > best.radius + 1) best = { x, y, radius }
      }
  return { ...best, radius: Math.max(0, best.radius) }
}

/** The free rectangle that is worth the most; the whole hall where nothing stands in it. */
function largestFree(hall: Hall, worth: (box: FloorBox) => number): FloorBox {
  const { width, length, things } = hall
  const whole = { x: 0, y: 0, width, length }
  if (things.length === 0) return whole
  // A largest rectangle touches a wall or a thing on every side.
  const xs = [0, width, ...things.flatMap((one) => [one.x, one.x + one.width])]
  const ys = [0, length, ...things.flatMap((one) => [one.y, one.y + one.length])]
  let best: FloorBox = { x: 0, y: 0, width: 0, length: 0 }
  for (const x of xs)
    for (const right of xs)
      for (const y of ys)
        for (const bottom of ys) {
          const box = { x, y, width: right - x, length: bottom - y }
          if (box.width <= 0 || box.length <= 0 || worth(box) <= worth(best)) continue
          if (!things.some((thing) => overlap(thing, box))) best = box
        }
  return best
}
const overlap = (a: FloorBox, b: FloorBox): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.length && b.y < a.y + a.length

/** A way round the hall: a rectangle with round corners, by its outer box. */
export interface Route extends FloorBox {
  readonly corner: number
}

/** The longest way round the hall, clear of the walls and of what stands in it. */
export function routeIn(hall: Hall): Route {
  const within = ({ x, y, width, length }: FloorBox): Route => {
    const [wide, long] = [width - 2 * WALL.route, length - 2 * WALL.route]
    return {
      x: x + WALL.route,
      y: y + WALL.route,
      width: Math.max(0, wide),
      length: Math.max(0, long),
      corner: Math.max(0, Math.min(CORNER, wide / 2, long / 2)),
    }
  }
  return within(largestFree(hall, (box) => routeLength(within(box))))
}

/** Centimetres once round. */
export const routeLength = ({ width, length, corner }: Route): number =>
  2 * (width + length) - 8 * corner + 2 * Math.PI * corner

/** Where one is on a route, and where one looks along it: degrees clockwise from the top. */
export interface RoutePoint {
  readonly x: number
  readonly y: number
  readonly degrees: number
}

/**
 * A point of a route, against the clock as line of dance goes, from the middle of its right side.
 *
 * @param along Centimetres from there; any number, once round and again.
 */
export function routePoint(route: Route, along: number): RoutePoint {
  const { x, y, width, length, corner } = route
  const whole = routeLength(route)
  if (whole <= 0) return { x: x + width / 2, y: y + length / 2, degrees: 0 }
  const arc = (Math.PI / 2) * corner
  const [up, across] = [length - 2 * corner, width - 2 * corner]
  let left = (((along % whole) + whole) % whole) + up / 2
  // Sides and corners in turn, each begun at its corner: right, top, left, bottom.
  const sides = [
    { length: up, from: [x + width, y + length - corner], degrees: 0 },
    { length: across, from: [x + width - corner, y], degrees: 270 },
    { length: up, from: [x, y + corner], degrees: 180 },
    { length: across, from: [x + corner, y + length], degrees: 90 },
  ] as const
  for (let i = 0; ; i++) {
    const side = sides[i % 4]!
    const turn = (side.degrees * Math.PI) / 180
    const ahead = [Math.sin(turn), -Math.cos(turn)] as const
    if (left <= side.length)
      return {
        x: side.from[0] + ahead[0] * left,
        y: side.from[1] + ahead[1] * left,
        degrees: side.degrees,
      }
    left -= side.length
    if (left <= arc) {
      const angle = corner === 0 ? 0 : left / corner
      const [inX, inY] = [ahead[1], -ahead[0]]
      return {
        x:
          side.from[0] +
          ahead[0] * (side.length + corner * Math.sin(angle)) +
          inX * corner * (1 - Math.cos(angle)),
        y:
          side.from[1] +
          ahead[1] * (side.length + corner * Math.sin(angle)) +
          inY * corner * (1 - Math.cos(angle)),
        degrees: (side.degrees - (angle * 180) / Math.PI + 360) % 360,
      }
    }
    left -= arc
  }
}

/**
 * The stride that so many steps in one direction may have, in whole centimetres: along the longer
 * side, and along the diagonal.
 *
 * @param strides Steps one way, 1 or more.
 */
export const strideIn = (
  { width, length }: Hall,
  strides: number,
): { readonly straight: number; readonly diagonal: number } => ({
  straight: Math.round((Math.max(width, length) - 100) / strides),
  diagonal: Math.round((Math.hypot(width, length) - 100) / strides),
})

/**
 * Where a line dance drifts to over its times through, as it is turned by the walls: centimetres to
 * the right and up, beginning at the middle.
 *
 * @param travel Strides of one time through, as faced at its beginning.
 * @param times How often it is danced.
 * @param eighths By how much it turns in one time through, clockwise.
 * @param stride Centimetres.
 */
export function driftOf(
  travel: FloorPoint,
  eighths: number,
  times: number,
  stride: number,
): readonly (readonly [number, number])[] {
  let at = ORIGIN
  const path = [at]
  for (let i = 0; i < times; i++) {
    at = plus(at, along(travel, i * eighths))
    path.push(at)
  }
  return path.map(({ forward, right }) => [
    Math.round(right * stride) + 0,
    Math.round(forward * stride) + 0,
  ])
}
