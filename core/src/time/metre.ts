import { z } from 'zod'
import { TICKS_PER_BEAT, type Tick, type TickPosition } from './units.ts'

/** How beats group into bars and how a beat divides: 4 = quarters of a beat, 3 = thirds (jigs). */
export const metreSchema = z
  .strictObject({
    beatsPerBar: z.int().min(2).max(12),
    beatNote: z.enum(['1/2', '1/4', '3/8', '1/8']),
    division: z.union([z.literal(3), z.literal(4)]),
  })
  .readonly()
export type Metre = z.infer<typeof metreSchema>

export const WALTZ_METRE: Metre = { beatsPerBar: 3, beatNote: '1/4', division: 4 }

/** Length of one bar. */
export const ticksPerBar = (metre: Metre): Tick => (metre.beatsPerBar * TICKS_PER_BEAT) as Tick

/** Zero-based bar that holds the position; the pick-up lies in bar -1. */
export const barAt = (metre: Metre, at: TickPosition): number => Math.floor(at / ticksPerBar(metre))

/** Zero-based beat within its bar, whole. */
export const beatInBarAt = (metre: Metre, at: TickPosition): number =>
  Math.floor((at - barAt(metre, at) * ticksPerBar(metre)) / TICKS_PER_BEAT)
