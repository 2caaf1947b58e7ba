import { missingFoot } from '../model/danceFrom.ts'
import { type CoupleState } from '../model/coupleState.ts'
import type { Figure } from '../model/figure.ts'
import { applyVariation } from '../model/vary.ts'
import { askFigures, type Asked } from './asked.ts'
import { isOfDance } from './browse.ts'
import type { KnownFigures } from './known.ts'

/** A figure that answers what was typed, and whether it goes on from how the couples stand. */
export interface Suggestion extends Asked {
  readonly fits: boolean
}

/**
 * Figures for what was typed: what the group can dance before what is above it, the dance's own
 * before others, and of them those that can be danced from where the couples stand.
 */
export function suggestFigures(
  figures: readonly Figure[],
  text: string,
  {
    state,
    dance,
    known,
  }: {
    readonly state: CoupleState
    readonly dance: string
    readonly known: KnownFigures | null
  },
): Suggestion[] {
  const fits = ({ figure, variation }: Asked): boolean => {
    const danced = applyVariation(figure, variation)
    return (
      danced.ok &&
      !missingFoot(state, danced.value) &&
      (figure.entry.holds.length === 0 || figure.entry.holds.includes(state.hold))
    )
  }
  const order = ({ figure, fits: goes }: Suggestion): number =>
    (known?.of(figure) === 'beyond' ? 4 : 0) + (isOfDance(figure, dance) ? 0 : 2) + (goes ? 0 : 1)
  return askFigures(figures, text, dance)
    .map((asked) => ({ ...asked, fits: fits(asked) }))
    .sort((a, b) => order(a) - order(b))
}
