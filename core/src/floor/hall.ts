import { z } from 'zod'
import { problemsOf, succeed, type Result } from '../document/index.ts'
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
/** Sides of a hall as it is drawn. */
export const HALL_SIDES = ['top', 'right', 'bottom', 'left'] as const
const sideSchema = z.enum(HALL_SIDES).optional()

/** A hall: width by length in centimetres, what stands in it, and who looks on from which side. */
export const hallSchema = z
  .strictObject({
    width: z.int().min(200).max(20_000),
    length: z.int().min(200).max(20_000),
    things: z.array(thingSchema).max(60).readonly(),
    caller: sideSchema,
    camera: sideSchema,
  })
  .readonly()
export type Hall = z.infer<typeof hallSchema>
export type HallThing = z.infer<typeof thingSchema>

const centimetres = (metres: string): number => Math.round(Number(metres) * 100)
const NUMBER = String.raw`(\d{1,3}(?:\.\d{1,2})?)`

/** Who looks on, and from where: `caller top`. */
const ONLOOKER = new RegExp(`^(caller|camera):? +(${HALL_SIDES.join('|')})$`, 'i')

/**
 * Reads a hall such as `9 x 14 m; stage 0,0 9x2.5; bar 7,6 2x3; caller top`: width by length, then
 * what stands in it, each by its left top corner and its size, in metres, and who looks on from where.
 */
export function readHall(text: string): Result<Hall> {
  const [size = '', ...rest] = text.split(';').map((piece) => piece.trim())
  const found = new RegExp(`^(?:hall: *)?${NUMBER} *x *${NUMBER} *m?$`, 'i').exec(size)
  if (!found) return problem('hall.size', { text: size })
  const things = []
  const onlookers: Record<string, string> = {}
  for (const piece of rest.filter(Boolean)) {
    const onlooker = ONLOOKER.exec(piece)
    if (onlooker) {
      onlookers[onlooker[1]!.toLowerCase()] = onlooker[2]!.toLowerCase()
      continue
    }
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
    ...onlookers,
  })
  return hall.success ? succeed(hall.data) : problem('hall.size', { text: size })
}

/** A hall as it is read. */
export function hallText({ width, length, things, caller, camera }: Hall): string {
  const metres = (value: number): string => String(value / 100)
  const told = things.map(
    (one) =>
      `${one.name} ${metres(one.x)},${metres(one.y)} ${metres(one.width)}x${metres(one.length)}`,
  )
  const onlookers = [
    ...(caller ? [`caller ${caller}`] : []),
    ...(camera ? [`camera ${camera}`] : []),
  ]
  return [`${metres(width)} x ${metres(length)} m`, ...told, ...onlookers].join('; ')
}

/** Where a thing stands once it is moved or made larger: inside the hall, in quarters of a metre. */
export function placedIn(hall: Hall, thing: HallThing): HallThing {
  const snapped = (value: number): number => Math.round(value / SNAP) * SNAP
  const width = Math.min(hall.width, Math.max(SNAP, snapped(thing.width)))
  const length = Math.min(hall.length, Math.max(SNAP, snapped(thing.length)))
  return {
    ...thing,
    width,
    length,
    x: Math.min(hall.width - width, Math.max(0, snapped(thing.x))),
    y: Math.min(hall.length - length, Math.max(0, snapped(thing.y))),
  }
}
const SNAP = 25
