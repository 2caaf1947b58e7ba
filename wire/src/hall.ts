import { z } from 'zod'

/** What a second screen may do: only see, or steer the call too. */
export const HALL_RIGHTS = ['see', 'control'] as const
export type HallRight = (typeof HALL_RIGHTS)[number]

export const hallScreenSchema = z.object({
  id: z.string(),
  right: z.enum(HALL_RIGHTS),
  sinceMs: z.number(),
  connected: z.boolean(),
})
/**
 * How second screens stand: off, or on at an address of this machine that others on its network can
 * reach.
 */
export const hallStatusSchema = z.object({
  address: z.string().nullable(),
  /** Addresses of this machine that can be chosen. */
  addresses: z.array(z.string()),
  screens: z.array(hallScreenSchema),
})
export type HallStatus = z.infer<typeof hallStatusSchema>

/** Switches second screens on at an address, or off with null. */
export const setHallSchema = z.strictObject({ address: z.string().max(64).nullable() })
export const newHallCodeSchema = z.strictObject({ right: z.enum(HALL_RIGHTS) })
/** A code that lets one screen in, once, for a few minutes. */
export const hallCodeSchema = z.object({
  code: z.string(),
  right: z.enum(HALL_RIGHTS),
  url: z.string(),
  expiresAtMs: z.number(),
})
export type HallCode = z.infer<typeof hallCodeSchema>

const tick = z.number().min(-10_000_000).max(100_000_000)
const spanSchema = z.strictObject({ start: tick, end: tick, text: z.string().max(400) })
/** Where everybody is, picture by picture: x, y (centimetres) and direction (eighths) of each. */
const floorSchema = z.strictObject({
  half: z.tuple([z.number(), z.number()]).readonly(),
  dancers: z
    .array(z.strictObject({ role: z.enum(['L', 'F', 'S', 'D']), couple: z.int() }))
    .max(200)
    .readonly(),
  every: z.number().min(1).max(1000),
  frames: z.array(z.array(z.number()).max(600).readonly()).max(20_000).readonly(),
})
/** What is danced and said, for a screen to show by itself. Ticks of the dance, 24 a beat. */
export const hallProgrammeSchema = z.strictObject({
  title: z.string().max(200),
  /** Beats that are counted in one go: a bar's, or eight. */
  countOf: z.int().min(1).max(24),
  figures: z.array(spanSchema).max(20_000),
  parts: z.array(spanSchema).max(5000),
  cues: z.array(spanSchema).max(20_000),
  /** In a set: whom one meets and who is out, time through by time through. */
  sets: z.array(spanSchema).max(5000).default([]),
  floor: floorSchema.nullable().default(null),
})
export type HallProgramme = z.infer<typeof hallProgrammeSchema>

/**
 * Where the music is: a tick at a moment of this machine's wall clock, and how fast it goes on from
 * there.
 */
export const hallPlaceSchema = z.strictObject({
  state: z.string().max(20),
  tick,
  atMs: z.number(),
  ticksPerSecond: z.number().min(0).max(10_000),
  say: z.string().max(400),
})
export type HallPlace = z.infer<typeof hallPlaceSchema>

/** The lectern tells the place each time; the programme only where it has changed. */
export const hallNewsSchema = z.strictObject({
  place: hallPlaceSchema,
  programme: hallProgrammeSchema.optional(),
})
export type HallNews = z.infer<typeof hallNewsSchema>

/** What a remote may press. */
export const HALL_COMMANDS = [
  'main',
  'hold',
  'lost',
  'take-back',
  'mark',
  'first',
  'second',
  'third',
] as const
export type HallCommand = (typeof HALL_COMMANDS)[number]

export const pairSchema = z.strictObject({ code: z.string().max(20) })
export const hallCommandSchema = z.strictObject({ command: z.enum(HALL_COMMANDS) })
