import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { directionTo, facingSeen } from '../standing.ts'
import { stay } from '../way.ts'
import { pairOf } from '../who/pairs.ts'
import type { PairsWord } from '../who/who.ts'
import { TOWARD, towardAt, type Toward } from './facings.ts'
import { eachScope, kernel, moveOf } from './kernel.ts'

const PEOPLE = {
  partner: 'partners',
  neighbour: 'neighbours',
  'next neighbour': 'next neighbours',
  'previous neighbour': 'previous neighbours',
  opposite: 'opposites',
  corner: 'corners',
  shadow: 'shadows',
} as const satisfies Record<string, PairsWord>
const TO = [...TOWARD, ...(Object.keys(PEOPLE) as (keyof typeof PEOPLE)[])] as const
const faceSchema = z.strictObject({ verb: z.literal('face'), to: z.enum(TO) }).readonly()

/** Turning to a direction or to somebody; who has nobody there stays. */
export const FACE = kernel<z.infer<typeof faceSchema>>({
  schema: faceSchema,
  read: (reader) => {
    if (!reader.word(['face'])) return null
    const to = reader.word(TO)
    return to
      ? succeed({ verb: 'face', to })
      : reader.expectedWord('up, down, across, in, out, partner, neighbour, opposite or corner')
  },
  text: ({ to }) => `face ${to}`,
  dance: (asked, { to }) =>
    eachScope(asked, ({ scope, picked }) => {
      const { standing } = asked
      const { dancers, layout } = standing
      const moves = picked.map((index) => {
        const dancer = dancers[index]!
        const whom =
          to in PEOPLE ? pairOf(standing, scope, index, PEOPLE[to as keyof typeof PEOPLE]) : null
        const seen =
          whom !== null
            ? directionTo(dancer, dancers[whom]!)
            : to in PEOPLE
              ? facingSeen(layout, dancer, dancer.facing)
              : towardAt(standing, dancer, to as Toward)
        return moveOf(asked, index, { x: dancer.x, y: dancer.y, seen }, (a, b) =>
          stay(dancer, a, b),
        )
      })
      return { moves, together: [] }
    }),
})

const aloneSchema = z.strictObject({ verb: z.literal('turn alone') }).readonly()
export const TURN_ALONE = kernel<z.infer<typeof aloneSchema>>({
  schema: aloneSchema,
  read: (reader) => (reader.word(['turn alone']) ? succeed({ verb: 'turn alone' }) : null),
  text: () => 'turn alone',
  dance: (asked) =>
    eachScope(asked, ({ picked }) => ({
      moves: picked.map((index) => {
        const { dancers, layout } = asked.standing
        const dancer = dancers[index]!
        const seen = facingSeen(layout, dancer, dancer.facing) + 4
        return moveOf(asked, index, { x: dancer.x, y: dancer.y, seen }, (a, b) =>
          stay(dancer, a, b),
        )
      }),
      together: [],
    })),
})
