import { z } from 'zod'
import { idSchema } from '../document/index.ts'
import { HOLD_IDS } from './hold.ts'
import { stepSchema } from './step.ts'

/**
 * What it is called (`name`), what is said (`wordings`) and what is done (`steps`) are three things. Length out, feet,
 * facing and turn are computed from the steps and never stored.
 */
const wordingSchema = z.strictObject({ full: z.string().min(1).max(120), short: z.string().min(1).max(80), prompt: z.string().min(1).max(60) }).readonly()
export type Wordings = z.infer<typeof wordingSchema>
export const WORDING_KINDS = ['full', 'short', 'prompt'] as const
export type WordingKind = (typeof WORDING_KINDS)[number]

export const holdIdSchema = z.string().refine((id) => HOLD_IDS.includes(id), `one of the holds was expected: ${HOLD_IDS.join(', ')}`)

/** The follow's steps: written out, the lead's with opposite feet in the same direction of the hall, or the lead's own. */
const followSchema = z.union([z.literal('opposite'), z.literal('same'), z.array(stepSchema).max(400).readonly()])

export const CAUTION_KINDS = ['arms', 'neck', 'spin', 'dip', 'knees', 'floor', 'crowding', 'heat', 'tempo'] as const

export const figureSchema = z
  .strictObject({
    format: z.literal('dellop-figure'),
    version: z.literal(1),
    id: idSchema,
    name: z.string().min(1).max(60),
    aliases: z.array(z.string().min(1).max(60)).max(20).readonly(),
    family: z.string().min(1).max(40),
    level: z.enum(['first', 'easy', 'steady', 'advanced']),
    /** Length of the figure; its pick-up is not part of it. */
    lengthTicks: z.int().min(1, 'a length of at least 1 tick (24 ticks are a beat) was expected').max(100_000),
    lead: z.array(stepSchema).max(400).readonly(),
    follow: followSchema,
    entry: z
      .strictObject({
        /** Holds it may begin in; empty for any. */
        holds: z.array(holdIdSchema).max(20).readonly(),
        /** Hall facings of the lead it is meant to begin in, eighths from line of dance; empty for any. Soft. */
        facings: z.array(z.int().min(0).max(7)).max(8).readonly(),
        /** `hard`: it cannot begin in another hold; `soft`: it is only less comfortable. */
        strictness: z.enum(['hard', 'soft']),
      })
      .readonly(),
    /** The hold it ends in; null where it keeps the one it began in. */
    exitHold: holdIdSchema.nullable(),
    wordings: wordingSchema,
    cautions: z
      .array(z.strictObject({ kind: z.enum(CAUTION_KINDS), text: z.string().min(1).max(200) }).readonly())
      .max(10)
      .readonly(),
    remarks: z.string().max(500),
  })
  .readonly()
export type Figure = z.infer<typeof figureSchema>

/** Figures by id. */
export type FigureBook = ReadonlyMap<string, Figure>
export const bookOf = (figures: readonly Figure[]): FigureBook => new Map(figures.map((figure) => [figure.id, figure]))
