import { defineStore, storeToRefs } from 'pinia'

/**
 * Something that lives on one page and has to be closed, held as a store while it is there: it can
 * be looked at, and is one for all that show it. Closing it takes the store away.
 */
export function heldStore<Held extends { readonly close: () => void }>(
  id: string,
  open: () => Held,
): Held {
  const store = defineStore(id, open as () => { close: () => void })()
  const close = (): void => {
    store.close()
    store.$dispose()
  }
  return { ...store, ...storeToRefs(store), close } as unknown as Held
}
