import { candidatesOf, silenceCost, type Candidate, type CueRules } from './candidate.ts'
import type { CueSlot } from './wording.ts'

/** What was decided for one slot. */
export type Planned = { readonly slot: CueSlot; readonly said: Candidate; readonly why: Why } | { readonly slot: CueSlot; readonly said: null; readonly reason: SilenceReason }

export type SilenceReason =
  /** The cuer wants it silent. */
  | 'on-purpose'
  /** Nothing is written that could be said. */
  | 'no-wording'
  /** Even the shortest wording does not fit between the figure before and the least lead. */
  | 'no-room'
  /** It would fit alone, but not beside its neighbours. */
  | 'crowded'

/** Why a cue stands where it stands. */
export interface Why {
  /** Heard seconds its start could move without breaking a hard rule, the others staying where they are. */
  readonly earlierSeconds: number
  readonly laterSeconds: number
  /** What stops it from being earlier: the cue before it, or the step of the figure before. */
  readonly heldBy: 'cue-before' | 'figure-before'
  /** The best other wording, or null when it was the only one. */
  readonly runnerUp: { readonly said: Candidate; readonly extraCost: number } | null
}

export interface Plan {
  readonly planned: readonly Planned[]
  readonly cost: number
}

/** Cost of each slot that says something else than the fixed wordings do: beyond any sum of ordinary costs. */
const CHANGE_COST = 1_000_000_000

/**
 * The cheapest plan that keeps every hard rule of the mode *ahead*: no cue starts before the figure before its own has
 * begun, every cue ends at least the least lead before its step, and starts after the one before it plus a breath.
 * Exact: must equal exhaustive search over all wordings and starts. Equal costs go to the longer wording, then to the
 * earlier start, decided from the first slot on.
 *
 * Dynamic programming from the last slot to the first (Bellman 1957): the cheapest rest is a step function of the moment
 * from which the mouth is free.
 *
 * `fixed` keeps the wordings of another plan (null = silent) and changes only as few slots as the hard rules force.
 */
export function planCues(slots: readonly CueSlot[], rules: CueRules, fixed: ReadonlyMap<string, string | null> | null = null): Plan {
  const { school } = rules
  const breath = school.breathSeconds
  const candidates = slots.map((slot) => candidatesOf(slot, rules))
  const silences = slots.map((slot) => silenceCost(slot, school) + changeCost(slot, null, fixed))
  const totals: Float64Array[] = []
  const rests: StepFunction[] = [{ upTo: [Infinity], values: [0] }]
  const lastReady = latestReady(candidates, breath)

  for (let i = slots.length - 1; i >= 0; i--) {
    const rest = rests[0]!
    const ways = candidates[i]!
    const total = Float64Array.from(ways, (way) => way.cost + changeCost(slots[i]!, way.wording.text, fixed) + valueAt(rest, way.end + breath))
    totals.unshift(total)
    rests.unshift(cheaper(ways, total, silences[i]!, rest, lastReady[i]!))
  }

  const planned: Planned[] = []
  let ready = -Infinity
  slots.forEach((slot, i) => {
    const best = valueAt(rests[i]!, ready)
    const way = choose(candidates[i]!, totals[i]!, ready, best)
    if (way) {
      planned.push({ slot, said: way, why: { ...reasons(candidates[i]!, totals[i]!, ready, way, best), laterSeconds: 0 } })
      ready = way.end + breath
    } else {
      planned.push({ slot, said: null, reason: slot.silence ?? (candidates[i]!.length === 0 ? 'no-room' : 'crowded') })
    }
  })
  return { planned: planned.map((one, i) => withRoomAfter(one, candidates[i]!, planned, i, breath)), cost: planCost(planned, school) }
}

function changeCost(slot: CueSlot, text: string | null, fixed: ReadonlyMap<string, string | null> | null): number {
  return !fixed || !fixed.has(slot.key) || fixed.get(slot.key) === text ? 0 : CHANGE_COST
}

/** The plan's cost without what it took to keep wordings fixed. */
function planCost(planned: readonly Planned[], school: CueRules['school']): number {
  return planned.reduce((sum, one) => sum + (one.said ? one.said.cost : silenceCost(one.slot, school)), 0)
}

/** `values[k]` holds for every ready moment up to and including `upTo[k]`. Both rise; the last `upTo` is infinite. */
interface StepFunction {
  readonly upTo: readonly number[]
  readonly values: readonly number[]
}

function valueAt({ upTo, values }: StepFunction, ready: number): number {
  let low = 0
  let high = upTo.length - 1
  while (low < high) {
    const middle = (low + high) >> 1
    if (ready <= upTo[middle]!) high = middle
    else low = middle + 1
  }
  return values[low]!
}

/** For each slot, the latest moment at which the mouth can become free before it. Beyond that nothing is ever asked. */
function latestReady(candidates: readonly (readonly Candidate[])[], breath: number): number[] {
  const latest: number[] = []
  let end = -Infinity
  for (const ways of candidates) {
    latest.push(end + breath)
    for (const way of ways) end = Math.max(end, way.end)
  }
  return latest
}

/** The cheapest rest from a slot on: the better of saying it in a way that starts late enough, and of leaving it unsaid. */
function cheaper(ways: readonly Candidate[], total: Float64Array, silence: number, rest: StepFunction, lastReady: number): StepFunction {
  const upTo: number[] = []
  const values: number[] = []
  const push = (to: number, value: number): void => {
    if (values.at(-1) === value) upTo[upTo.length - 1] = to
    else {
      upTo.push(to)
      values.push(value)
    }
  }
  const fromHere = new Float64Array(ways.length + 1).fill(Infinity)
  for (let k = ways.length - 1; k >= 0; k--) fromHere[k] = Math.min(total[k]!, fromHere[k + 1]!)
  let way = 0
  let piece = 0
  for (;;) {
    const wayEnd = ways[way]?.start ?? Infinity
    const pieceEnd = rest.upTo[piece]!
    const to = Math.min(wayEnd, pieceEnd)
    const value = Math.min(fromHere[way]!, silence + rest.values[piece]!)
    if (to >= lastReady) {
      push(Infinity, value)
      return { upTo, values }
    }
    push(to, value)
    if (wayEnd === to) while (way < ways.length && ways[way]!.start === to) way++
    if (pieceEnd === to) piece++
  }
}

/** The preferred way among those that reach the best cost, or null when silence does and no way does. */
function choose(ways: readonly Candidate[], total: Float64Array, ready: number, best: number): Candidate | null {
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

function reasons(ways: readonly Candidate[], total: Float64Array, ready: number, way: Candidate, best: number): Omit<Why, 'laterSeconds'> {
  const same = ways.filter((one) => one.wording === way.wording)
  const free = same.filter((one) => one.start >= ready)
  let runnerUp: Why['runnerUp'] = null
  ways.forEach((one, k) => {
    if (one.start < ready || one.wording === way.wording || total[k]! - best >= CHANGE_COST) return
    const extraCost = total[k]! - best
    if (!runnerUp || extraCost < runnerUp.extraCost) runnerUp = { said: one, extraCost }
  })
  return { earlierSeconds: way.start - free[0]!.start, heldBy: free[0] === same[0] ? 'figure-before' : 'cue-before', runnerUp }
}

/** Adds how much later a cue could start before the next cue, or its own step, is in the way. */
function withRoomAfter(one: Planned, ways: readonly Candidate[], planned: readonly Planned[], i: number, breath: number): Planned {
  if (!one.said) return one
  const { said } = one
  const next = planned.slice(i + 1).find((other) => other.said)?.said
  const latest = ways.filter((way) => way.wording === said.wording && (!next || way.end + breath <= next.start)).at(-1) ?? said
  return { ...one, why: { ...one.why, laterSeconds: latest.start - said.start } }
}
