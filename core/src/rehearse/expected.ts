import type { PreparedCall } from '../call/index.ts'
import { leastLeadSeconds } from '../cue/index.ts'
import { TICKS_PER_BEAT, type TickPosition } from '../time/index.ts'

/**
 * An utterance as the plan has it. Moments are heard seconds from the first step at the speed of the
 * take; those before it are below 0.
 */
export interface Utterance {
  readonly key: string
  readonly slotKey: string
  /** The slot as it is written, the same each time round. */
  readonly slotId: string
  readonly text: string
  readonly start: number
  readonly end: number
  /** The step that it calls. */
  readonly step: number
  /** It must have ended so long before its step. */
  readonly leastLead: number
  readonly beatSeconds: number
}

/**
 * Heard seconds from the first step, at the speed of a call.
 *
 * @param tick From the first danced step.
 */
export function secondsOf({ sheet, speed }: PreparedCall, tick: number): number {
  const zero = sheet.clock.heardAt(0 as TickPosition)
  return (sheet.clock.heardAt(tick as TickPosition) - zero) / speed
}

/** What the plan wants said in a stretch of the dance, in order. */
export function utterancesOf(
  call: PreparedCall,
  from = -Infinity,
  to = Infinity,
): readonly Utterance[] {
  const least = leastLeadSeconds(call.sheet)
  return call.cues
    .filter(({ stepTick, purpose }) => purpose === 'cue' && stepTick >= from && stepTick < to)
    .map(({ key, slot, text, startTick, endTick, stepTick }) => {
      const step = secondsOf(call, stepTick)
      return {
        key,
        slotKey: slot.key,
        slotId: slot.slot.id,
        text,
        start: secondsOf(call, startTick),
        end: secondsOf(call, endTick),
        step,
        // Where the plan itself leaves less, no more is asked of the mouth.
        leastLead: Math.min(least, step - secondsOf(call, endTick)),
        beatSeconds: secondsOf(call, stepTick + TICKS_PER_BEAT) - step,
      }
    })
}
