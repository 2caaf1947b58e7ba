import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { HALF_WIDTH, OUTSIDE } from '../places.ts'
import { rowAt } from '../standing.ts'
import { along, type Point } from '../way.ts'
import type { Answer } from '../who/answer.ts'
import { placesOn } from './amount.ts'
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

const schema = z
  .strictObject({
    verb: z.literal('cast'),
    rows: placesOn.optional(),
    to: z.enum(['bottom', 'top']).optional(),
    alone: z.literal(true).optional(),
  })
  .readonly()
type Cast = z.infer<typeof schema>

/** `cast 1`, `cast to the bottom`: down outside the lines, while the others of each move up. */
export const CAST = kernel<Cast>({
  schema,
  read: (reader) => {
    if (!reader.take(/cast(?: off)?(?! in file)/)) return null
    const to = reader.take(/(?:up )?to the (bottom|top)/)
    const rows = to ? null : reader.take(/-?\d{1,2}/)
    if (!to && !rows) return reader.expectedWord('how many rows, or to the bottom or to the top,')
    const alone = reader.take(/alone/)
    return succeed({
      verb: 'cast',
      ...(to ? { to: to[1]!.toLowerCase() as 'top' } : { rows: Number(rows![0]) }),
      ...(alone ? { alone: true as const } : {}),
    })
  },
  text: ({ rows, to, alone }) =>
    `cast ${to ? `to the ${to}` : (rows ?? 1)}${alone ? ' alone' : ''}`,
  dance: (asked, what) => eachScope(asked, (answer) => castIn(asked, answer, what)),
  halved: (what) =>
    what.rows !== undefined && what.rows % 2 === 0 ? { ...what, rows: what.rows / 2 } : null,
})

function castIn(asked: Asked, { scope, picked }: Answer, what: Cast): Danced | Refusal {
  const { dancers, layout, places } = asked.standing
  if (places.shape !== 'longways') return refuse('set.no-place')
  const row = (index: number): number => rowAt(layout, dancers[index]!)
  const moves: Move[] = []
  for (const side of [-1, 1]) {
    const line = scope
      .filter((index) => dancers[index]!.x * side > 0)
      .sort((a, b) => row(a) - row(b))
    const rows = line.map(row)
    const casters = line.filter((index) => picked.includes(index))
    if (casters.length === 0) continue
    const targets = casters.map((index, i) =>
      what.to === 'bottom'
        ? line.length - casters.length + i
        : what.to === 'top'
          ? i
          : line.indexOf(index) + what.rows!,
    )
    if (targets.some((target) => target < 0 || target >= line.length)) return refuse('set.no-place')
    const left = rows.map((_, i) => i).filter((i) => !targets.includes(i))
    const others = what.alone ? [] : line.filter((index) => !casters.includes(index))
    casters.forEach((index, i) => moves.push(castMove(asked, index, rows[targets[i]!]!, side)))
    others.forEach((index, i) => moves.push(moveUp(asked, index, rows[left[i]!]!, side)))
  }
  // A couple that casts together is no crowd.
  return { moves, together: [] }
}

const yOf = ({ standing }: Asked, row: number): number =>
  standing.layout.places.find((place) => place.row === row)!.y

function castMove(asked: Asked, index: number, row: number, side: number): Move {
  const dancer = asked.standing.dancers[index]!
  const y = yOf(asked, row)
  const end = { x: side * HALF_WIDTH, y }
  const out = side * OUTSIDE
  const corners: Point[] = [dancer, { x: out, y: dancer.y }, { x: out, y }, end]
  const isStill = dancer.y === y && dancer.x === end.x
  return moveOf(asked, index, { ...end, seen: inwardAt(asked.standing, end) }, (from, to) =>
    along(isStill ? [dancer, end] : corners, from, to),
  )
}

function moveUp(asked: Asked, index: number, row: number, side: number): Move {
  const dancer = asked.standing.dancers[index]!
  const end = { x: side * HALF_WIDTH, y: yOf(asked, row) }
  return moveOf(asked, index, { ...end, seen: inwardAt(asked.standing, end) }, (from, to) =>
    along([dancer, end], from, to),
  )
}

const fileSchema = z.strictObject({ verb: z.literal('cast in file') }).readonly()
/** The line follows its top dancer down outside, end for end. */
export const CAST_IN_FILE = kernel<z.infer<typeof fileSchema>>({
  schema: fileSchema,
  read: (reader) =>
    reader.take(/cast(?: off)? in file/) ? succeed({ verb: 'cast in file' }) : null,
  text: () => 'cast in file',
  dance: (asked) =>
    eachScope(asked, ({ picked }) => {
      const { dancers, layout, places } = asked.standing
      if (places.shape !== 'longways') return refuse('set.no-place')
      const moves = [-1, 1].flatMap((side) => {
        const line = picked
          .filter((index) => dancers[index]!.x * side > 0)
          .sort((a, b) => dancers[b]!.y - dancers[a]!.y)
        const rows = line.map((index) => rowAt(layout, dancers[index]!))
        return line.map((index, i) => {
          const dancer = dancers[index]!
          const y = yOf(asked, rows.at(-1 - i)!)
          const top = yOf(asked, rows[0]!)
          const end = { x: side * HALF_WIDTH, y }
          const out = side * OUTSIDE
          const corners = [dancer, { x: dancer.x, y: top }, { x: out, y: top }, { x: out, y }, end]
          return moveOf(asked, index, { ...end, seen: inwardAt(asked.standing, end) }, (a, b) =>
            along(corners, a, b),
          )
        })
      })
      return { moves, together: [] }
    }),
})
