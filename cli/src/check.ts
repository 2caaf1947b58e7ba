import { findingMessage, findingSum } from '@dellop/core/check'
import { directionWords } from '@dellop/core/figure'
import { frameOf } from '@dellop/core/routine'
import { deriveSheet } from '@dellop/core/sheet'
import { beatsOfTicks, type Tick } from '@dellop/core/time'
import { readArguments } from './arguments.ts'
import { spokenLanguage } from './language.ts'
import { outcomeOf, type Outcome } from './outcome.ts'
import { sheetInput } from './sheetInput.ts'

/** `dellop check FILE [--bpm N] [--tune TUNE.abc] [--figures FILE]`: exit 1 when a finding stops the dance. */
export function check(line: readonly string[]): Outcome {
  return outcomeOf(readArguments(line, ['bpm', 'tune', 'figures']), (args) =>
    outcomeOf(sheetInput(args), (input) => {
      const sheet = deriveSheet(input)
      const { timeline, clock, routine } = sheet
      const findings = sheet.findings.filter((finding) => finding.overruled === null)
      return {
        exit: findings.some((finding) => finding.severity === 'stop') ? 1 : 0,
        json: {
          beats: beatsOfTicks(timeline.lengthTicks),
          seconds: clock.heardAt(timeline.lengthTicks) - clock.heardAt(0 as Tick),
          parts: routine.parts.map((part) => ({
            label: part.label,
            beats: partBeats(timeline.passes, part.id),
          })),
          passes: timeline.passes.map((pass) => ({
            part: pass.part.label,
            beats: beatsOfTicks((pass.end - pass.start) as Tick),
            startBeat: beatsOfTicks(pass.start),
            ...(frameOf(routine) === 'walls' ? { wall: wallAfter(pass) } : {}),
          })),
          findings: findings.map((finding) => ({
            code: finding.code,
            severity: finding.severity,
            message: findingMessage(finding, spokenLanguage()),
            sum: findingSum(finding, spokenLanguage()),
            startBeat: beatsOfTicks(finding.at),
            slots: finding.slotKeys,
          })),
        },
      }
    }),
  )
}

/** Where everybody faces after a pass, by the clock; null where nothing is danced in it. */
function wallAfter({ slots }: Passes[number]): string | null {
  const last = slots.at(-1)
  return last ? directionWords('walls', last.after.lead.facing) : null
}

type Passes = ReturnType<typeof deriveSheet>['timeline']['passes']

/**
 * Length of a part as it stands: of its first pass that changes nothing; null when no pass dances
 * it so.
 */
function partBeats(passes: Passes, partId: string): number | null {
  const plain = passes.find(
    (pass) => pass.part.id === partId && pass.pass.changes.length === 0 && !pass.pass.stretch,
  )
  return plain ? beatsOfTicks((plain.end - plain.start) as Tick) : null
}
