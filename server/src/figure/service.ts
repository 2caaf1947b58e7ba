import { SHIPPED_FIGURES, type Figure } from '@dellop/core/figure'
import type { EntityManager } from 'typeorm'
import { HttpProblem } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { FigureEntity } from './figureEntity.ts'

export async function allFigures({ database }: Services): Promise<Figure[]> {
  const rows = await database.source.manager.find(FigureEntity, { order: { name: 'ASC' } })
  return rows.map((row) => JSON.parse(row.document) as Figure)
}

/** Adds figures the book does not hold. One it holds stays as it is: a name twice is never merged. */
export async function addFigures(manager: EntityManager, figures: readonly Figure[], atMs: number): Promise<{ added: string[]; kept: string[] }> {
  const added: string[] = []
  const kept: string[] = []
  for (const figure of figures) {
    if (await manager.existsBy(FigureEntity, { id: figure.id })) kept.push(figure.name)
    else {
      await manager.insert(FigureEntity, { id: figure.id, name: figure.name, document: JSON.stringify(figure), updatedAtMs: atMs })
      added.push(figure.name)
    }
  }
  return { added, kept }
}

/** Adds one figure; refuses an id the book holds. */
export async function newFigure({ database, nowMs }: Services, figure: Figure): Promise<Figure> {
  const { kept } = await database.write((manager) => addFigures(manager, [figure], nowMs()))
  if (kept.length > 0) throw new HttpProblem('exists', `The book already holds a figure with the id "${figure.id}".`, 'figure.id')
  return figure
}

/** Brings figures in, all or none. One whose id the book holds must be meant to take its place. */
export async function importFigures({ database, nowMs }: Services, figures: readonly Figure[], replace: ReadonlySet<string>): Promise<Figure[]> {
  return database.write(async (manager) => {
    const seen = new Set<string>()
    for (const figure of figures) {
      if (seen.has(figure.id)) throw new HttpProblem('input.invalid', `The id "${figure.id}" is there twice; every id may be used once. Nothing was brought in.`, 'figures')
      seen.add(figure.id)
      const row = { id: figure.id, name: figure.name, document: JSON.stringify(figure), updatedAtMs: nowMs() }
      const isHeld = await manager.existsBy(FigureEntity, { id: figure.id })
      if (isHeld && !replace.has(figure.id)) throw new HttpProblem('exists', `The book already holds “${figure.name}” under the id "${figure.id}", and it was not said that it may be replaced. Nothing was brought in.`, 'figures')
      if (isHeld) await manager.update(FigureEntity, { id: figure.id }, row)
      else await manager.insert(FigureEntity, row)
    }
    return [...figures]
  })
}

/** Puts the shipped figures into a book that does not hold them yet. */
export async function shipFigures({ database, nowMs }: Services): Promise<void> {
  await database.write((manager) => addFigures(manager, SHIPPED_FIGURES, nowMs()))
}
