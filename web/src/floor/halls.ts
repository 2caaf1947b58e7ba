import type { Hall } from '@dellop/core/floor'
import type { KeptHall } from '@dellop/wire'
import { computed, ref } from 'vue'
import { sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'

const SMALL: Hall = { width: 900, length: 1400, things: [] }

/** The halls that are kept, and the one that is looked at; every change of it can be taken back. */
export function useHalls() {
  const library = useLibrary()
  const failure = ref('')
  const before = ref<readonly Hall[]>([])
  const halls = computed(() => library.settings.halls)
  const chosen = computed<KeptHall>(
    () =>
      halls.value.find(({ id }) => id === library.settings.hallId) ??
      halls.value[0] ?? { id: '', name: words.floor.room.first, hall: SMALL },
  )

  async function keep(list: readonly KeptHall[], hallId: string | null): Promise<void> {
    failure.value = ''
    try {
      await library.saveSettings({ halls: list, hallId })
    } catch (error) {
      failure.value = sentenceOf(error)
    }
  }
  const put = (next: KeptHall): Promise<void> => {
    const kept = { ...next, id: next.id || randomId() }
    const known = halls.value.some(({ id }) => id === kept.id)
    const list = known
      ? halls.value.map((one) => (one.id === kept.id ? kept : one))
      : [...halls.value, kept]
    return keep(list, kept.id)
  }

  function change(hall: Hall): void {
    before.value = [...before.value.slice(-49), chosen.value.hall]
    void put({ ...chosen.value, hall })
  }
  function undo(): void {
    const last = before.value.at(-1)
    if (!last) return
    before.value = before.value.slice(0, -1)
    void put({ ...chosen.value, hall: last })
  }
  function choose(id: string): void {
    before.value = []
    void keep(halls.value, id)
  }
  function add(): void {
    before.value = []
    void put({ id: '', name: words.floor.room.another(halls.value.length + 1), hall: SMALL })
  }
  function remove(): void {
    before.value = []
    void keep(
      halls.value.filter(({ id }) => id !== chosen.value.id),
      null,
    )
  }
  const rename = (name: string): void => {
    if (name.trim() !== '') void put({ ...chosen.value, name: name.trim().slice(0, 80) })
  }
  return { halls, chosen, failure, before, change, undo, choose, add, remove, rename }
}
