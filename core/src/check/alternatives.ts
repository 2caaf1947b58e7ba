import { memoised } from '../document/index.ts'
import {
  applyVariation,
  AS_WRITTEN,
  danceFrom,
  holdFits,
  isOfDance,
  missingFoot,
  relationFits,
  type DancedFigure,
  type Figure,
  type FigureBook,
  type CoupleState,
} from '../figure/index.ts'
import type { DancedSlot } from '../routine/index.ts'

/** Whether a figure can be danced from a state without any trouble, and the state it leaves. */
export function cleanly(state: CoupleState, danced: DancedFigure): CoupleState | null {
  if (missingFoot(state, danced) || !holdFits(state, danced)) return null
  const { after, troubles } = danceFrom(state, danced)
  return troubles.length === 0 && relationFits(after) ? after : null
}

/** Whether slots can be danced on from a state: the first cleanly, all on feet that are free. */
export function goesOn(state: CoupleState, next: readonly DancedSlot[]): boolean {
  let now = state
  return next.every(({ danced }, i) => {
    if (!danced) return true
    const { after, troubles } = danceFrom(now, danced)
    const goes = i === 0 ? cleanly(now, danced) !== null : troubles.length === 0
    now = after
    return goes
  })
}

/**
 * Figures of the dance that take `lengthTicks` from `before` and leave a state from which the
 * `next` slots go on (any state, when there is no next). Best first: facing as the figure is meant,
 * then by name.
 */
export function figuresBetween(
  book: FigureBook,
  dance: string,
  before: CoupleState,
  lengthTicks: number,
  next: readonly DancedSlot[],
): Figure[] {
  const fitting = ofLength(book, dance, lengthTicks).flatMap((danced) => {
    const { figure } = danced
    const after = cleanly(before, danced)
    if (!after || !goesOn(after, next)) return []
    const facingFits = (state: CoupleState, wanted: Figure): number =>
      wanted.entry.facings.length === 0 || wanted.entry.facings.includes(state.lead.facing) ? 0 : 1
    return [
      {
        figure,
        unease:
          facingFits(before, figure) + (next[0]?.figure ? facingFits(after, next[0].figure) : 0),
      },
    ]
  })
  return fitting
    .sort((a, b) => a.unease - b.unease || a.figure.name.localeCompare(b.figure.name, 'en'))
    .map(({ figure }) => figure)
}

/**
 * Figures of a dance by their length, as they are written: a book does not change, so it is gone
 * through once.
 */
const byDance = memoised(
  (_: FigureBook) => new Map<string, ReadonlyMap<number, readonly DancedFigure[]>>(),
)

function ofLength(book: FigureBook, dance: string, lengthTicks: number): readonly DancedFigure[] {
  const known = byDance(book)
  const byLength = known.get(dance) ?? lengthsOf(book, dance)
  known.set(dance, byLength)
  return byLength.get(lengthTicks) ?? []
}

function lengthsOf(book: FigureBook, dance: string): ReadonlyMap<number, readonly DancedFigure[]> {
  const byLength = new Map<number, DancedFigure[]>()
  for (const figure of book.values()) {
    const danced = isOfDance(figure, dance) ? applyVariation(figure, AS_WRITTEN) : null
    if (danced?.ok)
      byLength.set(danced.value.lengthTicks, [
        ...(byLength.get(danced.value.lengthTicks) ?? []),
        danced.value,
      ])
  }
  return byLength
}
