import {
  heardClock,
  leastLeadSeconds,
  spokenSeconds,
  type CueSlot,
  type Wording,
} from '../cue/index.ts'
import { TICKS_PER_BEAT, type TickPosition } from '../time/index.ts'
import type { Sheet } from '../sheet/index.ts'

/** One way to say a cue that is late, and the last moment to begin it. */
export interface Rung {
  /** Null: it can no longer be said in time; let it go, the next one comes. */
  readonly text: string | null
  /** Ticks of the danced timeline; endless for letting go. */
  readonly lastTick: TickPosition
}

/**
 * What can still be said of a cue as its moment passes, at a speed of 0.5 to 1.5: its planned words
 * and the shorter ones, each until the last moment at which it would end, spoken briskly and
 * without margin, with the least lead before its step; then nothing. Worked out beforehand, so that
 * a late cue costs no time. Where a shorter wording would carry no longer than the one before it,
 * it is left out.
 *
 * @param speed Of the recording, 0.5 to 1.5.
 */
export function ladderOf(
  sheet: Sheet,
  slot: CueSlot,
  planned: Wording,
  speed: number,
): readonly Rung[] {
  const clock = heardClock(sheet.beatMap, sheet.firstStep, speed)
  const lead = slot.mode === 'ahead' ? leastLeadSeconds(sheet) : 0
  const isWithStep = slot.mode === 'with-step' || slot.mode === 'steps'
  const latestEnd = clock.heardAt(slot.stepTick) - lead
  // What joins several names, or leaves its amount to a second cue, can only be said as it was
  // planned.
  const others = isWithStep
    ? []
    : slot.wordings.filter(
        (one) => !one.joined && !one.owes && one !== planned && one.words < planned.words,
      )
  const rungs: Rung[] = []
  for (const { text } of [planned, ...others]) {
    const lastTick = isWithStep
      ? ((slot.stepTick + LATE_WITH_STEP_TICKS) as TickPosition)
      : clock.tickAtHeard(latestEnd - spokenSeconds(sheet.voice, text))
    if (lastTick > (rungs.at(-1)?.lastTick ?? -Infinity)) rungs.push({ text, lastTick })
  }
  return [...rungs, { text: null, lastTick: Infinity as TickPosition }]
}

/** A word that goes with its step is of no use so long after it. */
const LATE_WITH_STEP_TICKS = TICKS_PER_BEAT / 2

/**
 * What is to be said of a cue at a moment: the longest wording that still fits, or nothing any
 * more.
 */
export const rungAt = (ladder: readonly Rung[], at: TickPosition): Rung =>
  ladder.find(({ lastTick }) => at <= lastTick)!
