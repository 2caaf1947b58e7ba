import { logbookOf, type LogEntry } from '@dellop/core/logbook'
import { onMounted, ref, type Ref } from 'vue'
import { words } from '../words/index.ts'
import { api } from './api.ts'

/**
 * What the logbook says of the last time a dance was danced: when and for whom, what went wrong,
 * what was remarked. Empty where it never was, or where the server is away.
 */
export function useLastTime(sheetId: string): Ref<readonly string[]> {
  const told = ref<readonly string[]>([])
  onMounted(async () => {
    const found = await api('listEntries', { query: { sheet: sheetId } }).catch(() => null)
    if (found && found.entries.length > 0) told.value = lastTimeTold(found.entries, sheetId)
  })
  return told
}

/** The same as sentences, from the entries of the dance. */
export function lastTimeTold(entries: readonly LogEntry[], sheetId: string): readonly string[] {
  const book = logbookOf(entries)
  const last = book.last(sheetId)
  if (!last) return []
  const slips = book.slipsOf(sheetId).slice(0, 3)
  return [
    words.logbook.last(words.format.date(last.atMs), last.groupName, last.hall),
    ...slips.map(({ name, pass, times }) => words.logbook.slipHere(name, pass, times)),
    ...(last.remarks === '' ? [] : [last.remarks]),
  ]
}
