import { memoised } from '../document/index.ts'
import { freeFoot, ROLES, type CoupleState, type Foot, type Role } from '../figure/index.ts'
import { meetsBy, meetsOf } from '../floor/index.ts'
import type { Facing } from '../move/index.ts'
import {
  comparePasses,
  isAllAlike,
  type DancedPass,
  type DancedSlot,
  type Timeline,
} from '../routine/index.ts'
import type { Sheet } from '../sheet/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import { drawn } from './random.ts'

export const QUIZ_KINDS = [
  'next',
  'foot',
  'facing',
  'hold',
  'wall',
  'neighbour',
  'counts',
  'pass',
] as const
export type QuizKind = (typeof QUIZ_KINDS)[number]

/** Something that can be answered; how it is worded is for the page. */
export type QuizAnswer =
  | { readonly type: 'slot'; readonly slot: DancedSlot }
  | { readonly type: 'foot'; readonly foot: Foot | null }
  | { readonly type: 'facing'; readonly facing: Facing }
  | { readonly type: 'hold'; readonly hold: string }
  | { readonly type: 'dancer'; readonly dancer: string }
  | { readonly type: 'counts'; readonly counts: number }
  | { readonly type: 'pass'; readonly pass: DancedPass }
  | { readonly type: 'end' }

/** A question made from what is derived, with its answers; one of them is right. */
export interface QuizQuestion {
  /** The same question about the same place, from one day to the next. */
  readonly key: string
  readonly kind: QuizKind
  readonly pass: DancedPass
  /** The figure it is asked about; of a pass, its first. */
  readonly slot: DancedSlot
  /** Of a couple: whose foot or facing is asked for. */
  readonly role: Role
  /** For counts left: after how many. */
  readonly count: number
  readonly answers: readonly QuizAnswer[]
  readonly right: number
  /** What leads up to it: the figures from the start of the part, with what is so before each. */
  readonly chain: readonly { readonly slot: DancedSlot; readonly before: CoupleState }[]
}

const MOST_ANSWERS = 4

/**
 * A question about a dance, by lot: the same for the same seed. Null where the dance has nothing to
 * ask about.
 *
 * @param seed Any whole number.
 * @param kinds What may be asked; all by default.
 */
export function quizQuestion(
  sheet: Sheet,
  seed: number,
  kinds: readonly QuizKind[] = QUIZ_KINDS,
): QuizQuestion | null {
  const places = sheet.timeline.passes.flatMap((pass, index) =>
    pass.slots.filter(({ lengthTicks }) => lengthTicks > 0).map((slot) => ({ pass, index, slot })),
  )
  for (let tries = 0; tries < 40 && places.length > 0; tries++) {
    const kind = kinds[Math.floor(drawn(seed, 2, tries) * kinds.length)]
    if (!kind) return null
    const own = kind === 'wall' || kind === 'pass' ? places.filter(isBeginning) : places
    const place = own[Math.floor(drawn(seed, 1, tries) * own.length)]!
    const role = ROLES[Math.floor(drawn(seed, 3, tries) * ROLES.length)]!
    const asked = ASK[kind]({ sheet, ...place, role, seed: seed + tries })
    const answers = asked && withOthers(asked, seed)
    if (asked && answers) return { ...questionAt(kind, place, role, asked), ...answers }
  }
  return null
}

const isBeginning = ({ pass, slot }: Place): boolean => pass.slots[0] === slot

interface Place {
  readonly pass: DancedPass
  readonly index: number
  readonly slot: DancedSlot
}
interface Asking extends Place {
  readonly sheet: Sheet
  readonly role: Role
  readonly seed: number
}
interface Asked {
  readonly right: QuizAnswer
  /** Other answers that could be thought, not the right one. */
  readonly others: readonly QuizAnswer[]
  readonly count?: number
}

function questionAt(
  kind: QuizKind,
  { pass, slot }: Place,
  role: Role,
  { count = 0 }: Asked,
): Omit<QuizQuestion, 'answers' | 'right'> {
  const isOfRole = kind === 'foot' || kind === 'facing'
  const upTo = pass.slots.slice(0, pass.slots.indexOf(slot) + 1)
  return {
    key: [kind, slot.key, ...(isOfRole ? [role] : []), ...(count ? [count] : [])].join(' '),
    kind,
    pass,
    slot,
    role,
    count,
    chain: upTo.map((one) => ({ slot: one, before: one.before })),
  }
}

/** The right answer among a few others, in an order drawn by lot; null where there are none. */
function withOthers(
  { right, others }: Asked,
  seed: number,
): Pick<QuizQuestion, 'answers' | 'right'> | null {
  const different = new Map(others.map((one) => [nameOf(one), one]))
  different.delete(nameOf(right))
  const chosen = byLot([...different.values()], seed, 5).slice(0, MOST_ANSWERS - 1)
  if (chosen.length === 0) return null
  const answers = byLot([right, ...chosen], seed, 6)
  return { answers, right: answers.indexOf(right) }
}

const byLot = <Value>(values: readonly Value[], seed: number, what: number): readonly Value[] =>
  values
    .map((value, i) => ({ value, lot: drawn(seed, what, i) }))
    .sort((a, b) => a.lot - b.lot)
    .map(({ value }) => value)

/** Two answers that would read the same are one. */
function nameOf(answer: QuizAnswer): string {
  switch (answer.type) {
    case 'slot':
      return `slot ${answer.slot.figure?.id ?? JSON.stringify(answer.slot.slot.content)} ${JSON.stringify(answer.slot.danced?.variation ?? null)}`
    case 'pass':
      return `pass ${answer.pass.key}`
    default:
      return JSON.stringify(answer)
  }
}

const ASK: Readonly<Record<QuizKind, (asking: Asking) => Asked | null>> = {
  next: ({ sheet, slot }) => {
    const slots = sheet.timeline.slots.filter(({ lengthTicks }) => lengthTicks > 0)
    const next = slots[slots.indexOf(slot) + 1]
    return {
      right: next ? { type: 'slot', slot: next } : { type: 'end' },
      others: slots.filter((one) => one !== slot).map((one) => ({ type: 'slot', slot: one })),
    }
  },
  foot: ({ slot, role }) => ({
    right: { type: 'foot', foot: freeFoot(slot.before[role].weight) },
    others: (['left', 'right', null] as const).map((foot) => ({ type: 'foot', foot })),
  }),
  facing: ({ sheet, slot, role }) => ({
    right: { type: 'facing', facing: slot.before[role].facing },
    others: sheet.timeline.slots.flatMap(({ before }) =>
      ROLES.map((one): QuizAnswer => ({ type: 'facing', facing: before[one].facing })),
    ),
  }),
  hold: ({ sheet, slot }) => ({
    right: { type: 'hold', hold: slot.before.hold },
    others: sheet.timeline.slots.map(({ before }) => ({ type: 'hold', hold: before.hold })),
  }),
  // Of lines, whose walls change: a pass is asked about by its beginning.
  wall: ({ sheet, pass, slot }) => {
    if (pass.slots[0] !== slot || !isAllAlike(sheet.timeline)) return null
    const of = (one: DancedPass): QuizAnswer[] =>
      one.slots[0] ? [{ type: 'facing', facing: one.slots[0].before.lead.facing }] : []
    return { right: of(pass)[0]!, others: sheet.timeline.passes.flatMap(of) }
  },
  neighbour: ({ sheet: { track }, index }) => {
    const first = track?.first.dancers[0]
    const met = track && first ? meetsOf(track, first.id, meetsBy(track.places)) : []
    const now = met[index]
    return now
      ? {
          right: { type: 'dancer', dancer: now },
          others: met.flatMap((dancer) => (dancer ? [{ type: 'dancer', dancer }] : [])),
        }
      : null
  },
  counts: ({ slot, seed }) => {
    const counts = Math.round(slot.lengthTicks / TICKS_PER_BEAT)
    if (counts < 3) return null
    const done = 1 + Math.floor(drawn(seed, 7) * (counts - 1))
    const left = counts - done
    return {
      right: { type: 'counts', counts: left },
      others: [left - 2, left - 1, left + 1, left + 2, done].flatMap((n) =>
        n > 0 ? [{ type: 'counts', counts: n }] : [],
      ),
      count: done,
    }
  },
  pass: ({ sheet, pass, slot }) => {
    if (pass.slots[0] !== slot) return null
    const { usual, odd } = oddPasses(sheet, pass.part.id)
    const [right] = odd
    return right && usual.length > 0 ? { right: passed(right), others: usual.map(passed) } : null
  },
}
const passed = (pass: DancedPass): QuizAnswer => ({ type: 'pass', pass })

interface OddPasses {
  readonly usual: readonly DancedPass[]
  readonly odd: readonly DancedPass[]
}
/** The times through a part that are danced as most of them are, and those that differ. */
const oddPasses = ({ timeline }: Pick<Sheet, 'timeline'>, partId: string): OddPasses =>
  oddOfTimeline(timeline).get(partId) ?? { usual: [], odd: [] }
const oddOfTimeline = memoised(({ passes }: Timeline): ReadonlyMap<string, OddPasses> => {
  const parts = new Set(passes.map(({ part }) => part.id))
  return new Map(
    [...parts].map((id) => [id, oddOf(passes.filter(({ part }) => part.id === id))] as const),
  )
})
function oddOf(same: readonly DancedPass[]): OddPasses {
  const kinds: DancedPass[][] = []
  for (const pass of same) {
    const own = kinds.find(([first]) => first && isDancedAlike(first, pass))
    if (own) own.push(pass)
    else kinds.push([pass])
  }
  const usual = kinds.reduce((most, one) => (one.length > most.length ? one : most), [])
  return { usual, odd: same.filter((one) => !usual.includes(one)) }
}
const isDancedAlike = (one: DancedPass, other: DancedPass): boolean =>
  comparePasses(one, other).every(({ same }) => same)

/** How a time through differs from the usual ones: slot against slot. */
export function howItDiffers(
  sheet: Pick<Sheet, 'timeline'>,
  odd: DancedPass,
): ReturnType<typeof comparePasses> {
  const [usual] = oddPasses(sheet, odd.part.id).usual
  return usual ? comparePasses(usual, odd).filter(({ same }) => !same) : []
}
