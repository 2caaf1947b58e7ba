import type { DancedPass, DancedSlot } from '../routine/index.ts'
import {
  countLabel,
  phraseAt,
  TICKS_PER_BEAT,
  ticksPerBar,
  type CountInWord,
  type Tick,
  type TickPosition,
} from '../time/index.ts'
import { rungAt, type Rung } from './ladder.ts'
import type { Cue, PreparedCall } from './prepare.ts'

/** What the lectern shows at one position of the music. */
export interface LecternMoment {
  /** The cue being spoken, or the next one to speak; null after the last. */
  readonly cue: Cue | null
  /** Whether its moment has come. */
  readonly speak: boolean
  /**
   * Of the cue whose moment came last: what can still be said once its planned words can no longer
   * be begun in time. Null while they can, and when nothing can.
   */
  readonly late: Rung | null
  /** Beats until the moment to speak; 0 once it has come. */
  readonly beatsToGo: number
  /** From the end of the cue before to this one's moment, 0..1. */
  readonly approach: number
  readonly upcoming: readonly Cue[]
  readonly dancing: DancedSlot | null
  readonly pass: DancedPass | null
  /** The count as the school says it, and the beats of its groups. */
  readonly count: string
  readonly countOf: number
  /** Bar in the phrase from 1, and the phrase's bars; null outside the marked phrases. */
  readonly bar: number | null
  readonly bars: number | null
  /** The word of the count-in that falls here. */
  readonly countIn: CountInWord | null
  /** Beats of the dance that are left. */
  readonly beatsLeft: number
}

/** Cues shown after the next one. */
const UPCOMING = 3
/** The approach to a cue is shown over at most so many beats. */
const APPROACH_BEATS = 6

/**
 * Everything on the lectern at a tick of the danced timeline; pure, so any position can be asked
 * for.
 */
export function lecternAt(call: PreparedCall, at: TickPosition): LecternMoment {
  const { sheet, cues } = call
  const index = nextCueIndex(cues, at)
  const cue = cues[index] ?? null
  const { metre } = sheet.routine
  const style = {
    beatsPerGroup: sheet.school.count.group === 'eights' ? 8 : metre.beatsPerBar,
    ones: sheet.school.count.ones,
    countFrom: sheet.school.count.countFrom,
    division: metre.division,
  }
  const pass = sheet.timeline.passes.find((one) => at >= one.start && at < one.end) ?? null
  const phrase = phraseAt(sheet.phrases, at)
  // Counted from the start of the phrase; before the dance and after it from the first step.
  const counted = at - (phrase?.start ?? 0)
  const whole = (Math.floor(counted / TICKS_PER_BEAT) * TICKS_PER_BEAT) as Tick
  const beatsToGo = cue ? Math.max(0, (cue.startTick - at) / TICKS_PER_BEAT) : 0
  return {
    cue,
    speak: cue !== null && at >= cue.startTick,
    late: lateAt(cues, index, at),
    beatsToGo,
    approach: approachAt(call, at),
    upcoming: cues.slice(index + 1, index + 1 + UPCOMING),
    dancing: pass?.slots.find((slot) => at >= slot.start && at < slot.end) ?? null,
    pass,
    count: countLabel(style, whole)?.text ?? '',
    countOf: style.beatsPerGroup,
    bar: phrase ? Math.floor((at - phrase.start) / ticksPerBar(metre)) + 1 : null,
    bars: phrase?.bars ?? null,
    countIn: call.countIn.find((word) => at >= word.at && at < word.at + word.lengthTicks) ?? null,
    beatsLeft: Math.max(0, (sheet.timeline.lengthTicks - at) / TICKS_PER_BEAT),
  }
}

/**
 * Of the cue being spoken, or of the one before: what is left to say of it where it was not begun
 * in time. That it is to be let go is told only while it is the one.
 */
function lateAt(cues: readonly Cue[], index: number, at: TickPosition): Rung | null {
  const now = cues[index]
  const isNow = now !== undefined && at >= now.startTick
  const cue = isNow ? now : cues[index - 1]
  if (!cue) return null
  const rung = rungAt(cue.ladder, at)
  return rung === cue.ladder[0] || (rung.text === null && !isNow) ? null : rung
}

/** The first cue that is not yet over. */
function nextCueIndex(cues: readonly Cue[], at: TickPosition): number {
  let low = 0
  let high = cues.length
  while (low < high) {
    const middle = (low + high) >> 1
    if (cues[middle]!.endTick > at) high = middle
    else low = middle + 1
  }
  return low
}

/**
 * Share of the wait for the next cue that has passed: 0 to 1 over at most six beats, 1 while it is
 * spoken, 0 after the last.
 */
export function approachAt({ cues }: PreparedCall, at: TickPosition): number {
  const index = nextCueIndex(cues, at)
  const cue = cues[index]
  if (!cue) return 0
  const from = Math.max(
    cues[index - 1]?.endTick ?? -Infinity,
    cue.startTick - APPROACH_BEATS * TICKS_PER_BEAT,
  )
  return Math.min(1, Math.max(0, (at - from) / Math.max(1, cue.startTick - from)))
}

/** Starts of all phrases and passes in order: where the keys for back and forth lead. */
export function stopsOf({ sheet }: PreparedCall): {
  readonly phrases: readonly Tick[]
  readonly passes: readonly Tick[]
} {
  const inDance = sheet.phrases
    .map((phrase) => phrase.start)
    .filter((start) => start < sheet.timeline.lengthTicks)
  return { phrases: [...new Set(inDance)], passes: sheet.timeline.passes.map((pass) => pass.start) }
}

/**
 * The stop before a position; one that was only just passed counts as here, so that pressing again
 * goes further back.
 *
 * @param graceTicks Ticks by which one passed counts as here, 0 or more.
 */
export function stopBefore(
  stops: readonly Tick[],
  at: TickPosition,
  graceTicks: number,
): Tick | null {
  return stops.filter((stop) => stop < at - graceTicks).at(-1) ?? null
}

/** The stop after a position; null behind the last. */
export const stopAfter = (stops: readonly Tick[], at: TickPosition): Tick | null =>
  stops.find((stop) => stop > at) ?? null
