import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { bow, middleOf, along } from '../way.ts'
import type { Answer } from '../who/answer.ts'
import { inwardAt } from './facings.ts'
import {
  eachScope,
  kernel,
  moveOf,
  refuse,
  type Asked,
  type Danced,
  type Refusal,
} from './kernel.ts'

type Verb = 'right and left through' | 'promenade across' | 'cross trail'

/** Each of two couples that face each other goes to the diagonal place. */
function through(asked: Asked, { picked }: Answer, verb: Verb): Danced | Refusal {
  const { standing } = asked
  if (picked.length !== 4) return refuse('set.number', { least: 4, count: picked.length })
  const points = picked.map((index) => standing.dancers[index]!)
  const middle = middleOf(points)
  const moves = picked.map((index, i) => {
    const start = points[i]!
    const end = points.find(
      ({ x, y }) => Math.hypot(2 * middle.x - start.x - x, 2 * middle.y - start.y - y) < 40,
    )
    if (!end) return null
    const inward = inwardAt(standing, end)
    return moveOf(
      asked,
      index,
      { x: end.x, y: end.y, seen: verb === 'cross trail' ? inward + 4 : inward },
      (from, to) => {
        if (verb !== 'promenade across') return bow(start, end, 1, from, to)
        // Round each other, left shoulders to the middle: to one's right first.
        const [dx, dy] = [end.x - start.x, end.y - start.y]
        const out = { x: middle.x + dy * 0.35, y: middle.y - dx * 0.35 }
        return along([start, out, end], from, to)
      },
      verb === 'promenade across' ? 'both' : null,
    )
  })
  if (moves.some((move) => move === null)) return refuse('set.no-place')
  return { moves: moves.flatMap((move) => move ?? []), together: [picked] }
}

function throughVerb<One extends Verb>(verb: One, words: RegExp) {
  const schema = z.strictObject({ verb: z.literal(verb) }).readonly()
  return kernel<{ readonly verb: One }>({
    schema: schema as never,
    read: (reader) => (reader.take(words) ? succeed({ verb }) : null),
    text: () => verb,
    dance: (asked) => eachScope(asked, (answer) => through(asked, answer, verb)),
  })
}
export const RIGHT_AND_LEFT_THROUGH = throughVerb(
  'right and left through',
  /right and left through/,
)
export const PROMENADE_ACROSS = throughVerb('promenade across', /promenade across/)
export const CROSS_TRAIL = throughVerb('cross trail', /cross trail/)
