import { eveningSchema, type Evening, type EveningItem } from '@dellop/core/evening'
import { computed } from 'vue'
import { EVENING } from '../document/kinds.ts'
import { savingText } from '../document/saved.ts'
import { documentStore } from '../document/store.ts'

/** One open programme; every change can be undone. */
export function useEveningDocument(id: string) {
  const opened = documentStore(EVENING, id)
  const { document: evening } = opened

  /** Puts a changed programme in place of this one, where it can be kept. */
  const change = (next: Evening | null, label: string, key: string | null = null): boolean =>
    next !== null && eveningSchema.safeParse(next).success && opened.change(next, label, key)
  const set = (fields: Partial<Evening>, label: string): boolean =>
    evening.value !== null && change({ ...evening.value, ...fields }, label, label)

  const setItems = (items: readonly EveningItem[], label: string): boolean => set({ items }, label)
  /** Fields that are undefined are taken away. */
  function setItem(
    itemId: string,
    fields: { readonly [Key in keyof EveningItem]?: EveningItem[Key] | undefined },
    label: string,
  ): boolean {
    const items = evening.value?.items.map((item) =>
      item.id === itemId ? (without(item, fields) as EveningItem) : item,
    )
    return items !== undefined && setItems(items, label)
  }
  return {
    ...opened,
    evening,
    set,
    setItem,
    setItems,
    saving: computed(() => savingText(opened.sync.value)),
  }
}
export type EveningDocument = ReturnType<typeof useEveningDocument>

const without = (item: object, fields: object): object =>
  Object.fromEntries(
    Object.entries({ ...item, ...fields }).filter(([, value]) => value !== undefined),
  )
