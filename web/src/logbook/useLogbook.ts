import { logbookOf, type LogEntry } from '@dellop/core/logbook'
import { entryShape } from '@dellop/core/logbook'
import { diff } from '@dellop/core/document'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { randomId } from '../app/randomId.ts'

/** What was danced, as it is kept; entries are added, corrected and taken out. */
export function useLogbook() {
  const library = useLibrary()
  const entries = shallowRef<readonly LogEntry[] | null>(null)
  const failure = ref('')

  async function tried(work: () => Promise<void>): Promise<boolean> {
    failure.value = ''
    try {
      await work()
      return true
    } catch (error) {
      failure.value = sentenceOf(error)
      return false
    }
  }
  const load = (): Promise<boolean> =>
    tried(async () => {
      const [list] = await Promise.all([api('listEntries'), library.load()])
      entries.value = list.entries
    })
  const put = (entry: LogEntry): void =>
    void (entries.value = [entry, ...(entries.value ?? []).filter(({ id }) => id !== entry.id)])
  const add = (entry: LogEntry): Promise<boolean> =>
    tried(async () => {
      await api('newEntry', { body: { entry } })
      put(entry)
    })
  /** Keeps a correction; what somebody else has corrected meanwhile stays too. */
  const change = (before: LogEntry, after: LogEntry): Promise<boolean> =>
    tried(async () => {
      const { revision } = await api('getEntry', { params: { id: before.id } })
      const edits = diff(entryShape, before, after)
      if (edits.length === 0) return
      const answer = await api('editEntry', {
        params: { id: before.id },
        body: { clientId: randomId(), batchId: randomId(), base: revision, edits: [...edits] },
      })
      put(answer.document)
    })
  const remove = (id: string): Promise<boolean> =>
    tried(async () => {
      await api('removeEntry', { params: { id } })
      entries.value = (entries.value ?? []).filter((one) => one.id !== id)
    })
  onMounted(load)
  const logbook = computed(() => logbookOf(entries.value ?? []))
  return { library, entries, logbook, failure, load, add, change, remove }
}
