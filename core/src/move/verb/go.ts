import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { placeIdSchema } from '../places.ts'
import { facingSeen, placeAt } from '../standing.ts'
import { along, stay } from '../way.ts'
import { eachScope, kernel, moveOf, refuse, type Hand } from './kernel.ts'

const goSchema = z
  .strictObject({
    verb: z.literal('go'),
    ways: z
      .array(z.tuple([placeIdSchema, placeIdSchema]).readonly())
      .min(1)
      .max(64)
      .readonly(),
  })
  .readonly()
/** `go l1>r2 r2>l1`: as said, for what has no verb. */
export const GO = kernel<z.infer<typeof goSchema>>({
  schema: goSchema,
  read: (reader) => {
    if (!reader.word(['go'])) return null
    const ways: [string, string][] = []
    for (;;) {
      const from = reader.take(/[a-z]\d{1,3}/)
      if (!from) break
      if (!reader.sign('>')) return reader.expectedWord('> and a place')
      const to = reader.take(/[a-z]\d{1,3}/)
      if (!to) return reader.expectedWord('a place such as r2')
      ways.push([from[0], to[0]])
    }
    return ways.length > 0
      ? succeed({ verb: 'go', ways })
      : reader.expectedWord('from where to where, such as l1>r2')
  },
  text: ({ ways }) => `go ${ways.map(([from, to]) => `${from}>${to}`).join(' ')}`,
  dance: (asked, { ways }) => {
    const { dancers, layout } = asked.standing
    const moves = []
    for (const [from, to] of ways) {
      const [start, end] = [from, to].map((id) =>
        layout.places.findIndex((place) => place.id.toLowerCase() === id.toLowerCase()),
      ) as [number, number]
      if (start < 0 || end < 0) return refuse('set.no-place')
      const index = dancers.findIndex((dancer) => placeAt(layout, dancer) === start)
      if (index < 0) return refuse('set.nobody')
      const dancer = dancers[index]!
      const { x, y } = layout.places[end]!
      const seen = facingSeen(layout, { x, y }, layout.places[end]!.facing)
      moves.push(moveOf(asked, index, { x, y, seen }, (a, b) => along([dancer, { x, y }], a, b)))
    }
    return { moves, together: [moves.map(({ index }) => index)] }
  },
})

const HANDS = ['right', 'left', 'both', 'inside'] as const
const holdSchema = z.strictObject({ verb: z.literal('hold'), hands: z.enum(HANDS) }).readonly()
/** Hands only, while others of the lines move. */
export const HOLD = kernel<z.infer<typeof holdSchema>>({
  schema: holdSchema,
  read: (reader) => {
    if (!reader.word(['hold'])) return null
    const hands = reader.word(HANDS)
    return hands
      ? succeed({ verb: 'hold', hands })
      : reader.expectedWord('right, left, both or inside')
  },
  text: ({ hands }) => `hold ${hands}`,
  dance: (asked, { hands }) =>
    eachScope(asked, ({ picked, pairs }) => {
      const those = pairs ? [...new Set(pairs.flat())] : picked
      const { dancers, layout } = asked.standing
      const moves = those.map((index) => {
        const dancer = dancers[index]!
        const seen = facingSeen(layout, dancer, dancer.facing)
        const hand: Hand = hands === 'inside' ? (dancer.role === 'L' ? 'right' : 'left') : hands
        return moveOf(asked, index, { ...dancer, seen }, (a, b) => stay(dancer, a, b), hand)
      })
      return { moves, together: pairs ?? [] }
    }),
  mirrored: (what) => ({
    ...what,
    hands: what.hands === 'right' ? 'left' : what.hands === 'left' ? 'right' : what.hands,
  }),
})
