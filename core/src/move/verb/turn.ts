import { z } from 'zod'
import { succeed, type Result } from '../../document/index.ts'
import type { Reader } from '../reader.ts'
import { directionTo, facingSeen } from '../standing.ts'
import { angleFrom, blend, eighthsOf, middleOf, round, ROUND_RADIUS, type Point } from '../way.ts'
import { answerWho } from '../who/answer.ts'
import { whoSchema } from '../who/who.ts'
import { readWho, whoText } from '../who/whoText.ts'
import { halfPart, otherSide, partSchema, partText, readPart, SIDES, valueOf } from './amount.ts'
import {
  eachPair,
  kernel,
  moveOf,
  refuse,
  type Asked,
  type Hand,
  type Move,
  type Refusal,
} from './kernel.ts'

const FULL = 2 * Math.PI
const GATE_RADIUS = 90

/** Round a middle by part of a turn, clockwise above 0, looking there, on, or with the turn. */
function goneRound(
  asked: Asked,
  index: number,
  middle: Point,
  turns: number,
  looks: 'each other' | 'kept' | 'with',
  radius: number,
  hand: Hand | null,
): Move {
  const { layout, dancers } = asked.standing
  const start = dancers[index]!
  const far = Math.hypot(start.x - middle.x, start.y - middle.y)
  const angle = angleFrom(middle, start) + turns * FULL
  const end = { x: middle.x + far * Math.sin(angle), y: middle.y + far * Math.cos(angle) }
  const own = facingSeen(layout, start, start.facing)
  const turn = eighthsOf(turns * FULL)
  const seen =
    looks === 'each other'
      ? directionTo(end, middle)
      : looks === 'with'
        ? own + turn
        : layout.isRound
          ? facingSeen(layout, end, start.facing)
          : own
  return moveOf(
    asked,
    index,
    { ...end, seen },
    (from, to) => {
      const rest = looks === 'kept' ? blend(from, to) : blend(from, to - turn)
      const seenAt = (share: number): number => rest(share) + (looks === 'kept' ? 0 : turn * share)
      return round(middle, start, turns * FULL, radius, seenAt)
    },
    hand,
  )
}

/** Whether that is a whole number of halves or quarters. */
const isWhole = (turns: number, of: number): boolean =>
  Math.abs(turns * of - Math.round(turns * of)) < 1e-9

function pairRound(
  asked: Asked,
  [a, b]: readonly [number, number],
  turns: number,
  of: number,
  looks: 'each other' | 'kept' | 'with',
  hand: Hand | null,
): readonly Move[] | Refusal {
  if (!isWhole(turns, of)) return refuse('set.amount', { of })
  const { dancers } = asked.standing
  const middle = middleOf([dancers[a]!, dancers[b]!])
  return [a, b].map((one) => goneRound(asked, one, middle, turns, looks, ROUND_RADIUS, hand))
}

const TURN_SIDES = ['left', 'right', 'both'] as const
const turnSchema = z
  .strictObject({ verb: z.literal('turn'), side: z.enum(TURN_SIDES), part: partSchema })
  .readonly()
/** `turn right 1 1/2`: round each other by a hand or both, in quarters. */
export const TURN = kernel<z.infer<typeof turnSchema>>({
  schema: turnSchema,
  read: (reader) => {
    const found = reader.take(/turn (left|right|both)(?: hands?)?/)
    if (!found) return null
    const side = found[1]!.toLowerCase() as 'left'
    return succeed({ verb: 'turn', side, part: readPart(reader) ?? [1, 1] })
  },
  text: ({ side, part }) => `turn ${side} ${partText(part)}`,
  dance: (asked, { side, part }) =>
    eachPair(asked, (pair) =>
      pairRound(asked, pair, (side === 'left' ? -1 : 1) * valueOf(part), 4, 'each other', side),
    ),
  mirrored: (what) => ({ ...what, side: otherSide(what.side) }),
  halved: (what) => ({ ...what, part: halfPart(what.part) }),
  looksAt: true,
})

const backSchema = z
  .strictObject({
    verb: z.literal('do-si-do'),
    side: z.literal('left').optional(),
    part: partSchema,
  })
  .readonly()
/** Back to back, clockwise, in halves. */
export const DO_SI_DO = kernel<z.infer<typeof backSchema>>({
  schema: backSchema,
  read: (reader) => {
    if (!reader.take(/do-si-do|back to back/)) return null
    const side = reader.word(['left']) ? { side: 'left' as const } : {}
    return succeed({ verb: 'do-si-do', ...side, part: readPart(reader) ?? [1, 1] })
  },
  text: ({ side, part }) =>
    `do-si-do${side ? ' left' : ''}${part[0] === 1 && part[1] === 1 ? '' : ` ${partText(part)}`}`,
  dance: (asked, { side, part }) =>
    eachPair(asked, (pair) =>
      pairRound(asked, pair, (side ? -1 : 1) * valueOf(part), 2, 'kept', null),
    ),
  mirrored: ({ side, ...what }) => (side ? what : { ...what, side: 'left' }),
  halved: (what) => ({ ...what, part: halfPart(what.part) }),
  looksAt: true,
})

const wheelSchema = z
  .strictObject({ verb: z.literal('wheel'), side: z.enum(SIDES), part: partSchema })
  .readonly()
/** A pair round its middle as one, half round where nothing else is said. */
export const WHEEL = kernel<z.infer<typeof wheelSchema>>({
  schema: wheelSchema,
  read: (reader) => sided(reader, 'wheel', [1, 2]),
  text: ({ side, part }) => `wheel ${side} ${partText(part)}`,
  dance: (asked, { side, part }) =>
    eachPair(asked, (pair) =>
      pairRound(asked, pair, (side === 'left' ? -1 : 1) * valueOf(part), 4, 'with', 'both'),
    ),
  mirrored: (what) => ({ ...what, side: otherSide(what.side) }),
  halved: (what) => ({ ...what, part: halfPart(what.part) }),
})

function sided<Verb extends string>(reader: Reader, verb: Verb, part: readonly [number, number]) {
  if (!reader.word([verb])) return null
  const side = reader.word(SIDES)
  return side
    ? succeed({ verb, side, part: readPart(reader) ?? part })
    : reader.expectedWord('left or right')
}

const gateSchema = z
  .strictObject({
    verb: z.literal('gate'),
    side: z.enum(SIDES),
    part: partSchema,
    round: whoSchema,
  })
  .readonly()
/** Round one of the two, who turns in place with them. */
export const GATE = kernel<z.infer<typeof gateSchema>>({
  schema: gateSchema,
  read: (reader): Result<z.infer<typeof gateSchema>> | null => {
    const gate = sided(reader, 'gate', [1, 1])
    if (!gate?.ok) return gate
    if (!reader.take(/round/)) return reader.expectedWord('round and whom')
    const who = readWho(reader)
    return who.ok ? succeed({ ...gate.value, round: who.value }) : who
  },
  text: ({ side, part, round: hinge }) => `gate ${side} ${partText(part)} round ${whoText(hinge)}`,
  dance: (asked, { side, part, round: hinge }) => {
    const hinges = new Set(answerWho(asked.standing, hinge).flatMap(({ picked }) => picked))
    const turns = (side === 'left' ? -1 : 1) * valueOf(part)
    if (!isWhole(turns, 4)) return refuse('set.amount', { of: 4 })
    return eachPair(asked, ([a, b]) => {
      const [still, goes] = hinges.has(a) ? [a, b] : [b, a]
      if (!hinges.has(still) || hinges.has(goes)) return refuse('set.pairs', { count: 2 })
      const middle = asked.standing.dancers[still]!
      return [still, goes].map((one) =>
        goneRound(asked, one, middle, turns, 'with', GATE_RADIUS, null),
      )
    })
  },
  mirrored: (what) => ({ ...what, side: otherSide(what.side) }),
  halved: (what) => ({ ...what, part: halfPart(what.part) }),
})
