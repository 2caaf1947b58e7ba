import { defineStore, getActivePinia, storeToRefs } from 'pinia'

/**
 * Something that lives on one page and has to be closed, held as a store while it is there: it can
 * be looked at, and is one for all that show it. Closing it takes the store away, with its state:
 * opened again it begins anew.
 */
export function heldStore<Held extends { readonly close: () => void }>(
  id: string,
  open: () => Held,
): Held {
  const store = defineStore(id, open as () => { close: () => void })()
  const pinia = getActivePinia()
  const close = (): void => {
    store.close()
    store.$dispose()
    // Disposing of a store leaves its state behind, which the next of its name would take up.
    delete pinia?.state.value[id]
  }
  return { ...store, ...storeToRefs(store), close } as unknown as Held
}
