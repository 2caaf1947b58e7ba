import { breaksPin, candidatesOf, PIN_COST, type Candidate, type CueRules } from './candidate.ts'
import type { CueSlot } from './cueSlot.ts'
import { valueAt, type StepFunction } from './stepFunction.ts'

/** Why a cue stands where it stands. */
export interface Why {
  /** How far it could move, the others staying where they are. */
  readonly room: () => Room
  /** The best other wording, or null when it was the only one. */
  readonly runnerUp: { readonly said: Candidate; readonly extraCost: number } | null
  /** The cuer's pin could not be kept: nothing it allows fits here. */
  readonly pinBroken: boolean
  /**
   * What it would cost more to start the same words elsewhere, given what is said before, in order
   * of start.
   */
  readonly moves: () => readonly Move[]
}

export interface Room {
  /** Heard seconds its start could move without breaking a hard rule. */
  readonly earlierSeconds: number
  readonly laterSeconds: number
  /** What stops it from being earlier: the cue before it, or the step of the figure before. */
  readonly heldBy: 'cue-before' | 'figure-before'
}

/** The same words at another moment. */
export interface Move {
  readonly said: Candidate
  readonly extraCost: number
}

/** What the planner knew when it decided on a cue. */
export interface WhyContext {
  readonly slot: CueSlot
  readonly rules: CueRules
  readonly way: Candidate
  readonly ways: readonly Candidate[]
  /** Of each way: its own cost and that of the cheapest rest after it. */
  readonly total: Float64Array
  /** The cheapest rest after what is said here. */
  readonly rest: StepFunction
  /** From when the mouth is free. */
  readonly ready: number
  readonly best: number
  /** When the next cue starts; known once it is decided. */
  nextStart: number
}

/**
 * Why a cue stands where it stands. What is only looked at now and then is worked out when it is
 * asked for.
 */
export function reasons(context: WhyContext): Why {
  const { slot, rules, way, rest, ready, best } = context
  const breath = rules.school.breathSeconds
  const same = once(() =>
    candidatesOf(slot, rules).filter(({ wording }) => wording === way.wording),
  )
  const free = once(() => same().filter(({ start }) => start >= ready))
  return {
    runnerUp: runnerUpOf(context),
    pinBroken: breaksPin(slot, way.wording, way.startTick),
    moves: once((): readonly Move[] =>
      free().flatMap((said) => {
        const extraCost = said.cost + valueAt(rest, said.end + breath) - best
        return Number.isFinite(extraCost) ? [{ said, extraCost }] : []
      }),
    ),
    room: once((): Room => {
      const latest = same().findLast(({ end }) => end + breath <= context.nextStart) ?? way
      const earliest = free()[0] ?? way
      return {
        earlierSeconds: way.start - earliest.start,
        laterSeconds: Math.max(0, latest.start - way.start),
        heldBy: earliest.start === same()[0]!.start ? 'figure-before' : 'cue-before',
      }
    }),
  }
}

/** The cheapest way to say something else. */
function runnerUpOf({ ways, way, total, ready, best }: WhyContext): Why['runnerUp'] {
  let found: Why['runnerUp'] = null
  ways.forEach((said, k) => {
    if (said.start < ready || said.wording === way.wording || total[k]! - best >= PIN_COST) return
    const extraCost = total[k]! - best
    if (!found || extraCost < found.extraCost) found = { said, extraCost }
  })
  return found
}

function once<Result>(work: () => Result): () => Result {
  let known: { readonly result: Result } | null = null
  return () => (known ??= { result: work() }).result
}
