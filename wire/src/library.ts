import { voiceSchema } from '@dellop/core/cue'
import { figureSchema, floorProfileSchema, MOST_FIGURES } from '@dellop/core/figure'
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

/** A figure changed from a version; it is refused where somebody else has changed it since. */
export const changeFigureSchema = z.strictObject({ figure: figureSchema, version: z.int().min(0) })
export const changedFigureSchema = z.object({ figure: figureSchema, version: z.int() })

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
 * Two figures that are one: sheets, composites and floors that have the dropped one get the kept
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

export const floorListSchema = z.object({ floors: z.array(floorProfileSchema) })
export const putFloorSchema = z.strictObject({ floor: floorProfileSchema })

export const putSchoolSchema = z.strictObject({ school: schoolSchema })
export const schoolListSchema = z.object({ schools: z.array(schoolSchema) })

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
/**
 * A tune with the moment it was last changed: a change has to name it, so that none is overwritten
 * unseen.
 */
export const tuneAnswerSchema = z.object({ tune: tuneSchema, updatedAtMs: z.number() })
export const newTuneSchema = z.strictObject({ tune: tuneSchema })
export const changeTuneSchema = z.strictObject({ tune: tuneSchema, updatedAtMs: z.number() })

export const mediaSchema = z.object({ hash: z.string(), bytes: z.int(), type: z.string() })
export const peaksSchema = z.strictObject({ peaks: z.array(z.number().min(0).max(1)).max(8000) })

/** What the cuer set once for this machine. */
export const settingsSchema = z.strictObject({
  /** Seconds the loudspeakers are late; measured by tapping. */
  outputDelaySeconds: z.number().min(-0.5).max(1.5),
  wordsPerMinute: z.number().min(60).max(350),
  /**
   * Whose speed cues are planned for: the usual voice, the cuer's own, or the spoken stand-in's.
   */
  voice: z.enum(['usual', 'mine', 'stand-in']).default('usual'),
  /** The cuer's own voice in each language, where it was measured. */
  ownVoices: z
    .strictObject({ en: voiceSchema.nullable(), de: voiceSchema.nullable() })
    .default({ en: null, de: null }),
  /** Seconds that echo or a noisy floor add to every lead. */
  hallSeconds: z.number().min(0).max(2).default(0),
  /** The floor that lists and sheets are narrowed to; null for nobody in particular. */
  floorId: z.string().max(64).nullable().default(null),
  /**
   * The school of one evening, which goes before that of the floor and of the sheet until it is
   * over.
   */
  tonight: z
    .strictObject({ schoolId: z.string().max(64), untilMs: z.number() })
    .nullable()
    .default(null),
})
export type Settings = z.infer<typeof settingsSchema>
export const DEFAULT_SETTINGS: Settings = {
  outputDelaySeconds: 0,
  wordsPerMinute: 175,
  voice: 'usual',
  ownVoices: { en: null, de: null },
  hallSeconds: 0,
  floorId: null,
  tonight: null,
}

export const healthSchema = z.object({ ok: z.literal(true), version: z.string() })
