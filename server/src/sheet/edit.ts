import {
  applyEdits,
  diff,
  invertEdits,
  merge,
  validate,
  type Conflict,
  type Edit,
} from '@dellop/core/document'
import { routineSchema, routineShape, type Routine } from '@dellop/core/routine'
import type { EditAnswer, EditBatch } from '@dellop/wire'
import { MoreThan, type EntityManager } from 'typeorm'
import { HttpProblem, orProblem } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { SheetBatchEntity, SheetEntity } from './sheetEntity.ts'
import { findSheet, routineOf } from './service.ts'

/**
 * Applies a batch made from an older revision: what the batch makes of its base is merged with what
 * the sheet has become since. A batch that was accepted before is answered as it was then, and
 * changes nothing.
 */
export async function editSheet(
  services: Services,
  id: string,
  batch: EditBatch,
): Promise<EditAnswer> {
  const { answer, fresh } = await services.database.write((manager) =>
    acceptEdits(services, manager, id, batch),
  )
  if (fresh)
    services.broadcast.send({
      type: 'sheet',
      id,
      revision: answer.revision,
      clientId: batch.clientId,
    })
  return answer
}

/**
 * The same within a transaction that is under way; telling the open pages is left to the caller.
 */
export async function acceptEdits(
  services: Services,
  manager: EntityManager,
  id: string,
  batch: EditBatch,
): Promise<{ answer: EditAnswer; fresh: boolean }> {
  const sheet = await findSheet(manager, id)
  const now = routineOf(sheet)
  const earlier = await manager.findOneBy(SheetBatchEntity, {
    sheetId: id,
    clientId: batch.clientId,
    batchId: batch.batchId,
  })
  if (earlier)
    return {
      fresh: false,
      answer: {
        routine: now,
        revision: sheet.revision,
        conflicts: JSON.parse(earlier.conflicts) as Conflict[],
      },
    }
  if (batch.base > sheet.revision)
    throw new HttpProblem(
      'edit.refused',
      `These edits start from revision ${batch.base}; the sheet is at ${sheet.revision}.`,
    )

  const base = await routineAt(manager, id, now, batch.base)
  const mine = orProblem(applyEdits(routineShape, base, batch.edits), 'edit.refused')
  orProblem(validate(routineSchema, mine, 'The sheet after these edits'))
  const merged =
    batch.base === sheet.revision
      ? { document: mine, conflicts: [] }
      : merge(routineShape, base, now, mine)
  const routine = orProblem(validate(routineSchema, merged.document, 'The sheet after merging'))
  const revision = sheet.revision + 1
  const atMs = services.nowMs()
  await manager.insert(SheetBatchEntity, {
    sheetId: id,
    revision,
    clientId: batch.clientId,
    batchId: batch.batchId,
    atMs,
    edits: JSON.stringify(diff(routineShape, now, routine)),
    conflicts: JSON.stringify(merged.conflicts),
  })
  await manager.update(
    SheetEntity,
    { id },
    { title: routine.title, document: JSON.stringify(routine), revision, updatedAtMs: atMs },
  )
  return { fresh: true, answer: { routine, revision, conflicts: [...merged.conflicts] } }
}

/** The routine as it was at a revision: the edits since then taken back, newest first. */
export async function routineAt(
  manager: EntityManager,
  sheetId: string,
  now: Routine,
  revision: number,
): Promise<Routine> {
  const since = await manager.find(SheetBatchEntity, {
    where: { sheetId, revision: MoreThan(revision) },
    order: { revision: 'DESC' },
  })
  return since.reduce(
    (routine, batch) =>
      orProblem(
        applyEdits(routineShape, routine, invertEdits(JSON.parse(batch.edits) as Edit[])),
        'edit.refused',
      ),
    now,
  )
}
