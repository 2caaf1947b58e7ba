import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { HALF_WIDTH, OUTSIDE, ROW } from '../places.ts'
import { facingSeen, rowAt } from '../standing.ts'
import { along, type Point } from '../way.ts'
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

/** Who goes down the middle is so far from the middle of the set. */
const INSIDE = 40
const WAYS = ['up', 'down'] as const

const leadSchema = z
  .strictObject({
    verb: z.literal('lead'),
    way: z.enum(WAYS),
    rows: z.int().min(1).max(32),
    to: z.literal('place').optional(),
  })
  .readonly()
/** `lead down 2`: rows in the middle, by inside hands. */
export const LEAD = kernel<z.infer<typeof leadSchema>>({
  schema: leadSchema,
  read: (reader) => {
    if (!reader.word(['lead'])) return null
    const way = reader.word(WAYS)
    const rows = way && reader.take(/\d{1,2}/)
    if (!rows) return reader.expectedWord('up or down and how many rows')
    const to = reader.take(/to places?/) ? { to: 'place' as const } : {}
    return succeed({ verb: 'lead', way, rows: Number(rows[0]), ...to })
  },
  text: ({ way, rows, to }) => `lead ${way} ${rows}${to ? ' to place' : ''}`,
  dance: (asked, { way, rows, to }) =>
    byRows(asked, way === 'down' ? rows : -rows, (index, y) => {
      const dancer = asked.standing.dancers[index]!
      const side = Math.sign(dancer.x)
      const middle = side * INSIDE
      const end = { x: to ? side * HALF_WIDTH : middle, y }
      const corners: Point[] = [dancer, { x: middle, y: dancer.y }, { x: middle, y }, end]
      const seen = to ? inwardAt(asked.standing, end) : way === 'down' ? 4 : 0
      return moveOf(
        asked,
        index,
        { ...end, seen },
        (from, turned) => along(corners, from, turned),
        // The hand next to the partner.
        side < 0 === (way === 'down') ? 'left' : 'right',
      )
    }),
  halved: (what) => (what.rows % 2 === 0 ? { ...what, rows: what.rows / 2 } : null),
})

/** Rows from where each stands, or a refusal where the set has none there. */
function byRows(
  asked: Asked,
  on: number,
  move: (index: number, y: number) => Move,
  mayLeave = false,
): Danced | Refusal {
  const { dancers, layout, places } = asked.standing
  if (places.shape !== 'longways') return refuse('set.no-place')
  return eachScope(asked, ({ picked }) => {
    const moves: Move[] = []
    for (const index of picked) {
      const row = rowAt(layout, dancers[index]!) + on
      const place = layout.places.find((one) => one.row === row)
      if (!place && !mayLeave) return refuse('set.no-place')
      // Down the hall there is room beyond the last row.
      moves.push(move(index, place ? place.y : dancers[index]!.y - on * ROW))
    }
    return { moves, together: rowsTogether(asked, picked) }
  })
}
/** Those of a row go together. */
function rowsTogether({ standing }: Asked, picked: readonly number[]): number[][] {
  const row = (index: number): number => rowAt(standing.layout, standing.dancers[index]!)
  return [...new Set(picked.map(row))].map((one) => picked.filter((index) => row(index) === one))
}

function sideways<Verb extends 'slip' | 'move'>(verb: Verb) {
  const schema = z
    .strictObject({
      verb: z.literal(verb),
      way: z.enum(WAYS),
      rows: z.int().min(1).max(32),
      where: z.enum(['inside', 'outside']).optional(),
    })
    .readonly()
  return kernel<z.infer<typeof schema>>({
    schema,
    read: (reader) => {
      if (!reader.word([verb])) return null
      const way = reader.word(WAYS)
      const rows = way && reader.take(/\d{1,2}/)
      if (!rows) return reader.expectedWord('up or down and how many rows')
      const where = reader.word(['inside', 'outside'])
      return succeed({ verb, way, rows: Number(rows[0]), ...(where ? { where } : {}) } as z.infer<
        typeof schema
      >)
    },
    text: ({ way, rows, where }) => `${verb} ${way} ${rows}${where ? ` ${where}` : ''}`,
    dance: (asked, { way, rows, where }) =>
      byRows(asked, way === 'down' ? rows : -rows, (index, y) => {
        const { dancers, layout } = asked.standing
        const dancer = dancers[index]!
        const side = Math.sign(dancer.x)
        const end = { x: side * HALF_WIDTH, y }
        const lane = where === 'inside' ? side * INSIDE : where ? side * OUTSIDE : dancer.x
        const corners = where
          ? [dancer, { x: lane, y: dancer.y }, { x: lane, y }, end]
          : [dancer, end]
        const seen = facingSeen(layout, dancer, dancer.facing)
        return moveOf(asked, index, { ...end, seen }, (from, to) => along(corners, from, to))
      }),
    halved: (what) =>
      what.rows % 2 === 0 ? ({ ...what, rows: what.rows / 2 } as typeof what) : null,
  })
}
export const SLIP = sideways('slip')
export const MOVE = sideways('move')
