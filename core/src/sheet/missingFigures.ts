import { freshId, type Finding, type Repair } from '../check/index.ts'
import { sameValue } from '../document/index.ts'
import { applyVariation, mirroredWords, type Figure, type FigureBook } from '../figure/index.ts'
import {
  addSlot,
  figureContent,
  type DancedSlot,
  type Slot,
  type SlotContent,
} from '../routine/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import type { Sheet } from './derive.ts'

/** So many places and figures are tried at most. */
const MOST = 40

/** A figure that may have been left out, and where. */
interface Missing {
  readonly content: SlotContent
  readonly name: string
  readonly after: DancedSlot | null
  readonly before: DancedSlot | null
  /** How well it goes there: how often the sheet has it beside these neighbours. */
  readonly fits: number
}

/**
 * Figures of the sheet danced once more where one may have been left out: those whose neighbours
 * elsewhere are the same, or that answer the figure beside them as its mirror, first.
 */
export function missingFigures(sheet: Sheet, finding: Finding): Repair[] {
  const short = shortBy(finding)
  const place = sheet.timeline.slots.find(({ key }) => key === finding.slotKeys[0])
  if (short === null || !place) return []
  const own = slotsOnce(sheet.timeline.slots).filter(({ partId }) => partId === place.partId)
  const at = finding.code.startsWith('feet.')
    ? own.findIndex(({ slot }) => slot.id === place.slot.id)
    : null
  const all = slotsOnce(sheet.timeline.slots)
  const pool = contentsOf(all, sheet.book).filter(
    ({ ticks }) => short === 0 || ticks === short * TICKS_PER_BEAT,
  )
  const places = at === null ? [...own.keys(), own.length] : [Math.max(0, at)]
  const found = places.flatMap((i) =>
    pool.map(({ content, name }): Missing => {
      const [after, before] = [own[i - 1] ?? null, own[i] ?? null]
      return {
        content,
        name,
        after,
        before,
        fits: fitsBetween(all, content, after, before, sheet.book),
      }
    }),
  )
  return found
    .filter(({ fits }) => fits > 0 || short === 0)
    .sort((a, b) => b.fits - a.fits)
    .slice(0, MOST)
    .map((one) => asRepair(sheet, place.partId, one))
}

/** Counts that are missing; 0 where it is only a foot; null where nothing is too short. */
function shortBy(finding: Finding): number | null {
  if (finding.code === 'sums.phrase')
    return finding.params.missing > 0 ? finding.params.missing : null
  return finding.code === 'feet.not-free' ? 0 : null
}

/** Each slot of each part once, in order. */
const slotsOnce = (slots: readonly DancedSlot[]): DancedSlot[] => {
  const seen = new Set<string>()
  return slots.filter(({ slot }) => !seen.has(slot.id) && seen.add(slot.id))
}

/** What is danced on the sheet, and its mirrors, each once with its length. */
function contentsOf(
  slots: readonly DancedSlot[],
  book: FigureBook,
): { readonly content: SlotContent; readonly name: string; readonly ticks: number }[] {
  const found: { content: SlotContent; name: string; ticks: number }[] = []
  for (const { slot, figure, lengthTicks } of slots) {
    const { content } = slot
    if (content.type !== 'figure' || !figure) continue
    const mirrored = mirrorOf(content, figure, book)
    for (const one of [content, ...mirrored])
      if (!found.some((other) => sameValue(other.content, one)))
        found.push({
          content: one,
          name: nameOf(one, book),
          ticks: lengthTicks,
        })
  }
  return found
}

const nameOf = (content: SlotContent, book: FigureBook): string =>
  content.type === 'words' ? content.text : (book.get(content.figureId)?.name ?? '')

/** The figure’s mirror: the one that the book has by name, else itself danced mirrored, if it can be. */
function mirrorOf(
  content: Extract<SlotContent, { type: 'figure' }>,
  figure: Figure,
  book: FigureBook,
): SlotContent[] {
  const other = namedMirror(figure, book)
  if (other) return [figureContent(other.id, content.variation)]
  const variation = { ...content.variation, reflected: !content.variation.reflected }
  return applyVariation(figure, variation).ok ? [{ ...content, variation }] : []
}

/** “Vine left, touch” for “Vine right, touch”. */
function namedMirror({ name, family }: Figure, book: FigureBook): Figure | undefined {
  const mirrored = mirroredWords(name, 'en')
  return mirrored === name
    ? undefined
    : [...book.values()].find((one) => one.name === mirrored && one.family === family)
}

/**
 * How often the sheet has a figure behind the one before, or before the one behind; a pair of
 * mirrors counts as having been seen.
 */
function fitsBetween(
  slots: readonly DancedSlot[],
  content: SlotContent,
  after: DancedSlot | null,
  before: DancedSlot | null,
  book: FigureBook,
): number {
  const seen = (a: SlotContent | undefined, b: SlotContent | undefined): number =>
    a === undefined || b === undefined
      ? 0
      : slots.filter(
          ({ slot, partId }, i) =>
            sameValue(slot.content, a) &&
            slots[i + 1]?.partId === partId &&
            sameValue(slots[i + 1]!.slot.content, b),
        ).length
  const answers = [after, before].some(
    (one) => one !== null && isAnswer(one.slot.content, content, book),
  )
  return (
    seen(after?.slot.content, content) +
    seen(content, before?.slot.content) +
    (answers ? 1 : 0) +
    ([after, before].some((one) => one && sameValue(one.slot.content, content)) ? 0.5 : 0)
  )
}

/** Whether two are one figure and its mirror. */
function isAnswer(a: SlotContent, b: SlotContent, book: FigureBook): boolean {
  if (a.type !== 'figure' || b.type !== 'figure') return false
  if (a.figureId === b.figureId) return a.variation.reflected !== b.variation.reflected
  const figure = book.get(a.figureId)
  return figure !== undefined && namedMirror(figure, book)?.id === b.figureId
}

function asRepair(sheet: Sheet, partId: string, { content, name, after, before }: Missing): Repair {
  const id = freshId(sheet.routine, `${partId}-added`)
  const slot: Slot = { id, content, wordings: null, say: 'cue', remark: '' }
  const edits = addSlot(partId, slot, after?.slot.id ?? null)
  const nameAt = ({ figure, slot: { content: one } }: DancedSlot): string =>
    figure?.name ?? (one.type === 'words' ? one.text : '')
  if (before) return { code: 'add-before', params: { figure: name, before: nameAt(before) }, edits }
  return after
    ? { code: 'add-after', params: { figure: name, after: nameAt(after) }, edits }
    : { code: 'add-figure', params: { figure: name }, edits }
}
