import {
  applyVariation,
  beginning,
  danceFrom,
  type CoupleState,
  type DancedFigure,
  type Figure,
} from '../figure/index.ts'
import type { Routine } from '../routine/index.ts'

/**
 * Where a dance begins whose text does not say it: as its formation usually does, but with the feet
 * free and in the hold that the first figure begins with, where it can begin with no other.
 */
export function startOfFirst(
  { start, parts, passes }: Routine,
  figures: readonly Figure[],
): CoupleState {
  const [pass] = passes
  const part = parts.find(({ id }) => id === pass?.partId)
  const first = part?.slots[0]?.content
  const figure =
    first?.type === 'figure' ? figures.find(({ id }) => id === first.figureId) : undefined
  const variation = first?.type === 'figure' ? first.variation : undefined
  if (!figure || !variation || !pass || figure.dancers === 'set') return start
  const varied = applyVariation(figure, {
    ...variation,
    reflected: variation.reflected !== pass.reflected,
  })
  return varied.ok ? inHoldOf(onFeetOf(start, varied.value), varied.value) : start
}

/** On the other feet, where the figure can begin on those and not on these. */
function onFeetOf(start: CoupleState, danced: DancedFigure): CoupleState {
  const other: CoupleState = {
    ...start,
    lead: { ...start.lead, weight: OTHER[start.lead.weight] },
    follow: { ...start.follow, weight: OTHER[start.follow.weight] },
  }
  return isTaken(start, danced) && !isTaken(other, danced) ? other : start
}
const OTHER = { left: 'right', right: 'left', both: 'both', split: 'split' } as const
const isTaken = (state: CoupleState, danced: DancedFigure): boolean =>
  danceFrom(state, danced).troubles.length > 0

/** As the couple stands once it has turned into the figure, or taken the hands that it needs. */
function inHoldOf(start: CoupleState, danced: DancedFigure): CoupleState {
  const { takes, state } = beginning(start, danced)
  return takes === 'fits' ? start : state
}
