import type { School } from '../school/index.ts'
import { TICKS_PER_BEAT, type Tick, type TickPosition } from '../time/index.ts'
import type { HeardClock } from './clock.ts'
import { spokenSeconds, marginSeconds, type Voice } from './voice.ts'
import type { CueSlot, Wording } from './wording.ts'

/** Cues may start on quarters of a beat. */
export const GRID_TICKS = TICKS_PER_BEAT / 4

/** One wording at one moment that keeps every hard rule but the one about its neighbours. Times are heard seconds. */
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
}

/**
 * Every way to say a slot that starts no earlier than the figure before, and ends at or before its step less the
 * school's least lead. In order of start, longer wordings first at the same start.
 */
export function candidatesOf(slot: CueSlot, rules: CueRules): readonly Candidate[] {
  const before = known.get(slot)
  if (before && before.rules.clock === rules.clock && before.rules.school === rules.school && before.rules.voice === rules.voice) return before.found
  const found = findCandidates(slot, rules)
  known.set(slot, { rules, found })
  return found
}

/** Ways already found: a cue slot that an edit left alone keeps its own under the same rules. */
const known = new WeakMap<CueSlot, { readonly rules: CueRules; readonly found: readonly Candidate[] }>()

function findCandidates(slot: CueSlot, rules: CueRules): Candidate[] {
  const { clock, school, voice } = rules
  const step = clock.heardAt(slot.stepTick)
  const latestEnd = step - school.lead.minSeconds
  const target = targetLeadBeats(slot.stepTick, step, rules)
  const lengths = slot.wordings.map((wording) => {
    const spoken = spokenSeconds(voice, wording.text)
    return { wording, spoken, planned: spoken + marginSeconds(voice, spoken) }
  })
  const shortest = Math.min(...lengths.map(({ planned }) => planned))
  const found: Candidate[] = []
  for (let at = Math.ceil(slot.notBeforeTick / GRID_TICKS) * GRID_TICKS; at < slot.stepTick; at += GRID_TICKS) {
    const start = clock.heardAt(at as Tick)
    if (start + shortest > latestEnd) break
    for (const { wording, spoken, planned } of lengths) {
      const end = start + planned
      if (end > latestEnd) continue
      const endTick = clock.tickAtHeard(end)
      const leadBeats = (slot.stepTick - endTick) / TICKS_PER_BEAT
      found.push({ wording, startTick: at as Tick, endTick, start, end, spokenSeconds: spoken, leadBeats, leadSeconds: step - end, cost: costOf(slot, wording, at, leadBeats, target, school) })
    }
  }
  return found
}

/** The lead aimed at, in beats at this place: the school's target or its least seconds, whichever is longer. */
export function targetLeadBeats(stepTick: Tick, step: number, { clock, school }: CueRules): number {
  const least = (stepTick - clock.tickAtHeard(step - school.lead.minSeconds)) / TICKS_PER_BEAT
  return Math.max(school.lead.targetBeats, least)
}

/** Whole-number cost of one wording at one moment; docs/planner.md spells it out. */
function costOf(slot: CueSlot, wording: Wording, at: number, lead: number, target: number, { weights, lead: leads }: School): number {
  const short = Math.max(0, target - lead)
  const early = Math.max(0, lead - Math.max(leads.maxBeats, target))
  return (
    Math.round(weights.leadPerBeat * Math.abs(lead - target) + weights.rushPerBeat * short + weights.earlyPerBeat * early) +
    weights.lostWord * Math.max(0, slot.wantedWords - wording.words) +
    weights.overWord * Math.max(0, wording.words - slot.wantedWords) +
    (at % TICKS_PER_BEAT === 0 ? 0 : weights.offBeat)
  )
}

/** Cost of leaving a slot unsaid; nothing where there is nothing to say. */
export const silenceCost = (slot: CueSlot, { weights }: School): number => (slot.silence ? 0 : weights.silence + weights.lostWord * slot.wantedWords)
