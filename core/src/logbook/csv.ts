import Papa from 'papaparse'
import { succeed, validate, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { emptyEntry, entrySchema, type LogEntry } from './entry.ts'

const COLUMNS = [
  'id',
  'date',
  'title',
  'minutes',
  'hall',
  'group',
  'caller',
  'present',
  'bpm',
  'passes',
  'finished',
  'slips',
  'walk minutes',
  'remarks',
] as const

/** A season as a table that any spreadsheet opens, the oldest first. */
export function logbookCsv(entries: readonly LogEntry[]): string {
  const rows = [...entries]
    .sort((a, b) => a.atMs - b.atMs)
    .map((one) => [
      one.id,
      new Date(one.atMs).toISOString(),
      one.title,
      one.minutes,
      one.hall,
      one.groupName,
      one.caller,
      one.present ?? '',
      one.bpm ?? '',
      one.passesDanced,
      one.finished ? 'yes' : 'no',
      one.slips.length,
      one.walkMinutes ?? '',
      one.remarks,
    ])
  return Papa.unparse(
    { fields: [...COLUMNS], data: rows },
    // What begins like a formula is no formula.
    { escapeFormulae: true, newline: '\r\n' },
  )
}

/**
 * Entries from a table with the columns above; `date` and `title` are needed, the rest may be left
 * out. Refused whole, with the row, where one cannot be read.
 *
 * @param newId Gives an id to rows without one.
 */
export function readLogbookCsv(text: string, newId: () => string): Result<readonly LogEntry[]> {
  const { data } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  })
  const entries: LogEntry[] = []
  for (const [i, row] of data.entries()) {
    const read = entryOfRow(row, newId)
    if (!read.ok) return problem('logbook.row', { row: i + 2, problem: read.problem })
    entries.push(read.value)
  }
  return succeed(entries)
}

function entryOfRow(row: Record<string, string>, newId: () => string): Result<LogEntry> {
  const number = (name: string): number | null =>
    row[name] === undefined || row[name].trim() === '' ? null : Number(row[name])
  const text = (name: string): string => (row[name] ?? '').replace(/^'(?=[=+\-@])/, '')
  const passes = number('passes') ?? 0
  const entry = {
    ...emptyEntry(text('id') || newId(), text('title'), Date.parse(text('date'))),
    minutes: number('minutes') ?? 0,
    hall: text('hall'),
    groupName: text('group'),
    caller: text('caller'),
    present: number('present'),
    bpm: number('bpm'),
    passesDanced: passes,
    passesWritten: passes,
    finished: text('finished').toLowerCase() !== 'no',
    walkMinutes: number('walk minutes'),
    remarks: text('remarks'),
  }
  return validate(entrySchema, entry, 'The entry')
}
