import { isAroundTheDance, utterancesOf, type CuePurpose, type Plan } from '../cue/index.ts'
import type { DancedPass, DancedSlot } from '../routine/index.ts'
import { afterFreeTime, planAt, type Sheet } from '../sheet/index.ts'
import {
  readCountIn,
  tickAt,
  secondsAt,
  ticksPerBar,
  type CountInWord,
  type Seconds,
  type Tick,
  type TickPosition,
} from '../time/index.ts'
import { sheetOnCourse, wholeCourse, type Course } from './course.ts'
import { ladderOf, type Rung } from './ladder.ts'

/** A cue as the lectern gives it. Ticks count from the first step. */
export interface Cue {
  readonly key: string
  readonly purpose: CuePurpose
  /** It is said before the first cue or after the last step, not of a figure. */
  readonly isAround: boolean
  readonly slot: DancedSlot
  readonly pass: DancedPass
  readonly text: string
  readonly startTick: Tick
  readonly endTick: TickPosition
  readonly stepTick: Tick
  /** Bar of the step in its phrase, from 1. */
  readonly bar: number
  /** What can still be said when its moment passes. */
  readonly ladder: readonly Rung[]
  /** It waits for a hand: nobody knows beforehand when its step comes. */
  readonly byHand: boolean
}

/** A sheet ready to be called at one speed: all computed beforehand. */
export interface PreparedCall {
  /** The sheet as it is written, and the course that its dance takes tonight. */
  readonly written: Sheet
  readonly course: Course
  /** The sheet as it is danced on that course. */
  readonly sheet: Sheet
  readonly speed: number
  readonly plan: Plan
  readonly cues: readonly Cue[]
  readonly countIn: readonly CountInWord[]
}

/**
 * Plans a sheet for a speed of 0.5 to 1.5, on the course its dance takes, and lays its cues out for
 * the lectern.
 *
 * @param speed Of the recording, 0.5 to 1.5.
 */
export function prepareCall(
  written: Sheet,
  speed: number,
  course: Course = wholeCourse(written),
): PreparedCall {
  const sheet = sheetOnCourse(written, course)
  const { timeline, school } = sheet
  const plan = planAt(sheet, speed)
  const slots = new Map(
    timeline.passes.flatMap((pass) =>
      pass.slots.map((slot) => [slot.key, { slot, pass }] as const),
    ),
  )
  const bar = ticksPerBar(sheet.routine.metre)
  // What follows a fill has its place once the fill is let go; what follows free time waits for the
  // hand itself.
  const byHand = afterFreeTime(sheet)
  const cues = utterancesOf(plan).map(({ slot: cue, said }): Cue => {
    const { key, slotKey, purpose, stepTick } = cue
    const place = slots.get(slotKey)!
    const phrase = sheet.phrases.find((one) => stepTick >= one.start && stepTick < one.end)
    return {
      key,
      purpose,
      isAround: isAroundTheDance(cue),
      ...place,
      text: said.wording.text,
      startTick: said.startTick,
      endTick: said.endTick,
      stepTick,
      bar: Math.floor((stepTick - (phrase?.start ?? 0)) / bar) + 1,
      ladder: ladderOf(sheet, cue, said.wording, speed),
      byHand: byHand.has(slotKey),
    }
  })
  const countIn = readCountIn(school.countIn, sheet.routine.metre.beatsPerBar)
  return { written, course, sheet, speed, plan, cues, countIn: countIn.ok ? countIn.value : [] }
}

/** Tick of the danced timeline at a moment of the recording. */
export const tickOfMusic = ({ sheet }: PreparedCall, music: Seconds): TickPosition =>
  (tickAt(sheet.beatMap, music) - sheet.firstStep) as TickPosition
/** Moment of the recording at a tick of the danced timeline. */
export const musicOfTick = ({ sheet }: PreparedCall, at: TickPosition): Seconds =>
  secondsAt(sheet.beatMap, (at + sheet.firstStep) as TickPosition)
