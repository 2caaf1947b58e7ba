import { logbookOf, slipsBySlot, type LogEntry, type SlipPlace } from '@dellop/core/logbook'
import type { DancedPass } from '@dellop/core/routine'
import { computed, onMounted, ref, shallowRef, watch, type Ref } from 'vue'
import { words } from '../words/index.ts'
import { api } from './api.ts'
import { dancedFrom } from './danced.ts'

/**
 * What the logbook says of the last time a dance was danced, from this sheet or another of the same
 * dance: when and for whom, what went wrong, what was remarked. Empty where it never was, or where the server is away.
 */
export function useLastTime(sheetId: string): Ref<readonly string[]> {
  const told = ref<readonly string[]>([])
  onMounted(async () => {
    const found = await api('listEntries', { query: { dance: sheetId } }).catch(() => null)
    if (found && found.entries.length > 0) told.value = lastTimeTold(found.entries, sheetId)
  })
  return told
}

/**
 * How often it lately went wrong at each slot of the dance as it stands, by the slot's key. Nothing
 * where it was never danced, or where the server is away.
 */
export function useSlipMarks(
  sheetId: string,
  passes: () => readonly DancedPass[],
): Ref<ReadonlyMap<string, number>> {
  const places = shallowRef<readonly SlipPlace[]>([])
  onMounted(async () => {
    const entries = await dancedFrom(sheetId)
    if (entries) places.value = logbookOf(entries).slipsOf(sheetId)
  })
  return computed(() => slipsBySlot(passes(), places.value))
}

/**
 * How often a fill went round when the dance was last danced through to this recording; null where
 * nobody knows.
 */
export function useLastFill(
  of: () => { sheetId: string; passId: string; recordingId: string | null },
): Ref<number | null> {
  const times = shallowRef<number | null>(null)
  watch(
    () => JSON.stringify(of()),
    async (asked) => {
      times.value = null
      const { sheetId, passId, recordingId } = of()
      const entries = await dancedFrom(sheetId)
      if (entries && asked === JSON.stringify(of()))
        times.value = logbookOf(entries).fill(sheetId, passId, recordingId)
    },
    { immediate: true },
  )
  return times
}

/** The same as sentences, from the entries of the dance; what went wrong is this sheet's own. */
export function lastTimeTold(entries: readonly LogEntry[], sheetId: string): readonly string[] {
  const book = logbookOf(entries)
  const [last] = book.entries
  if (!last) return []
  const slips = book.slipsOf(sheetId).slice(0, 3)
  return [
    words.logbook.last(words.format.date(last.atMs), last.groupName, last.hall),
    ...(last.sheetId === sheetId ? [] : [words.logbook.lastAs(last.title)]),
    ...slips.map(({ name, pass, times }) => words.logbook.slipHere(name, pass, times)),
    ...(last.remarks === '' ? [] : [last.remarks]),
  ]
}
