import { z } from 'zod'
import { idSchema, type DocumentShape } from '../document/index.ts'
import { LEVELS, type Figure, type KnownFigures } from '../figure/index.ts'

/**
 * People who dance together: how far they have got, and the figures they have been taught, with the
 * times they have danced each. A figure that was taught goes by the figure's own id.
 */
export const groupSchema = z
  .strictObject({
    format: z.literal('dellop-group'),
    version: z.literal(2),
    id: idSchema,
    name: z.string().min(1).max(60),
    level: z.enum(LEVELS),
    /** The school by which sheets are called for this group, whatever theirs is. */
    schoolId: idSchema.optional(),
    taught: z
      .array(z.strictObject({ id: idSchema, times: z.int().min(0).max(100_000) }).readonly())
      .max(20_000)
      .readonly(),
  })
  .readonly()
export type Group = z.infer<typeof groupSchema>

/** How a group is edited: two people may each teach it a figure. */
export const groupShape: DocumentShape = {
  lists: { taught: { lists: {} } },
  optional: ['schoolId'],
}

/** A group of which nothing is known yet. */
export const emptyGroup = (id: string, name: string, level: Figure['level'] = 'first'): Group => ({
  format: 'dellop-group',
  version: 2,
  id,
  name,
  level,
  taught: [],
})

/**
 * Reads a group once, so that a whole book can be asked quickly. A composite is covered when all
 * its parts are.
 */
export function knownFigures(group: Group): KnownFigures {
  const times = new Map(group.taught.map((one) => [one.id, one.times]))
  const reach = LEVELS.indexOf(group.level)
  const isTaught = (figure: Figure): boolean =>
    times.has(figure.id) || (figure.parts?.every(({ figureId }) => times.has(figureId)) ?? false)
  return {
    of: (figure) => {
      if (isTaught(figure)) return 'covered'
      return LEVELS.indexOf(figure.level) <= reach ? 'within' : 'beyond'
    },
    times: (figureId) => times.get(figureId) ?? 0,
  }
}

/**
 * The group with a figure taught, or no longer so; the times danced are kept where it was taught
 * before.
 */
export function cover(group: Group, figureId: string, isCovered: boolean): Group {
  const before = group.taught.find(({ id }) => id === figureId)
  if (isCovered)
    return before ? group : { ...group, taught: [...group.taught, { id: figureId, times: 0 }] }
  return { ...group, taught: group.taught.filter((one) => one !== before) }
}
