import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { OUTSIDE } from '../places.ts'
import { facingSeen, rowAt } from '../standing.ts'
import { along, type Point } from '../way.ts'
import { inwardAt } from './facings.ts'
import { eachScope, kernel, moveOf, pairsIn, refuse, type Move } from './kernel.ts'

/** Couples keep so far out of each other's way, centimetres. */
const ASIDE = 120
const halfSchema = z
  .strictObject({ verb: z.literal('poussette half'), side: z.literal('left').optional() })
  .readonly()
/** The two rows of a minor set exchange, one couple round the other. */
export const HALF_POUSSETTE = kernel<z.infer<typeof halfSchema>>({
  schema: halfSchema,
  read: (reader) => {
    const found = reader.take(/poussette (?:1\/2|halfway)( left)?/)
    return found
      ? succeed({ verb: 'poussette half', ...(found[1] ? { side: 'left' as const } : {}) })
      : null
  },
  text: ({ side }) => `poussette 1/2${side ? ' left' : ''}`,
  dance: (asked, { side }) =>
    eachScope(asked, ({ picked }) => {
      const { dancers, layout } = asked.standing
      const rows = [...new Set(picked.map((index) => rowAt(layout, dancers[index]!)))].sort(
        (a, b) => a - b,
      )
      if (rows.length !== 2) return refuse('set.number', { least: 4, count: picked.length })
      const moves = picked.map((index) => {
        const dancer = dancers[index]!
        const isFirst = rowAt(layout, dancer) === rows[0]
        const other = rows[isFirst ? 1 : 0]
        const y = layout.places.find(({ row }) => row === other)!.y
        const aside = dancer.x + (isFirst === (side === undefined) ? ASIDE : -ASIDE)
        const end = { x: dancer.x, y }
        const corners = [dancer, { x: aside, y: dancer.y }, { x: aside, y }, end]
        const seen = facingSeen(layout, dancer, dancer.facing)
        return moveOf(
          asked,
          index,
          { ...end, seen },
          (from, to) => along(corners, from, to),
          'both',
        )
      })
      const together = rows.map((row) =>
        picked.filter((index) => rowAt(layout, dancers[index]!) === row),
      )
      return { moves, together }
    }),
  mirrored: ({ side }) =>
    side ? { verb: 'poussette half' } : { verb: 'poussette half', side: 'left' },
})

const eightSchema = z.strictObject({ verb: z.literal('figure eight half') }).readonly()
/** The pair exchanges, round the row below. */
export const HALF_FIGURE_EIGHT = kernel<z.infer<typeof eightSchema>>({
  schema: eightSchema,
  read: (reader) =>
    reader.take(/figure eight (?:1\/2|halfway)/) ? succeed({ verb: 'figure eight half' }) : null,
  text: () => 'figure eight 1/2',
  dance: (asked) =>
    eachScope(asked, (answer) => {
      const { standing } = asked
      const { dancers, layout } = standing
      const pairs = pairsIn(answer)
      if ('refused' in pairs) return pairs
      const moves: Move[] = []
      for (const pair of pairs)
        for (const [one, other] of [pair, [pair[1], pair[0]] as const]) {
          const [start, end] = [dancers[one]!, dancers[other]!]
          const below = layout.places.find(({ row }) => row === rowAt(layout, start) + 1)
          if (!below) return refuse('set.no-place')
          const side = Math.sign(end.x)
          const corners: Point[] = [
            start,
            { x: 0, y: (start.y + below.y) / 2 },
            { x: side * 45, y: below.y - 60 },
            { x: side * OUTSIDE, y: below.y - 60 },
            { x: side * OUTSIDE, y: end.y },
            end,
          ]
          moves.push(
            moveOf(asked, one, { x: end.x, y: end.y, seen: inwardAt(standing, end) }, (from, to) =>
              along(corners, from, to),
            ),
          )
        }
      return { moves, together: pairs }
    }),
})
