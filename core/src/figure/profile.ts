import { z } from 'zod'
import { idSchema } from '../document/index.ts'
import { LEVELS, type Figure } from './figure.ts'

/**
 * What a floor can dance: how far it has got, and the figures it has been taught, with the times it
 * has danced each.
 */
export const floorProfileSchema = z
  .strictObject({
    format: z.literal('dellop-floor'),
    version: z.literal(1),
    id: idSchema,
    name: z.string().min(1).max(60),
    level: z.enum(LEVELS),
    /** The school by which sheets are called for this floor, whatever theirs is. */
    schoolId: idSchema.optional(),
    covered: z
      .array(z.strictObject({ figureId: idSchema, times: z.int().min(0).max(100_000) }).readonly())
      .max(20_000)
      .readonly(),
  })
  .readonly()
export type FloorProfile = z.infer<typeof floorProfileSchema>

export const emptyProfile = (
  id: string,
  name: string,
  level: Figure['level'] = 'first',
): FloorProfile => ({ format: 'dellop-floor', version: 1, id, name, level, covered: [] })

/**
 * `covered`: taught; `within`: not taught, but of their level or below; `beyond`: above their
 * level.
 */
export type Coverage = 'covered' | 'within' | 'beyond'

/** What a floor knows, ready to be asked figure by figure. */
export interface KnownFigures {
  of(figure: Figure): Coverage
  times(figureId: string): number
}

/**
 * Reads a profile once, so that a whole book can be asked quickly. A composite is covered when all
 * its parts are.
 */
export function knownFigures(profile: FloorProfile): KnownFigures {
  const times = new Map(profile.covered.map((one) => [one.figureId, one.times]))
  const reach = LEVELS.indexOf(profile.level)
  return {
    of: (figure) =>
      times.has(figure.id) || figure.parts?.every(({ figureId }) => times.has(figureId))
        ? 'covered'
        : LEVELS.indexOf(figure.level) <= reach
          ? 'within'
          : 'beyond',
    times: (figureId) => times.get(figureId) ?? 0,
  }
}

/**
 * The profile with a figure taught, or no longer so; the times danced are kept where it was covered
 * before.
 */
export function cover(profile: FloorProfile, figureId: string, isCovered: boolean): FloorProfile {
  const rest = profile.covered.filter((one) => one.figureId !== figureId)
  const before = profile.covered.find((one) => one.figureId === figureId)
  return {
    ...profile,
    covered: isCovered ? (before ? profile.covered : [...rest, { figureId, times: 0 }]) : rest,
  }
}
