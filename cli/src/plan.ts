import { heardClock, keptSeconds, utterancesOf } from '@dellop/core/cue'
import { findingMessage, findingSum } from '@dellop/core/check'
import { deriveSheet, planAt, releasedByHand } from '@dellop/core/sheet'
import { beatsOfTicks, TICKS_PER_BEAT, type Tick } from '@dellop/core/time'
import { numberOption, readArguments } from './arguments.ts'
import { spokenLanguage } from './language.ts'
import { outcomeOf, type Outcome } from './outcome.ts'
import { sheetInput } from './sheetInput.ts'

/**
 * `dellop plan FILE [--bpm N] [--tune TUNE.abc] [--speed N] [--school NAME] [--voice VOICE.json]
 * [--hall SECONDS]`
 */
export function plan(line: readonly string[]): Outcome {
  return outcomeOf(
    readArguments(line, ['bpm', 'tune', 'figures', 'speed', 'school', 'voice', 'hall']),
    (args) =>
      outcomeOf(numberOption(args, 'speed', 0.5, 1.5), (speed) =>
        outcomeOf(sheetInput(args), (input) => planned(input, speed ?? 1)),
      ),
  )
}

function planned(input: Parameters<typeof deriveSheet>[0], speed: number): Outcome {
  const sheet = deriveSheet(input)
  const { school, voice, beatMap, firstStep } = sheet
  const made = planAt(sheet, speed)
  const byHand = releasedByHand(sheet)
  const clock = heardClock(beatMap, firstStep, speed)
  const place = (slot: string, stepTick: Tick, endTick: number) => ({
    slot,
    stepBeat: beatsOfTicks(stepTick),
    stepSeconds: clock.heardAt(stepTick),
    leadBeats: (stepTick - endTick) / TICKS_PER_BEAT,
  })
  const utterances = utterancesOf(made).map(({ slot, said }) => {
    const { slot: _, ...own } = place(slot.slotKey, slot.stepTick, said.endTick)
    const joined = said.wording.joined ?? []
    return {
      text: said.wording.text,
      wording: said.wording.kind,
      mode: slot.mode,
      kind: joined.length > 0 ? 'joined' : slot.purpose,
      ...(byHand.has(slot.slotKey) ? { byHand: true } : {}),
      minLeadSeconds: keptSeconds(slot.mode, sheet),
      // A cue ahead starts no earlier than the figure before its own; what stands in a gap, no
      // earlier than the gap.
      notBeforeBeat: beatsOfTicks(slot.notBeforeTick),
      startBeat: beatsOfTicks(said.startTick),
      endBeat: beatsOfTicks(said.endTick),
      startSeconds: said.start,
      endSeconds: said.end,
      ...own,
      slots: [
        place(slot.slotKey, slot.stepTick, said.endTick),
        ...joined.map(({ key, stepTick }) => place(key, stepTick, said.endTick)),
      ],
    }
  })
  const findings = sheet.findings.filter(
    (finding) => finding.overruled === null && finding.code.startsWith('voice.'),
  )
  return {
    exit: findings.some((finding) => finding.severity === 'stop') ? 1 : 0,
    json: {
      voice: voice.id,
      marginSeconds: voice.measured ? 0 : 0.15,
      breathSeconds: school.breathSeconds,
      cost: made.cost,
      utterances,
      silent: made.planned.flatMap((one) =>
        one.said || one.reason === 'joined' ? [] : [{ slot: one.slot.key, reason: one.reason }],
      ),
      findings: findings.map((finding) => ({
        code: finding.code,
        severity: finding.severity,
        message: findingMessage(finding, spokenLanguage()),
        sum: findingSum(finding, spokenLanguage()),
      })),
    },
  }
}
