import { createHash } from 'node:crypto'
import {
  acceptEdits,
  applyEdits,
  invertEdits,
  validate,
  type Conflict,
  type DocumentShape,
  type Edit,
  type Revised,
} from '@dellop/core/document'
import type { DocumentKind, EditBatch } from '@dellop/wire'
import { MoreThan, type EntityManager } from 'typeorm'
import type { z } from 'zod'
import { HttpProblem, orProblem, refusal } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { DocumentBatchEntity } from './batchEntity.ts'

/** How one kind of document is kept, for all that is the same with every kind. */
export interface DocumentStore<Document extends object> {
  /** As it stands in the table of batches and in what open pages are told. */
  readonly kind: DocumentKind
  /** As a sentence names it: “The sheet after these edits, at ...”. */
  readonly name: string
  readonly shape: DocumentShape
  readonly schema: z.ZodType<Document>
  /** The document of an id; refuses an id there is none of. */
  readonly read: (manager: EntityManager, id: string) => Promise<Revised<Document>>
  /** Keeps the document at its new revision, and gives it back as it is kept. */
  readonly write: (
    manager: EntityManager,
    id: string,
    revised: Revised<Document>,
    atMs: number,
  ) => Promise<Document>
  /** The document at an earlier revision, where that is kept; else batches are walked back. */
  readonly at?: (manager: EntityManager, id: string, revision: number) => Promise<Document | null>
}

/** What a page hears of its batch. */
export interface Answer<Document> extends Revised<Document> {
  readonly conflicts: Conflict[]
}

/**
 * Accepts a batch of edits to a document of any kind. One that was accepted before gets its first
 * answer again and changes nothing; the same name for other edits is refused. What others did since
 * the batch's base is merged with it.
 */
export async function editDocument<Document extends object>(
  services: Services,
  store: DocumentStore<Document>,
  id: string,
  batch: EditBatch,
): Promise<Answer<Document>> {
  const { answer, fresh } = await services.database.write((manager) =>
    acceptBatch(services, manager, store, id, batch),
  )
  if (fresh) announce(services, store, id, answer.revision, batch.clientId)
  return answer
}

/** Tells open pages that a document has changed. What goes wrong here changes nothing. */
export function announce(
  services: Services,
  { kind }: Pick<DocumentStore<object>, 'kind'>,
  id: string,
  revision: number,
  clientId: string,
): void {
  services.broadcast.send({ type: kind, id, revision, clientId })
}

/**
 * The same within a transaction that is under way; telling the open pages is left to the caller.
 */
export async function acceptBatch<Document extends object>(
  { nowMs }: Pick<Services, 'nowMs'>,
  manager: EntityManager,
  store: DocumentStore<Document>,
  id: string,
  batch: EditBatch,
): Promise<{ answer: Answer<Document>; fresh: boolean }> {
  const { kind, shape, schema, name } = store
  const now = await store.read(manager, id)
  const digest = digestOf(batch)
  const { clientId, batchId } = batch
  const earlier = await manager.findOneBy(DocumentBatchEntity, {
    kind,
    documentId: id,
    clientId,
    batchId,
  })
  if (earlier)
    return { fresh: false, answer: await firstAnswer(manager, store, id, now, earlier, digest) }
  if (batch.base > now.revision)
    throw new HttpProblem(
      'edit.refused',
      `These edits start from revision ${batch.base}; ${name.toLowerCase()} is at ${now.revision}.`,
    )
  const base = await documentAt(manager, store, id, now, batch.base)
  const accepted = orProblem(acceptEdits(shape, now, base, batch.edits), 'edit.refused')
  const document = orProblem(validate(schema, accepted.document, `${name} after these edits`))
  const atMs = nowMs()
  const { revision, conflicts } = accepted
  const kept = await store.write(manager, id, { document, revision }, atMs)
  await manager.insert(DocumentBatchEntity, {
    kind,
    documentId: id,
    revision,
    clientId,
    batchId,
    digest,
    edits: JSON.stringify(accepted.edits),
    conflicts: JSON.stringify(conflicts),
    atMs,
  })
  return { fresh: true, answer: { document: kept, revision, conflicts: [...conflicts] } }
}

async function firstAnswer<Document extends object>(
  manager: EntityManager,
  store: DocumentStore<Document>,
  id: string,
  now: Revised<Document>,
  earlier: DocumentBatchEntity,
  digest: string,
): Promise<Answer<Document>> {
  // Batches of older times have no digest.
  if (earlier.digest !== '' && earlier.digest !== digest)
    throw refusal('edit.refused', 'edits.other', {})
  return {
    document: await documentAt(manager, store, id, now, earlier.revision),
    revision: earlier.revision,
    conflicts: JSON.parse(earlier.conflicts) as Conflict[],
  }
}

const digestOf = ({ base, edits }: EditBatch): string =>
  createHash('sha256')
    .update(JSON.stringify([base, edits]))
    .digest('hex')

/** The document as it was at a revision: the edits since then taken back, newest first. */
export async function documentAt<Document extends object>(
  manager: EntityManager,
  store: DocumentStore<Document>,
  id: string,
  now: Revised<Document>,
  revision: number,
): Promise<Document> {
  if (revision === now.revision) return now.document
  const kept = await store.at?.(manager, id, revision)
  if (kept) return kept
  const since = await batchesSince(manager, store.kind, id, revision)
  return since.reduce(
    (document, batch) =>
      orProblem(applyEdits(store.shape, document, invertEdits(editsOf(batch))), 'edit.refused'),
    now.document,
  )
}

/** Batches that came after a revision, newest first. */
export const batchesSince = (
  manager: EntityManager,
  kind: string,
  documentId: string,
  revision: number,
  most?: number,
): Promise<DocumentBatchEntity[]> =>
  manager.find(DocumentBatchEntity, {
    where: { kind, documentId, revision: MoreThan(revision) },
    order: { revision: 'DESC' },
    ...(most === undefined ? {} : { take: most }),
  })

export const editsOf = ({ edits }: Pick<DocumentBatchEntity, 'edits'>): Edit[] =>
  JSON.parse(edits) as Edit[]
