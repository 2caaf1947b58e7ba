import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { directionTo } from '../standing.ts'
import {
  angleFrom,
  blend,
  eighthsOf,
  middleOf,
  ringOrder,
  ringWay,
  type Point,
  roundTo,
} from '../way.ts'
import type { Answer } from '../who/answer.ts'
import {
  halfPart,
  otherSide,
  partSchema,
  placesOn,
  readAmount,
  roundsText,
  SIDES,
  valueOf,
  type Part,
} from './amount.ts'
import { inwardAt } from './facings.ts'
import {
  eachScope,
  kernel,
  moveOf,
  refuse,
  type Asked,
  type Danced,
  type Hand,
  type Refusal,
} from './kernel.ts'

const amountFields = { places: placesOn.optional(), part: partSchema.optional() }
type Amount = { readonly places?: number | undefined; readonly part?: Part | undefined }

/** How many places on that is in a ring of so many; null where it is no whole number of them. */
function placesIn({ places, part }: Amount, of: number): number | null {
  const on = places ?? (part ? valueOf(part) * of : of)
  return Math.abs(on - Math.round(on)) < 1e-9 ? Math.round(on) : null
}
const amountText = ({ places, part }: Amount): string =>
  places !== undefined ? ` ${places}` : part ? ` ${roundsText(part)}` : ''
function halfAmount({ places, part }: Amount): Amount | null {
  if (places !== undefined) return places % 2 === 0 ? { places: places / 2 } : null
  return { part: halfPart(part ?? [1, 1]) }
}

/** Everybody of a ring on by so many places, clockwise above 0. */
function goRound(
  asked: Asked,
  amount: Amount,
  way: 1 | -1,
  { looks, hand, least }: { looks: 'middle' | 'on' | 'in'; hand: Hand | null; least: number },
): Danced | Refusal {
  return eachScope(asked, (answer) => ringOf(asked, answer))

  function ringOf({ standing }: Asked, { picked }: Answer): Danced | Refusal {
    const n = picked.length
    if (n < least) return refuse('set.number', { least, count: n })
    const on = placesIn(amount, n)
    if (on === null) return refuse('set.amount', { of: n })
    const points = picked.map((index) => standing.dancers[index]!)
    const middle = middleOf(points)
    if (n === 3 && isStraight(points) && on % n !== 0) return refuse('set.amount', { of: n })
    const order = ringOrder(points)
    const turn = (way * on * 2 * Math.PI) / n
    const angles = order.map((i) => angleFrom(middle, points[i]!))
    // The even ring that lies nearest to how they stand.
    const first = angles.reduce((sum, angle, i) => sum + angle - (i * 2 * Math.PI) / n, 0) / n
    const moves = order.map((from, i) => {
      const end = points[order[roundTo(i + way * on, n)]!]!
      const endAngle = angleFrom(middle, end)
      const seen =
        looks === 'middle'
          ? directionTo(end, middle)
          : looks === 'on'
            ? eighthsOf(endAngle) + 2 * way
            : inwardAt(standing, end)
      return moveOf(
        asked,
        picked[from]!,
        { x: end.x, y: end.y, seen },
        (a, b) =>
          ringWay({
            middle,
            start: points[from]!,
            end,
            evenFrom: first + (i * 2 * Math.PI) / n,
            turn,
            radius: 16 * n,
            seen: ringSeen(a, b, turn, looks !== 'in'),
          }),
        hand,
      )
    })
    return { moves, together: [picked] }
  }
}

/** Looks go round with the ring, from how one stood to how one ends. */
function ringSeen(from: number, to: number, turn: number, turns: boolean) {
  if (!turns) return blend(from, to)
  const round = eighthsOf(turn)
  const rest = blend(from, to - round)
  return (share: number): number => rest(share) + round * share
}

/** Whether three stand in one row. */
function isStraight([a, b, c]: readonly Point[]): boolean {
  const area = (b!.x - a!.x) * (c!.y - a!.y) - (c!.x - a!.x) * (b!.y - a!.y)
  return Math.abs(area) < 200
}

/** `circle left 3`, `star right 1/2`, `single file left 2`: round the middle. */
function ringVerb<Verb extends 'circle' | 'star' | 'single file'>(verb: Verb) {
  const schema = z
    .strictObject({ verb: z.literal(verb), side: z.enum(SIDES), ...amountFields })
    .readonly()
  return kernel<z.infer<typeof schema>>({
    schema,
    read: (reader) => {
      if (!reader.word([verb])) return null
      const side = reader.word(SIDES)
      if (!side) return reader.expectedWord('left or right')
      return succeed({ verb, side, ...readAmount(reader) } as z.infer<typeof schema>)
    },
    text: (what) => `${what.verb} ${what.side}${amountText(what)}`,
    // To the right hand in a star is clockwise; to the left in a circle or file is.
    dance: (asked, what) =>
      goRound(asked, what, (what.side === 'left') === (verb !== 'star') ? 1 : -1, {
        looks: verb === 'circle' ? 'middle' : 'on',
        hand: verb === 'circle' ? 'both' : verb === 'star' ? what.side : null,
        least: 3,
      }),
    mirrored: (what) => ({ ...what, side: otherSide(what.side) }),
    halved: (what) => {
      const half = halfAmount(what)
      const { places: _, part: __, ...rest } = what
      return half && ({ ...rest, ...half } as typeof what)
    },
  })
}
export const CIRCLE = ringVerb('circle')
export const STAR = ringVerb('star')
export const SINGLE_FILE = ringVerb('single file')

const petronellaSchema = z
  .strictObject({
    verb: z.literal('petronella'),
    side: z.literal('left').optional(),
    ...amountFields,
  })
  .readonly()
/** On to the right hand, facing in. */
export const PETRONELLA = kernel<z.infer<typeof petronellaSchema>>({
  schema: petronellaSchema,
  read: (reader) => {
    if (!reader.word(['petronella'])) return null
    const side = reader.word(['left']) ? { side: 'left' as const } : {}
    return succeed({ verb: 'petronella', ...side, ...readAmount(reader) } as z.infer<
      typeof petronellaSchema
    >)
  },
  text: (what) => `petronella${what.side ? ' left' : ''}${amountText(what)}`,
  dance: (asked, what) =>
    goRound(
      asked,
      what.places === undefined && !what.part ? { places: 1 } : what,
      what.side ? 1 : -1,
      {
        looks: 'in',
        hand: null,
        least: 3,
      },
    ),
  mirrored: ({ side, ...what }) => (side ? what : { ...what, side: 'left' }),
  halved: (what) => {
    const half = halfAmount(what.places === undefined && !what.part ? { places: 1 } : what)
    return (
      half &&
      ({ verb: 'petronella', ...(what.side ? { side: what.side } : {}), ...half } as typeof what)
    )
  },
})
