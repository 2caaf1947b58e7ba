import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { directionTo, facingSeen, rowAt } from '../standing.ts'
import { bow, inTurn, middleOf, stay, type Point, type Way } from '../way.ts'
import type { Answer } from '../who/answer.ts'
import { ROLES } from '../who/who.ts'
import { halfPart, partSchema, partText, readPart, valueOf } from './amount.ts'
import { inwardAt } from './facings.ts'
import {
  eachScope,
  kernel,
  moveOf,
  refuse,
  type Asked,
  type Danced,
  type Move,
  type Refusal,
} from './kernel.ts'

/** Order of those in a line after so many changes, one from an end and one from the next in turn. */
function changesOf(n: number, count: number, middleFirst: boolean): number[][] {
  let line = Array.from({ length: n }, (_, i) => i)
  const all = [line]
  for (let j = 0; j < count; j++) {
    const first = (j + (middleFirst ? 1 : 0)) % 2
    line = [...line]
    for (let i = first; i + 1 < n; i += 2) [line[i], line[i + 1]] = [line[i + 1]!, line[i]!]
    all.push(line)
  }
  return all
}

/** Where each of a line goes in so many changes; by right shoulders first, in turn. */
function inLine(
  asked: Asked,
  units: readonly (readonly number[])[],
  at: readonly Point[],
  { count, middleFirst, left }: { count: number; middleFirst: boolean; left: boolean },
): Move[] {
  const { standing } = asked
  const middle = middleOf(at)
  const orders = changesOf(units.length, count, middleFirst)
  return units.flatMap((unit, one) =>
    unit.map((index) => {
      const start = standing.dancers[index]!
      const off = { x: start.x - at[one]!.x, y: start.y - at[one]!.y }
      const spot = (j: number): Point => {
        const place = at[orders[j]!.indexOf(one)]!
        return { x: place.x + off.x, y: place.y + off.y }
      }
      const end = spot(count)
      const isMiddle = Math.hypot(end.x - off.x - middle.x, end.y - off.y - middle.y) < 1
      const seen = isMiddle
        ? facingSeen(standing.layout, end, start.facing)
        : directionTo({ x: end.x - off.x, y: end.y - off.y }, middle)
      return moveOf(asked, index, { ...end, seen }, (from, to) => {
        let looks = from
        const ways: Way[] = Array.from({ length: count }, (_, j) => {
          const [a, b] = [spot(j), spot(j + 1)]
          const isStill = Math.hypot(a.x - b.x, a.y - b.y) < 1
          const last = j === count - 1
          const next = last ? to : isStill ? looks : directionTo(a, b)
          const way = isStill
            ? stay(a, looks, next)
            : bow(a, b, (j % 2 === 0) === !left ? 1 : -1, looks, next)
          looks = next
          return way
        })
        return inTurn(ways)
      })
    }),
  )
}

const heySchema = z
  .strictObject({
    verb: z.literal('hey'),
    part: partSchema,
    first: z.literal('middle').optional(),
    shoulder: z.literal('left').optional(),
  })
  .readonly()
type Hey = z.infer<typeof heySchema>
/** Those of each line weave along it: as many changes as dancers are a half, twice as many a whole. */
export const HEY = kernel<Hey>({
  schema: heySchema,
  read: (reader) => {
    if (!reader.take(/hey(?! across)/)) return null
    const part = readPart(reader)
    if (!part) return reader.expectedWord('how much, such as 1/2 or 1,')
    let what: Hey = { verb: 'hey', part }
    for (;;) {
      reader.sign(',')
      if (reader.take(/middle first/)) what = { ...what, first: 'middle' }
      else if (reader.take(/left shoulders?/)) what = { ...what, shoulder: 'left' }
      else return succeed(what)
    }
  },
  text: ({ part, first, shoulder }) =>
    `hey ${partText(part)}${first ? ', middle first' : ''}${shoulder ? ', left shoulder' : ''}`,
  dance: (asked, what) => eachScope(asked, (answer) => heyOf(asked, answer, what)),
  mirrored: ({ shoulder, ...what }) => (shoulder ? what : { ...what, shoulder: 'left' }),
  halved: (what) => ({ ...what, part: halfPart(what.part) }),
})

function heyOf(asked: Asked, { picked }: Answer, what: Hey): Danced | Refusal {
  const { dancers, places } = asked.standing
  const isTwoLines =
    places.shape === 'longways' &&
    picked.some((index) => dancers[index]!.x < -60) &&
    picked.some((index) => dancers[index]!.x > 60) &&
    picked.length > 3
  const lines = isTwoLines
    ? [-1, 1].map((side) => picked.filter((index) => dancers[index]!.x * side > 0))
    : [picked]
  const moves: Move[] = []
  for (const line of lines) {
    const n = line.length
    if (n < 3) return refuse('set.number', { least: 3, count: n })
    const count = valueOf(what.part) * 2 * n
    if (Math.abs(count - Math.round(count)) > 1e-9) return refuse('set.amount', { changes: count })
    const order = [...line].sort(
      alongLine(
        line.map((index) => dancers[index]!),
        dancers,
      ),
    )
    moves.push(
      ...inLine(
        asked,
        order.map((index) => [index]),
        order.map((index) => dancers[index]!),
        { count: Math.round(count), middleFirst: what.first === 'middle', left: !!what.shoulder },
      ),
    )
  }
  return { moves, together: lines }
}

/** From the top, or from the left where the line lies across. */
function alongLine(points: readonly Point[], dancers: readonly Point[]) {
  const spread = (key: 'x' | 'y'): number =>
    Math.max(...points.map((point) => point[key])) - Math.min(...points.map((point) => point[key]))
  return spread('y') >= spread('x')
    ? (a: number, b: number) => dancers[b]!.y - dancers[a]!.y
    : (a: number, b: number) => dancers[a]!.x - dancers[b]!.x
}

const acrossSchema = z
  .strictObject({ verb: z.literal('hey across'), part: partSchema, first: z.enum(ROLES) })
  .readonly()
/** A hey across the set, in halves: those first change with each other, and so do the rest. */
export const HEY_ACROSS = kernel<z.infer<typeof acrossSchema>>({
  schema: acrossSchema,
  read: (reader) => {
    if (!reader.word(['hey across'])) return null
    const part = readPart(reader) ?? [1, 1]
    reader.sign(',')
    const first = reader.word(ROLES)
    if (first && !reader.take(/first/)) return reader.expectedWord('first')
    return succeed({ verb: 'hey across', part, first: first ?? 'follows' })
  },
  text: ({ part, first }) => `hey across ${partText(part)}, ${first} first`,
  dance: (asked, { part, first }) =>
    eachScope(asked, ({ picked }) => {
      const halves = valueOf(part) * 2
      if (!Number.isInteger(halves)) return refuse('set.amount', { of: 2 })
      const { dancers } = asked.standing
      const letter = first === 'leads' ? 'L' : 'F'
      const those = picked.filter((index) => dancers[index]!.role === letter)
      const rest = picked.filter((index) => dancers[index]!.role !== letter)
      if (those.length !== 2 || rest.length !== 2)
        return refuse('set.number', { least: 4, count: picked.length })
      const moves = [those, rest].flatMap(([a, b], later) =>
        [
          [a!, b!],
          [b!, a!],
        ].map(([one, other]) => acrossMove(asked, one!, other!, halves, later === 1)),
      )
      return { moves, together: [picked] }
    }),
  halved: (what) => ({ ...what, part: halfPart(what.part) }),
})

/** To the other's place and back, half by half; the second pair lets the first into the middle. */
function acrossMove(
  asked: Asked,
  one: number,
  other: number,
  halves: number,
  isLater: boolean,
): Move {
  const { dancers } = asked.standing
  const [start, far] = [dancers[one]!, dancers[other]!]
  const end = halves % 2 === 1 ? far : start
  return moveOf(
    asked,
    one,
    { x: end.x, y: end.y, seen: inwardAt(asked.standing, end) },
    (from, to) =>
      inTurn(
        Array.from({ length: halves }, (_, j): Way => {
          const [a, b] = j % 2 === 0 ? [start, far] : [far, start]
          const straight = bow(a, b, isLater ? -1 : 1, j === 0 ? from : to, to)
          const begins = isLater ? 0.3 : 0
          return (share) => straight(Math.min(1, Math.max(0, (share - begins) / 0.7)))
        }),
      ),
  )
}

const archesSchema = z
  .strictObject({ verb: z.literal('arches'), changes: z.int().min(1).max(64) })
  .readonly()
/** Couples of the set change along it as in a hey, over and under in turn. */
export const ARCHES = kernel<z.infer<typeof archesSchema>>({
  schema: archesSchema,
  read: (reader) => {
    if (!reader.word(['arches'])) return null
    const found = reader.take(/\d{1,2}/)
    return found
      ? succeed({ verb: 'arches', changes: Number(found[0]) })
      : reader.expectedWord('how many changes')
  },
  text: ({ changes }) => `arches ${changes}`,
  dance: (asked, { changes }) =>
    eachScope(asked, ({ picked }) => {
      const { dancers, layout } = asked.standing
      const rows = [...new Set(picked.map((index) => rowAt(layout, dancers[index]!)))].sort(
        (a, b) => a - b,
      )
      const units = rows.map((row) => picked.filter((i) => rowAt(layout, dancers[i]!) === row))
      const at = units.map((unit) => middleOf(unit.map((index) => dancers[index]!)))
      return {
        moves: inLine(asked, units, at, { count: changes, middleFirst: false, left: false }),
        together: [picked],
      }
    }),
  halved: (what) => (what.changes % 2 === 0 ? { ...what, changes: what.changes / 2 } : null),
})
