import { diff } from '@dellop/core/document'
import { namesOf, plainName, type Figure, type FloorProfile } from '@dellop/core/figure'
import { routineShape, type Routine, type SlotContent } from '@dellop/core/routine'
import type { EntityManager } from 'typeorm'
import { FloorEntity } from '../floor/floorEntity.ts'
import { HttpProblem } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { acceptEdits } from '../sheet/edit.ts'
import { routineOf } from '../sheet/service.ts'
import { SheetEntity } from '../sheet/sheetEntity.ts'
import { FigureEntity, FigureVersionEntity } from './figureEntity.ts'
import { allFigures, findFigure, keepFigure, versionOf } from './service.ts'

const CLIENT = 'figure-merge'
const MOST_ALIASES = 20

/**
 * Makes two figures one, all or nothing: sheets, composites and floors that had the dropped one
 * have the kept one, which takes over its names. The sheets' changes can be taken back there like
 * any other.
 */
export async function mergeFigures(
  services: Services,
  keepId: string,
  dropId: string,
): Promise<{ figure: Figure; sheets: number }> {
  if (keepId === dropId)
    throw new HttpProblem('input.invalid', 'Two different figures were expected.', 'dropId')
  const { figure, changed } = await services.database.write(async (manager) => {
    const [keep, drop] = [await findFigure(manager, keepId), await findFigure(manager, dropId)]
    const atMs = services.nowMs()
    const figure = { ...keep, aliases: mergedAliases(keep, drop) }
    for (const whole of await allFigures(manager)) {
      if (!whole.parts?.some((part) => part.figureId === dropId)) continue
      if (whole.id === keepId)
        throw new HttpProblem(
          'edit.refused',
          `“${keep.name}” is made of “${drop.name}”; they cannot be one.`,
        )
      await keepFigure(
        manager,
        {
          ...whole,
          parts: whole.parts.map((part) =>
            part.figureId === dropId ? { ...part, figureId: keepId } : part,
          ),
        },
        'merged',
        atMs,
      )
    }
    await keepFigure(manager, figure, 'merged', atMs)
    await manager.insert(FigureVersionEntity, {
      figureId: dropId,
      version: (await versionOf(manager, dropId)) + 1,
      document: JSON.stringify(drop),
      how: 'removed',
      atMs,
    })
    await manager.delete(FigureEntity, { id: dropId })
    await mergeInFloors(manager, keepId, dropId, atMs)
    return { figure, changed: await mergeInSheets(services, manager, keepId, dropId) }
  })
  for (const { id, revision } of changed)
    services.broadcast.send({ type: 'sheet', id, revision, clientId: CLIENT })
  return { figure, sheets: changed.length }
}

/** Names of the kept figure, and those of the dropped one it does not have yet. */
function mergedAliases(keep: Figure, drop: Figure): Figure['aliases'] {
  const have = new Set(namesOf(keep).map((name) => name.toLowerCase()))
  const others = [{ name: plainName(drop.name) }, ...drop.aliases].filter(
    ({ name }) => !have.has(name.toLowerCase()),
  )
  return [...keep.aliases, ...others].slice(0, MOST_ALIASES)
}

async function mergeInSheets(
  services: Services,
  manager: EntityManager,
  keepId: string,
  dropId: string,
): Promise<{ id: string; revision: number }[]> {
  const changed: { id: string; revision: number }[] = []
  for (const sheet of await manager.find(SheetEntity)) {
    const before = routineOf(sheet)
    const edits = diff(routineShape, before, renamed(before, keepId, dropId))
    if (edits.length === 0) continue
    const { answer } = await acceptEdits(services, manager, sheet.id, {
      clientId: CLIENT,
      batchId: services.newId(),
      base: sheet.revision,
      edits,
    })
    changed.push({ id: sheet.id, revision: answer.revision })
  }
  return changed
}

function renamed(routine: Routine, keepId: string, dropId: string): Routine {
  const content = (one: SlotContent): SlotContent =>
    one.type === 'figure' && one.figureId === dropId ? { ...one, figureId: keepId } : one
  return {
    ...routine,
    parts: routine.parts.map((part) => ({
      ...part,
      slots: part.slots.map((slot) => ({ ...slot, content: content(slot.content) })),
    })),
    passes: routine.passes.map((pass) => ({
      ...pass,
      changes: pass.changes.map((change) => ({ ...change, content: content(change.content) })),
    })),
  }
}

async function mergeInFloors(
  manager: EntityManager,
  keepId: string,
  dropId: string,
  atMs: number,
): Promise<void> {
  for (const row of await manager.find(FloorEntity)) {
    const floor = JSON.parse(row.document) as FloorProfile
    const times = floor.covered.filter(({ figureId }) => figureId === keepId || figureId === dropId)
    if (!times.some(({ figureId }) => figureId === dropId)) continue
    const covered = [
      ...floor.covered.filter(({ figureId }) => figureId !== keepId && figureId !== dropId),
      { figureId: keepId, times: times.reduce((sum, one) => sum + one.times, 0) },
    ]
    await manager.update(
      FloorEntity,
      { id: row.id },
      { document: JSON.stringify({ ...floor, covered }), updatedAtMs: atMs },
    )
  }
}
