import { succeed, type Result } from '../document/index.ts'
import {
  applyVariation,
  AS_WRITTEN,
  familyOf,
  findFigure,
  findVaried,
  isOwnFigure,
  otherNameOf,
  piecesOutsideQuotes,
  readVariation,
  type Figure,
  type Variation,
} from '../figure/index.ts'
import type { Slot, SlotContent } from '../routine/index.ts'
import { lineText, movesTooLong } from '../move/index.ts'
import { beatsOfTicks, TICKS_PER_BEAT, type Tick } from '../time/index.ts'
import { problem } from './problem.ts'
import { readSlotExtra } from './sheetExtras.ts'
import { on, refuse, type Line, type SheetTextOptions } from './sheetTextLine.ts'
import { beatsText, readLength, readQuoted } from './sheetTextWords.ts'

/** What stands on the line of a slot. */
export type SlotFields = Omit<Slot, 'id'>
/** A slot from its line: what is danced or said there, and what stands behind its bars. */
export function readSlot(
  line: Line,
  text: string,
  dance: string,
  options: SheetTextOptions,
): Result<SlotFields> {
  const [head = '', ...extras] = piecesOutsideQuotes(text, '|').map((piece) => piece.text)
  const content = readContent(line, head, dance, options)
  if (!content.ok) return content
  let slot: SlotFields = { content: content.value, wordings: null, say: 'cue', remark: '' }
  for (const extra of extras) {
    const read = on(line, readSlotExtra(extra))
    if (!read.ok) return read
    slot = read.value(slot)
  }
  const { content: danced } = slot
  const late =
    danced.type === 'words' && danced.lengthTicks
      ? danced.moves?.find(({ to }) => to > danced.lengthTicks!)
      : undefined
  if (late && danced.type === 'words')
    return refuse(line, movesTooLong(lineText(late), beatsOfTicks(danced.lengthTicks! as Tick)))
  return succeed(slot)
}

/** `1-8 side, together, shuffle`: which counts of the dance a line takes. */
const COUNTED = /^\[?(\d{1,3}) ?[-–] ?(\d{1,3})[\]).:]*\s+(?=\S)(.+)$/s
const MOST_COUNTS = 64
/** Words that do not say how long they take last the counts that stand before them. */
function takingCounts(slot: SlotFields, counts: number): SlotFields {
  const { content } = slot
  const isOpen =
    content.type === 'words' && content.lengthTicks === null && !content.choices && !content.until
  return isOpen ? { ...slot, content: { ...content, lengthTicks: counts * TICKS_PER_BEAT } } : slot
}

/** What joins figures that stand on one line: `vine right, hitch`, `walk two and pick up`. */
const JOINED = /(\s*[,;+]\s*(?:and |then )?|\s+(?:and|then|und|&)\s+)/i
/** So many figures are looked for on a line at most. */
const MOST_JOINED = 6

/**
 * The slots of a line: one, or several where no figure has its whole name and each piece of it is
 * one that the dance has.
 */
export function readSlots(
  line: Line,
  text: string,
  dance: string,
  options: SheetTextOptions,
): Result<SlotFields[]> {
  const counted = COUNTED.exec(text)
  const counts = counted ? Number(counted[2]) - Number(counted[1]) + 1 : 0
  if (counts >= 1 && counts <= MOST_COUNTS) {
    const read = slotsIn(line, counted![3]!, dance, options)
    return read.ok ? succeed(read.value.map((one) => takingCounts(one, counts))) : read
  }
  return slotsIn(line, text, dance, options)
}

function slotsIn(
  line: Line,
  text: string,
  dance: string,
  options: SheetTextOptions,
): Result<SlotFields[]> {
  const slot = readSlot(line, text, dance, options)
  if (!slot.ok) return slot
  const { content } = slot.value
  const isUnknown = content.type === 'words' && content.text === text && /^[^"“„»#]/.test(text)
  const pieces = isUnknown ? text.split(JOINED) : []
  const several =
    pieces.length > 1 && pieces.length < 2 * MOST_JOINED
      ? joined(pieces, (name) => danceFigure(line, name, dance, options))
      : null
  return succeed(several ? several.map((content) => ({ ...slot.value, content })) : [slot.value])
}

/**
 * Pieces of a line, with what joins them between, as figures, the longest names first; null where
 * something is left that is none.
 */
function joined(
  pieces: readonly string[],
  read: (name: string) => SlotContent | null,
): SlotContent[] | null {
  if (pieces.length === 0) return []
  for (let own = pieces.length; own > 0; own -= 2) {
    const content = read(pieces.slice(0, own).join(''))
    const rest = content && joined(pieces.slice(own + 1), read)
    if (content && rest) return [content, ...rest]
  }
  return null
}

/** A figure of the dance, or of how any dance is opened and ended; null where none is called so. */
function danceFigure(
  line: Line,
  name: string,
  dance: string,
  { figures }: SheetTextOptions,
): SlotContent | null {
  const family = familyOf(dance)
  const figure = findFigure(name, figures, family)
  const isOwn = figure.ok && isOwnFigure(figure.value, family)
  const found = isOwn
    ? {
        figure: figure.value,
        variation: AS_WRITTEN,
        called: otherNameOf(figure.value, name),
      }
    : findVaried(name, figures, family)
  const content = found && asFigure(line, found, null)
  return content?.ok ? content.value : null
}

/**
 * A figure with its variation, words in quotation marks with a length, or a name that nothing
 * answers to.
 */
function readContent(
  line: Line,
  text: string,
  dance: string,
  { figures }: SheetTextOptions,
): Result<SlotContent> {
  const [, stated = text, length] =
    /^(.*?)(?:\s*=\s*(\?|to the (?:phrase|section)|(?:\d+(?:\.\d+)?|\d+t)(?: or (?:\d+(?:\.\d+)?|\d+t))*)(?:\s*counts?)?)?$/s.exec(
      text,
    ) ?? []
  const takes = readLength(length ?? '?')
  const { lengthTicks } = takes
  // Quotation marks as they are printed come from pasted texts.
  const printed = /^[“„»](.*)[”“«]$/s.exec(stated)
  if (printed) return succeed({ type: 'words', text: printed[1]!, ...takes })
  if (stated.startsWith('"')) {
    const words = on(line, readQuoted(stated))
    return words.ok ? succeed({ type: 'words', text: words.value, ...takes }) : words
  }
  // No figure lasts one of several lengths: what does is kept as it is told.
  if (takes.choices || takes.until) return succeed({ type: 'words', text: stated, ...takes })
  const family = familyOf(dance)
  const [, name = stated, varied] = /^(.*?)\s*\(([^()]*)\)$/s.exec(stated) ?? []
  const whole = varied === undefined ? null : findFigure(stated, figures, family)
  const answer = whole?.ok ? whole : findFigure(name, figures, family)
  const isAmbiguous = !answer.ok && answer.problem.code === 'figure.which'
  if (isAmbiguous && !figures.some((one) => one.family === family)) return refuse(line, answer)
  const figure = answer.ok && isMeant(answer.value, name, family, figures) ? answer.value : null
  if (!figure && varied === undefined) {
    const found = findVaried(name, figures, family)
    if (found) return asFigure(line, found, lengthTicks)
  }
  if (!figure && !name.startsWith('#')) return succeed({ type: 'words', text: stated, ...takes })
  const variation = whole?.ok ? succeed(AS_WRITTEN) : on(line, readVariation(varied ?? ''))
  if (!variation.ok) return variation
  return figure
    ? asFigure(
        line,
        {
          figure,
          variation: variation.value,
          called: otherNameOf(figure, whole?.ok ? stated : name),
        },
        lengthTicks,
      )
    : succeed({ type: 'figure', figureId: name.slice(1), variation: variation.value })
}

/**
 * Whether a figure is meant by its name alone: another dance takes other counts for what it calls the
 * same, so that its figures are named with their dance, or by their id. A dance that has no figures of
 * its own takes any.
 */
const isMeant = (
  figure: Figure,
  name: string,
  family: string,
  figures: readonly Figure[],
): boolean =>
  isOwnFigure(figure, family) ||
  name.startsWith('#') ||
  name.toLowerCase().startsWith(`${figure.family}:`) ||
  !figures.some((one) => one.family === family)

/** A figure of the book as it is danced; refused where the line says another length than it has. */
function asFigure(
  line: Line,
  {
    figure,
    variation,
    called = null,
  }: {
    readonly figure: Figure
    readonly variation: Variation
    readonly called?: string | null
  },
  lengthTicks: number | null | undefined,
): Result<SlotContent> {
  const danced = lengthTicks == null ? null : applyVariation(figure, variation)
  return danced?.ok && danced.value.lengthTicks !== lengthTicks
    ? refuse(
        line,
        problem('sheet-text.length', {
          name: figure.name,
          counts: beatsText(danced.value.lengthTicks),
          written: beatsText(lengthTicks!),
        }),
      )
    : succeed({
        type: 'figure',
        figureId: figure.id,
        variation,
        ...(called === null ? {} : { called }),
      })
}
