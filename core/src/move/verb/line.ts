import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { HALF_WIDTH } from '../places.ts'
import { facingSeen, rowAt } from '../standing.ts'
import { along, middleOf } from '../way.ts'
import { eachScope, kernel, moveOf, refuse } from './kernel.ts'

const ABREAST = 60
const EIGHTH = Math.PI / 4
/** One step forward or back, centimetres. */
const STEP = 60

const acrossSchema = z
  .strictObject({ verb: z.literal('line across'), facing: z.enum(['up', 'down']) })
  .readonly()
/** Into one line across the set, outermost those who stand ahead. */
export const LINE_ACROSS = kernel<z.infer<typeof acrossSchema>>({
  schema: acrossSchema,
  read: (reader) => {
    const found = reader.take(/line across facing (up|down)/)
    return found ? succeed({ verb: 'line across', facing: found[1]!.toLowerCase() as 'up' }) : null
  },
  text: ({ facing }) => `line across facing ${facing}`,
  dance: (asked, { facing }) =>
    eachScope(asked, ({ picked }) => {
      const { dancers } = asked.standing
      const ahead = facing === 'down' ? -1 : 1
      const y = Math.round(middleOf(picked.map((index) => dancers[index]!)).y)
      const moves = [-1, 1].flatMap((side) =>
        picked
          .filter((index) => dancers[index]!.x * side > 0)
          .sort((a, b) => (dancers[a]!.y - dancers[b]!.y) * ahead)
          .map((index, i) => {
            const dancer = dancers[index]!
            const end = { x: side * ABREAST * (i + 0.5), y }
            const seen = facing === 'down' ? 4 : 0
            return moveOf(
              asked,
              index,
              { ...end, seen },
              (from, to) => along([dancer, end], from, to),
              'both',
            )
          }),
      )
      return { moves, together: [picked] }
    }),
})

const bendSchema = z.strictObject({ verb: z.literal('bend the line') }).readonly()
/** The ends of a line go forward, so that two rows stand again. */
export const BEND_THE_LINE = kernel<z.infer<typeof bendSchema>>({
  schema: bendSchema,
  read: (reader) => (reader.word(['bend the line']) ? succeed({ verb: 'bend the line' }) : null),
  text: () => 'bend the line',
  dance: (asked) =>
    eachScope(asked, ({ picked }) => {
      const { dancers, layout } = asked.standing
      if (picked.length !== 4) return refuse('set.number', { least: 4, count: picked.length })
      const order = [...picked].sort((a, b) => dancers[a]!.x - dancers[b]!.x)
      const y = middleOf(picked.map((index) => dancers[index]!)).y
      const looks = facingSeen(layout, dancers[order[0]!]!, dancers[order[0]!]!.facing)
      const isUp = Math.cos(looks * EIGHTH) > 0
      const row = rowAt(layout, { x: -HALF_WIDTH, y: y + 1 })
      const rows = [row, row + 1].map((one) => layout.places.find((place) => place.row === one)?.y)
      if (rows.some((one) => one === undefined)) return refuse('set.no-place')
      const [upper, lower] = rows as [number, number]
      const moves = order.map((index, i) => {
        const dancer = dancers[index]!
        const isEnd = i === 0 || i === 3
        const end = { x: i < 2 ? -HALF_WIDTH : HALF_WIDTH, y: isEnd === isUp ? upper : lower }
        const seen = facingSeen(layout, dancer, dancer.facing)
        return moveOf(asked, index, { ...end, seen }, (from, to) => along([dancer, end], from, to))
      })
      return { moves, together: [picked] }
    }),
})

function stepsVerb<Verb extends 'forward' | 'back'>(verb: Verb) {
  const schema = z.strictObject({ verb: z.literal(verb), steps: z.int().min(1).max(32) }).readonly()
  return kernel<z.infer<typeof schema>>({
    schema,
    read: (reader) => {
      const found = reader.take(new RegExp(`${verb} (\\d{1,2})`))
      return found ? succeed({ verb, steps: Number(found[1]) } as z.infer<typeof schema>) : null
    },
    text: ({ steps }) => `${verb} ${steps}`,
    dance: (asked, { steps }) =>
      eachScope(asked, ({ picked }) => {
        const { dancers, layout } = asked.standing
        const way = verb === 'forward' ? 1 : -1
        const moves = picked.map((index) => {
          const dancer = dancers[index]!
          const seen = facingSeen(layout, dancer, dancer.facing)
          const far = way * STEP * steps
          const end = {
            x: dancer.x + far * Math.sin(seen * EIGHTH),
            y: dancer.y + far * Math.cos(seen * EIGHTH),
          }
          return moveOf(asked, index, { ...end, seen }, (from, to) =>
            along([dancer, end], from, to),
          )
        })
        return { moves, together: [picked] }
      }),
    halved: (what) =>
      what.steps % 2 === 0 ? ({ ...what, steps: what.steps / 2 } as typeof what) : null,
  })
}
export const FORWARD = stepsVerb('forward')
export const BACK = stepsVerb('back')
