import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { directionTo, facingSeen } from '../standing.ts'
import { bow, type Point } from '../way.ts'
import { inwardAt } from './facings.ts'
import { eachPair, kernel, moveOf, type Asked, type Hand, type Move } from './kernel.ts'

/** How who has changed places looks: on, back, as before, half round, or in. */
type Looks = 'on' | 'back' | 'kept' | 'half' | 'in'

function exchanged(
  asked: Asked,
  [a, b]: readonly [number, number],
  looks: Looks,
  side: 1 | -1,
  hand: Hand | null,
): readonly Move[] {
  const { dancers } = asked.standing
  return [
    [a, b],
    [b, a],
  ].map(([from, to]) => {
    const [start, end] = [dancers[from!]!, dancers[to!]!]
    return moveOf(
      asked,
      from!,
      { x: end.x, y: end.y, seen: seenAfter(asked, from!, end, looks) },
      (one, other) => bow(start, end, side, one, other),
      hand,
    )
  })
}

function seenAfter({ standing }: Asked, index: number, end: Point, looks: Looks): number {
  const start = standing.dancers[index]!
  const { layout } = standing
  const own = facingSeen(layout, start, start.facing)
  switch (looks) {
    case 'on': {
      if (!layout.isRound) return directionTo(start, end)
      // In a ring as at the midpoint: the facing there, carried on round the middle.
      const middle = { x: (start.x + end.x) / 2, y: (start.y + end.y) / 2 }
      const there = directionTo(start, end) - facingSeen(layout, middle, 0)
      return facingSeen(layout, end, Math.round(there))
    }
    case 'back':
      return directionTo(end, start)
    case 'kept':
      return layout.isRound ? facingSeen(layout, end, start.facing) : own
    case 'half':
      return layout.isRound ? facingSeen(layout, end, start.facing + 4) : own + 4
    case 'in':
      return inwardAt(standing, end)
  }
}

/** A verb by which the two of a pair change places. */
function exchange<Verb extends string>(
  verb: Verb,
  looks: Looks,
  more: { readonly looksAt?: true; readonly hand?: Hand; readonly words?: RegExp } = {},
) {
  const schema = z
    .strictObject({ verb: z.literal(verb), side: z.literal('left').optional() })
    .readonly()
  return kernel<{ readonly verb: Verb; readonly side?: 'left' | undefined }>({
    schema: schema as never,
    read: (reader) => {
      if (!(more.words ? reader.take(more.words) : reader.word([verb]))) return null
      const isLeft = reader.take(/(?:by the )?left(?: shoulders?)?/)
      return succeed({ verb, ...(isLeft ? { side: 'left' as const } : {}) })
    },
    text: ({ side }) => (side ? `${verb} left` : verb),
    dance: (asked, { side }) =>
      eachPair(asked, (pair) =>
        exchanged(
          asked,
          pair,
          looks,
          side ? -1 : 1,
          side && more.hand ? 'left' : (more.hand ?? null),
        ),
      ),
    mirrored: ({ side }) => (side ? { verb } : { verb, side: 'left' }),
    ...(more.looksAt ? { looksAt: true as const } : {}),
  })
}

export const PASS = exchange('pass', 'on', { looksAt: true, words: /pass(?: through)?/ })
export const DIVE = exchange('dive', 'on', { words: /dive(?: through)?/ })
export const CROSS = exchange('cross', 'back', {
  looksAt: true,
  words: /cross(?! trail)(?: over)?/,
})
export const BOX = exchange('box', 'back', { looksAt: true, hand: 'right' })
export const ROLL_AWAY = exchange('roll away', 'kept')
export const TWIRL = exchange('twirl', 'half', { hand: 'right' })
export const CHAIN = exchange('chain', 'in', { hand: 'right' })
