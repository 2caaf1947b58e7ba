import { heldStore } from '../app/heldStore.ts'
import type { OpenKind } from './kinds.ts'
import { openDocument, type OpenDocument } from './openDocument.ts'

/** An open document as a store: it is there until it is closed. */
export const documentStore = <Document extends object>(
  kind: OpenKind<Document>,
  id: string,
): OpenDocument<Document> => heldStore(`document/${kind.kind}/${id}`, () => openDocument(kind, id))
