import { sameInputs } from '../document/index.ts'
import type { School } from '../school/index.ts'
import { TICKS_PER_BEAT, type Tick, type TickPosition } from '../time/index.ts'
import type { HeardClock } from './clock.ts'
import { isAroundTheDance, isNews, type CueSlot, type Wording } from './cueSlot.ts'
import { marginSeconds, spokenSeconds, type Voice } from './voice.ts'

/** Cues may start on quarters of a beat. */
export const GRID_TICKS = TICKS_PER_BEAT / 4

/**
 * What a cue costs that breaks what the cuer has pinned: beyond any sum of ordinary costs, so that
 * it is broken only where it cannot be kept.
 */
export const PIN_COST = 10_000_000

/**
 * One wording at one moment that keeps every hard rule but the one about its neighbours. Times are
 * heard seconds.
 */
export interface Candidate {
  readonly wording: Wording
  readonly startTick: Tick
  readonly endTick: TickPosition
  readonly start: number
  /** End of the planned length: the spoken length and its margin. */
  readonly end: number
  readonly spokenSeconds: number
  readonly leadBeats: number
  readonly leadSeconds: number
  readonly cost: number
}

/** All that a cue is judged by, apart from its neighbours. */
export interface CueRules {
  readonly school: School
  readonly voice: Voice
  readonly clock: HeardClock
  /** Seconds that echo or a noisy floor add to the least lead; 0 where left out. */
  readonly hallSeconds?: number
  /** Cues begin on whole beats only. */
  readonly wholeBeats?: boolean
  /** Counts are spoken too and come first: words that cover them cost. */
  readonly countsFirst?: boolean
}

/** Heard seconds that must lie between the end of a cue said ahead and its step. */
export const leastLeadSeconds = ({
  school,
  hallSeconds = 0,
}: Pick<CueRules, 'school' | 'hallSeconds'>): number => school.lead.minSeconds + hallSeconds

/** Heard seconds that lie between the end of a cue on the count and its step. */
export const ON_COUNT_SECONDS = 0.25

/**
 * Heard seconds that must lie between the end of a cue and its step: nothing where it is said with
 * it, or has its place in a gap.
 */
export const keptSeconds = (
  mode: CueSlot['mode'],
  rules: Pick<CueRules, 'school' | 'hallSeconds'>,
): number =>
  mode === 'ahead' ? leastLeadSeconds(rules) : mode === 'on-count' ? ON_COUNT_SECONDS : 0

/**
 * Every way to say a cue slot that keeps the hard rule of its mode. *Ahead*: starts no earlier than
 * the figure before, and ends at or before its step less the least lead. *On the count*: takes the
 * place of the last counts before its step and ends by it. *With the step* and *steps*: starts on
 * its step. What is said in a gap lies within it. In order of start, longer wordings first at the
 * same start.
 */
export const candidatesOf = (slot: CueSlot, rules: CueRules): readonly Candidate[] =>
  findCandidates(slot, rules, -Infinity)

/**
 * The ways among them that a cheapest plan may take. `freeBy` is the heard second before which
 * nothing that follows may start: of two ways to say the same words that both leave the mouth free
 * by then, the one that starts later is never harder to fit in, so that the earlier one is of use
 * only where it costs no more.
 */
export function usefulCandidates(
  slot: CueSlot,
  rules: CueRules,
  freeBy: number,
): readonly Candidate[] {
  const before = known.get(slot)
  if (before && before.freeBy === freeBy && sameRules(before.rules, rules)) return before.found
  const found = findCandidates(slot, rules, freeBy)
  known.set(slot, { rules, freeBy, found })
  return found
}

/** Ways already found: a cue slot that an edit left alone keeps its own under the same rules. */
const known = new WeakMap<
  CueSlot,
  { readonly rules: CueRules; readonly freeBy: number; readonly found: readonly Candidate[] }
>()

/** What is left out is what it is by default. */
const orZero = (a: number | undefined, b: number | undefined): boolean => (a ?? 0) === (b ?? 0)
const orFalse = (a: boolean | undefined, b: boolean | undefined): boolean =>
  (a ?? false) === (b ?? false)
export const sameRules = (a: CueRules, b: CueRules): boolean =>
  sameInputs(a, b, { hallSeconds: orZero, wholeBeats: orFalse, countsFirst: orFalse })

function findCandidates(slot: CueSlot, rules: CueRules, freeBy: number): Candidate[] {
  const { clock } = rules
  const step = clock.heardAt(slot.stepTick)
  const window = windowOf(slot, step, rules)
  const target = slot.mode === 'ahead' ? targetLeadBeats(slot.stepTick, step, rules) : 0
  const starts = startsIn(slot, window, rules).map((at) => ({ at, start: clock.heardAt(at) }))
  const found = slot.wordings.flatMap((wording) =>
    waysOf(wording, slot, { rules, step, window, target, starts, freeBy }),
  )
  // Sorting keeps the order of what starts together: the wordings', longest first.
  return found.sort((a, b) => a.startTick - b.startTick)
}

interface Places {
  readonly rules: CueRules
  readonly step: number
  readonly window: Window
  readonly target: number
  readonly starts: readonly { readonly at: Tick; readonly start: number }[]
  readonly freeBy: number
}

/**
 * The ways of one wording, from the latest to the earliest; those that are of no use are left out.
 */
function waysOf(
  wording: Wording,
  slot: CueSlot,
  { rules, step, window, target, starts, freeBy }: Places,
): Candidate[] {
  const { clock, school } = rules
  const spoken = spokenSeconds(rules.voice, wording.text)
  // The words of a step are clipped to their beat: nobody adds a margin to them.
  const planned = slot.mode === 'steps' ? spoken : spoken + marginSeconds(rules.voice, wording.text)
  const always =
    wordsCost(slot, wording, school) + (slot.purpose === 'amount' ? school.weights.secondCue : 0)
  const found: Candidate[] = []
  let cheapest = Infinity
  for (let k = starts.length - 1; k >= 0; k--) {
    const { at, start } = starts[k]!
    const end = start + planned
    if (end > window.latestEnd) continue
    const endTick = clock.tickAtHeard(end)
    if (!isRemembered(slot, wording, endTick, school)) continue
    const leadBeats = (slot.stepTick - endTick) / TICKS_PER_BEAT
    const cost =
      always +
      momentCost(slot, wording, { at, endTick, leadBeats, target, from: window.from }, rules)
    const isFree = end + school.breathSeconds <= freeBy
    if (isFree && cost > cheapest) continue
    if (isFree) cheapest = cost
    found.push({
      wording,
      startTick: at,
      endTick,
      start,
      end,
      spokenSeconds: spoken,
      leadBeats,
      leadSeconds: step - end,
      cost,
    })
  }
  return found
}

interface Window {
  /** First and last tick on which it may start. */
  readonly from: Tick
  readonly to: Tick
  /** Heard seconds by which it must have ended. */
  readonly latestEnd: number
}

function windowOf(slot: CueSlot, step: number, rules: CueRules): Window {
  const from = slot.notBeforeTick
  switch (slot.mode) {
    case 'ahead':
      return { from, to: (slot.stepTick - 1) as Tick, latestEnd: step - leastLeadSeconds(rules) }
    case 'on-count':
      return {
        from: Math.max(from, slot.stepTick - rules.school.onCountBeats * TICKS_PER_BEAT) as Tick,
        to: (slot.stepTick - 1) as Tick,
        latestEnd: step - ON_COUNT_SECONDS,
      }
    case 'with-step':
    case 'steps':
      return { from: slot.stepTick, to: slot.stepTick, latestEnd: Infinity }
    case 'gap':
      return { from, to: (slot.stepTick - 1) as Tick, latestEnd: step }
  }
}

/**
 * Ticks at which it may start: on the grid, on whole beats where the sheet wants that, where it is
 * pinned, and on its step.
 */
function startsIn(slot: CueSlot, { from, to }: Window, { wholeBeats }: CueRules): Tick[] {
  if (from === to) return [from]
  const grid = wholeBeats ? TICKS_PER_BEAT : GRID_TICKS
  const starts: number[] = []
  for (let at = Math.ceil(from / grid) * grid; at <= to; at += grid) starts.push(at)
  const pinned = pinnedStart(slot)
  if (pinned !== null && pinned >= from && pinned <= to && !starts.includes(pinned))
    starts.push(pinned)
  return starts.sort((a, b) => a - b) as Tick[]
}

const pinnedStart = ({ pin, stepTick }: CueSlot): number | null =>
  pin?.startTicks === undefined ? null : stepTick + pin.startTicks

/** Whether the last name of a joined utterance comes soon enough to be remembered. */
function isRemembered(
  { stepTick }: CueSlot,
  { joined }: Wording,
  endTick: number,
  { join }: School,
): boolean {
  const last = joined?.at(-1)
  return !last || last.stepTick - Math.min(endTick, stepTick) <= join.mostBeats * TICKS_PER_BEAT
}

/**
 * The lead aimed at, in beats at this place: the school's target or its least seconds, whichever is
 * longer.
 *
 * @param step Ticks of the grid on which cues begin, above 0.
 */
export function targetLeadBeats(stepTick: Tick, step: number, rules: CueRules): number {
  const least =
    (stepTick - rules.clock.tickAtHeard(step - leastLeadSeconds(rules))) / TICKS_PER_BEAT
  return Math.max(rules.school.lead.targetBeats, least)
}

/** Where a wording would stand. */
interface Moment {
  readonly at: Tick
  readonly endTick: TickPosition
  readonly leadBeats: number
  readonly target: number
  /** Where its window begins. */
  readonly from: Tick
}

/**
 * What a wording costs for where it stands, in whole numbers; docs/planner.md spells all of the
 * cost out.
 */
function momentCost(
  slot: CueSlot,
  wording: Wording,
  moment: Moment,
  { school, countsFirst }: CueRules,
): number {
  const { weights } = school
  return (
    placeCost(slot, moment, school) +
    joinedCost(wording, moment.endTick, school) +
    (moment.at % TICKS_PER_BEAT === 0 || isFreeOfBeats(slot) ? 0 : weights.offBeat) +
    (countsFirst ? weights.coveredCount * coveredBeats(moment) : 0) +
    (breaksPin(slot, wording, moment.at) ? PIN_COST : 0)
  )
}

/** Whether it is told by no beat: with its step it falls where that does. */
const isFreeOfBeats = (slot: CueSlot): boolean =>
  slot.mode === 'with-step' || slot.mode === 'steps' || isAroundTheDance(slot)

/** What it costs to stand where it stands. In a gap, the sooner the better. */
function placeCost(
  { mode }: CueSlot,
  { leadBeats, at, target, from }: Moment,
  { weights, lead: leads }: School,
): number {
  switch (mode) {
    case 'ahead': {
      const short = Math.max(0, target - leadBeats)
      const early = Math.max(0, leadBeats - Math.max(leads.maxBeats, target))
      return Math.round(
        weights.leadPerBeat * Math.abs(leadBeats - target) +
          weights.rushPerBeat * short +
          weights.earlyPerBeat * early,
      )
    }
    case 'on-count':
      return Math.round(weights.leadPerBeat * leadBeats)
    case 'with-step':
    case 'steps':
      return 0
    case 'gap':
      return Math.round((weights.leadPerBeat * (at - from)) / TICKS_PER_BEAT / 10)
  }
}

/** Words around the dance weigh far less than a figure's: none is lost for them. */
const shareOf = (slot: CueSlot): number => (isAroundTheDance(slot) ? 0.15 : 1)

function wordsCost(slot: CueSlot, wording: Wording, { weights }: School): number {
  const of = (wanted: number, said: number): number =>
    weights.lostWord * Math.max(0, wanted - said) + weights.overWord * Math.max(0, said - wanted)
  // An amount that follows as a second cue is not lost.
  const wanted = slot.wantedWords - (wording.owes ?? 0)
  const cost =
    of(wanted, wording.own ?? wording.words) +
    weights.lostWord * (wording.lacks ?? 0) +
    otherKindCost(slot, wording, weights) +
    (wording.joined ?? []).reduce((sum, later) => sum + of(later.wantedWords, later.words), 0)
  return Math.round(shareOf(slot) * cost)
}

/**
 * Another wording than the wanted one counts as half a lost word, though it has as many words: what
 * is wished for is not given up for a part of a beat.
 */
const otherKindCost = (slot: CueSlot, wording: Wording, { lostWord }: School['weights']): number =>
  slot.wantedKind !== undefined &&
  wording.kind !== slot.wantedKind &&
  wording.words >= slot.wantedWords
    ? Math.round(lostWord / 2)
    : 0

/**
 * Each further thing to keep in mind, and each beat that a later name has to be remembered until
 * its step.
 */
function joinedCost({ joined }: Wording, endTick: number, { weights }: School): number {
  if (!joined) return 0
  return joined.reduce(
    (sum, { stepTick }) =>
      sum +
      weights.joinedThing +
      Math.round((weights.rememberPerBeat * Math.max(0, stepTick - endTick)) / TICKS_PER_BEAT),
    0,
  )
}

/** Whole beats that sound while it is said. */
const coveredBeats = ({ at, endTick }: Moment): number =>
  Math.max(0, Math.ceil(endTick / TICKS_PER_BEAT) - Math.ceil(at / TICKS_PER_BEAT))

export function breaksPin(
  { pin, stepTick }: CueSlot,
  { kind }: Wording,
  startTick: number,
): boolean {
  if (!pin) return false
  return (
    (pin.wording !== undefined && pin.wording !== kind) ||
    (pin.startTicks !== undefined && stepTick + pin.startTicks !== startTick)
  )
}

/** Cost of leaving a slot unsaid; nothing where there is nothing to say. */
export function silenceCost(slot: CueSlot, { weights }: School): number {
  if (slot.silence) return 0
  const words = Math.round(weights.lostWord * shareOf(slot) * slot.wantedWords)
  const pinned = slot.pin ? PIN_COST : 0
  switch (slot.purpose) {
    case 'cue':
    case 'first-role':
      return weights.silence + words + pinned
    case 'other-role':
      return Math.round(weights.silence / 2) + words
    // An amount is said or stands in the name; it is never left out.
    case 'amount':
      return Infinity
    case 'step':
      return words
    case 'gap':
      return isNews(slot) ? weights.silence + words : words
  }
}
