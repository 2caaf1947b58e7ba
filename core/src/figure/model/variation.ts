import { z } from 'zod'
import { holdIdSchema } from './hold.ts'

/** What part of a figure is danced. */
export const cutSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('half') }).readonly(),
  z.strictObject({ type: z.literal('first'), ticks: z.int().min(1) }).readonly(),
  z.strictObject({ type: z.literal('from'), ticks: z.int().min(1) }).readonly(),
])
export type Cut = z.infer<typeof cutSchema>

/**
 * How a figure differs where it is used. Never a copy: the figure stays the one in the book. What
 * is left out is as the figure has it.
 */
export const variationSchema = z
  .strictObject({
    cut: cutSchema.nullable(),
    times: z.int().min(1).max(64),
    reflected: z.boolean(),
    /** Ends in this hold instead of its own. */
    exitHold: holdIdSchema.nullable(),
    /** Danced that many eighths further round, clockwise: feet and turns stay, facings change. */
    rotate: z.int().min(-8).max(8).optional(),
    /**
     * Turns this much in all, in eighths clockwise (the lead; the follow as much more or less),
     * instead of its own amount.
     */
    turn: z.int().min(-24).max(24).optional(),
    /** The name of one of its other endings. */
    ending: z.string().min(1).max(60).optional(),
    /** Names of its options that are danced. */
    options: z.array(z.string().min(1).max(60)).max(10).readonly().optional(),
    /** What is held at its end is left out, and the next begins at once. */
    withoutPause: z.literal(true).optional(),
    /** Begun on this count of the bar: the start moves, nothing is removed. */
    countFrom: z.int().min(1).max(12).optional(),
  })
  .readonly()
export type Variation = z.infer<typeof variationSchema>

export const AS_WRITTEN: Variation = { cut: null, times: 1, reflected: false, exitHold: null }
