import { idSchema, isRecord, upgrader, type Unread } from '@dellop/core/document'
import { MOST_MARKS, sheetFileSchema, upgradeSheetFile } from '@dellop/core/file'
import { figureSchema } from '@dellop/core/figure'
import { groupSchema, upgradeGroup } from '@dellop/core/group'
import { FORMATIONS, relatedSchema, routineSchema } from '@dellop/core/routine'
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
  otherNames: z.array(z.string()),
  /** How it stands to other dances. */
  related: z.array(relatedSchema),
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
  dance: z.string().trim().min(1).max(40).optional(),
  schoolId: idSchema.optional(),
  formation: z.enum(FORMATIONS).optional(),
})
export type NewSheet = z.infer<typeof newSheetSchema>
export const importSheetSchema = z.strictObject({ file: sheetFileSchema })
/** What came with a sheet. */
export const sheetNeedsSchema = z.object({
  newFigures: z.array(z.string()),
  keptFigures: z.array(z.string()),
  /** The tune that came along; silent where none of its sound is here. */
  tune: z.object({ title: z.string(), isNew: z.boolean(), isSilent: z.boolean() }).nullable(),
})
export type SheetNeeds = z.infer<typeof sheetNeedsSchema>
export const importedSheetSchema = sheetNeedsSchema.extend({
  id: idSchema,
  /** As it is here: a copy is called one. */
  title: z.string(),
})

export type ImportedSheet = z.infer<typeof importedSheetSchema>

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

/** Marks of what a sheet was like elsewhere, and the newest state that it shares with the one here. */
export const marksSchema = z.strictObject({ marks: z.array(z.string().max(64)).max(MOST_MARKS) })
export const commonSheetSchema = z.object({
  common: z.object({ routine: routineSchema, revision: z.int(), atMs: z.number() }).nullable(),
})
export type CommonSheet = z.infer<typeof commonSheetSchema>

/** How much of what is kept refers to a sheet. */
export const sheetUsesSchema = z.object({
  evenings: z.int(),
  entries: z.int(),
  calls: z.int(),
  practice: z.int(),
  branches: z.int(),
})
export type SheetUses = z.infer<typeof sheetUsesSchema>

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
  version: z.literal(2),
  routine: routineSchema,
  revision: z.int(),
  figures: z.array(figureSchema),
  school: schoolSchema,
  tune: tuneSchema.nullable(),
  /** The group that will dance it, where one is chosen. */
  group: groupSchema.nullable().default(null),
})
export type CallPack = z.infer<typeof callPackSchema>

/** In version 1 the group was a floor. */
const groups = ({ floor, ...rest }: Unread): Unread => ({ ...rest, group: floor ?? null })
const upgradePack = upgrader('dellop-call-pack', [groups])

/** Brings a pack that a browser has kept up to this form, with all that is in it. */
export function upgradeCallPack(json: unknown): unknown {
  const pack = upgradePack(upgradeSheetFile(json))
  return isRecord(pack) ? { ...pack, group: upgradeGroup(pack['group']) } : pack
}
