import { memoised } from '../document/index.ts'
import type { Tick } from '../time/index.ts'
import {
  usefulCandidates,
  sameRules,
  silenceCost,
  type Candidate,
  type CueRules,
} from './candidate.ts'
import { isAroundTheDance, type CueSlot } from './cueSlot.ts'
import { reasons, type Why, type WhyContext } from './why.ts'
import { cheaper, END, latestReady, valueAt, type StepFunction } from './stepFunction.ts'

/** What was decided for one cue slot. */
export type Planned =
  | { readonly slot: CueSlot; readonly said: Candidate; readonly why: Why }
  | {
      readonly slot: CueSlot
      readonly said: null
      readonly reason: SilenceReason
      readonly joinedWith?: string
    }

export type SilenceReason =
  /** The cuer wants it silent. */
  | 'on-purpose'
  /** Only counts are spoken on this sheet. */
  | 'counts-only'
  /** Nothing is written that could be said. */
  | 'no-wording'
  /** It is said already, in one breath with the cue of `joinedWith`. */
  | 'joined'
  /** Even the shortest wording does not fit where its mode lets it stand. */
  | 'no-room'
  /** It would fit alone, but not beside its neighbours. */
  | 'crowded'

export interface Plan {
  /** One for each danced slot, in their order. */
  readonly planned: readonly Planned[]
  /**
   * What else may be said: amounts as second cues, words for one role, words of steps, what has its
   * place in a gap.
   */
  readonly extras: readonly Planned[]
  readonly cost: number
}

/** An utterance of a plan. */
export type Said = Extract<Planned, { readonly why: Why }>

/** All that a plan says, in order of start. */
export const utterancesOf = memoised((plan: Plan): readonly Said[] =>
  [...plan.planned, ...plan.extras]
    .filter((one): one is Said => one.said !== null)
    .sort((a, b) => a.said.start - b.said.start),
)

/**
 * Cost of each slot that says something else than the fixed wordings do: beyond any sum of ordinary
 * costs.
 */
const CHANGE_COST = 1_000_000_000

/**
 * Wordings to keep: by the key of a cue slot its text, or null where it was silent. What is joined
 * has the text that it is joined in.
 */
export type FixedWordings = ReadonlyMap<string, string | null>

/** The wording of every cue as it was planned, to be kept at another speed. */
export function fixedWordings(plan: Plan): FixedWordings {
  const all = [...plan.planned, ...plan.extras]
  const texts = new Map(all.map((one) => [one.slot.key, one.said?.wording.text ?? null]))
  return new Map(
    all.map((one) => [
      one.slot.key,
      texts.get(one.said === null && one.joinedWith ? one.joinedWith : one.slot.key)!,
    ]),
  )
}

/**
 * What a plan was worked out from, kept so that the next one takes over the end that an edit left
 * alone.
 */
export interface PlanCache {
  last: {
    readonly slots: readonly CueSlot[]
    readonly rules: CueRules
    readonly worked: Worked
  } | null
}

interface Worked {
  readonly candidates: readonly (readonly Candidate[])[]
  /** For each slot and way the cost of it and of the cheapest rest. */
  readonly totals: readonly Float64Array[]
  /**
   * For each slot the cheapest rest from it on, by the moment from which the mouth is free; one
   * more for the end.
   */
  readonly rests: readonly StepFunction[]
  readonly lastReady: readonly number[]
}

/**
 * The cheapest plan that keeps every hard rule: each cue that of its mode, none begins before the
 * one before it has ended and a breath is taken, and an amount left out of a name is said after it.
 * Exact: must equal exhaustive search over all wordings, joins and starts. Equal costs go to the
 * longer wording, then to the earlier start, from the first slot on.
 *
 * Dynamic programming from the last slot to the first (Bellman 1957): the cheapest rest is a step
 * function of the moment from which the mouth is free.
 *
 * `fixed` keeps the wordings of another plan and changes only as few slots as the hard rules force.
 * With a cache, what an edit left alone at the end is taken from the plan before; the result must
 * equal planning anew.
 */
export function planCues(
  slots: readonly CueSlot[],
  rules: CueRules,
  fixed: FixedWordings | null = null,
  cache?: PlanCache,
): Plan {
  const worked = work(slots, rules, fixed, fixed ? undefined : cache)
  if (cache && !fixed) cache.last = { slots, rules, worked }
  return walk(slots, rules, worked)
}

function work(
  slots: readonly CueSlot[],
  rules: CueRules,
  fixed: FixedWordings | null,
  cache: PlanCache | undefined,
): Worked {
  const { school } = rules
  const free = freeBy(slots, rules)
  const candidates = slots.map((slot, i) => usefulCandidates(slot, rules, free[i]!))
  const lastReady = latestReady(candidates, school.breathSeconds)
  const totals = new Array<Float64Array>(slots.length)
  const rests = new Array<StepFunction>(slots.length + 1)
  rests[slots.length] = END
  let i = slots.length - 1
  const old = cache?.last
  if (old && sameRules(old.rules, rules)) {
    const by = old.slots.length - slots.length
    // A rest is worked out only up to the latest moment that was ever asked for.
    while (
      i >= 0 &&
      i + by >= 0 &&
      slots[i] === old.slots[i + by] &&
      lastReady[i]! <= old.worked.lastReady[i + by]!
    ) {
      totals[i] = old.worked.totals[i + by]!
      rests[i] = old.worked.rests[i + by]!
      i--
    }
  }
  for (; i >= 0; i--) {
    const slot = slots[i]!
    const ways = candidates[i]!
    totals[i] = Float64Array.from(
      ways,
      (way) =>
        way.cost +
        changeCost(slot, way, fixed) +
        valueAt(rests[nextOf(slots, i, way)]!, way.end + school.breathSeconds),
    )
    rests[i] = cheaper(
      ways,
      totals[i]!,
      silenceCost(slot, school) + silentChange(slot, fixed),
      rests[nextOf(slots, i, null)]!,
      lastReady[i]!,
    )
  }
  return { candidates, totals, rests, lastReady }
}

/**
 * For each slot the heard second before which nothing after it may start; the end of all where
 * nothing follows. What one slot is told besides may follow its name at once.
 */
function freeBy(slots: readonly CueSlot[], { clock }: CueRules): number[] {
  const found = new Array<number>(slots.length)
  let earliest: Tick | null = null
  for (let i = slots.length - 1; i >= 0; i--) {
    const isBeside = slots[i + 1]?.slotKey === slots[i]!.slotKey
    found[i] = isBeside ? -Infinity : earliest === null ? Infinity : clock.heardAt(earliest)
    const { notBeforeTick } = slots[i]!
    earliest = earliest === null || notBeforeTick < earliest ? notBeforeTick : earliest
  }
  return found
}

/**
 * The slot that is decided after a way to say this one, or after leaving it unsaid: past what is
 * joined, and past an amount that is not owed.
 */
function nextOf(
  slots: readonly CueSlot[],
  i: number,
  way: Pick<Candidate, 'wording'> | null,
): number {
  const pastAmount = (k: number): number => (slots[k]?.purpose === 'amount' ? k + 1 : k)
  if (way?.wording.owes) return i + 1
  return (way?.wording.joined ?? []).reduce((next) => pastAmount(next + 1), pastAmount(i + 1))
}

function changeCost(slot: CueSlot, { wording }: Candidate, fixed: FixedWordings | null): number {
  // What is said around the dance gives way to the dance's own words.
  if (!fixed || isAroundTheDance(slot)) return 0
  return [slot, ...(wording.joined ?? [])].reduce(
    (sum, { key }) => sum + (fixed.has(key) && fixed.get(key) !== wording.text ? CHANGE_COST : 0),
    0,
  )
}
const silentChange = (slot: CueSlot, fixed: FixedWordings | null): number =>
  fixed?.has(slot.key) && fixed.get(slot.key) !== null && !isAroundTheDance(slot) ? CHANGE_COST : 0

/** Goes through the slots from the first on and takes the best way at each. */
function walk(slots: readonly CueSlot[], rules: CueRules, worked: Worked): Plan {
  const { school } = rules
  const { candidates, totals, rests } = worked
  const decided: Planned[] = []
  /** What each cue is reasoned from, completed with the start of the one after it. */
  const contexts: WhyContext[] = []
  let ready = -Infinity
  for (let i = 0; i < slots.length;) {
    const slot = slots[i]!
    const best = valueAt(rests[i]!, ready)
    const way = choose(candidates[i]!, totals[i]!, ready, best)
    const next = nextOf(slots, i, way)
    if (way) {
      const context: WhyContext = {
        slot,
        rules,
        way,
        ways: candidates[i]!,
        total: totals[i]!,
        rest: rests[next]!,
        ready,
        best,
        nextStart: Infinity,
      }
      const last = contexts.at(-1)
      if (last) last.nextStart = way.start
      contexts.push(context)
      decided.push({ slot, said: way, why: reasons(context) })
      ready = way.end + school.breathSeconds
    } else
      decided.push({
        slot,
        said: null,
        reason: slot.silence ?? (candidates[i]!.length === 0 ? 'no-room' : 'crowded'),
      })
    for (const passed of slots.slice(i + 1, next))
      if (passed.purpose === 'cue')
        decided.push({ slot: passed, said: null, reason: 'joined', joinedWith: slot.key })
    i = next
  }
  const cost = decided.reduce((sum, one) => sum + costOf(one, school), 0)
  return {
    planned: decided.filter(({ slot }) => slot.purpose === 'cue'),
    extras: decided.filter(({ slot }) => slot.purpose !== 'cue'),
    cost,
  }
}

const costOf = (one: Planned, school: CueRules['school']): number =>
  one.said ? one.said.cost : one.reason === 'joined' ? 0 : silenceCost(one.slot, school)

/**
 * The preferred way among those that reach the best cost, or null when silence does and no way
 * does.
 */
function choose(
  ways: readonly Candidate[],
  total: Float64Array,
  ready: number,
  best: number,
): Candidate | null {
  let chosen: Candidate | null = null
  ways.forEach((way, k) => {
    if (way.start < ready || total[k] !== best) return
    if (!chosen || prefer(way, chosen) < 0) chosen = way
  })
  return chosen
}

/** Order among equal costs: the longer wording, then the earlier start. */
export function prefer(a: Candidate, b: Candidate): number {
  return b.spokenSeconds - a.spokenSeconds || a.startTick - b.startTick
}
