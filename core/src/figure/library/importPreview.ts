import { sameValue } from '../../document/index.ts'
import { checkFigure } from '../checks/checkFigure.ts'
import { composeBook } from '../model/compose.ts'
import { stop, type FigureFinding } from '../checks/figureFinding.ts'
import type { Figure } from '../model/figure.ts'

/** What bringing in one figure would do to a book. */
export interface ImportRow {
  readonly figure: Figure
  /**
   * `new`: not in the book; `same`: there already; `changed`: other than the one of its id;
   * `conflict`: another figure has its name in its dance.
   */
  readonly state: 'new' | 'same' | 'changed' | 'conflict'
  /** The figure of the book it is measured against; null where there is none. */
  readonly against: Figure | null
  readonly findings: readonly FigureFinding[]
}

/** Row by row, in order, what bringing in figures would do; nothing is done. */
export function importPreview(book: readonly Figure[], incoming: readonly Figure[]): ImportRow[] {
  const byId = new Map(book.map((figure) => [figure.id, figure]))
  const keyOf = ({ family, name }: Figure): string => `${family} ${name.toLowerCase()}`
  const byName = new Map(book.map((figure) => [keyOf(figure), figure]))
  const ids = new Set(incoming.map(({ id }) => id))
  const made = composeBook([...book.filter(({ id }) => !ids.has(id)), ...incoming])
  const parts = new Map(made.problems.map(({ figureId, problem }) => [figureId, problem]))
  return incoming.map((figure): ImportRow => {
    const unmade = parts.get(figure.id)
    const findings = [
      ...(unmade === undefined
        ? []
        : [{ figureId: figure.id, ...stop('figure.parts', { why: unmade }) }]),
      ...checkFigure(made.book.get(figure.id) ?? figure).filter(
        ({ severity }) => severity !== 'note',
      ),
    ]
    const own = byId.get(figure.id)
    if (own)
      return { figure, state: sameValue(own, figure) ? 'same' : 'changed', against: own, findings }
    const namesake = byName.get(keyOf(figure))
    return { figure, state: namesake ? 'conflict' : 'new', against: namesake ?? null, findings }
  })
}
