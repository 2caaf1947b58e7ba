import { readJson, succeed, validate, type Result } from '../document/index.ts'
import { entrySchema, upgradeEntry, type LogEntry } from './entry.ts'
import { problem } from './problem.ts'

/** A whole logbook, with all that is known of each entry, the oldest first. */
export const logbookJson = (entries: readonly LogEntry[]): string =>
  `${JSON.stringify(
    [...entries].sort((a, b) => a.atMs - b.atMs),
    null,
    2,
  )}\n`

/**
 * Entries as `logbookJson` writes them, of this version or an earlier one. Refused whole, with the
 * number of the entry, where one cannot be read.
 */
export function readLogbookJson(text: string, name = 'The logbook'): Result<readonly LogEntry[]> {
  const json = readJson(text.replace(/^\uFEFF/, ''), name)
  if (!json.ok) return json
  if (!Array.isArray(json.value)) return problem('logbook.list', { name })
  const entries: LogEntry[] = []
  for (const [i, one] of (json.value as readonly unknown[]).entries()) {
    const read = validate(entrySchema, upgradeEntry(one), `${name}, entry ${i + 1}`)
    if (!read.ok) return read
    entries.push(read.value)
  }
  return succeed(entries)
}
