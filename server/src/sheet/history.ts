import { applyEdits, invertEdits, type Language } from '@dellop/core/document'
import { bookOf } from '@dellop/core/figure'
import { routineShape, type Routine } from '@dellop/core/routine'
import { changeWords } from '@dellop/core/sheet'
import type { Revision, SheetState } from '@dellop/wire'
import { allFigures } from '../figure/service.ts'
import { orProblem, refusal } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { batchesSince, documentAt, editsOf } from '../document/accept.ts'
import type { Once } from '../database/once.ts'
import { SHEETS } from './edit.ts'
import { findSheet, routineOf } from './record.ts'
import { insertSheet } from './service.ts'

/** Revisions that are listed at most: half a year of evenings. */
const MOST_LISTED = 500

/**
 * What was changed when, newest first, each change in words: the sheet is walked back from as it
 * is.
 */
export async function listRevisions(
  { database }: Services,
  id: string,
  language: Language = 'en',
): Promise<{ revisions: Revision[]; createdAtMs: number }> {
  const { manager } = database.source
  const sheet = await findSheet(manager, id)
  const batches = await batchesSince(manager, 'sheet', id, 0, MOST_LISTED)
  const book = bookOf(await allFigures(manager))
  let routine = routineOf(sheet)
  const revisions = batches.map((batch) => {
    const { revision, clientId, atMs } = batch
    const edits = editsOf(batch)
    routine = orProblem(applyEdits(routineShape, routine, invertEdits(edits)), 'edit.refused')
    return {
      revision,
      clientId,
      edits: edits.length,
      atMs,
      words: changeWords(routine, edits, book, language),
    }
  })
  return { revisions, createdAtMs: sheet.createdAtMs }
}

/** The sheet as it was at a revision, 0 being as it came to the shelf. */
export async function sheetAt(
  { database }: Services,
  id: string,
  wanted: string,
): Promise<SheetState> {
  const sheet = await findSheet(database.source.manager, id)
  const revision = Number(wanted)
  if (!Number.isInteger(revision) || revision < 0 || revision > sheet.revision)
    throw refusal('not-found', 'revision.none', { wanted, newest: sheet.revision })
  return {
    routine: await documentAt(
      database.source.manager,
      SHEETS,
      id,
      { document: routineOf(sheet), revision: sheet.revision },
      revision,
    ),
    revision,
  }
}

/** A copy with a title of its own, that remembers what it was branched from. */
export async function branchSheet(
  services: Services,
  id: string,
  title: string,
  once: Once | null,
): Promise<SheetState> {
  return services.database.write(async (manager) => {
    const sheet = await findSheet(manager, id)
    const { archived: _, ...rest } = routineOf(sheet)
    const routine: Routine = {
      ...rest,
      id: services.newId(),
      title,
      origin: { id, title: sheet.title, revision: sheet.revision },
    }
    await insertSheet(manager, routine, services.nowMs())
    return { routine, revision: 0 }
  }, once)
}
