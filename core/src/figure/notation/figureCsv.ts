import Papa from 'papaparse'
import { own, succeed, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import { composeBook } from '../model/compose.ts'
import type { Figure } from '../model/figure.ts'
import { cellsOfFigure, COLUMNS, figureOfCells, FORMERLY, type Column } from './figureCells.ts'
import { readParts } from './figureText.ts'

const NEEDED: readonly Column[] = ['name', 'family', 'beats', 'lead']
export const MOST_FIGURES = 20_000

/** A spreadsheet would run what begins like a formula; an apostrophe before it keeps it a text. */
const FORMULA = /^[=+\-@\t\r]/

/**
 * Figures as comma-separated values, one a row, steps as typed lines; `readFigureCsv` reads them
 * back the same.
 */
export function figureCsv(figures: readonly Figure[]): string {
  const rows = figures.map((figure) => {
    const cells = cellsOfFigure(figure, figures)
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
    (cell) => own(FORMERLY, cell.trim().toLowerCase()) ?? cell.trim().toLowerCase(),
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
  return figureOfCells(cells, newId, isMade)
}
