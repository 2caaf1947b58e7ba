import { figureSchema, MOST_FIGURES } from '@dellop/core/figure'
import { groupSchema } from '@dellop/core/group'
import { schoolSchema } from '@dellop/core/school'
import { tuneSchema } from '@dellop/core/tune'
import { z } from 'zod'

export const figureListSchema = z.object({ figures: z.array(figureSchema) })
/**
 * Figures to bring in at once; those whose ids are in `replace` take the place of the ones the book
 * has.
 */
export const importFiguresSchema = z.strictObject({
  figures: z.array(figureSchema).min(1, 'at least one figure was expected').max(MOST_FIGURES),
  replace: z.array(z.string().max(64)).max(MOST_FIGURES),
})
export const newFigureSchema = z.strictObject({ figure: figureSchema })

/** A figure with the version an edit has to name. */
export const figureAnswerSchema = z.object({ figure: figureSchema, version: z.int() })

export const FIGURE_HOW = [
  'shipped',
  'written',
  'changed',
  'imported',
  'merged',
  'removed',
] as const
export type FigureHow = (typeof FIGURE_HOW)[number]
export const figureVersionSchema = z.object({
  version: z.int(),
  how: z.enum(FIGURE_HOW),
  atMs: z.number(),
  figure: figureSchema,
})
export type FigureVersion = z.infer<typeof figureVersionSchema>
export const figureHistorySchema = z.object({ versions: z.array(figureVersionSchema) })

/**
 * Two figures that are one: sheets, composites and groups that have the dropped one get the kept
 * one.
 */
export const mergeFiguresSchema = z.strictObject({
  keepId: z.string().max(64),
  dropId: z.string().max(64),
})
export const mergedFiguresSchema = z.object({ figure: figureSchema, sheets: z.int() })
export const removedSchema = z.object({ id: z.string() })

export const figureUseSchema = z.object({
  uses: z.array(
    z.object({
      figureId: z.string(),
      sheets: z
        .array(z.object({ id: z.string(), title: z.string(), times: z.int() }).readonly())
        .readonly(),
      next: z.array(z.object({ figureId: z.string(), times: z.int() }).readonly()).readonly(),
    }),
  ),
})

/** Revisions by id: the one that an edit of the listed document starts from. */
const revisionsSchema = z.record(z.string(), z.int())

export const groupListSchema = z.object({
  groups: z.array(groupSchema),
  revisions: revisionsSchema,
})
export const newGroupSchema = z.strictObject({ group: groupSchema })
export const groupAnswerSchema = z.object({ group: groupSchema, revision: z.int() })

export const newSchoolSchema = z.strictObject({ school: schoolSchema })
export const schoolAnswerSchema = z.object({ school: schoolSchema, revision: z.int() })
export const schoolListSchema = z.object({
  schools: z.array(schoolSchema),
  revisions: revisionsSchema,
})

export const tuneListSchema = z.object({ tunes: z.array(tuneSchema) })
/** Written music for the house band: text, or the bytes of a file as base64. */
export const importScoreSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('abc'),
    text: z.string().min(1, 'the text of an ABC tune was expected').max(200_000),
  }),
  z.strictObject({
    kind: z.enum(['midi', 'musicxml']),
    name: z.string().min(1).max(255),
    base64: z.base64('the bytes of a file as base64 were expected').min(4),
  }),
])
/** A tune with the revision an edit has to name. */
export const tuneAnswerSchema = z.object({ tune: tuneSchema, revision: z.int() })
export const newTuneSchema = z.strictObject({ tune: tuneSchema })

export const mediaSchema = z.object({ hash: z.string(), bytes: z.int(), type: z.string() })
export const peaksSchema = z.strictObject({ peaks: z.array(z.number().min(0).max(1)).max(8000) })

/** How far the demo is filled in: idle before and after. */
export const demoStateSchema = z.object({
  state: z.enum(['idle', 'filling', 'failed']),
  done: z.int(),
  of: z.int(),
})
export type DemoState = z.infer<typeof demoStateSchema>

export const healthSchema = z.object({ ok: z.literal(true), version: z.string() })
