import Papa from 'papaparse'
import { problem, succeed, type Result } from '../document/index.ts'
import { beatsOfTicks, type Tick } from '../time/index.ts'
import { CAUTION_KINDS, figureSchema, type Figure } from './figure.ts'
import { stepLineText } from './stepLineText.ts'
import { figureOfWritten } from './written.ts'

const COLUMNS = ['id', 'name', 'aliases', 'family', 'level', 'beats', 'lead', 'follow', 'holds', 'strictness', 'facings', 'ends', 'full', 'short', 'prompt', 'cautions', 'remarks'] as const
type Column = (typeof COLUMNS)[number]
const NEEDED: readonly Column[] = ['name', 'family', 'beats', 'lead']
export const MOST_FIGURES = 20_000

/** A spreadsheet would run what begins like a formula; an apostrophe before it keeps it a text. */
const FORMULA = /^[=+\-@\t\r]/

/** Figures as comma-separated values, one a row, steps as typed lines; `readFigureCsv` reads them back the same. */
export function figureCsv(figures: readonly Figure[]): string {
  const rows = figures.map((figure) => {
    const cells: Record<Column, string> = {
      id: figure.id,
      name: figure.name,
      aliases: figure.aliases.join('; '),
      family: figure.family,
      level: figure.level,
      beats: String(beatsOfTicks(figure.lengthTicks as Tick)),
      lead: stepLineText(figure.lead),
      follow: typeof figure.follow === 'string' ? figure.follow : stepLineText(figure.follow),
      holds: figure.entry.holds.join('; '),
      strictness: figure.entry.strictness,
      facings: figure.entry.facings.join('; '),
      ends: figure.exitHold ?? '',
      ...figure.wordings,
      cautions: figure.cautions.map(({ kind, text }) => `${kind}: ${text}`).join(' | '),
      remarks: figure.remarks,
    }
    return COLUMNS.map((column) => (FORMULA.test(cells[column]) ? `'${cells[column]}` : cells[column]))
  })
  return `${Papa.unparse([[...COLUMNS], ...rows])}\r\n`
}

/** Reads figures from comma-separated values: all of them, or the first row and column that cannot be read, and what was expected there. */
export function readFigureCsv(text: string, newId: () => string, name = 'The table'): Result<readonly Figure[]> {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', delimiter: ',' })
  const [broken] = errors.filter(({ type }) => type === 'Quotes')
  if (broken) return problem('table.quotes', `${name} has a quotation mark that is not closed in row ${(broken.row ?? 0) + 1}.`)
  const [head = [], ...rows] = data
  const columns = head.map((cell) => cell.trim().toLowerCase())
  const unknown = columns.find((column) => !COLUMNS.includes(column as Column))
  if (unknown !== undefined) return problem('table.column', `${name} has a column “${unknown}”; the columns may be ${COLUMNS.join(', ')}.`)
  const missing = NEEDED.find((column) => !columns.includes(column))
  if (missing) return problem('table.column', `${name} has no column “${missing}”; at least ${NEEDED.join(', ')} were expected.`)
  if (rows.length > MOST_FIGURES) return problem('table.long', `${name} has ${rows.length} rows; at most ${MOST_FIGURES} were expected.`)
  const figures: Figure[] = []
  const ids = new Set<string>()
  for (const [i, row] of rows.entries()) {
    const figure = readRow(row, columns, newId)
    if (!figure.ok) return problem(figure.problem.code, `${name}, row ${i + 2}: ${figure.problem.message}`)
    if (ids.has(figure.value.id)) return problem('table.twice', `${name}, row ${i + 2}: the id “${figure.value.id}” is there a second time; every id may be used once.`)
    ids.add(figure.value.id)
    figures.push(figure.value)
  }
  return succeed(figures)
}

const list = (text: string): string[] => text.split(';').map((one) => one.trim()).filter(Boolean) // prettier-ignore

function readRow(row: readonly string[], columns: readonly string[], newId: () => string): Result<Figure> {
  const cells = new Map(columns.map((column, i) => [column, row[i]?.trim() ?? '']))
  for (const [column, cell] of cells) {
    if (FORMULA.test(cell)) return problem('table.formula', `“${cell.slice(0, 40)}” in column ${column} looks like a formula; a text was expected.`)
    if (/^'[=+\-@\t\r]/.test(cell)) cells.set(column, cell.slice(1))
  }
  const cell = (column: Column): string => cells.get(column) ?? ''
  const follow = cell('follow') || 'opposite'
  const cautions = cell('cautions').split('|').map((one) => one.trim()).filter(Boolean).map((one) => /^(\w+): *(.+)$/.exec(one)) // prettier-ignore
  const wrongCaution = cautions.findIndex((one) => !one || !(CAUTION_KINDS as readonly string[]).includes(one[1]!))
  if (wrongCaution >= 0) return problem('table.caution', `a caution such as “spin: give room” was expected in column cautions, its kind one of ${CAUTION_KINDS.join(', ')}.`)
  const own = follow !== 'opposite' && follow !== 'same'
  const { figure, problems } = figureOfWritten(
    {
      name: cell('name'),
      family: cell('family'),
      level: (cell('level') || 'easy') as Figure['level'],
      beats: cell('beats'),
      lead: cell('lead'),
      followKind: own ? 'own' : follow,
      follow: own ? follow : '',
      holds: list(cell('holds')),
      exitHold: cell('ends') || null,
      full: cell('full'),
      short: cell('short'),
      prompt: cell('prompt'),
      remarks: cell('remarks'),
      cautions: cautions.map((one) => ({ kind: one![1] as Figure['cautions'][number]['kind'], text: one![2]! })),
    },
    cell('id') || newId(),
    null,
  )
  if (!figure) return problem('table.cell', `column ${problems[0]!.field}: ${problems[0]!.message}`)
  const whole = { ...figure, aliases: list(cell('aliases')), entry: { ...figure.entry, strictness: cell('strictness') || 'hard', facings: list(cell('facings')).map(Number) } }
  const valid = figureSchema.safeParse(whole)
  if (valid.success) return succeed(valid.data)
  const [issue] = valid.error.issues
  return problem('table.cell', `${issue!.path.join('.')}: ${issue!.message}`)
}
