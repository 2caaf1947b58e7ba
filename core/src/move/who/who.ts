import { z } from 'zod'

/** Among whom it is asked; each minor set, or the whole set, where it is left out. */
export const SCOPES = [
  'in fours',
  'in sixes',
  'each line',
  'each row',
  'each trio',
  'whole set',
] as const
export const ROLES = ['leads', 'follows', 'seconds'] as const
export const NUMBERS = ['ones', 'twos', 'threes'] as const
export const STANDING = [
  'all',
  'top',
  'bottom',
  'ends',
  'middles',
  'left line',
  'right line',
  'front row',
  'back row',
  'heads',
  'sides',
  'inside',
  'outside',
  'out',
  'first corners',
  'second corners',
] as const
export const LOOKING = ['up', 'down', 'across', 'in', 'out'] as const
/** Who belongs to whom. */
export const PAIRS = [
  'partners',
  'neighbours',
  'next neighbours',
  'previous neighbours',
  'opposites',
  'corners',
  'right-hand',
  'diagonals',
  'shadows',
  'beside',
] as const
export type PairsWord = (typeof PAIRS)[number]

const wordSchema = z.union([
  z.strictObject({ role: z.enum(ROLES) }).readonly(),
  z.strictObject({ couples: z.array(z.int().min(1).max(60)).min(1).max(30).readonly() }).readonly(),
  z.strictObject({ number: z.enum(NUMBERS) }).readonly(),
  z.strictObject({ row: z.int().min(1).max(60) }).readonly(),
  z.strictObject({ stand: z.enum(STANDING) }).readonly(),
  z.strictObject({ facing: z.enum(LOOKING) }).readonly(),
  z.strictObject({ every: z.int().min(1).max(2) }).readonly(),
])
export type WhoWord = z.infer<typeof wordSchema>

const termSchema = z.union([
  wordSchema,
  z.strictObject({ of: z.array(wordSchema).min(2).max(6).readonly() }).readonly(),
])
export type WhoTerm = z.infer<typeof termSchema>

const pickSchema = z.union([
  termSchema,
  z
    .strictObject({
      and: z.array(termSchema).min(1).max(6).readonly(),
      but: termSchema.optional(),
    })
    .readonly(),
])
export type WhoPick = z.infer<typeof pickSchema>

/** Whom a line moves: among whom, which of them, and each with whom. */
export const whoSchema = z
  .strictObject({
    scope: z.enum(SCOPES).nullable(),
    pick: pickSchema.nullable(),
    pairs: z.enum(PAIRS).nullable(),
  })
  .readonly()
export type Who = z.infer<typeof whoSchema>

/** Everybody of the minor set, or of the whole set. */
export const EVERYBODY: Who = { scope: null, pick: null, pairs: null }
