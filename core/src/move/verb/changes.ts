import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { directionTo } from '../standing.ts'
import { bow, inTurn, ringOrder, roundTo } from '../way.ts'
import type { Answer } from '../who/answer.ts'
import { pairOf } from '../who/pairs.ts'
import type { PairsWord } from '../who/who.ts'
import {
  eachScope,
  kernel,
  moveOf,
  refuse,
  type Asked,
  type Danced,
  type Refusal,
} from './kernel.ts'

/**
 * So many changes round the ring: every other dancer goes the other way, the first change with the
 * opposite or the partner.
 */
function changed(
  asked: Asked,
  { picked, pairs: told }: Answer,
  { changes, isLeft, word }: { changes: number; isLeft: boolean; word: PairsWord },
): Danced | Refusal {
  const { standing } = asked
  const scope = told ? [...new Set([...picked, ...told.flat()])] : picked
  const points = scope.map((index) => standing.dancers[index]!)
  const n = scope.length
  if (n < 4 || n % 2 === 1) return refuse('set.number', { least: 4, count: n })
  const order = ringOrder(points).map((i) => scope[i]!)
  const ways = order.map((index, i) => {
    const first = pairOf(standing, scope, index, word)
    if (first === order[(i + 1) % n]) return 1
    return first === order[(i + n - 1) % n] ? -1 : 0
  })
  const isEven = ways.every((way, i) => way !== 0 && way === -ways[(i + 1) % n]!)
  if (!isEven) return refuse('set.pairs', { count: n })
  const moves = order.map((index, i) => {
    const way = ways[i]!
    const at = (on: number) => standing.dancers[order[roundTo(i + way * on, n)]!]!
    const end = at(changes)
    return moveOf(
      asked,
      index,
      { x: end.x, y: end.y, seen: directionTo(end, at(changes + 1)) },
      (from, to) =>
        inTurn(
          Array.from({ length: changes }, (_, j) => {
            const side = (j % 2 === 0) === !isLeft ? 1 : -1
            const looks = directionTo(at(j), at(j + 1))
            const next = j + 1 < changes ? directionTo(at(j + 1), at(j + 2)) : to
            return bow(at(j), at(j + 1), side, j === 0 ? from : looks, next)
          }),
        ),
      isLeft ? 'left' : 'right',
    )
  })
  return { moves, together: [scope] }
}

function changesVerb<Verb extends 'rights and lefts' | 'grand chain'>(verb: Verb, word: PairsWord) {
  const schema = z
    .strictObject({
      verb: z.literal(verb),
      changes: z.int().min(1).max(32),
      first: z.literal('left').optional(),
    })
    .readonly()
  return kernel<z.infer<typeof schema>>({
    schema,
    read: (reader) => {
      if (!reader.word([verb])) return null
      const found = reader.take(/\d{1,2}/)
      if (!found) return reader.expectedWord('how many changes')
      const isLeft = reader.take(/left first/)
      return succeed({
        verb,
        changes: Number(found[0]),
        ...(isLeft ? { first: 'left' } : {}),
      } as z.infer<typeof schema>)
    },
    text: ({ changes, first }) => `${verb} ${changes}${first ? ' left first' : ''}`,
    dance: (asked, { changes, first }) =>
      eachScope(asked, (answer) =>
        changed(asked, answer, {
          changes,
          isLeft: first === 'left',
          word: asked.who.pairs ?? word,
        }),
      ),
    mirrored: ({ first, ...what }) =>
      (first ? what : { ...what, first: 'left' }) as z.infer<typeof schema>,
    halved: (what) =>
      what.changes % 2 === 0 ? ({ ...what, changes: what.changes / 2 } as typeof what) : null,
  })
}
export const RIGHTS_AND_LEFTS = changesVerb('rights and lefts', 'opposites')
export const GRAND_CHAIN = changesVerb('grand chain', 'partners')
