import type { DanceFacts, Evening, WarningContext } from '@dellop/core/evening'
import { logbookOf, type LogEntry } from '@dellop/core/logbook'
import { computed, shallowRef } from 'vue'
import { api } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'

/** What a programme is looked at with: the dances of the shelf, the logbook, the groups. */
export function useEveningFacts() {
  const library = useLibrary()
  const dances = shallowRef<readonly DanceFacts[]>([])
  const entries = shallowRef<readonly LogEntry[]>([])
  const facts = computed(() => new Map(dances.value.map((one) => [one.sheetId, one])))
  const logbook = computed(() => logbookOf(entries.value))

  async function load(): Promise<void> {
    const [list, log] = await Promise.all([api('listDances'), api('listEntries'), library.load()])
    dances.value = list.dances
    entries.value = log.entries
  }

  const groupOf = ({ groupId }: Pick<Evening, 'groupId'>) =>
    library.groups.find(({ id }) => id === groupId) ?? null
  /** What a group knows: what it was taught, and what it has danced. */
  function knowsOf(evening: Pick<Evening, 'groupId'>): ((figureId: string) => boolean) | null {
    const group = groupOf(evening)
    if (!group) return null
    const known = new Set([
      ...group.taught.map(({ id }) => id),
      ...logbook.value.danced(group.id).map(({ id }) => id),
    ])
    const book = new Map(library.figures.map((figure) => [figure.id, figure]))
    return (id) =>
      known.has(id) || (book.get(id)?.parts?.every(({ figureId }) => known.has(figureId)) ?? false)
  }
  const before = (evening: Pick<Evening, 'groupId'>): readonly LogEntry[] =>
    evening.groupId === undefined ? logbook.value.entries : logbook.value.ofGroup(evening.groupId)
  const contextOf = (evening: Evening): WarningContext => ({
    facts: facts.value,
    knows: knowsOf(evening),
    level: groupOf(evening)?.level ?? null,
    before: before(evening),
    hall: library.settings.halls.find(({ name }) => name === evening.hall)?.hall ?? null,
  })
  return { library, dances, facts, entries, logbook, load, groupOf, knowsOf, before, contextOf }
}
export type EveningFacts = ReturnType<typeof useEveningFacts>
