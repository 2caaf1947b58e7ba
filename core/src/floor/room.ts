import { z } from 'zod'
import { problemsOf, succeed, type Result } from '../document/index.ts'
import { along, layoutOf, ORIGIN, plus, type FloorPoint, type Places } from '../move/index.ts'
import { PROBLEMS } from './words/en/problems.ts'

const problem = problemsOf(PROBLEMS)

/** Something that stands in a hall, by its left top corner, in centimetres. */
const thingSchema = z
  .strictObject({
    name: z.string().min(1).max(40),
    x: z.int().min(0).max(20_000),
    y: z.int().min(0).max(20_000),
    width: z.int().min(1).max(20_000),
    length: z.int().min(1).max(20_000),
  })
  .readonly()
/** A hall: width by length in centimetres, and what stands in it. */
export const hallSchema = z
  .strictObject({
    width: z.int().min(200).max(20_000),
    length: z.int().min(200).max(20_000),
    things: z.array(thingSchema).max(60).readonly(),
  })
  .readonly()
export type Hall = z.infer<typeof hallSchema>

const centimetres = (metres: string): number => Math.round(Number(metres) * 100)
const NUMBER = String.raw`(\d{1,3}(?:\.\d{1,2})?)`

/**
 * Reads a hall such as `9 x 14 m; stage 0,0 9x2.5; bar 7,6 2x3`: width by length, then what stands in
 * it, each by its left top corner and its size, in metres.
 */
export function readHall(text: string): Result<Hall> {
  const [size = '', ...rest] = text.split(';').map((piece) => piece.trim())
  const found = new RegExp(`^(?:hall: *)?${NUMBER} *x *${NUMBER} *m?$`, 'i').exec(size)
  if (!found) return problem('hall.size', { text: size })
  const things = []
  for (const piece of rest.filter(Boolean)) {
    const thing = new RegExp(
      `^(.{1,40}?) +${NUMBER} *, *${NUMBER} +${NUMBER} *x *${NUMBER} *m?$`,
      'i',
    ).exec(piece)
    if (!thing) return problem('hall.thing', { text: piece })
    const [x, y, width, length] = thing.slice(2).map((one) => centimetres(one!))
    things.push({ name: thing[1]!, x: x!, y: y!, width: width!, length: length! })
  }
  const hall = hallSchema.safeParse({
    width: centimetres(found[1]!),
    length: centimetres(found[2]!),
    things,
  })
  return hall.success ? succeed(hall.data) : problem('hall.size', { text: size })
}

/** A set needs so much room round its places, centimetres. */
const ROUND_A_SET = 80
const GRID = 25
const BETWEEN = { ring: 75, circle: 120, lines: 150, couple: 220 } as const
const WALL = { lines: 80, route: 120 } as const
const CORNER = 150

/** Width and length that a formation takes with room to dance, in centimetres. */
export function boxOf(places: Places): readonly [number, number] {
  const { places: all } = layoutOf(places)
  const span = (key: 'x' | 'y'): number =>
    Math.max(...all.map((one) => one[key])) - Math.min(...all.map((one) => one[key]))
  return [span('x') + 2 * ROUND_A_SET, span('y') + 2 * ROUND_A_SET]
}

/** How many sets stand along the hall, how many across it, and the more of the two. */
export function fitsIn(
  { width, length, things }: Hall,
  [across, deep]: readonly [number, number],
): { readonly along: number; readonly across: number; readonly most: number } {
  const strips = (setWidth: number, depth: number): number => {
    const steps = Math.floor(length / GRID)
    const best: number[] = Array<number>(steps + 2).fill(0)
    for (let step = steps; step >= 0; step--) {
      const y = step * GRID
      best[step] = best[step + 1] ?? 0
      if (y + depth > length) continue
      const free = freeWidths({ width, length, things }, y, y + depth)
      const sets = free.reduce((sum, one) => sum + Math.floor(one / setWidth), 0)
      const next = Math.min(steps + 1, Math.ceil((y + depth) / GRID))
      best[step] = Math.max(best[step]!, sets + best[next]!)
    }
    return best[0]!
  }
  const along = strips(across, deep)
  const sideways = strips(deep, across)
  return { along, across: sideways, most: Math.max(along, sideways) }
}

/** Widths that are free over a strip of the hall. */
function freeWidths({ width, things }: Hall, from: number, to: number): number[] {
  const taken = things
    .filter(({ y, length }) => y < to && y + length > from)
    .sort((a, b) => a.x - b.x)
  const free: number[] = []
  let at = 0
  for (const { x, width: wide } of taken) {
    if (x > at) free.push(x - at)
    at = Math.max(at, x + wide)
  }
  if (at < width) free.push(width - at)
  return free
}

/** Room for each kind of formation, with nothing in the hall. */
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
/** What a hall has room for when nothing stands in it. */
export function roomFor({ width, length }: Hall): RoomFor {
  const radius = Math.min(width, length) / 2 - 80
  const lines = (side: number): number =>
    Math.max(0, Math.floor((side - 2 * WALL.lines) / BETWEEN.lines) + 1)
  const sides = 2 * (width + length - 4 * WALL.route)
  const route = Math.max(0, Math.floor(sides - 8 * CORNER + 2 * Math.PI * CORNER))
  const round = (far: number, each: number): number =>
    Math.max(0, Math.floor((2 * Math.PI * far) / each))
  return {
    ring: round(radius, BETWEEN.ring),
    circle: round(radius - 45, BETWEEN.circle),
    columns: lines(width),
    rows: lines(length),
    route,
    couples: Math.floor(route / BETWEEN.couple),
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
