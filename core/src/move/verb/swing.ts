import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { placeAt } from '../standing.ts'
import {
  angleFrom,
  blend,
  eighthsOf,
  middleOf,
  near,
  round,
  ROUND_RADIUS,
  type Point,
} from '../way.ts'
import { TOWARD, towardAt } from './facings.ts'
import { eachPair, kernel, moveOf, refuse, type Asked, type Move, type Refusal } from './kernel.ts'

const FULL = 2 * Math.PI
const schema = z
  .strictObject({
    verb: z.literal('swing'),
    facing: z.enum(TOWARD),
    at: z.enum(['leads', 'follows']).optional(),
  })
  .readonly()
type Swing = z.infer<typeof schema>

/** `swing facing across`, `swing facing in at leads`: they end side by side, the follow on the right. */
export const SWING = kernel<Swing>({
  schema,
  read: (reader) => {
    if (!reader.word(['swing'])) return null
    if (!reader.take(/facing/)) return reader.expectedWord('facing and a direction')
    const facing = reader.word(TOWARD)
    if (!facing) return reader.expectedWord('up, down, across, in or out')
    const at = reader.take(/at (leads|follows)/)
    return succeed({
      verb: 'swing',
      facing,
      ...(at ? { at: at[1]!.toLowerCase() as 'leads' } : {}),
    })
  },
  text: ({ facing, at }) => `swing facing ${facing}${at ? ` at ${at}` : ''}`,
  dance: (asked, what) => eachPair(asked, (pair) => swung(asked, pair, what)),
  looksAt: true,
})

function swung(
  asked: Asked,
  pair: readonly [number, number],
  what: Swing,
): readonly Move[] | Refusal {
  const { dancers } = asked.standing
  const ends = endsOf(asked, pair, what)
  if ('refused' in ends) return ends
  const middle = middleOf(pair.map((index) => dancers[index]!))
  return pair.map((index) => {
    const start = dancers[index]!
    const end = ends[start.role === leftRole(asked, pair) ? 0 : 1]
    return moveOf(
      asked,
      index,
      { ...end, seen: towardAt(asked.standing, end, what.facing) },
      (from, to) => swingWay(middle, start, end, from, to),
      'both',
    )
  })
}

/** Who stands on the left: the lead; of two alike the one who is told first. */
const leftRole = ({ standing }: Asked, pair: readonly [number, number]): string => {
  const roles = pair.map((index) => standing.dancers[index]!.role)
  return roles.includes('L') ? 'L' : roles[0]!
}

/** The left and the right of the two points at which they end. */
function endsOf(
  { standing }: Asked,
  [a, b]: readonly [number, number],
  { facing, at }: Swing,
): readonly [Point, Point] | Refusal {
  const { dancers, layout } = standing
  const [one, other] = [dancers[a]!, dancers[b]!]
  if (one.role === other.role && one.role !== 'D') return refuse('set.facing')
  const points: Point[] = [one, other]
  if (at) {
    const host = [one, other].find(({ role }) => role === (at === 'leads' ? 'L' : 'F'))
    const place = host ? placeAt(layout, host) : null
    if (place === null) return refuse('set.no-place')
    const { couple } = layout.places[place]!
    const two = layout.places.filter((each) => each.couple === couple)
    if (two.length !== 2) return refuse('set.no-place')
    points.splice(0, 2, ...two)
  }
  const [seen, otherSeen] = points.map((point) => towardAt(standing, point, facing))
  const middle = middleOf(points)
  const toward = towardAt(standing, middle, facing)
  if (!layout.isRound && Math.abs(near(((seen! - otherSeen!) * Math.PI) / 4)) > 0.1)
    return refuse('set.facing')
  const angle = ((layout.isRound ? toward : seen!) * Math.PI) / 4
  // To the right of who looks there.
  const right = { x: Math.cos(angle), y: -Math.sin(angle) }
  const [p, q] = points as [Point, Point]
  const length = Math.hypot(q.x - p.x, q.y - p.y)
  const over = ((q.x - p.x) * right.x + (q.y - p.y) * right.y) / (length || 1)
  if (Math.abs(over) < 0.5) return refuse('set.facing')
  return over > 0 ? [p, q] : [q, p]
}

/** Clockwise round each other once and as much more as it takes. */
function swingWay(middle: Point, start: Point, end: Point, from: number, to: number) {
  const [a, b] = [angleFrom(middle, start), angleFrom(middle, end)]
  const turn = FULL + ((((b - a) % FULL) + FULL) % FULL)
  const spun = eighthsOf(turn)
  const rest = blend(from, to - spun)
  const way = round(middle, start, turn, ROUND_RADIUS, (share) => rest(share) + spun * share)
  return (share: number) => {
    const spot = way(share)
    const last = Math.max(0, (share - 0.75) / 0.25)
    if (last === 0) return spot
    // Out to where they end, which may be another couple's place.
    const inner = way(0.75)
    return {
      x: inner.x + (end.x - inner.x) * last,
      y: inner.y + (end.y - inner.y) * last,
      seen: spot.seen,
    }
  }
}
