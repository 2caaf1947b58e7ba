import { bookOf, type Figure } from '../figure/index.ts'
import type { Routine } from '../routine/index.ts'

/** Ids of the figures that a routine dances, in its parts and in what single passes change. */
export const figureIdsOf = ({ parts, passes }: Routine): ReadonlySet<string> =>
  new Set(
    [...parts.flatMap(({ slots }) => slots), ...passes.flatMap(({ changes }) => changes)].flatMap(
      ({ content }) => (content.type === 'figure' ? [content.figureId] : []),
    ),
  )

/** The figures that a routine dances with all they are made of, composites put together. */
export function usedFigures(routine: Routine, figures: readonly Figure[]): Figure[] {
  const book = bookOf(figures)
  const wanted = new Set<string>()
  const want = (id: string): void => {
    if (wanted.has(id) || !book.has(id)) return
    wanted.add(id)
    for (const { figureId } of book.get(id)!.parts ?? []) want(figureId)
  }
  for (const id of figureIdsOf(routine)) want(id)
  return figures.filter(({ id }) => wanted.has(id)).map(({ id }) => book.get(id)!)
}
