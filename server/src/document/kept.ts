import type { EntityManager, EntityTarget } from 'typeorm'
import type { Once } from '../database/once.ts'
import { HttpProblem } from '../http/problem.ts'
import type { Services } from '../services.ts'
import type { DocumentStore } from './accept.ts'
import type { KeptDocumentRow } from './keptRow.ts'
import { readableRecords, recordOrProblem, type RecordKind } from './record.ts'

type Named = { readonly id: string }

/** How one kind is kept: its table, its record, and what a row of it is called. */
export interface KeptKind<Document extends Named> {
  readonly table: EntityTarget<KeptDocumentRow>
  readonly record: RecordKind<Document>
  readonly store: DocumentStore<Document>
  readonly nameOf: (document: Document) => string
}

/** The kind, with what editing needs of it. */
export function keptKind<Document extends Named>(
  table: EntityTarget<KeptDocumentRow>,
  record: RecordKind<Document> & { readonly kind: DocumentStore<Document>['kind'] },
  shape: DocumentStore<Document>['shape'],
  nameOf: (document: Document) => string,
): KeptKind<Document> {
  return {
    table,
    record,
    nameOf,
    store: {
      kind: record.kind,
      name: record.name,
      shape,
      schema: record.schema,
      read: async (manager, id) => {
        const row = await manager.findOneBy(table, { id })
        if (!row) throw missing(record)
        return { document: recordOrProblem(record, row), revision: row.revision }
      },
      write: async (manager, id, { document, revision }, atMs) => {
        const name = nameOf(document)
        const text = JSON.stringify(document)
        await manager.update(table, { id }, { name, document: text, revision, updatedAtMs: atMs })
        return document
      },
    },
  }
}
const rowOf = (document: Named, name: string, updatedAtMs: number): KeptDocumentRow => ({
  id: document.id,
  name,
  document: JSON.stringify(document),
  revision: 0,
  updatedAtMs,
})
const missing = ({ name }: { readonly name: string }): HttpProblem =>
  new HttpProblem('not-found', `There is no such ${name.replace(/^The /, '')}.`)

/** Those that can be read, with the revision of each; of a field's values where that is wanted. */
export async function listKept<Document extends Named>(
  manager: EntityManager,
  { table, record }: KeptKind<Document>,
  wanted: { readonly field: keyof Document & string; readonly in: readonly string[] } | null = null,
): Promise<{ documents: Document[]; revisions: Record<string, number> }> {
  const rows = manager.createQueryBuilder(table, 'row').orderBy('row.name', 'ASC')
  if (wanted)
    rows.where(`json_extract("row"."document", :path) IN (:...wanted)`, {
      path: `$.${wanted.field}`,
      wanted: wanted.in,
    })
  const read = readableRecords(record, await rows.getMany())
  return {
    documents: read.map(({ document }) => document),
    revisions: Object.fromEntries(read.map(({ row }) => [row.id, row.revision])),
  }
}

/** Adds one; refuses an id that is taken. */
export async function addKept<Document extends Named>(
  { database, nowMs }: Pick<Services, 'database' | 'nowMs'>,
  { table, record, nameOf }: KeptKind<Document>,
  document: Document,
  once: Once | null = null,
): Promise<{ document: Document; revision: number }> {
  return database.write(async (manager) => {
    const { id } = document
    if (await manager.existsBy(table, { id }))
      throw new HttpProblem('exists', `${record.name} with the id "${id}" is here already.`, 'id')
    await manager.insert(table, rowOf(document, nameOf(document), nowMs()))
    return { document, revision: 0 }
  }, once)
}

/** Adds all that are not here yet, at once. */
export async function addMissing<Document extends Named>(
  { database, nowMs }: Pick<Services, 'database' | 'nowMs'>,
  { table, nameOf }: KeptKind<Document>,
  documents: readonly Document[],
): Promise<void> {
  await database.write(async (manager) => {
    for (const document of documents) {
      if (await manager.existsBy(table, { id: document.id })) continue
      await manager.insert(table, rowOf(document, nameOf(document), nowMs()))
    }
  })
}

export async function removeKept<Document extends Named>(
  { database }: Pick<Services, 'database'>,
  { table, record }: KeptKind<Document>,
  id: string,
  once: Once | null = null,
): Promise<{ id: string }> {
  return database.write(async (manager) => {
    const { affected } = await manager.delete(table, { id })
    if (!affected) throw missing(record)
    return { id }
  }, once)
}
