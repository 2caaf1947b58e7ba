import { interquartileRange, median } from 'simple-statistics'
import type { Utterance } from './expected.ts'
import { matchSpans, type SpokenSpan } from './match.ts'

export type Verdict = 'in-time' | 'tight' | 'late' | 'early' | 'missed' | 'over-another'

/** How one cue was said. */
export interface CueScore {
  readonly utterance: Utterance
  readonly verdict: Verdict
  /** When it was said; null where it was missed. */
  readonly said: SpokenSpan | null
  /** Between its end and its step; below 0 where it ended after it. Null where it was missed. */
  readonly leadSeconds: number | null
  readonly leadBeats: number | null
  /** Its length, as a share of the planned. */
  readonly lengthShare: number | null
}
/** How a take went. */
export interface TakeScore {
  readonly cues: readonly CueScore[]
  /** Stretches in which something was said that the plan does not have. */
  readonly extra: readonly SpokenSpan[]
  /** Share of the cues that were in time, tight ones too; 1 where there are none. */
  readonly inTime: number
  readonly medianLeadBeats: number | null
  /** Half of the leads lie within so many beats of each other. */
  readonly spreadBeats: number | null
  /** The three that need the most, the worst first. */
  readonly worst: readonly CueScore[]
}

/** So much less than the least lead is still just so: a cue that is tight. */
const TIGHT_SECONDS = 0.1
/** A cue that ends so many beats before the planned end is early. */
const EARLY_BEATS = 2

/** How what was said stands beside the plan: each cue, and the take as a whole. */
export function scoreTake(
  utterances: readonly Utterance[],
  spans: readonly SpokenSpan[],
): TakeScore {
  const match = matchSpans(utterances, spans)
  const cues = utterances.map((utterance, i) =>
    scoreOf(utterance, match.said[i]!, spans, i, match.said),
  )
  const leads = cues.flatMap(({ leadBeats }) => (leadBeats === null ? [] : [leadBeats]))
  const good = cues.filter(({ verdict }) => verdict === 'in-time' || verdict === 'tight')
  return {
    cues,
    extra: match.extra.map((span) => spans[span]!),
    inTime: cues.length === 0 ? 1 : good.length / cues.length,
    medianLeadBeats: leads.length === 0 ? null : median(leads),
    spreadBeats: leads.length === 0 ? null : interquartileRange(leads),
    worst: [...cues]
      .filter(isAtFault)
      .sort((a, b) => fault(b) - fault(a))
      .slice(0, 3),
  }
}

function scoreOf(
  utterance: Utterance,
  own: readonly number[],
  spans: readonly SpokenSpan[],
  index: number,
  said: readonly (readonly number[])[],
): CueScore {
  const [first] = own
  if (first === undefined)
    return {
      utterance,
      verdict: 'missed',
      said: null,
      leadSeconds: null,
      leadBeats: null,
      lengthShare: null,
    }
  // Of two that were said in one breath the first ends where the plan would have it.
  const shared = said[index + 1]?.includes(first) === true
  const whole = { start: spans[first]!.start, end: spans[own.at(-1)!]!.end }
  const end = shared
    ? Math.min(whole.end, whole.start + utterance.end - utterance.start)
    : whole.end
  const isSecond = index > 0 && said[index - 1]!.includes(first)
  const start = isSecond
    ? Math.max(whole.start, end - (utterance.end - utterance.start))
    : whole.start
  const leadSeconds = utterance.step - end
  return {
    utterance,
    verdict: verdictOf(utterance, end, isOver(start, index, said, spans)),
    said: { start, end },
    leadSeconds,
    leadBeats: leadSeconds / utterance.beatSeconds,
    lengthShare: (end - start) / Math.max(0.05, utterance.end - utterance.start),
  }
}

/** Whether the one before was still being said: two spans of one mouth that overlap. */
function isOver(
  start: number,
  index: number,
  said: readonly (readonly number[])[],
  spans: readonly SpokenSpan[],
): boolean {
  const before = index > 0 ? said[index - 1]!.at(-1) : undefined
  const own = said[index]![0]
  return before !== undefined && before !== own && spans[before]!.end > start + 1e-6
}

function verdictOf(utterance: Utterance, end: number, over: boolean): Verdict {
  const { step, leastLead, beatSeconds } = utterance
  const lead = step - end
  if (over) return 'over-another'
  if (lead < leastLead - TIGHT_SECONDS - 1e-9) return 'late'
  if (utterance.end - end > EARLY_BEATS * beatSeconds) return 'early'
  return lead < leastLead - 1e-9 ? 'tight' : 'in-time'
}

const isAtFault = ({ verdict }: CueScore): boolean => verdict !== 'in-time' && verdict !== 'tight'
/** How much there is to put right: a missed cue most, then how many beats it was off. */
function fault({ verdict, said, utterance }: CueScore): number {
  if (verdict === 'missed' || !said) return 100
  return Math.abs(said.end - utterance.end) / utterance.beatSeconds
}
