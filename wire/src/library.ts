import { figureSchema, MOST_FIGURES } from '@dellop/core/figure'
import { schoolSchema } from '@dellop/core/school'
import { tuneSchema } from '@dellop/core/tune'
import { z } from 'zod'

export const figureListSchema = z.object({ figures: z.array(figureSchema) })
/** Figures to bring in at once; those whose ids are in `replace` take the place of the ones the book has. */
export const importFiguresSchema = z.strictObject({ figures: z.array(figureSchema).min(1, 'at least one figure was expected').max(MOST_FIGURES), replace: z.array(z.string().max(64)).max(MOST_FIGURES) })
export const newFigureSchema = z.strictObject({ figure: figureSchema })

export const schoolListSchema = z.object({ schools: z.array(schoolSchema) })

export const tuneListSchema = z.object({ tunes: z.array(tuneSchema) })
/** Written music for the house band: text, or the bytes of a file as base64. */
export const importScoreSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('abc'), text: z.string().min(1, 'the text of an ABC tune was expected').max(200_000) }),
  z.strictObject({ kind: z.enum(['midi', 'musicxml']), name: z.string().min(1).max(255), base64: z.base64('the bytes of a file as base64 were expected').min(4) }),
])
/** A tune with the moment it was last changed: a change has to name it, so that none is overwritten unseen. */
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
})
export type Settings = z.infer<typeof settingsSchema>
export const DEFAULT_SETTINGS: Settings = { outputDelaySeconds: 0, wordsPerMinute: 175 }

export const healthSchema = z.object({ ok: z.literal(true), version: z.string() })
