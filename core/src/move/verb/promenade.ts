import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { facingSeen, placeAt } from '../standing.ts'
import { angleFrom, middleOf, ringWay, roundTo, type Point } from '../way.ts'
import type { Answer } from '../who/answer.ts'
import { partSchema, placesOn, readAmount, roundsText, valueOf } from './amount.ts'
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

const schema = z
  .strictObject({
    verb: z.literal('promenade'),
    places: placesOn.optional(),
    part: partSchema.optional(),
  })
  .readonly()
type Promenade = z.infer<typeof schema>

/** Couples side by side, anticlockwise by so many couple places, the lead inside. */
export const PROMENADE = kernel<Promenade>({
  schema,
  read: (reader) =>
    reader.take(/promenade(?! across)/)
      ? succeed({ verb: 'promenade', ...readAmount(reader) } as Promenade)
      : null,
  text: ({ places, part }) =>
    `promenade${places !== undefined ? ` ${places}` : part ? ` ${roundsText(part)}` : ''}`,
  dance: (asked, what) => eachScope(asked, (answer) => promenaded(asked, answer, what)),
  halved: ({ places, part }) =>
    places === undefined
      ? { verb: 'promenade', part: part ? [part[0], part[1] * 2] : [1, 2] }
      : places % 2 === 0
        ? { verb: 'promenade', places: places / 2 }
        : null,
})

function promenaded(
  asked: Asked,
  { picked, pairs }: Answer,
  { places, part }: Promenade,
): Danced | Refusal {
  const { standing } = asked
  const { layout, dancers } = standing
  const those = pairs ? [...new Set(pairs.flat())] : picked
  const at = those.map((index) => placeAt(layout, dancers[index]!))
  if (at.some((place) => place === null)) return refuse('set.no-place')
  const coupleOf = (i: number): number => layout.places[at[i]!]!.couple
  const pointsOf = (couple: number): readonly Point[] =>
    layout.places.filter((place) => place.couple === couple)
  const all = [...new Set(layout.places.map(({ couple }) => couple))]
  const inScope =
    standing.places.shape === 'longways'
      ? all.filter((one) => at.some((_, i) => coupleOf(i) === one))
      : all
  const ring = anticlockwise(inScope.map((couple) => ({ couple, ...middleOf(pointsOf(couple)) })))
  const n = ring.length
  const on = places ?? (part ? valueOf(part) * n : n)
  if (!Number.isInteger(on)) return refuse('set.amount', { of: n })
  const middle = middleOf(ring)
  const moves = those.map((index, i) => {
    const dancer = dancers[index]!
    const from = ring.findIndex(({ couple }) => couple === coupleOf(i))
    const target = ring[roundTo(from + on, n)]!.couple
    const { role } = layout.places[at[i]!]!
    const end = layout.places.find((place) => place.couple === target && place.role === role)!
    const seen = layout.isRound ? facingSeen(layout, end, 0) : inwardAt(standing, end)
    const off = dancer.role === 'F' ? 30 : -30
    const turn = (-on * 2 * Math.PI) / n
    const isRoundSet = layout.isRound || standing.places.shape === 'square'
    const near = middleOf(pointsOf(coupleOf(i)))
    const radius = isRoundSet
      ? layout.isRound
        ? Math.hypot(dancer.x, dancer.y)
        : 32 * n + off
      : 60 + off
    return moveOf(
      asked,
      index,
      { x: end.x, y: end.y, seen },
      (a) =>
        ringWay({
          middle,
          start: dancer,
          end,
          evenFrom: angleFrom(middle, layout.isRound ? dancer : near),
          turn,
          radius,
          seen: (share) => promenadeSeen(a, seen, angleFrom(middle, near), turn, share),
        }),
      'both',
    )
  })
  return { moves, together: [those] }
}

/** Looking on round the middle, anticlockwise, between how one stood and how one ends. */
function promenadeSeen(from: number, to: number, angle: number, turn: number, share: number) {
  const on = ((angle + turn * share) * 4) / Math.PI - 2
  const toOn = (seen: number): number => ((((on - seen) % 8) + 12) % 8) - 4
  if (share < 0.15) return from + toOn(from) * (share / 0.15)
  if (share > 0.85) return to + toOn(to) * ((1 - share) / 0.15)
  return on
}

function anticlockwise<One extends Point>(points: readonly One[]): One[] {
  const middle = middleOf(points)
  return [...points].sort((a, b) => angleFrom(middle, b) - angleFrom(middle, a))
}
