import { applyVariation, type FigureBook } from '../figure/index.ts'
import type { Part, SlotContent } from './routine.ts'

/** Ticks of what stands in a slot; null while it is open, unknown or cannot be danced. */
export function contentLength(content: SlotContent, book: FigureBook): number | null {
  if (content.type === 'words') return content.lengthTicks
  const figure = book.get(content.figureId)
  const danced = figure && applyVariation(figure, content.variation)
  return danced?.ok ? danced.value.lengthTicks : null
}

/**
 * Ticks of a part as it is written, danced once; null while something of it is open, unknown or
 * cannot be danced.
 */
export function partLength(part: Part, book: FigureBook): number | null {
  let total = 0
  for (const { content } of part.slots) {
    const length = contentLength(content, book)
    if (length === null) return null
    total += length
  }
  return total
}
