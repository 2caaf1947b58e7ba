import Papa from 'papaparse'
import { sameValue, succeed, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import { composeBook } from '../model/compose.ts'
import { CAUTION_KINDS, figureSchema, type Figure, type FRAMES } from '../model/figure.ts'
import { readParts } from './figureText.ts'
import { figureOfWritten, UNWRITTEN, writtenOfFigure, type WrittenFigure } from './written.ts'

const COLUMNS = [
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
type Column = (typeof COLUMNS)[number]
/** What columns were called in tables of older times. */
const FORMERLY: Readonly<Record<string, Column>> = {
  prompt: 'key word',
  'prompt de': 'key word de',
}
const NEEDED: readonly Column[] = ['name', 'family', 'beats', 'lead']
export const MOST_FIGURES = 20_000

/** A spreadsheet would run what begins like a formula; an apostrophe before it keeps it a text. */
const FORMULA = /^[=+\-@\t\r]/

/**
 * What must hold for a figure to begin, as it is written: `feet holds`, the rest is soft; empty for
 * feet and holds.
 */
const STRICT = ['feet', 'holds', 'facings'] as const
const usual = (strictness: Figure['entry']['strictness']): boolean =>
  sameValue(strictness, UNWRITTEN.strictness)

/**
 * Figures as comma-separated values, one a row, steps as typed lines; `readFigureCsv` reads them
 * back the same.
 */
export function figureCsv(figures: readonly Figure[]): string {
  const rows = figures.map((figure) => {
    const written = writtenOfFigure(figure, { figures })
    const strict = STRICT.filter((item) => written.strictness[item] === 'hard').join(' ')
    const cells: Record<Column, string> = {
      id: figure.id,
      name: written.name,
      aliases: written.aliases,
      family: written.family,
      level: written.level,
      dancers: written.dancers,
      beats: written.beats,
      'count from': written.countFrom,
      lead: written.lead,
      follow:
        written.followKind === 'own' ? (figure.parts ? 'own' : written.follow) : written.followKind,
      couples: figure.set ? written.couples : '',
      others: written.others,
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
    return COLUMNS.map((column) =>
      FORMULA.test(cells[column]) ? `'${cells[column]}` : cells[column],
    )
  })
  return `${Papa.unparse([[...COLUMNS], ...rows])}\r\n`
}

/**
 * Reads figures from comma-separated values: all of them, or the first row and column that cannot
 * be read, and what was expected there. Composites may name figures of the table or of `known`.
 */
export function readFigureCsv(
  text: string,
  newId: () => string,
  name = 'The table',
  known: readonly Figure[] = [],
): Result<readonly Figure[]> {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    delimiter: ',',
  })
  const [broken] = errors.filter(({ type }) => type === 'Quotes')
  if (broken) return problem('table.quotes', { name, row: (broken.row ?? 0) + 1 })
  const [head = [], ...rows] = data
  const columns = head.map(
    (cell) => FORMERLY[cell.trim().toLowerCase()] ?? cell.trim().toLowerCase(),
  )
  const unknown = columns.find((column) => !COLUMNS.includes(column as Column))
  if (unknown !== undefined)
    return problem('table.column.unknown', { name, unknown, columns: COLUMNS.join(', ') })
  const missing = NEEDED.find((column) => !columns.includes(column))
  if (missing) return problem('table.column.missing', { name, missing, needed: NEEDED.join(', ') })
  if (rows.length > MOST_FIGURES)
    return problem('table.long', { name, rowsCount: rows.length, mostFigures: MOST_FIGURES })
  const figures: Figure[] = []
  const ids = new Map<string, number>()
  const later: number[] = []
  const partsAt = columns.indexOf('parts')
  for (const [i, row] of rows.entries()) {
    // A composite names other figures of the table, so it waits until they are there.
    const isMade = partsAt >= 0 && (row[partsAt] ?? '').trim() !== ''
    const figure = readRow(row, columns, newId, isMade)
    if (!figure.ok) return problem('table.row', { name, row: i + 2, why: figure.problem })
    if (ids.has(figure.value.id))
      return problem('table.twice', { name, row: i + 2, id: figure.value.id })
    ids.set(figure.value.id, i)
    figures.push(figure.value)
    if (isMade) later.push(i)
  }
  const all = [...figures, ...known.filter(({ id }) => !ids.has(id))]
  for (const i of later) {
    const parts = readParts(rows[i]![partsAt]!.trim(), all, figures[i]!.family)
    if (!parts.ok) return problem('table.cell.parts', { name, row: i + 2, why: parts.problem })
    figures[i] = { ...figures[i]!, parts: parts.value }
  }
  const { book, problems } = composeBook([...figures, ...all.slice(figures.length)])
  const [wrong] = problems.filter(({ figureId }) => ids.has(figureId))
  if (wrong)
    return problem('table.parts', { name, row: ids.get(wrong.figureId)! + 2, why: wrong.problem })
  return succeed(figures.map(({ id }) => book.get(id)!))
}

const list = (text: string): string[] =>
  text
    .split(';')
    .map((one) => one.trim())
    .filter(Boolean)

function readRow(
  row: readonly string[],
  columns: readonly string[],
  newId: () => string,
  isMade: boolean,
): Result<Figure> {
  const cells = new Map(columns.map((column, i) => [column, row[i]?.trim() ?? '']))
  for (const [column, cell] of cells) {
    if (FORMULA.test(cell)) return problem('table.formula', { cell: cell.slice(0, 40), column })
    if (/^'[=+\-@\t\r]/.test(cell)) cells.set(column, cell.slice(1))
  }
  const cell = (column: Column): string => cells.get(column) ?? ''
  const follow = cell('follow') || 'opposite'
  const cautions = cell('cautions')
    .split('|')
    .map((one) => one.trim())
    .filter(Boolean)
    .map((one) => /^(\w+): *(.+)$/.exec(one))
  const wrongCaution = cautions.findIndex(
    (one) => !one || !(CAUTION_KINDS as readonly string[]).includes(one[1]!),
  )
  if (wrongCaution >= 0) return problem('table.caution', { cautionKinds: CAUTION_KINDS.join(', ') })
  const own = follow !== 'opposite' && follow !== 'same'
  const strict = cell('strict')
  const has = (item: (typeof STRICT)[number]) => (strict.includes(item) ? 'hard' : 'soft')
  const { figure, problems } = figureOfWritten(
    {
      ...UNWRITTEN,
      name: cell('name'),
      aliases: cell('aliases'),
      family: cell('family'),
      level: (cell('level') || 'easy') as Figure['level'],
      dancers: (cell('dancers') || 'couple') as Figure['dancers'],
      beats: isMade ? '1' : cell('beats'),
      countFrom: cell('count from'),
      lead: isMade ? '1 hold' : cell('lead'),
      followKind: own && !isMade ? 'own' : follow === 'same' ? 'same' : 'opposite',
      follow: own && !isMade ? follow : '',
      couples: cell('couples') || UNWRITTEN.couples,
      others: cell('others'),
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
      words: {
        en: { full: cell('full'), short: cell('short'), keyWord: cell('key word') },
        de: { full: cell('full de'), short: cell('short de'), keyWord: cell('key word de') },
      },
      remarks: cell('remarks'),
      cautions: cautions.map((one) => ({
        kind: one![1] as Figure['cautions'][number]['kind'],
        text: one![2]!,
      })),
    },
    cell('id') || newId(),
  )
  if (!figure)
    return problem('table.cell.field', {
      column: columnOf(problems[0]!.field),
      why: problems[0]!.message,
    })
  const valid = figureSchema.safeParse(own && isMade ? { ...figure, follow: [] } : figure)
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
