import { defineStore, storeToRefs } from 'pinia'
import type { OpenKind } from './kinds.ts'
import { openDocument, type OpenDocument } from './openDocument.ts'

/**
 * An open document as a store, so that it can be looked at, and is one for all that show it on this
 * page. It is there until it is closed.
 */
export function documentStore<Document extends object>(
  kind: OpenKind<Document>,
  id: string,
): OpenDocument<Document> {
  const store = defineStore(`document/${kind.kind}/${id}`, () =>
    openDocument(kind as unknown as OpenKind<object>, id),
  )()
  const close = (): void => {
    store.close()
    store.$dispose()
  }
  return { ...store, ...storeToRefs(store), close } as unknown as OpenDocument<Document>
}
