import { sameValue, succeed, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import {
  CAUTION_KINDS,
  figureSchema,
  FOLLOW_KINDS,
  LEVEL_NAMES,
  levelNamed,
  type Figure,
  type FRAMES,
} from '../model/figure.ts'
import { figureOfWritten, UNWRITTEN, writtenOfFigure, type WrittenFigure } from './written.ts'

/** A figure as named cells: the columns of a table, the lines of a block of text. */
export const COLUMNS = [
  'id',
  'name',
  'aliases',
  'family',
  'level',
  'dancers',
  'beats',
  'count from',
  'lead',
  'follow',
  'couples',
  'others',
  'moves',
  'holds',
  'facings',
  'frame',
  'strict',
  'hands',
  'ends',
  'endings',
  'options',
  'half',
  'parts',
  'full',
  'short',
  'key word',
  'full de',
  'short de',
  'key word de',
  'cautions',
  'remarks',
] as const
export type Column = (typeof COLUMNS)[number]
/** What columns were called in tables of older times. */
export const FORMERLY: Readonly<Record<string, Column>> = {
  prompt: 'key word',
  'prompt de': 'key word de',
}
/**
 * What must hold for a figure to begin, as it is written: `feet holds`, the rest is soft; empty for
 * feet and holds.
 */
const STRICT = ['feet', 'holds', 'facings'] as const
const usual = (strictness: Figure['entry']['strictness']): boolean =>
  sameValue(strictness, UNWRITTEN.strictness)

/** What a figure has, by the names of its cells; empty where it has none. */
export function cellsOfFigure(figure: Figure, figures: readonly Figure[]): Record<Column, string> {
  const written = writtenOfFigure(figure, { figures })
  const strict = STRICT.filter((item) => written.strictness[item] === 'hard').join(' ')
  return {
    id: figure.id,
    name: written.name,
    aliases: written.aliases,
    family: written.family,
    level: LEVEL_NAMES[written.level],
    dancers: written.dancers,
    beats: written.beats,
    'count from': written.countFrom,
    lead: written.lead,
    follow:
      written.followKind === 'own' ? (figure.parts ? 'own' : written.follow) : written.followKind,
    couples: figure.set ? written.couples : '',
    others: written.others,
    moves: written.moves,
    holds: written.holds.join('; '),
    facings: written.facings.join('; '),
    frame: written.frame === 'hall' ? '' : written.frame,
    strict: usual(written.strictness) ? '' : strict || 'nothing',
    hands: written.holdChanges,
    ends: written.exitHold ?? '',
    endings: written.endings,
    options: written.options,
    half: written.half,
    parts: written.parts,
    full: written.words.en.full,
    short: written.words.en.short,
    'key word': written.words.en.keyWord,
    'full de': written.words.de.full,
    'short de': written.words.de.short,
    'key word de': written.words.de.keyWord,
    cautions: figure.cautions.map(({ kind, text }) => `${kind}: ${text}`).join(' | '),
    remarks: figure.remarks,
  }
}

const list = (text: string): string[] =>
  text
    .split(';')
    .map((one) => one.trim())
    .filter(Boolean)

/** Whether the follow has a line of its own. */
const isOwn = (follow: string): boolean =>
  follow !== '' && !FOLLOW_KINDS.some((kind) => kind === follow)

/** What the cells say, as it would be typed; without the cautions. */
function writtenOfCells(
  cell: (column: Column) => string,
  isMade: boolean,
): Omit<WrittenFigure, 'cautions'> {
  const strict = cell('strict')
  const has = (item: (typeof STRICT)[number]) => (strict.includes(item) ? 'hard' : 'soft')
  const follow = cell('follow')
  const own = isOwn(follow) && !isMade
  return {
    name: cell('name'),
    aliases: cell('aliases'),
    family: cell('family'),
    level: (levelNamed(cell('level') || 'easy') ?? cell('level')) as Figure['level'],
    dancers: (cell('dancers') || 'couple') as Figure['dancers'],
    // As long as anything may be, until its parts say how long it is.
    beats: isMade ? '256' : cell('beats'),
    countFrom: cell('count from'),
    lead: isMade ? '1 hold' : cell('lead'),
    followKind: own ? 'own' : (FOLLOW_KINDS.find((kind) => kind === follow) ?? 'opposite'),
    follow: own ? follow : '',
    couples: cell('couples') || UNWRITTEN.couples,
    others: cell('others'),
    moves: cell('moves'),
    holds: list(cell('holds')),
    facings: list(cell('facings')).map(Number),
    frame: (cell('frame') || 'hall') as (typeof FRAMES)[number],
    strictness:
      strict === ''
        ? UNWRITTEN.strictness
        : { feet: has('feet'), holds: has('holds'), facings: has('facings') },
    holdChanges: cell('hands'),
    exitHold: cell('ends') || null,
    endings: cell('endings'),
    options: cell('options'),
    half: cell('half'),
    parts: UNWRITTEN.parts,
    words: {
      en: { full: cell('full'), short: cell('short'), keyWord: cell('key word') },
      de: { full: cell('full de'), short: cell('short de'), keyWord: cell('key word de') },
    },
    remarks: cell('remarks'),
  }
}

/** `spin: give room | arms: keep them loose`; null where one is of no known kind. */
function cautionsOf(text: string): Figure['cautions'] | null {
  const read = text
    .split('|')
    .map((one) => one.trim())
    .filter(Boolean)
    .map((one) => /^(\w+): *(.+)$/.exec(one))
  const isKnown = (kind: string | undefined): kind is Figure['cautions'][number]['kind'] =>
    (CAUTION_KINDS as readonly (string | undefined)[]).includes(kind)
  const cautions = read.flatMap((one) =>
    isKnown(one?.[1]) ? [{ kind: one[1], text: one[2]! }] : [],
  )
  return cautions.length === read.length ? cautions : null
}

/**
 * Makes a figure of its cells, or says which of them cannot be read.
 *
 * @param isMade Whether it is made of others, which are then put in later.
 */
export function figureOfCells(
  cells: ReadonlyMap<string, string>,
  newId: () => string,
  isMade: boolean,
): Result<Figure> {
  const cell = (column: Column): string => cells.get(column) ?? ''
  const cautions = cautionsOf(cell('cautions'))
  if (!cautions) return problem('table.caution', { cautionKinds: CAUTION_KINDS.join(', ') })
  const written = { ...writtenOfCells(cell, isMade), cautions }
  const { figure, problems } = figureOfWritten(written, cell('id') || newId())
  if (!figure)
    return problem('table.cell.field', {
      column: columnOf(problems[0]!.field),
      why: problems[0]!.message,
    })
  const valid = figureSchema.safeParse(
    isOwn(cell('follow')) && isMade ? { ...figure, follow: [] } : figure,
  )
  if (valid.success) return succeed(valid.data)
  const [issue] = valid.error.issues
  return problem('table.cell.value', { path: issue!.path.join('.'), why: issue!.message })
}

/** The column in which a field is typed. */
function columnOf(field: keyof WrittenFigure): string {
  const named: Partial<Record<keyof WrittenFigure, Column>> = {
    countFrom: 'count from',
    holdChanges: 'hands',
    exitHold: 'ends',
    words: 'full',
    strictness: 'strict',
  }
  return named[field] ?? field
}
