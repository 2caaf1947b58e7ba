import { createHash } from 'node:crypto'
import { applyEdits, canonicalText, invertEdits } from '@dellop/core/document'
import { MOST_MARKS } from '@dellop/core/file'
import { routineShape, type Routine } from '@dellop/core/routine'
import type { CommonSheet } from '@dellop/wire'
import type { EntityManager } from 'typeorm'
import { batchesSince, editsOf } from '../document/accept.ts'
import { orProblem } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { findSheet, routineOf } from './record.ts'

/** A state of a sheet, and the mark by which it is known elsewhere. */
interface State {
  readonly routine: Routine
  readonly revision: number
  readonly atMs: number
  readonly mark: string
}

/** Where a sheet is put on its shelf is no part of it. */
function markOf({ archived: _, ...routine }: Routine): string {
  return createHash('sha256').update(canonicalText(routine)).digest('hex').slice(0, 24)
}

/** What a sheet was like, newest first: as it is now, and before each change. */
async function statesOf(manager: EntityManager, id: string): Promise<State[]> {
  const sheet = await findSheet(manager, id)
  const batches = await batchesSince(manager, 'sheet', id, 0, MOST_MARKS - 1)
  let routine = routineOf(sheet)
  const states = [
    {
      routine,
      revision: sheet.revision,
      atMs: batches[0]?.atMs ?? sheet.createdAtMs,
      mark: markOf(routine),
    },
  ]
  batches.forEach((batch, i) => {
    routine = orProblem(
      applyEdits(routineShape, routine, invertEdits(editsOf(batch))),
      'edit.refused',
    )
    const atMs = batches[i + 1]?.atMs ?? sheet.createdAtMs
    states.push({ routine, revision: batch.revision - 1, atMs, mark: markOf(routine) })
  })
  return states
}

/** The marks of what a sheet was like, newest first, each once. */
export const marksOf = async (manager: EntityManager, id: string): Promise<string[]> => [
  ...new Set((await statesOf(manager, id)).map(({ mark }) => mark)),
]

/** The newest state that a sheet shares with another that grew from it; null where there is none. */
export async function commonSheet(
  { database }: Services,
  id: string,
  marks: readonly string[],
): Promise<CommonSheet> {
  const theirs = new Set(marks)
  const found = (await statesOf(database.source.manager, id)).find(({ mark }) => theirs.has(mark))
  return {
    common: found ? { routine: found.routine, revision: found.revision, atMs: found.atMs } : null,
  }
}
