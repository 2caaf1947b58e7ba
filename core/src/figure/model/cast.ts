import { isDancedAlike } from './figure.ts'
import type { Role, Step } from './step.ts'
import type { DancedFigure } from './vary.ts'

/** One line of steps and who dances it. */
export interface Performer {
  /** `everyone`: all alike; else the role, in a set of these couples. */
  readonly role: Role | 'everyone'
  /** Couple numbers in a set; null for all, or outside a set. */
  readonly couples: readonly number[] | null
  readonly steps: readonly Step[]
}

/**
 * All who dance a figure, each line of steps once: what a chart shows and a checker goes through.
 */
export function performers({
  figure,
  steps,
  others,
}: Pick<DancedFigure, 'figure' | 'steps' | 'others'>): Performer[] {
  if (isDancedAlike(figure)) return [{ role: 'everyone', couples: null, steps: steps.lead }]
  const named = new Set(others.flatMap(({ couples }) => couples))
  const most = figure.set?.couples[1] ?? 0
  // With some couples named, the figure's own steps are for the rest; a couple of which only one
  // role is named keeps the other.
  const own = (role: Role): number[] | null => {
    if (named.size === 0) return null
    return Array.from({ length: most }, (_, i) => i + 1).filter(
      (couple) =>
        !others.some(
          (one) => one.couples.includes(couple) && (one.role === role || one.role === 'both'),
        ),
    )
  }
  const main = (['lead', 'follow'] as const).flatMap((role): Performer[] => {
    const couples = own(role)
    return couples?.length === 0 ? [] : [{ role, couples, steps: steps[role] }]
  })
  const rest = others.map((one): Performer => ({
    role: one.role === 'both' ? 'everyone' : one.role,
    couples: one.couples,
    steps: one.steps,
  }))
  return [...main, ...rest]
}

/**
 * What one dancer of a set does: the couple's number and role.
 *
 * @param couple Number of the couple, from 1.
 */
export function stepsOfDancer(
  danced: Pick<DancedFigure, 'figure' | 'steps' | 'others'>,
  couple: number,
  role: Role,
): readonly Step[] {
  return (
    danced.others.find(
      (one) => one.couples.includes(couple) && (one.role === role || one.role === 'both'),
    )?.steps ?? danced.steps[role]
  )
}
