import {
  figureReference,
  HOLD_IDS,
  searchFigures,
  familyOf,
  type Figure,
} from '@dellop/core/figure'
import { sectionOf, sheetWordIn } from '@dellop/core/file'
import type { Routine } from '@dellop/core/routine'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { language } from '../words/index.ts'

export interface Offer {
  readonly label: string
  readonly detail?: string
}

const MOST = 40
const VARIATIONS: readonly string[] = [
  'half',
  'x2',
  'x3',
  'mirrored',
  'no pause',
  'first ',
  'after ',
  'on count ',
  ...HOLD_IDS.map((hold) => `to ${hold}`),
]
const SLOT_EXTRAS: readonly string[] = [
  'say "',
  'silent',
  'note "',
  'for lead "',
  'for follow "',
  'hard',
  'optional',
  'caution shown',
  'caution hidden',
  'change roles',
  'ahead',
  'on the count',
  'with the step',
  'step by step',
  'pinned 2 before',
  'pinned short',
  'tell lead "',
  'tell follow "',
  'lead first',
  'follow first',
  'announce "',
]
const PASS_EXTRAS: readonly string[] = [
  'rotated 4/8 right',
  'ends in ',
  'at section "',
  'at landmark "',
  'fill until the section, 0 to 16',
  'fill until released, 1 to 16',
  'fill until the music ends, 0 to 64',
  'finish extract and hold',
  'finish in a pose',
  'finish walk off',
  'finish until the music ends',
  'on by 0 / 1',
]
const PART_EXTRAS: readonly string[] = [
  'in eights',
  'in bars',
  'in words',
  'lesson ',
  'version of ',
]

/** As they are written in the language of the screen. */
const spoken = (list: readonly string[]): string[] =>
  list.map((word) => sheetWordIn(language, word))

/**
 * What may be typed next on a line of a sheet's text, and from which character: figures in a part,
 * ways to vary one in parentheses, parts in the order, and what may stand behind a bar.
 */
export function sheetOffers(
  before: string,
  isOrder: boolean,
  routine: Pick<Routine, 'dance' | 'parts'>,
  figures: readonly Figure[],
): { readonly from: number; readonly options: readonly Offer[] } | null {
  const isPart = sectionOf(before) === 'part'
  if (!isPart && !/^\s/.test(before)) return null
  const extra = /\|\s*([^|"]*)$/.exec(before)
  if (extra) {
    const isPass = isOrder && /^\s{1,3}\S/.test(before)
    return {
      from: before.length - extra[1]!.length,
      options: spoken(isPart ? PART_EXTRAS : isPass ? PASS_EXTRAS : SLOT_EXTRAS)
        .filter((one) => one.startsWith(extra[1]!))
        .map((label) => ({ label })),
    }
  }
  if (isPart) return null
  const inside = /\(([^()]*)$/.exec(before)
  if (inside) {
    const from = before.length - /[^,]*$/.exec(inside[1]!)![0].trimStart().length
    const typed = before.slice(from)
    return {
      from,
      options: spoken(VARIATIONS)
        .filter((one) => one.startsWith(typed))
        .map((label) => ({ label })),
    }
  }
  if (/[|"=]/.test(before)) return null
  const lead = /^\s+(?:(?:instead of|after|statt|nach) [^:]*:\s*)?/.exec(before)![0]
  const typed = before.slice(lead.length)
  if (isOrder && !lead.includes(':'))
    return {
      from: lead.length,
      options: routine.parts
        .map(({ label }) => label)
        .filter((label) => label.startsWith(typed))
        .map((label) => ({ label })),
    }
  const family = familyOf(routine.dance)
  const found = searchFigures(figures, typed)
  // Those of the dance come first; a search keeps the best answers on top within each.
  const sorted = [
    ...found.filter((figure) => figure.family === family),
    ...found.filter((figure) => figure.family !== family),
  ]
  return {
    from: lead.length,
    options: sorted.slice(0, MOST).map((figure) => ({
      label: figureReference(figure, figures, family),
      detail: `${figure.lengthTicks / TICKS_PER_BEAT}`,
    })),
  }
}
