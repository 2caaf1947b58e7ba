/** A row of a kind of documents that are listed, added, edited and removed as they are. */
export interface KeptDocumentRow {
  id: string
  name: string
  document: string
  revision: number
  updatedAtMs: number
}
