import { figureFamily } from '../../tune/index.ts'
import { entryFeet } from '../model/danceFrom.ts'
import { mayFollow } from './followOn.ts'
import type { KnownFigures } from './known.ts'
import type { Figure } from '../model/figure.ts'
import { searchFigures } from './search.ts'
import { applyVariation } from '../model/vary.ts'

/** What figures are looked for by; null or empty for any. */
export interface FigureWish {
  /** Name, alias or initials. */
  readonly text: string
  readonly family: string | null
  readonly level: Figure['level'] | null
  /** The lead's foot that must be free. */
  readonly startFoot: 'left' | 'right' | null
  /** The hold it leaves the couple in. */
  readonly endHold: string | null
  /** Length in ticks. */
  readonly lengthTicks: number | null
  /** The figure it is to follow. */
  readonly after: Figure | null
  /** The group it is for: what they have been taught, or could be taught at their level. */
  readonly group: { readonly known: KnownFigures; readonly only: 'covered' | 'within' } | null
}

/** Any figure. */
export const NO_WISH: FigureWish = {
  text: '',
  family: null,
  level: null,
  startFoot: null,
  endHold: null,
  lengthTicks: null,
  after: null,
  group: null,
}

/**
 * Whether a figure is one of a dance's own: of the family that has the dance's name, or the name of
 * its kind.
 */
export const isOfDance = (figure: Figure, dance: string): boolean =>
  figure.family === figureFamily(dance)

/** The lead's foot that a figure begins with, or null where either will do. */
export function startFoot(figure: Figure): 'left' | 'right' | null {
  const danced = applyVariation(figure)
  return danced.ok ? entryFeet(danced.value).lead : null
}

/** The figures that are wished for, best answers to the text first. */
export function browseFigures(figures: readonly Figure[], wish: FigureWish): Figure[] {
  const fitting = figures.filter(
    (figure) =>
      (wish.family === null || figure.family === wish.family) &&
      (wish.level === null || figure.level === wish.level) &&
      (wish.lengthTicks === null || figure.lengthTicks === wish.lengthTicks) &&
      (wish.startFoot === null || startFoot(figure) === wish.startFoot) &&
      (wish.endHold === null ||
        (figure.exitHold === null
          ? figure.entry.holds.includes(wish.endHold)
          : figure.exitHold === wish.endHold)),
  )
  const known =
    wish.group === null ? fitting : fitting.filter((figure) => isFor(wish.group!, figure))
  const following = wish.after === null ? known : mayFollow(wish.after, known)
  return searchFigures(following, wish.text)
}

const isFor = ({ known, only }: NonNullable<FigureWish['group']>, figure: Figure): boolean => {
  const coverage = known.of(figure)
  return coverage === 'covered' || (only === 'within' && coverage === 'within')
}
