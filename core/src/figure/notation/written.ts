import { succeed, type Problem, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import { aliasesText, readAliases } from './aliasText.ts'
import { composeFigure } from '../model/compose.ts'
import {
  linesText,
  readLines,
  readStatedNet,
  statedNetText,
  wrapFacing,
  type Facing,
} from '../../move/index.ts'
import {
  endingsText,
  holdChangesText,
  optionsText,
  othersText,
  partsText,
  readEndings,
  readHoldChanges,
  readOptions,
  readOthers,
  readParts,
} from './figureText.ts'
import { CUE_LANGUAGES, type Figure, type FollowKind, type Wordings } from '../model/figure.ts'
import { slowQuick } from '../library/family.ts'
import { holdOf } from '../model/hold.ts'
import { readStepLine, type StepLineOptions } from './stepLine.ts'
import { stepLineText } from './stepLineText.ts'
import type { Step } from '../model/step.ts'
import type { TurnFrom } from './turn.ts'

/** A figure as it is typed in: everything a text or a choice, nothing derived. */
export interface WrittenFigure {
  readonly name: string
  readonly aliases: string
  readonly family: string
  readonly level: Figure['level']
  readonly dancers: Figure['dancers']
  /** Counts, as typed. */
  readonly beats: string
  /** The count of the bar its first beat falls on; 1 where empty. */
  readonly countFrom: string
  readonly lead: string
  /** Made of the lead's steps, or `own` with a line of its own. */
  readonly followKind: FollowKind | 'own'
  readonly follow: string
  /**
   * In a set: how many couples, such as `2` or `2-4`, and those who do something else, a line each.
   */
  readonly couples: string
  readonly others: string
  /** In a set: who moves where, such as `1-8 leads: cast in file`, or where it leads: `net home`. */
  readonly moves: string
  readonly holds: readonly string[]
  readonly facings: readonly number[]
  readonly frame: NonNullable<Figure['entry']['frame']>
  readonly strictness: Figure['entry']['strictness']
  readonly holdChanges: string
  readonly exitHold: string | null
  readonly endings: string
  readonly options: string
  /** Counts of its own half; empty where that is half its counts. */
  readonly half: string
  /** The figures it is made of; steps and counts are then theirs. */
  readonly parts: string
  readonly words: Readonly<Record<'en' | 'de', Wordings>>
  readonly remarks: string
  readonly cautions: Figure['cautions']
}

/** Which field is wrong, and at which of its characters where that is known. */
export interface FieldProblem extends Pick<Problem, 'code' | 'params' | 'message'> {
  readonly field: keyof WrittenFigure
  readonly offset: number | null
}

export interface WrittenOptions {
  readonly division?: 4 | 3
  /** The book in which the parts of a composite are looked up. */
  readonly figures?: readonly Figure[]
}

const NO_WORDS: Wordings = { full: '', short: '', keyWord: '' }
/** An empty page: what is left of it as it is, is what a figure usually has. */
export const UNWRITTEN: WrittenFigure = {
  name: '',
  aliases: '',
  family: '',
  level: 'easy',
  dancers: 'couple',
  beats: '',
  countFrom: '',
  lead: '',
  followKind: 'opposite',
  follow: '',
  couples: '2-4',
  others: '',
  moves: '',
  holds: [],
  facings: [],
  frame: 'hall',
  strictness: { feet: 'hard', holds: 'hard', facings: 'soft' },
  holdChanges: '',
  exitHold: null,
  endings: '',
  options: '',
  half: '',
  parts: '',
  words: { en: NO_WORDS, de: NO_WORDS },
  remarks: '',
  cautions: [],
}

const MOST_BEATS = 256
/** Before where a figure leads, in place of its lines. */
const NET = /^\s*net\s+/i
const step = TICKS_PER_BEAT / 4

/**
 * Makes a figure of what was typed, or says which fields are wrong. Words left out are the name's.
 */
export function figureOfWritten(
  written: WrittenFigure,
  id: string,
  { division = 4, figures = [] }: WrittenOptions = {},
): { readonly figure: Figure | null; readonly problems: readonly FieldProblem[] } {
  const problems: FieldProblem[] = []
  const take = <Value>(field: keyof WrittenFigure, result: Result<Value>): Value | null => {
    if (result.ok) return result.value
    const { code, params, message, offset } = result.problem
    problems.push({ field, code, params, message, offset: offset ?? null })
    return null
  }
  const isMade = written.parts.trim() !== ''
  const [forLead, forFollow] = lineOptions(written, division)
  const name = take('name', named(written.name))
  const family = take('family', named(written.family))
  const aliases = take('aliases', readAliases(written.aliases))
  const lengthTicks = isMade ? 1 : take('beats', lengthOf(written.beats))
  const countFrom = take('countFrom', countOf(written.countFrom))
  const lead = isMade ? [] : take('lead', stepsOfLine(written.lead, forLead))
  const follow =
    written.followKind !== 'own'
      ? written.followKind
      : isMade
        ? []
        : take('follow', stepsOfLine(written.follow, forFollow))
  const couples =
    written.dancers === 'set' ? take('couples', couplesOf(written.couples)) : ([1, 1] as const)
  const others =
    written.dancers === 'set' ? take('others', readOthers(written.others, forLead)) : []
  const isNet = written.dancers === 'set' && NET.test(written.moves)
  const net = isNet ? take('moves', readStatedNet(written.moves.replace(NET, ''))) : null
  const moves =
    written.dancers === 'set' && !isNet
      ? take('moves', readLines(written.moves, isMade ? 0 : (lengthTicks ?? 0)))
      : []
  const holdChanges = isMade
    ? []
    : take('holdChanges', readHoldChanges(written.holdChanges, forLead))
  const endings = take('endings', readEndings(written.endings, forLead))
  const options = take('options', readOptions(written.options, forLead))
  const halfTicks = written.half.trim() === '' ? 0 : take('half', lengthOf(written.half))
  const parts = take('parts', readParts(written.parts, figures, family ?? ''))
  if (problems.length > 0) return { figure: null, problems }
  const simple: Figure = {
    format: 'dellop-figure',
    version: 3,
    id,
    name: name!,
    aliases: aliases!,
    family: family!,
    level: written.level,
    dancers: written.dancers,
    lengthTicks: lengthTicks!,
    ...(countFrom! > 1 ? { countFrom: countFrom! } : {}),
    lead: lead!,
    follow: follow!,
    ...(written.dancers === 'set' ? { set: { couples: couples!, others: others! } } : {}),
    ...(moves!.length > 0 ? { moves: moves! } : {}),
    ...(net ? { net } : {}),
    ...(holdChanges!.length > 0 ? { holdChanges: holdChanges! } : {}),
    entry: {
      holds: written.holds,
      facings: written.facings,
      ...(written.frame === 'hall' ? {} : { frame: written.frame }),
      strictness: written.strictness,
    },
    exitHold: written.exitHold,
    ...(endings!.length > 0 ? { endings: endings! } : {}),
    ...(options!.length > 0 ? { options: options! } : {}),
    ...(halfTicks! > 0 ? { halfTicks: halfTicks! } : {}),
    ...(parts!.length > 0 ? { parts: parts! } : {}),
    wordings: wordingsOf(written.words, name!),
    cautions: written.cautions.filter(({ text }) => text.trim() !== ''),
    remarks: written.remarks.trim(),
  }
  const whole = take(
    'parts',
    composeFigure(simple, new Map(figures.map((figure) => [figure.id, figure]))),
  )
  return { figure: whole, problems }
}

/** Where lead and follow face as it begins, for lines that tell ways and turns by the room. */
function lineOptions(
  { facings, frame, holds, family }: WrittenFigure,
  division: 4 | 3,
): readonly [StepLineOptions, StepLineOptions] {
  const [first] = facings
  const plain: StepLineOptions = { division, ...slowQuick(family) }
  if (first === undefined) return [plain, plain]
  const relation = holds.map(holdOf).find((hold) => hold?.relation != null)?.relation ?? 4
  const from = (line: 'lead' | 'follow'): TurnFrom => ({
    frame,
    line,
    facing: line === 'lead' ? (first as Facing) : wrapFacing(first + relation),
  })
  return [
    { ...plain, begun: from('lead') },
    { ...plain, begun: from('follow') },
  ]
}

function wordingsOf(words: WrittenFigure['words'], name: string): Figure['wordings'] {
  const given = CUE_LANGUAGES.filter((language) =>
    Object.values(words[language]).some((text) => text.trim() !== ''),
  )
  const languages = given.length === 0 ? (['en'] as const) : given
  return Object.fromEntries(
    languages.map((language) => {
      const full = words[language].full.trim() || name.toLowerCase()
      const short = words[language].short.trim() || full
      return [language, { full, short, keyWord: words[language].keyWord.trim() || short }]
    }),
  )
}

const named = (text: string): Result<string> =>
  text.trim() === '' ? problem('written.empty') : succeed(text.trim())

function lengthOf(text: string): Result<number> {
  const beats = Number(text.trim().replace(',', '.'))
  const ticks = beats * TICKS_PER_BEAT
  const isGood =
    text.trim() !== '' && beats > 0 && beats <= MOST_BEATS && Number.isInteger(ticks / step)
  return isGood ? succeed(ticks) : problem('written.beats', { mostBeats: MOST_BEATS })
}

function countOf(text: string): Result<number> {
  const count = text.trim() === '' ? 1 : Number(text)
  return Number.isInteger(count) && count >= 1 && count <= 12
    ? succeed(count)
    : problem('written.count')
}

function couplesOf(text: string): Result<readonly [number, number]> {
  const found = /^\s*([1-8])(?:\s*(?:-|–|to)\s*([1-8]))?\s*$/.exec(text)
  const [least, most] = [Number(found?.[1]), Number(found?.[2] ?? found?.[1])]
  return least <= most ? succeed([least, most]) : problem('written.couples')
}

function stepsOfLine(text: string, options: StepLineOptions): Result<Step[]> {
  if (text.trim() === '') return problem('written.no-steps')
  return /^\s*stand\s*$/i.test(text) ? succeed([]) : readStepLine(text, options)
}
const lineOf = (steps: readonly Step[], division: 4 | 3): string =>
  steps.length === 0 ? 'stand' : stepLineText(steps, division)

/** A figure as it would be typed. */
export const writtenOfFigure = (
  figure: Figure,
  { division = 4, figures = [] }: WrittenOptions = {},
): WrittenFigure => ({
  name: figure.name,
  aliases: aliasesText(figure.aliases),
  family: figure.family,
  level: figure.level,
  dancers: figure.dancers,
  beats: figure.parts ? '' : String(figure.lengthTicks / TICKS_PER_BEAT),
  countFrom: figure.countFrom === undefined ? '' : String(figure.countFrom),
  lead: figure.parts ? '' : lineOf(figure.lead, division),
  followKind: typeof figure.follow === 'string' ? figure.follow : 'own',
  follow: typeof figure.follow === 'string' || figure.parts ? '' : lineOf(figure.follow, division),
  couples: figure.set
    ? figure.set.couples[0] === figure.set.couples[1]
      ? String(figure.set.couples[0])
      : figure.set.couples.join('-')
    : UNWRITTEN.couples,
  others: othersText(figure.set?.others ?? [], division),
  moves: figure.net ? `net ${statedNetText(figure.net)}` : linesText(figure.moves ?? []),
  holds: figure.entry.holds,
  facings: figure.entry.facings,
  frame: figure.entry.frame ?? 'hall',
  strictness: figure.entry.strictness,
  holdChanges: figure.parts ? '' : holdChangesText(figure.holdChanges ?? [], division),
  exitHold: figure.exitHold,
  endings: endingsText(figure.endings ?? [], division),
  options: optionsText(figure.options ?? [], division),
  half: figure.halfTicks === undefined ? '' : String(figure.halfTicks / TICKS_PER_BEAT),
  parts: partsText(figure.parts ?? [], figures, figure.family),
  words: { en: figure.wordings.en ?? NO_WORDS, de: figure.wordings.de ?? NO_WORDS },
  remarks: figure.remarks,
  cautions: figure.cautions,
})
