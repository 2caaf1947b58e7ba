import type { Figure } from '../figure/index.ts'
import type { Routine } from '../routine/index.ts'

/** The figures that a routine dances, with the ones that composites among them are made of. */
export function usedFigures(routine: Routine, figures: readonly Figure[]): Figure[] {
  const wanted = new Set(
    [
      ...routine.parts.flatMap(({ slots }) => slots),
      ...routine.passes.flatMap(({ changes }) => changes),
    ].flatMap(({ content }) => (content.type === 'figure' ? [content.figureId] : [])),
  )
  for (let grown = true; grown;) {
    const before = wanted.size
    for (const figure of figures)
      if (wanted.has(figure.id)) for (const { figureId } of figure.parts ?? []) wanted.add(figureId)
    grown = wanted.size > before
  }
  return figures.filter(({ id }) => wanted.has(id))
}
