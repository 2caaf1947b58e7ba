import {
  figureSchema,
  figureShape,
  upgradeFigure,
  composeBook,
  composeFigure,
  madeOf,
  SHIPPED_FIGURES,
  type Figure,
} from '@dellop/core/figure'
import { figureUse, type FigureUse } from '@dellop/core/routine'
import { sameValue } from '@dellop/core/document'
import type { FigureHow, FigureVersion } from '@dellop/wire'
import type { EntityManager } from 'typeorm'
import type { Once } from '../database/once.ts'
import type { DocumentStore } from '../document/accept.ts'
import { readableRecords, recordOrProblem, type RecordKind } from '../document/record.ts'
import { HttpProblem, orProblem, refusal } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { allSheets } from '../sheet/record.ts'
import { FigureEntity, FigureVersionEntity } from './figureEntity.ts'

export const FIGURE_RECORD: RecordKind<Figure> = {
  kind: 'figure',
  name: 'The figure',
  schema: figureSchema,
  upgrade: upgradeFigure,
}
const versionKey = ({ figureId, version }: FigureVersionEntity): string => `${figureId}@${version}`
const figureOfVersion = (row: FigureVersionEntity): Figure =>
  recordOrProblem(FIGURE_RECORD, { id: versionKey(row), document: row.document })
const MOST_VERSIONS = 200

export async function allFigures(manager: EntityManager): Promise<Figure[]> {
  const rows = await manager.find(FigureEntity, { order: { name: 'ASC' } })
  return readableRecords(FIGURE_RECORD, rows).map(({ document }) => document)
}

/** Names of the figures by id, without reading the figures. */
export async function figureNames(manager: EntityManager): Promise<Map<string, string>> {
  const rows = await manager.find(FigureEntity, { select: { id: true, name: true } })
  return new Map(rows.map(({ id, name }) => [id, name]))
}

export async function findFigure(manager: EntityManager, id: string): Promise<Figure> {
  const row = await manager.findOneBy(FigureEntity, { id })
  if (!row) throw refusal('not-found', 'figure.none', {})
  return recordOrProblem(FIGURE_RECORD, row)
}

/** The number of a figure's newest version; 0 where it never was in the book. */
export async function versionOf(manager: EntityManager, figureId: string): Promise<number> {
  return (
    (
      await manager.findOne(FigureVersionEntity, {
        where: { figureId },
        order: { version: 'DESC' },
      })
    )?.version ?? 0
  )
}

/** Puts a figure in the book, new or in place of the one of its id, and keeps the version. */
export async function keepFigure(
  manager: EntityManager,
  figure: Figure,
  how: FigureHow,
  atMs: number,
): Promise<number> {
  const version = (await versionOf(manager, figure.id)) + 1
  const document = JSON.stringify(figure)
  await manager.upsert(
    FigureEntity,
    { id: figure.id, name: figure.name, document, updatedAtMs: atMs },
    ['id'],
  )
  await manager.insert(FigureVersionEntity, { figureId: figure.id, version, document, how, atMs })
  return version
}

/**
 * Adds figures the book does not hold. One it holds stays as it is: a name twice is never merged.
 */
export async function addFigures(
  manager: EntityManager,
  figures: readonly Figure[],
  how: FigureHow,
  atMs: number,
): Promise<{ added: string[]; kept: string[] }> {
  const added: string[] = []
  const kept: string[] = []
  for (const figure of figures) {
    if (await manager.existsBy(FigureEntity, { id: figure.id })) kept.push(figure.name)
    else {
      await keepFigure(manager, figure, how, atMs)
      added.push(figure.name)
    }
  }
  return { added, kept }
}

/**
 * A composite as its parts make it now; refuses one that is part of itself, or has parts the book
 * does not hold.
 */
async function composed(manager: EntityManager, figure: Figure): Promise<Figure> {
  return figure.parts
    ? orProblem(
        composeFigure(figure, new Map((await allFigures(manager)).map((one) => [one.id, one]))),
      )
    : figure
}

/** Adds one figure; refuses an id the book holds. */
export async function newFigure(
  { database, nowMs }: Services,
  figure: Figure,
  once: Once | null = null,
): Promise<{ figure: Figure }> {
  return database.write(async (manager) => {
    if (await manager.existsBy(FigureEntity, { id: figure.id }))
      throw refusal('exists', 'figure.id', { id: figure.id }, 'figure.id')
    const whole = await composed(manager, figure)
    await keepFigure(manager, whole, 'written', nowMs())
    return { figure: whole }
  }, once)
}

/** How figures are kept while they are edited: every version whole, a composite as its parts are. */
export const FIGURES: DocumentStore<Figure> = {
  kind: 'figure',
  name: 'The figure',
  shape: figureShape,
  schema: figureSchema,
  read: async (manager, id) => ({
    document: await findFigure(manager, id),
    revision: await versionOf(manager, id),
  }),
  write: async (manager, _id, { document }, atMs) => {
    const whole = await composed(manager, document)
    await keepFigure(manager, whole, 'changed', atMs)
    return whole
  },
  at: async (manager, figureId, version) => {
    const row = await manager.findOneBy(FigureVersionEntity, { figureId, version })
    return row && figureOfVersion(row)
  },
}

/** Every version of a figure, newest first. */
export async function figureHistory({ database }: Services, id: string): Promise<FigureVersion[]> {
  const rows = await database.source.manager.find(FigureVersionEntity, {
    where: { figureId: id },
    order: { version: 'DESC' },
    take: MOST_VERSIONS,
  })
  if (rows.length === 0) throw refusal('not-found', 'figure.none', {})
  return rows.map((row) => ({
    version: row.version,
    how: row.how as FigureHow,
    atMs: row.atMs,
    figure: figureOfVersion(row),
  }))
}

/** Brings figures in, all or none. One whose id the book holds must be meant to take its place. */
export async function importFigures(
  { database, nowMs }: Services,
  figures: readonly Figure[],
  replace: ReadonlySet<string>,
  once: Once | null = null,
): Promise<{ figures: Figure[] }> {
  return database.write(async (manager) => {
    const seen = new Set<string>()
    for (const figure of figures) {
      if (seen.has(figure.id))
        throw refusal('input.invalid', 'figure.twice', { id: figure.id }, 'figures')
      seen.add(figure.id)
      const isHeld = await manager.existsBy(FigureEntity, { id: figure.id })
      if (isHeld && !replace.has(figure.id))
        throw refusal('exists', 'figure.held', { name: figure.name, id: figure.id }, 'figures')
      await keepFigure(manager, figure, 'imported', nowMs())
    }
    // A part may come in with its composite, or be there already; what is part of itself may not
    // come at all.
    const wrong = composeBook(await allFigures(manager)).problems.find(({ figureId }) =>
      seen.has(figureId),
    )
    if (wrong)
      throw new HttpProblem(
        'input.invalid',
        `${wrong.problem.message} Nothing was brought in.`,
        'figures',
      )
    return { figures: [...figures] }
  }, once)
}

/** Where every figure is used, and what follows it, over all sheets. */
export async function allUses(manager: EntityManager): Promise<FigureUse[]> {
  return figureUse((await allSheets(manager)).map(({ document }) => document))
}

/** Takes a figure out of the book. One that a sheet or a composite uses stays. */
export async function removeFigure(
  { database, nowMs }: Services,
  id: string,
  once: Once | null = null,
): Promise<{ id: string }> {
  return database.write(async (manager) => {
    const figure = await findFigure(manager, id)
    const [sheet] = (await allUses(manager)).find((use) => use.figureId === id)?.sheets ?? []
    if (sheet)
      throw refusal('edit.refused', 'figure.danced-in', { figure: figure.name, sheet: sheet.title })
    const [whole] = madeOf(await allFigures(manager), id)
    if (whole)
      throw refusal('edit.refused', 'figure.made-of', { whole: whole.name, figure: figure.name })
    await manager.insert(FigureVersionEntity, {
      figureId: id,
      version: (await versionOf(manager, id)) + 1,
      document: JSON.stringify(figure),
      how: 'removed',
      atMs: nowMs(),
    })
    await manager.delete(FigureEntity, { id })
    return { id }
  }, once)
}

/**
 * Puts the shipped figures into a book. One that is there as it was shipped once is brought up to
 * date; one that was changed here, or taken out, is left alone.
 */
export async function shipFigures({ database, nowMs }: Services): Promise<void> {
  await database.write(async (manager) => {
    const newest = new Map<string, FigureVersionEntity>()
    for (const row of await manager.find(FigureVersionEntity, { order: { version: 'ASC' } }))
      newest.set(row.figureId, row)
    const isDue = (figure: Figure, document: string): boolean => {
      const last = newest.get(figure.id)
      if (!last) return true
      return (
        last.how === 'shipped' &&
        last.document !== document &&
        !sameValue(JSON.parse(last.document), figure)
      )
    }
    const atMs = nowMs()
    const due = SHIPPED_FIGURES.map((figure) => ({ figure, document: JSON.stringify(figure) }))
      .filter(({ figure, document }) => isDue(figure, document))
      .map(({ figure: { id, name }, document }) => ({ id, name, document }))
    // Many at once: one question each would be most of a first start.
    for (const some of inGroups(due, ROWS_AT_ONCE)) {
      await manager.upsert(
        FigureEntity,
        some.map((row) => ({ ...row, updatedAtMs: atMs })),
        ['id'],
      )
      await manager.insert(
        FigureVersionEntity,
        some.map(({ id, document }) => {
          const version = (newest.get(id)?.version ?? 0) + 1
          return { figureId: id, version, document, how: 'shipped', atMs }
        }),
      )
    }
  })
}

/** So many rows go into the book with one question. */
const ROWS_AT_ONCE = 100

const inGroups = <T>(rows: readonly T[], most: number): T[][] =>
  Array.from({ length: Math.ceil(rows.length / most) }, (_, i) =>
    rows.slice(i * most, (i + 1) * most),
  )
