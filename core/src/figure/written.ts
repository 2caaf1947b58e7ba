import { problem, succeed, type Result } from '../document/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import type { Figure } from './figure.ts'
import { readStepLine } from './stepLine.ts'
import { stepLineText } from './stepLineText.ts'
import type { Step } from './step.ts'

/** A figure as it is typed in: everything a text, nothing derived. */
export interface WrittenFigure {
  readonly name: string
  readonly family: string
  readonly level: Figure['level']
  /** Counts, as typed. */
  readonly beats: string
  readonly lead: string
  /** `opposite`, `same`, or `own` with a line of its own. */
  readonly followKind: 'opposite' | 'same' | 'own'
  readonly follow: string
  readonly holds: readonly string[]
  readonly exitHold: string | null
  readonly full: string
  readonly short: string
  readonly prompt: string
  readonly remarks: string
  readonly cautions: Figure['cautions']
}

/** Which field is wrong, and at which of its characters where that is known. */
export interface FieldProblem {
  readonly field: keyof WrittenFigure
  readonly message: string
  readonly offset: number | null
}

const MOST_BEATS = 256
const step = TICKS_PER_BEAT / 4

/** Makes a figure of what was typed, or says which fields are wrong. Words left out are the name's; aliases and facings stay those of `base`. */
export function figureOfWritten(written: WrittenFigure, id: string, base: Figure | null, division: 4 | 3 = 4): { readonly figure: Figure | null; readonly problems: readonly FieldProblem[] } {
  const problems: FieldProblem[] = []
  const take = <Value>(field: keyof WrittenFigure, result: Result<Value>): Value | null => {
    if (result.ok) return result.value
    problems.push({ field, message: result.problem.message, offset: result.problem.offset ?? null })
    return null
  }
  const name = take('name', named(written.name))
  const family = take('family', named(written.family))
  const lengthTicks = take('beats', lengthOf(written.beats))
  const lead = take('lead', stepsOfLine(written.lead, division))
  const follow = written.followKind === 'own' ? take('follow', stepsOfLine(written.follow, division)) : written.followKind
  if (name === null || family === null || lengthTicks === null || lead === null || follow === null) return { figure: null, problems }
  const full = written.full.trim() || name.toLowerCase()
  const short = written.short.trim() || full
  return {
    problems,
    figure: {
      format: 'dellop-figure',
      version: 1,
      id,
      name,
      aliases: base?.aliases ?? [],
      family,
      level: written.level,
      lengthTicks,
      lead,
      follow,
      entry: { holds: written.holds, facings: base?.entry.facings ?? [], strictness: base?.entry.strictness ?? 'hard' },
      exitHold: written.exitHold,
      wordings: { full, short, prompt: written.prompt.trim() || short },
      cautions: written.cautions.filter(({ text }) => text.trim() !== ''),
      remarks: written.remarks.trim(),
    },
  }
}

const named = (text: string): Result<string> => (text.trim() === '' ? problem('written.empty', 'A name was expected here.') : succeed(text.trim()))

function lengthOf(text: string): Result<number> {
  const beats = Number(text.trim().replace(',', '.'))
  const ticks = beats * TICKS_PER_BEAT
  const isGood = text.trim() !== '' && beats > 0 && beats <= MOST_BEATS && Number.isInteger(ticks / step)
  return isGood ? succeed(ticks) : problem('written.beats', `A number of counts up to ${MOST_BEATS}, in quarters, was expected, such as 4 or 6.`)
}

function stepsOfLine(text: string, division: 4 | 3): Result<Step[]> {
  if (text.trim() === '') return problem('written.no-steps', 'Steps were expected, such as: 1 left forward, 2 right side, 3 left close')
  return readStepLine(text, { division })
}

/** A figure as it would be typed. */
export const writtenOfFigure = (figure: Figure, division: 4 | 3 = 4): WrittenFigure => ({
  name: figure.name,
  family: figure.family,
  level: figure.level,
  beats: String(figure.lengthTicks / TICKS_PER_BEAT),
  lead: stepLineText(figure.lead, division),
  followKind: typeof figure.follow === 'string' ? figure.follow : 'own',
  follow: typeof figure.follow === 'string' ? '' : stepLineText(figure.follow, division),
  holds: figure.entry.holds,
  exitHold: figure.exitHold,
  full: figure.wordings.full,
  short: figure.wordings.short,
  prompt: figure.wordings.prompt,
  remarks: figure.remarks,
  cautions: figure.cautions,
})
