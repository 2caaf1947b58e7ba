import type { LogEntry } from '@dellop/core/logbook'
import { api } from './api.ts'

type Entries = readonly LogEntry[] | null
const going = new Map<string, Promise<Entries>>()

/**
 * What the logbook has of one sheet; null where the server is away. Who asks while the answer is on
 * its way gets the same one.
 */
export function dancedFrom(sheetId: string): Promise<Entries> {
  const asked =
    going.get(sheetId) ??
    api('listEntries', { query: { sheet: sheetId } })
      .then(({ entries }): Entries => entries)
      .catch(() => null)
      .finally(() => going.delete(sheetId))
  going.set(sheetId, asked)
  return asked
}
