import { openDocument, type OpenDocument } from '../document/openDocument.ts'
import type { OpenKind } from '../document/kinds.ts'

/** Lists of documents that are kept open, as groups and schools are. */

/** Documents that a list has given, open, each at its revision. */
export const opened = <Document extends { readonly id: string }>(
  kind: OpenKind<Document>,
  list: readonly Document[],
  revisions: Readonly<Record<string, number>>,
): Promise<OpenDocument<Document>[]> =>
  Promise.all(
    list.map(async (document) => {
      const one = openDocument(kind, document.id)
      await one.open({ document, revision: revisions[document.id] ?? 0 })
      return one
    }),
  )

export const documentsIn = <Document extends object>(
  open: readonly OpenDocument<Document>[],
): Document[] => open.flatMap(({ document }) => document.value ?? [])
export const documentOf = <Document extends { readonly id: string }>(
  open: readonly OpenDocument<Document>[],
  id: string,
): OpenDocument<Document> | undefined => open.find(({ document }) => document.value?.id === id)
export const byName = <One extends { readonly name: string }>(
  list: readonly One[],
): readonly One[] => [...list].sort((a, b) => a.name.localeCompare(b.name))

/** All but one, which is closed. */
export function without<Document extends { readonly id: string }>(
  open: readonly OpenDocument<Document>[],
  id: string,
): readonly OpenDocument<Document>[] {
  documentOf(open, id)?.close()
  return open.filter(({ document }) => document.value?.id !== id)
}
