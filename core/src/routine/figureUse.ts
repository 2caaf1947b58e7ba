import type { Routine } from './routine.ts'

/** Where a figure is used, and what the cuer lets follow it. */
export interface FigureUse {
  readonly figureId: string
  readonly sheets: readonly {
    readonly id: string
    readonly title: string
    readonly times: number
  }[]
  /** Figures that come next to it within a part, most often first. */
  readonly next: readonly { readonly figureId: string; readonly times: number }[]
}

/**
 * Goes through sheets, part by part; changes of single passes count too. A slot counts once,
 * however often its part is danced.
 */
export function figureUse(routines: readonly Routine[]): FigureUse[] {
  const sheets = new Map<string, Map<string, number>>()
  const next = new Map<string, Map<string, number>>()
  const titles = new Map(routines.map(({ id, title }) => [id, title]))
  const add = (map: Map<string, Map<string, number>>, figureId: string, key: string): void => {
    const own = map.get(figureId) ?? new Map<string, number>()
    map.set(figureId, own.set(key, (own.get(key) ?? 0) + 1))
  }
  for (const routine of routines) {
    for (const part of routine.parts) {
      const figures = part.slots.map(({ content }) =>
        content.type === 'figure' ? content.figureId : null,
      )
      figures.forEach((figureId, i) => {
        if (figureId === null) return
        add(sheets, figureId, routine.id)
        const after = figures[i + 1]
        if (after != null) add(next, figureId, after)
      })
    }
    for (const { changes } of routine.passes)
      for (const { content, type } of changes)
        if (type !== 'drop' && content.type === 'figure') add(sheets, content.figureId, routine.id)
  }
  const most = (own: ReadonlyMap<string, number> | undefined): [string, number][] =>
    [...(own ?? [])].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]))
  return [...sheets].map(([figureId, own]) => ({
    figureId,
    sheets: most(own).map(([id, times]) => ({ id, title: titles.get(id)!, times })),
    next: most(next.get(figureId)).map(([id, times]) => ({ figureId: id, times })),
  }))
}
