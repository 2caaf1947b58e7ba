import { figureReference, HOLD_IDS, searchFigures, familyOf, type Figure } from '@dellop/core/figure'
import type { Routine } from '@dellop/core/routine'
import { TICKS_PER_BEAT } from '@dellop/core/time'

export interface Offer {
  readonly label: string
  readonly detail?: string
}

const MOST = 40
const VARIATIONS: readonly string[] = ['half', 'x2', 'x3', 'mirrored', 'no pause', 'first ', 'after ', 'on count ', ...HOLD_IDS.map((hold) => `to ${hold}`)]

/** What may be typed next on a line of a sheet's text, and from which character: figures in a part, ways to vary one in parentheses, parts in the order. */
export function sheetOffers(before: string, isOrder: boolean, routine: Pick<Routine, 'dance' | 'parts'>, figures: readonly Figure[]): { readonly from: number; readonly options: readonly Offer[] } | null {
  if (!/^\s/.test(before)) return null
  const inside = /\(([^()]*)$/.exec(before)
  if (inside) {
    const from = before.length - /[^,]*$/.exec(inside[1]!)![0].trimStart().length
    const typed = before.slice(from)
    return { from, options: VARIATIONS.filter((one) => one.startsWith(typed)).map((label) => ({ label })) }
  }
  if (/[|"=]/.test(before)) return null
  const lead = /^\s+(?:(?:instead of|after) [^:]*:\s*)?/.exec(before)![0]
  const typed = before.slice(lead.length)
  if (isOrder && !lead.includes(':')) return { from: lead.length, options: routine.parts.map(({ label }) => label).filter((label) => label.startsWith(typed)).map((label) => ({ label })) } // prettier-ignore
  const family = familyOf(routine.dance)
  const found = searchFigures(figures, typed)
  // Those of the dance come first; a search keeps the best answers on top within each.
  const sorted = [...found.filter((figure) => figure.family === family), ...found.filter((figure) => figure.family !== family)]
  return { from: lead.length, options: sorted.slice(0, MOST).map((figure) => ({ label: figureReference(figure, figures, family), detail: `${figure.lengthTicks / TICKS_PER_BEAT}` })) }
}
