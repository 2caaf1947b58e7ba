import { heardClock, utterancesOf, type CuePurpose } from '../cue/index.ts'
import { barAt, beatInBarAt, type Tick } from '../time/index.ts'
import { releasedByHand } from './byHand.ts'
import { planAt, type Sheet } from './derive.ts'

/**
 * One cue as it is said at a speed: when, for which step, and where in the dance. Seconds are heard
 * time from the recording's start.
 */
export interface CueLine {
  /** The danced slot it is for; of a joined utterance, the first. */
  readonly slotKey: string
  readonly purpose: CuePurpose
  readonly text: string
  readonly startSeconds: number
  /** End of the words themselves, without any margin. */
  readonly endSeconds: number
  readonly stepSeconds: number
  readonly stepTick: Tick
  readonly part: string
  /** Which time through the part, from 1. */
  readonly time: number
  readonly figure: string
  /** Bar of the dance and beat in it on which the step falls, from 1. */
  readonly bar: number
  readonly beat: number
  readonly leadBeats: number
  /** It waits for a hand: nobody knows beforehand when its step comes. */
  readonly byHand: boolean
}

/**
 * All that is said at a speed of 0.5 to 1.5, in order.
 *
 * @param speed Of the recording, 0.5 to 1.5.
 */
export function cueLines(sheet: Sheet, speed = 1): CueLine[] {
  const clock = heardClock(sheet.beatMap, sheet.firstStep, speed)
  const places = new Map(
    sheet.timeline.passes.flatMap((pass) =>
      pass.slots.map((slot) => [slot.key, { pass, slot }] as const),
    ),
  )
  const { metre } = sheet.routine
  const byHand = releasedByHand(sheet)
  return utterancesOf(planAt(sheet, speed)).map(
    ({ slot: { slotKey, purpose, stepTick }, said }): CueLine => {
      const { pass, slot } = places.get(slotKey)!
      const from = Math.max(0, stepTick) as Tick
      return {
        slotKey,
        purpose,
        text: said.wording.text,
        startSeconds: said.start,
        endSeconds: said.start + said.spokenSeconds,
        stepSeconds: clock.heardAt(stepTick),
        stepTick,
        part: pass.part.label,
        time: pass.ordinal,
        figure: slot.figure?.name ?? '',
        bar: barAt(metre, from) + 1,
        beat: Math.floor(beatInBarAt(metre, from)) + 1,
        leadBeats: said.leadBeats,
        byHand: byHand.has(slotKey),
      }
    },
  )
}
