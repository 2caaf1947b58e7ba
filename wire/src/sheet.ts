import { editSchema, idSchema } from '@dellop/core/document'
import { sheetFileSchema } from '@dellop/core/file'
import { floorProfileSchema, figureSchema } from '@dellop/core/figure'
import { routineSchema } from '@dellop/core/routine'
import { schoolSchema } from '@dellop/core/school'
import { tuneSchema } from '@dellop/core/tune'
import { z } from 'zod'

/** A sheet on the shelf. */
export const sheetSummarySchema = z.object({
  id: idSchema,
  title: z.string(),
  by: z.string(),
  dance: z.string(),
  level: z.string().nullable(),
  tuneTitle: z.string().nullable(),
  tags: z.array(z.string()),
  /** Names of the figures it uses, so that it is found by them. */
  figures: z.array(z.string()),
  archived: z.boolean(),
  revision: z.int(),
  updatedAtMs: z.number(),
})
export type SheetSummary = z.infer<typeof sheetSummarySchema>

export const sheetListSchema = z.object({ sheets: z.array(sheetSummarySchema) })

/** A sheet as it stands, with the revision an edit has to name. */
export const sheetSchema = z.object({ routine: routineSchema, revision: z.int() })
export type SheetState = z.infer<typeof sheetSchema>

export const newSheetSchema = z.strictObject({
  title: z.string().trim().min(1, 'a title was expected').max(120),
  tuneId: idSchema.nullable(),
})
export const importSheetSchema = z.strictObject({ file: sheetFileSchema })
export const importedSheetSchema = z.object({
  id: idSchema,
  newFigures: z.array(z.string()),
  keptFigures: z.array(z.string()),
})

/**
 * A batch of edits made from a revision. The pair of client and batch is unique: sending it again
 * gets the first answer and changes nothing.
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
 * The answer to a batch: the sheet after it, merged with what others did since its base, and what
 * could not be merged.
 */
export const editAnswerSchema = z.object({
  routine: routineSchema,
  revision: z.int(),
  conflicts: z.array(conflictSchema),
})
export type EditAnswer = z.infer<typeof editAnswerSchema>

/** What was changed when, with the changes in words. */
export const revisionSchema = z.object({
  revision: z.int(),
  clientId: z.string(),
  edits: z.int(),
  atMs: z.number(),
  words: z.array(z.string()),
})
export type Revision = z.infer<typeof revisionSchema>
export const revisionListSchema = z.object({
  revisions: z.array(revisionSchema),
  createdAtMs: z.number(),
})

/** A copy of a sheet that remembers what it is a branch of. */
export const branchSheetSchema = z.strictObject({
  title: z.string().trim().min(1, 'a title was expected').max(120),
})

/**
 * All that a call needs, so that it can be made without the network; the sound is fetched by its
 * hash.
 */
export const callPackSchema = z.object({
  format: z.literal('dellop-call-pack'),
  version: z.literal(1),
  routine: routineSchema,
  revision: z.int(),
  figures: z.array(figureSchema),
  school: schoolSchema,
  tune: tuneSchema.nullable(),
  /** The floor that will dance it, where one is chosen. */
  floor: floorProfileSchema.nullable().default(null),
})
export type CallPack = z.infer<typeof callPackSchema>

/** Sent to every open page when a sheet changes. */
export const sheetChangedSchema = z.object({
  type: z.literal('sheet'),
  id: z.string(),
  revision: z.int(),
  clientId: z.string(),
})
export type SheetChanged = z.infer<typeof sheetChangedSchema>
