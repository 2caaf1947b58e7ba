import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { along, ringOrder, roundTo } from '../way.ts'
import { otherSide, SIDES } from './amount.ts'
import { inwardAt } from './facings.ts'
import { eachScope, kernel, moveOf, refuse } from './kernel.ts'

const schema = z
  .strictObject({ verb: z.literal('shift'), side: z.enum(SIDES), places: z.int().min(1).max(32) })
  .readonly()

/** The whole oval on by so many places: left is clockwise. */
export const SHIFT = kernel<z.infer<typeof schema>>({
  schema,
  read: (reader) => {
    if (!reader.word(['shift'])) return null
    const side = reader.word(SIDES)
    const places = side && reader.take(/\d{1,2}/)
    if (!places) return reader.expectedWord('left or right and how many places')
    return succeed({ verb: 'shift', side, places: Number(places[0]) })
  },
  text: ({ side, places }) => `shift ${side} ${places}`,
  dance: (asked, { side, places }) =>
    eachScope(asked, ({ picked }) => {
      const { standing } = asked
      const points = picked.map((index) => standing.dancers[index]!)
      if (points.length < 3) return refuse('set.number', { least: 3, count: points.length })
      const order = ringOrder(points)
      const n = order.length
      const way = side === 'left' ? 1 : -1
      const at = (i: number) => points[order[roundTo(i, n)]!]!
      const moves = order.map((from, i) => {
        const end = at(i + way * places)
        const corners = Array.from({ length: places + 1 }, (_, j) => at(i + way * j))
        return moveOf(
          asked,
          picked[from]!,
          { x: end.x, y: end.y, seen: inwardAt(standing, end) },
          (a, b) => along(corners, a, b),
        )
      })
      return { moves, together: [picked] }
    }),
  mirrored: (what) => ({ ...what, side: otherSide(what.side) }),
  halved: (what) => (what.places % 2 === 0 ? { ...what, places: what.places / 2 } : null),
})
