import { applyVariation, type FigureBook } from '../figure/index.ts'
import type { Part } from './routine.ts'

/**
 * Ticks of a part as it is written, danced once; null while something of it is open, unknown or
 * cannot be danced.
 */
export function partLength(part: Part, book: FigureBook): number | null {
  let total = 0
  for (const { content } of part.slots) {
    const figure = content.type === 'figure' ? book.get(content.figureId) : undefined
    const danced =
      content.type === 'figure' && figure ? applyVariation(figure, content.variation) : null
    const length =
      content.type === 'words' ? content.lengthTicks : danced?.ok ? danced.value.lengthTicks : null
    if (length === null) return null
    total += length
  }
  return total
}
