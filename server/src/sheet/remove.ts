import type { SheetUses } from '@dellop/wire'
import { CallEntity } from '../call/callEntity.ts'
import type { Once } from '../database/once.ts'
import { DocumentBatchEntity } from '../document/batchEntity.ts'
import { listKept } from '../document/kept.ts'
import { EVENINGS } from '../evening/service.ts'
import { refusal } from '../http/problem.ts'
import { ENTRIES } from '../logbook/service.ts'
import { PracticeEntity } from '../practice/practiceEntity.ts'
import type { Services } from '../services.ts'
import { allSheets, findSheet, routineOf } from './record.ts'
import { SheetEntity } from './sheetEntity.ts'

/** What refers to a sheet, so that it can be told before the sheet goes. */
export async function sheetUses({ database }: Services, id: string): Promise<SheetUses> {
  const { manager } = database.source
  await findSheet(manager, id)
  const evenings = await listKept(manager, EVENINGS)
  const entries = await listKept(manager, ENTRIES, { field: 'sheetId', in: [id] })
  const sheets = await allSheets(manager)
  return {
    evenings: evenings.documents.filter(({ items }) => items.some(({ sheetId }) => sheetId === id))
      .length,
    entries: entries.documents.length,
    calls: await manager.countBy(CallEntity, { sheetId: id }),
    practice: await manager.countBy(PracticeEntity, { sheetId: id }),
    branches: sheets.filter(({ document }) => document.origin?.id === id).length,
  }
}

/**
 * Deletes a sheet that is in the archive, with its history and what was practised on it. What was
 * danced stays in the logbook, calls stay as they were, and evenings keep their item without a
 * sheet.
 */
export async function removeSheet(
  { database }: Services,
  id: string,
  once: Once | null = null,
): Promise<{ id: string }> {
  return database.write(async (manager) => {
    if (!routineOf(await findSheet(manager, id)).archived)
      throw refusal('edit.refused', 'sheet.not-away', {})
    await manager.delete(SheetEntity, { id })
    await manager.delete(DocumentBatchEntity, { kind: 'sheet', documentId: id })
    await manager.delete(PracticeEntity, { sheetId: id })
    return { id }
  }, once)
}
