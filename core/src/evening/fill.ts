import type { LogEntry } from '../logbook/index.ts'
import { effortOf, isHardWork, type DanceFacts } from './facts.ts'
import { eveningsSince, levelRank } from './warnings.ts'

/** What is asked of a programme that is filled by itself. */
export interface FillWish {
  /** Minutes for dances, changeovers with them. */
  readonly minutes: number
  readonly changeoverMinutes: number
  /** How many dances of each kind are wanted; kinds that are not named may come as well. */
  readonly kinds: Readonly<Record<string, number>>
  /** No dance above this level; null for any. */
  readonly level: string | null
  /** Share of the figures of a dance that the group has to know, 0 to 1. */
  readonly knownShare: number
  /** Nothing that was danced on the last so many evenings. */
  readonly notLately: number
  readonly must: readonly string[]
  readonly mustNot: readonly string[]
  /** Dancers that are there; null where nobody has counted. */
  readonly present: number | null
  /** Most dances that are hard work one after the other. */
  readonly hardInARow: number
}

/** What a dance is looked at with. */
export interface FillContext {
  readonly facts: readonly DanceFacts[]
  readonly knows: (figureId: string) => boolean
  /** What was danced before, the newest first. */
  readonly before: readonly LogEntry[]
  readonly date: string
}

export const FILL_TERMS = ['time', 'kinds', 'known', 'fresh', 'variety', 'flow'] as const
/** What a programme is scored by; each from 0 to 1, weighed as `FILL_WEIGHTS` says. */
export type FillTerm = (typeof FILL_TERMS)[number]
export const FILL_WEIGHTS: Readonly<Record<FillTerm, number>> = {
  time: 3,
  kinds: 2.5,
  known: 1.5,
  fresh: 1,
  variety: 1,
  flow: 1,
}

/** Why a dance could not be taken. */
export type LeftOut = 'must-not' | 'level' | 'known' | 'lately' | 'dancers' | 'no-length'
/** A wish that no programme could meet. */
export type Unmet =
  | {
      readonly what: 'must'
      readonly title: string
      readonly why: LeftOut | 'no-room' | 'no-sheet'
    }
  | {
      readonly what: 'kind'
      readonly dance: string
      readonly wanted: number
      readonly found: number
    }
  | { readonly what: 'minutes'; readonly wanted: number; readonly found: number }

export interface Filled {
  readonly dances: readonly DanceFacts[]
  readonly minutes: number
  readonly score: number
  readonly terms: Readonly<Record<FillTerm, number>>
  readonly unmet: readonly Unmet[]
}
export interface FillAnswer {
  /** The best, at most three, the best first. */
  readonly best: readonly Filled[]
  readonly leftOut: readonly { readonly facts: DanceFacts; readonly why: LeftOut }[]
  /** Whether all sets were searched: nothing is better. Else these are the best of very many. */
  readonly isProved: boolean
}

/** A programme holds no more dances than this. */
const MOST_DANCES = 20
const BEST = 3

/** A dance with all that its score asks for, worked out once. */
interface Candidate {
  readonly facts: DanceFacts
  readonly minutes: number
  readonly known: number
  readonly fresh: number
  readonly must: boolean
}

/**
 * The best programmes for what is wished: all sets of dances are searched by branch and bound over
 * an exact bound, so that nothing better is missed; their order is then the one that flows best.
 *
 * @param progress Told the share done, 0..1; may throw to stop.
 */
export function fillEvening(
  wish: FillWish,
  context: FillContext,
  progress: (share: number) => void = () => undefined,
): FillAnswer {
  const { candidates, leftOut, noRoom } = candidatesOf(wish, context)
  const best = new Best()
  const isProved = new Search(wish, candidates, best, progress).run()
  const missing = wish.must.filter((id) => !context.facts.some(({ sheetId }) => sheetId === id))
  const unmet: Unmet[] = [
    ...missing.map((id) => ({ what: 'must' as const, title: id, why: 'no-sheet' as const })),
    ...noRoom.map(({ title }) => ({ what: 'must' as const, title, why: 'no-room' as const })),
    ...leftOut.flatMap(({ facts, why }) =>
      wish.must.includes(facts.sheetId) ? [{ what: 'must' as const, title: facts.title, why }] : [],
    ),
  ]
  return { best: best.list.map(({ chosen }) => filledOf(wish, chosen, unmet)), leftOut, isProved }
}

function candidatesOf(
  wish: FillWish,
  { facts, knows, before, date }: FillContext,
): { candidates: Candidate[]; leftOut: FillAnswer['leftOut']; noRoom: DanceFacts[] } {
  const leftOut: { facts: DanceFacts; why: LeftOut }[] = []
  const candidates: Candidate[] = []
  const { must, noRoom } = mustsThatFit(wish, facts)
  for (const one of facts) {
    const share = knownShare(one, knows)
    const since = eveningsSince(one, before, date)
    const why = refusal(one, wish, share, since)
    const isMust = must.has(one.sheetId)
    // Who must have a dance is told what speaks against it, and has it.
    if (why && !(isMust && why !== 'no-length')) leftOut.push({ facts: one, why })
    else
      candidates.push({
        facts: one,
        minutes: one.seconds / 60 + wish.changeoverMinutes,
        known: share,
        fresh: since === null ? 1 : Math.min(1, since / 10),
        must: isMust,
      })
  }
  // The most promising first, so that what is found early bounds the rest.
  const worth = ({ known, fresh, must: is }: Candidate): number => (is ? 10 : 0) + known + fresh
  candidates.sort((a, b) => worth(b) - worth(a) || a.facts.sheetId.localeCompare(b.facts.sheetId))
  return { candidates, leftOut, noRoom }
}

/** Of what must be danced, as much as there is time for, in the order in which it was asked. */
function mustsThatFit(
  wish: FillWish,
  facts: readonly DanceFacts[],
): { must: ReadonlySet<string>; noRoom: DanceFacts[] } {
  const must = new Set<string>()
  const noRoom: DanceFacts[] = []
  let minutes = 0
  for (const id of wish.must) {
    const one = facts.find(({ sheetId }) => sheetId === id)
    if (!one || must.has(id)) continue
    const more = one.seconds / 60 + wish.changeoverMinutes
    if (minutes + more > wish.minutes + 1e-9 || must.size >= MOST_DANCES) noRoom.push(one)
    else {
      must.add(id)
      minutes += more
    }
  }
  return { must, noRoom }
}

function refusal(
  one: DanceFacts,
  wish: FillWish,
  share: number,
  since: number | null,
): LeftOut | null {
  if (wish.mustNot.includes(one.sheetId) || one.archived) return 'must-not'
  if (one.seconds <= 0) return 'no-length'
  if (wish.level !== null && levelRank(one.level) > levelRank(wish.level)) return 'level'
  if (wish.present !== null && wish.present < one.dancers) return 'dancers'
  if (since !== null && since <= wish.notLately) return 'lately'
  return share < wish.knownShare - 1e-9 ? 'known' : null
}

function knownShare({ figures }: DanceFacts, knows: (id: string) => boolean): number {
  const all = figures.reduce((sum, { times }) => sum + times, 0)
  const known = figures.reduce((sum, { id, times }) => sum + (knows(id) ? times : 0), 0)
  return all === 0 ? 1 : known / all
}

interface Found {
  readonly chosen: readonly Candidate[]
  readonly score: number
  readonly key: string
}
/** The best few that were found; of equals the one that comes first by name. */
class Best {
  list: Found[] = []
  get least(): number {
    return this.list.length < BEST ? -Infinity : this.list.at(-1)!.score
  }
  offer(found: Found): void {
    if (this.list.some(({ key }) => key === found.key)) return
    this.list.push(found)
    this.list.sort((a, b) => b.score - a.score || (a.key < b.key ? -1 : 1))
    this.list.length = Math.min(this.list.length, BEST)
  }
}

/** How a set of dances scores. The order in which it is danced is no part of it. */
export function termsOf(
  wish: FillWish,
  dances: readonly { readonly facts: DanceFacts; readonly known: number; readonly fresh: number }[],
): Readonly<Record<FillTerm, number>> {
  const minutes = dances.reduce(
    (sum, { facts }) => sum + facts.seconds / 60 + wish.changeoverMinutes,
    0,
  )
  const wanted = Object.values(wish.kinds).reduce((sum, n) => sum + n, 0)
  const met = Object.entries(wish.kinds).reduce(
    (sum, [kind, n]) =>
      sum + Math.min(n, dances.filter(({ facts }) => facts.dance === kind).length),
    0,
  )
  const mean = (of: (one: (typeof dances)[number]) => number): number =>
    dances.length === 0 ? 0 : dances.reduce((sum, one) => sum + of(one), 0) / dances.length
  const hard = dances.filter(({ facts }) => isHardWork(facts)).length
  const spread = new Set(dances.map(({ facts }) => facts.dance)).size
  const tunes = new Set(dances.map(({ facts }) => facts.tuneId ?? facts.sheetId)).size
  return {
    time: minutes > wish.minutes + 1e-9 ? 0 : Math.min(1, minutes / wish.minutes),
    kinds: wanted === 0 ? 1 : met / wanted,
    known: mean(({ known }) => known),
    fresh: mean(({ fresh }) => fresh),
    variety:
      dances.length === 0 ? 0 : 0.5 * Math.min(1, spread / 4) + (0.5 * tunes) / dances.length,
    flow: flowOf(hard, dances.length, wish.hardInARow),
  }
}
/** Whether the dances that are hard work can be parted by others: in an order that keeps the rests. */
function flowOf(hard: number, all: number, inARow: number): number {
  const most = (all - hard + 1) * inARow
  return hard <= most ? 1 : most / hard
}
/** The score of a set: its terms as they are weighed. */
export const scoreOf = (terms: Readonly<Record<FillTerm, number>>): number =>
  FILL_TERMS.reduce((sum, term) => sum + FILL_WEIGHTS[term] * terms[term], 0)

/** Another sheet of the same dance is in already; who must have both has both. */
const isDanced = ({ facts, must }: Candidate, chosen: readonly Candidate[]): boolean =>
  !must && facts.sameAs.length > 0 && chosen.some((one) => facts.sameAs.includes(one.facts.sheetId))

/** How many steps pass between two looks at progress and stop. */
const LOOK_EVERY = 4096

class Search {
  readonly #wish: FillWish
  readonly #all: readonly Candidate[]
  readonly #best: Best
  readonly #progress: (share: number) => void
  readonly #chosen: Candidate[] = []
  readonly #rest: Rest[]
  #steps = 0
  #top = 0

  constructor(
    wish: FillWish,
    all: readonly Candidate[],
    best: Best,
    progress: (share: number) => void,
  ) {
    this.#wish = wish
    this.#all = all
    this.#best = best
    this.#progress = progress
    this.#rest = restsOf(all)
  }

  /** Whether it went through all. */
  run(): boolean {
    this.#greedy()
    this.#from(0, 0)
    this.#progress(1)
    return this.#steps <= MOST_STEPS
  }

  /** A good one at once: the wanted kinds and then what fits best. */
  #greedy(): void {
    const chosen = this.#all.filter(({ must }) => must).slice(0, MOST_DANCES)
    let minutes = chosen.reduce((sum, one) => sum + one.minutes, 0)
    for (;;) {
      const base = scoreOf(termsOf(this.#wish, chosen))
      let most: Candidate | null = null
      let gain = base
      for (const one of this.#all) {
        if (chosen.includes(one) || minutes + one.minutes > this.#wish.minutes + 1e-9) continue
        if (isDanced(one, chosen)) continue
        const score = scoreOf(termsOf(this.#wish, [...chosen, one]))
        if (score > gain + 1e-12) [most, gain] = [one, score]
      }
      if (!most || chosen.length >= MOST_DANCES) break
      chosen.push(most)
      minutes += most.minutes
    }
    this.#offer(chosen)
  }

  #offer(chosen: readonly Candidate[]): void {
    if (!this.#holdsMusts(chosen)) return
    const score = scoreOf(termsOf(this.#wish, chosen))
    const key = chosen
      .map(({ facts }) => facts.sheetId)
      .sort()
      .join(' ')
    this.#best.offer({ chosen: [...chosen], score, key })
  }
  #holdsMusts(chosen: readonly Candidate[]): boolean {
    const minutes = chosen.reduce((sum, one) => sum + one.minutes, 0)
    return (
      minutes <= this.#wish.minutes + 1e-9 &&
      this.#all.every((one) => !one.must || chosen.includes(one))
    )
  }

  #from(index: number, minutes: number): void {
    this.#steps++
    if (this.#steps % LOOK_EVERY === 0) this.#progress(Math.min(0.99, this.#top / this.#all.length))
    if (this.#steps > MOST_STEPS) return
    if (this.#bound(index, minutes) <= this.#best.least + 1e-12) return
    const one = this.#all[index]
    if (!one || this.#chosen.length >= MOST_DANCES) return this.#offer(this.#chosen)
    if (this.#chosen.length === 0) this.#top = index
    if (minutes + one.minutes <= this.#wish.minutes + 1e-9 && !isDanced(one, this.#chosen)) {
      this.#chosen.push(one)
      this.#from(index + 1, minutes + one.minutes)
      this.#chosen.pop()
    }
    if (!one.must) this.#from(index + 1, minutes)
  }

  /** No set that goes on from here scores higher. */
  #bound(index: number, minutes: number): number {
    const rest = this.#rest[index]!
    const count = this.#chosen.length
    const sum = (of: (one: Candidate) => number): number =>
      this.#chosen.reduce((total, one) => total + of(one), 0)
    const more = Math.min(
      MOST_DANCES - count,
      rest.count,
      Math.floor((this.#wish.minutes + 1e-9 - minutes) / rest.shortest),
    )
    const reach = Math.min(this.#wish.minutes, minutes + rest.minutes)
    const wanted = Object.values(this.#wish.kinds).reduce((total, n) => total + n, 0)
    let room = more
    const met = Object.entries(this.#wish.kinds).reduce((total, [kind, n]) => {
      const have = this.#chosen.filter(({ facts }) => facts.dance === kind).length
      const add = Math.min(Math.max(0, n - have), rest.kinds.get(kind) ?? 0, room)
      room -= add
      return total + Math.min(n, have) + add
    }, 0)
    return scoreOf({
      time: Math.min(1, reach / this.#wish.minutes),
      kinds: wanted === 0 ? 1 : met / wanted,
      known: bestMean(
        sum((one) => one.known),
        count,
        rest.known,
        more,
      ),
      fresh: bestMean(
        sum((one) => one.fresh),
        count,
        rest.fresh,
        more,
      ),
      variety: 1,
      flow: 1,
    })
  }
}
/** A search that is not through by then answers with what it has, and says so. */
const MOST_STEPS = 150_000

/** What may still come from an index on. */
interface Rest {
  readonly count: number
  readonly minutes: number
  readonly shortest: number
  readonly kinds: ReadonlyMap<string, number>
  /** Sums of the best so many: of one, of two, and so on. */
  readonly known: readonly number[]
  readonly fresh: readonly number[]
}
function restsOf(all: readonly Candidate[]): Rest[] {
  return Array.from({ length: all.length + 1 }, (_, index) => {
    const rest = all.slice(index)
    const sums = (of: (one: Candidate) => number): number[] => {
      let sum = 0
      return rest
        .map(of)
        .sort((a, b) => b - a)
        .slice(0, MOST_DANCES)
        .map((value) => (sum += value))
    }
    const kinds = new Map<string, number>()
    for (const { facts } of rest) kinds.set(facts.dance, (kinds.get(facts.dance) ?? 0) + 1)
    return {
      count: rest.length,
      minutes: rest.reduce((sum, one) => sum + one.minutes, 0),
      shortest: Math.min(Infinity, ...rest.map(({ minutes }) => minutes)),
      kinds,
      known: sums(({ known }) => known),
      fresh: sums(({ fresh }) => fresh),
    }
  })
}
/** The highest mean that can be had by adding none, or so many of the best that are left. */
function bestMean(sum: number, count: number, best: readonly number[], more: number): number {
  let most = count === 0 ? 0 : sum / count
  for (let n = 1; n <= more; n++) most = Math.max(most, (sum + best[n - 1]!) / (count + n))
  return most
}

function filledOf(
  wish: FillWish,
  chosen: readonly Candidate[],
  unmetBefore: readonly Unmet[],
): Filled {
  const terms = termsOf(wish, chosen)
  const minutes = chosen.reduce((sum, one) => sum + one.minutes, 0)
  const unmet: Unmet[] = [
    ...unmetBefore,
    ...Object.entries(wish.kinds).flatMap(([dance, wanted]) => {
      const found = chosen.filter(({ facts }) => facts.dance === dance).length
      return found < wanted ? [{ what: 'kind' as const, dance, wanted, found }] : []
    }),
    ...(minutes < 0.9 * wish.minutes
      ? [{ what: 'minutes' as const, wanted: wish.minutes, found: Math.round(minutes) }]
      : []),
  ]
  return {
    dances: inGoodOrder(
      chosen.map(({ facts }) => facts),
      wish.hardInARow,
    ),
    minutes,
    score: scoreOf(terms),
    terms,
    unmet,
  }
}

/**
 * An order in which to dance them: easy first, rising to the middle and falling at the end; never the
 * same kind twice running where it can be helped, and never more that is hard work than is wished.
 *
 * @param hardInARow Most dances that are hard work one after the other.
 */
export function inGoodOrder(
  dances: readonly DanceFacts[],
  hardInARow: number,
): readonly DanceFacts[] {
  const left = [...dances]
  const order: DanceFacts[] = []
  while (left.length > 0) {
    const place = dances.length === 1 ? 0.5 : order.length / (dances.length - 1)
    const wanted = Math.sin(Math.PI * Math.min(1, place * 0.9 + 0.05))
    const row = trailingHard(order)
    const hardLeft = left.filter(isHardWork).length
    const easyLeft = left.length - hardLeft
    const cost = (one: DanceFacts): number => {
      const isHard = isHardWork(one)
      // An easy one is kept where hard ones still have to be parted.
      const spends = !isHard && hardLeft > easyLeft * hardInARow ? 4 : 0
      const breaks = isHard && row >= hardInARow ? 100 : 0
      const again = order.at(-1)?.dance === one.dance ? 1 : 0
      return breaks + spends + again + Math.abs(effortOf(one) - wanted)
    }
    const next = left.reduce((best, one) => (cost(one) < cost(best) ? one : best))
    order.push(next)
    left.splice(left.indexOf(next), 1)
  }
  return order
}
function trailingHard(order: readonly DanceFacts[]): number {
  let row = 0
  for (let i = order.length - 1; i >= 0 && isHardWork(order[i]!); i--) row++
  return row
}
