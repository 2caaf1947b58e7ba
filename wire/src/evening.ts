import { eveningSchema } from '@dellop/core/evening'
import { seriesSchema } from '@dellop/core/lesson'
import { entrySchema } from '@dellop/core/logbook'
import { z } from 'zod'

const revisions = z.record(z.string(), z.int())
const revision = z.int()

const musicFacts = { hasSound: z.boolean(), bpm: z.number(), seconds: z.number() }

/** What a programme has to know of each dance. */
export const danceListSchema = z.object({
  dances: z.array(
    z.object({
      sheetId: z.string(),
      title: z.string(),
      by: z.string(),
      dance: z.string(),
      formation: z.string(),
      level: z.string().nullable(),
      tuneId: z.string().nullable(),
      ...musicFacts,
      recordings: z.array(z.object({ id: z.string(), name: z.string(), ...musicFacts })).readonly(),
      archived: z.boolean(),
      stepsASecond: z.number(),
      turnsAMinute: z.number(),
      dancers: z.number(),
      floor: z
        .union([
          z.object({ kind: z.enum(['round', 'circle', 'ring', 'lines']) }),
          z.object({
            kind: z.literal('set'),
            across: z.number(),
            deep: z.number(),
            dancers: z.number(),
          }),
        ])
        .nullable(),
      sameAs: z.array(z.string()).readonly(),
      figures: z
        .array(z.object({ id: z.string(), name: z.string(), times: z.number() }))
        .readonly(),
    }),
  ),
})

export const eveningListSchema = z.object({ evenings: z.array(eveningSchema), revisions })
export const newEveningSchema = z.strictObject({ evening: eveningSchema })
export const eveningAnswerSchema = z.object({ evening: eveningSchema, revision })

export const seriesListSchema = z.object({ series: z.array(seriesSchema), revisions })
export const newSeriesSchema = z.strictObject({ series: seriesSchema })
export const seriesAnswerSchema = z.object({ series: seriesSchema, revision })

export const entryListSchema = z.object({ entries: z.array(entrySchema), revisions })
export const newEntrySchema = z.strictObject({ entry: entrySchema })
export const entryAnswerSchema = z.object({ entry: entrySchema, revision })
