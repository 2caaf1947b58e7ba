import { diff, type Revised } from '@dellop/core/document'
import { namesOf, plainName, type Figure } from '@dellop/core/figure'
import { type Group } from '@dellop/core/group'
import { type Routine, type SlotContent } from '@dellop/core/routine'
import type { EntityManager } from 'typeorm'
import type { Once } from '../database/once.ts'
import { acceptBatch, announce, type DocumentStore } from '../document/accept.ts'
import { refusal } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { GROUPS, listedGroups } from '../group/service.ts'
import { SHEETS } from '../sheet/edit.ts'
import { allSheets } from '../sheet/record.ts'
import { FigureEntity, FigureVersionEntity } from './figureEntity.ts'
import { allFigures, findFigure, keepFigure, versionOf } from './service.ts'

const CLIENT = 'figure-merge'
const MOST_ALIASES = 20

/**
 * Makes two figures one, all or nothing: sheets, composites and groups that had the dropped one
 * have the kept one, which takes over its names. The sheets' changes can be taken back there like
 * any other.
 */
export async function mergeFigures(
  services: Services,
  keepId: string,
  dropId: string,
  once: Once | null = null,
): Promise<{ figure: Figure; sheets: number }> {
  if (keepId === dropId) throw refusal('input.invalid', 'figure.one', {}, 'dropId')
  const { figure, sheets, changed } = await services.database.write(async (manager) => {
    const [keep, drop] = [await findFigure(manager, keepId), await findFigure(manager, dropId)]
    const atMs = services.nowMs()
    const figure = { ...keep, aliases: mergedAliases(keep, drop) }
    for (const whole of await allFigures(manager)) {
      if (!whole.parts?.some((part) => part.figureId === dropId)) continue
      if (whole.id === keepId)
        throw refusal('edit.refused', 'figure.not-one', { keep: keep.name, drop: drop.name })
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
    const sheets = await changeAll(
      services,
      manager,
      SHEETS,
      (await allSheets(manager)).map(({ row, document }) => ({ document, revision: row.revision })),
      ({ id }) => id,
      (routine) => renamed(routine, keepId, dropId),
    )
    const { groups, revisions } = await listedGroups(manager)
    const known = await changeAll(
      services,
      manager,
      GROUPS,
      groups.map((document) => ({ document, revision: revisions[document.id] ?? 0 })),
      ({ id }) => id,
      (group) => knownAsOne(group, keepId, dropId),
    )
    return { figure, sheets: sheets.length, changed: [...sheets, ...known] }
  }, once)
  for (const { kind, id, revision } of changed) announce(services, { kind }, id, revision, CLIENT)
  return { figure, sheets }
}

/** Names of the kept figure, and those of the dropped one it does not have yet. */
function mergedAliases(keep: Figure, drop: Figure): Figure['aliases'] {
  const have = new Set(namesOf(keep).map((name) => name.toLowerCase()))
  const others = [{ name: plainName(drop.name) }, ...drop.aliases].filter(
    ({ name }) => !have.has(name.toLowerCase()),
  )
  return [...keep.aliases, ...others].slice(0, MOST_ALIASES)
}

/** Changes every document of a kind in which the dropped figure was, as one more edit of each. */
async function changeAll<Document extends object>(
  services: Services,
  manager: EntityManager,
  store: DocumentStore<Document>,
  all: readonly Revised<Document>[],
  idOf: (document: Document) => string,
  change: (document: Document) => Document,
): Promise<Changed[]> {
  const changed: Changed[] = []
  for (const { document, revision } of all) {
    const edits = diff(store.shape, document, change(document))
    if (edits.length === 0) continue
    const id = idOf(document)
    const { answer } = await acceptBatch(services, manager, store, id, {
      clientId: CLIENT,
      batchId: services.newId(),
      base: revision,
      edits,
    })
    changed.push({ kind: store.kind, id, revision: answer.revision })
  }
  return changed
}

interface Changed {
  readonly kind: DocumentStore<object>['kind']
  readonly id: string
  readonly revision: number
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

/** What the group knew of both is known of the one: the times it danced them together. */
function knownAsOne(group: Group, keepId: string, dropId: string): Group {
  const isOne = ({ id }: { readonly id: string }): boolean => id === keepId || id === dropId
  const both = group.taught.filter(isOne)
  if (!both.some(({ id }) => id === dropId)) return group
  const times = both.reduce((sum, one) => sum + one.times, 0)
  return { ...group, taught: [...group.taught.filter((one) => !isOne(one)), { id: keepId, times }] }
}
