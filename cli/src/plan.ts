import { heardClock, type Plan } from '@dellop/core/cue'
import { findingMessage, findingSum } from '@dellop/core/check'
import { deriveSheet, planAt } from '@dellop/core/sheet'
import { beatsOfTicks } from '@dellop/core/time'
import { numberOption, readArguments } from './arguments.ts'
import { outcomeOf, type Outcome } from './outcome.ts'
import { sheetInput } from './sheetInput.ts'

/** `dellop plan FILE [--bpm N] [--tune TUNE.abc] [--speed N] [--school NAME]` */
export function plan(line: readonly string[]): Outcome {
  return outcomeOf(readArguments(line, ['bpm', 'tune', 'speed', 'school']), (args) => outcomeOf(numberOption(args, 'speed', 0.5, 1.5), (speed) => outcomeOf(sheetInput(args), (input) => planned(input, speed ?? 1))))
}

function planned(input: Parameters<typeof deriveSheet>[0], speed: number): Outcome {
  const sheet = deriveSheet(input)
  const { school, voice, beatMap, firstStep } = sheet
  const made = planAt(sheet, speed)
  const stepSeconds = (one: Plan['planned'][number]): number => heardClock(beatMap, firstStep, speed).heardAt(one.slot.stepTick)
  const utterances = made.planned.flatMap((one) => {
    if (!one.said) return []
    const { said } = one
    const place = { stepBeat: beatsOfTicks(one.slot.stepTick), stepSeconds: stepSeconds(one), leadBeats: said.leadBeats }
    return [
      {
        text: said.wording.text,
        wording: said.wording.kind,
        mode: 'ahead',
        kind: 'cue',
        minLeadSeconds: school.lead.minSeconds,
        startBeat: beatsOfTicks(said.startTick),
        endBeat: beatsOfTicks(said.endTick),
        startSeconds: said.start,
        endSeconds: said.end,
        ...place,
        slots: [{ slot: one.slot.key, ...place }],
      },
    ]
  })
  const findings = sheet.findings.filter((finding) => finding.overruled === null && finding.code.startsWith('voice.'))
  return {
    exit: findings.some((finding) => finding.severity === 'stop') ? 1 : 0,
    json: {
      voice: voice.id,
      marginSeconds: voice.measured ? 0 : 0.15,
      breathSeconds: school.breathSeconds,
      cost: made.cost,
      utterances,
      silent: made.planned.flatMap((one) => (one.said ? [] : [{ slot: one.slot.key, reason: one.reason }])),
      findings: findings.map((finding) => ({ code: finding.code, severity: finding.severity, message: findingMessage(finding), sum: findingSum(finding) })),
    },
  }
}
