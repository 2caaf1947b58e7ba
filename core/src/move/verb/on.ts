import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { facingSeen, laneAt, rowAt } from '../standing.ts'
import { angleFrom, blend, eighthsOf, near, roundTo, type Way } from '../way.ts'
import { placesOn } from './amount.ts'
import {
  eachScope,
  kernel,
  moveOf,
  refuse,
  type Asked,
  type Danced,
  type Move,
  type Refusal,
} from './kernel.ts'

const LANES = ['inside', 'outside'] as const
const onSchema = z
  .strictObject({ verb: z.literal('on'), places: placesOn, lane: z.enum(LANES).optional() })
  .readonly()
const toSchema = z.strictObject({ verb: z.literal('to'), lane: z.enum(LANES) }).readonly()

/** Stations along the line of dance, in the own lane or another. */
function goneOn(
  asked: Asked,
  on: number,
  lane: (typeof LANES)[number] | undefined,
): Danced | Refusal {
  const { standing } = asked
  const { layout, dancers } = standing
  if (!layout.isRound) return refuse('set.no-place')
  return eachScope(asked, ({ picked }) => {
    const moves: Move[] = []
    for (const index of picked) {
      const dancer = dancers[index]!
      const row = roundTo(rowAt(layout, dancer) + on, layout.rows)
      const lanes = layout.places.filter((place) => place.row === row)
      const wanted =
        lane === undefined ? laneAt(layout, dancer) : lane === 'inside' ? 0 : lanes.length - 1
      const end = lanes.find((place) => place.lane === wanted)
      if (!end) return refuse('set.no-place')
      const turn = (-on * 2 * Math.PI) / layout.rows
      moves.push(
        moveOf(
          asked,
          index,
          { x: end.x, y: end.y, seen: facingSeen(layout, end, dancer.facing) },
          (from, to) => arc(dancer, end, turn, from, to),
        ),
      )
    }
    return { moves, together: [] }
  })
}

/** Round the middle from one point to another by about that angle. */
function arc(
  start: { x: number; y: number },
  end: { x: number; y: number },
  about: number,
  from: number,
  to: number,
): Way {
  const middle = { x: 0, y: 0 }
  const [a, b] = [angleFrom(middle, start), angleFrom(middle, end)]
  const turn = about + near(b - a - about)
  const [r, q] = [Math.hypot(start.x, start.y), Math.hypot(end.x, end.y)]
  const spun = eighthsOf(turn)
  const rest = blend(from, to - spun)
  return (share) => {
    const angle = a + turn * share
    const radius = r + (q - r) * share
    return {
      x: radius * Math.sin(angle),
      y: radius * Math.cos(angle),
      seen: rest(share) + spun * share,
    }
  }
}

export const ON = kernel<z.infer<typeof onSchema>>({
  schema: onSchema,
  read: (reader) => {
    if (!reader.word(['on'])) return null
    const places = reader.take(/-?\d{1,2}/)
    if (!places) return reader.expectedWord('how many stations')
    const lane = reader.word(LANES)
    return succeed({ verb: 'on', places: Number(places[0]), ...(lane ? { lane } : {}) })
  },
  text: ({ places, lane }) => `on ${places}${lane ? ` ${lane}` : ''}`,
  dance: (asked, { places, lane }) => goneOn(asked, places, lane),
  halved: (what) => (what.places % 2 === 0 ? { ...what, places: what.places / 2 } : null),
})
export const TO = kernel<z.infer<typeof toSchema>>({
  schema: toSchema,
  read: (reader) => {
    const found = reader.take(/to (inside|outside)/)
    return found ? succeed({ verb: 'to', lane: found[1]!.toLowerCase() as 'inside' }) : null
  },
  text: ({ lane }) => `to ${lane}`,
  dance: (asked, { lane }) => goneOn(asked, 0, lane),
})
