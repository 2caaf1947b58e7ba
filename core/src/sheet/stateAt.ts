import {
  danceFrom,
  freeFoot,
  holdAt,
  ROLES,
  type CoupleState,
  type Foot,
  type Role,
} from '../figure/index.ts'
import type { DancedPass, DancedSlot, Timeline } from '../routine/index.ts'
import { phraseAt, spanAt, TICKS_PER_BEAT, type PhraseSpan, type Tick } from '../time/index.ts'

/** All that is so at one beat of a routine, before anything on that beat is danced. */
export interface StateAt {
  readonly tick: Tick
  readonly pass: DancedPass
  readonly slot: DancedSlot
  readonly state: CoupleState
  /** The foot each role may step on; null where both may, or weight is split. */
  readonly free: Readonly<Record<Role, Foot | null>>
  /**
   * Beats from the start of its phrase, from 0, and the phrase's number from 1; null past the last
   * phrase.
   */
  readonly inPhrase: { readonly phrase: number; readonly beat: number } | null
}

/**
 * What is so at a tick; null outside the dance. A beat within a figure is reached by dancing the
 * figure up to it.
 */
export function stateAt(
  timeline: Timeline,
  phrases: readonly PhraseSpan[],
  tick: Tick,
): StateAt | null {
  const slot = spanAt(timeline.slots, tick)
  const pass = spanAt(timeline.passes, tick)
  if (!slot || !pass) return null
  const state = within(slot, tick)
  const phrase = phraseAt(phrases, tick)
  const free = Object.fromEntries(
    ROLES.map((role) => [role, freeFoot(state[role].weight)]),
  ) as StateAt['free']
  return {
    tick,
    pass,
    slot,
    state,
    free,
    inPhrase: phrase
      ? { phrase: phrase.index + 1, beat: (tick - phrase.start) / TICKS_PER_BEAT }
      : null,
  }
}

function within(slot: DancedSlot, tick: number): CoupleState {
  const { danced, before, start } = slot
  if (!danced || tick <= start) return before
  const until = tick - start
  const steps = {
    lead: danced.steps.lead.filter(({ at }) => at < until),
    follow: danced.steps.follow.filter(({ at }) => at < until),
  }
  const { after } = danceFrom(before, { ...danced, steps })
  const changes = danced.holds.map(({ at, hold }) => ({ at, from: '', to: hold }))
  return { ...after, hold: holdAt(changes, before.hold, until) }
}
