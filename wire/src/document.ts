import { editSchema } from '@dellop/core/document'
import { z } from 'zod'

/** Kinds of documents that are changed by batches of edits. */
export const DOCUMENT_KINDS = [
  'sheet',
  'tune',
  'figure',
  'school',
  'group',
  'settings',
  'evening',
  'series',
  'entry',
] as const
export type DocumentKind = (typeof DOCUMENT_KINDS)[number]

/**
 * A batch of edits made from a revision. The pair of client and batch is unique: sending it again
 * gets the first answer and changes nothing; the same pair with other edits is refused.
 */
export const editBatchSchema = z.strictObject({
  clientId: z.string().min(8).max(64),
  batchId: z.string().min(1).max(64),
  base: z.int().min(0),
  edits: z.array(editSchema).min(1).max(5000),
})
export type EditBatch = z.infer<typeof editBatchSchema>

export const conflictSchema = z.union([
  z.object({
    type: z.literal('field'),
    id: z.string(),
    field: z.string(),
    kept: z.unknown(),
    mine: z.unknown(),
  }),
  z.object({ type: z.literal('removed'), id: z.string(), by: z.enum(['mine', 'theirs']) }),
  z.object({ type: z.literal('moved'), id: z.string() }),
])

/**
 * The answer to a batch: the document after it, merged with what others did since its base, and
 * what could not be merged.
 */
export const editAnswerSchema = <Document extends z.ZodType>(document: Document) =>
  z.object({ document, revision: z.int(), conflicts: z.array(conflictSchema) })

/** Sent to every open page when a document changes. */
export const documentChangedSchema = z.object({
  type: z.enum(DOCUMENT_KINDS),
  id: z.string(),
  revision: z.int(),
  clientId: z.string(),
})
export type DocumentChanged = z.infer<typeof documentChangedSchema>

/** A record that this Dellop cannot read: it is set aside, and can be taken out as it is. */
export const setAsideSchema = z.object({
  records: z.array(
    z.object({ kind: z.string(), id: z.string(), name: z.string(), problem: z.string() }),
  ),
})
export type SetAside = z.infer<typeof setAsideSchema>['records'][number]
