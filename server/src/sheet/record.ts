import { routineSchema, upgradeRoutine, type Routine } from '@dellop/core/routine'
import type { EntityManager } from 'typeorm'
import { readableRecords, recordOrProblem, type RecordKind } from '../document/record.ts'
import { refusal } from '../http/problem.ts'
import { SheetEntity } from './sheetEntity.ts'

export const SHEET_RECORD: RecordKind<Routine> = {
  kind: 'sheet',
  name: 'The sheet',
  schema: routineSchema,
  upgrade: upgradeRoutine,
}
export const routineOf = (sheet: SheetEntity): Routine => recordOrProblem(SHEET_RECORD, sheet)

/** Every sheet that can be read. */
export const allSheets = async (
  manager: EntityManager,
): Promise<{ readonly row: SheetEntity; readonly document: Routine }[]> =>
  readableRecords(SHEET_RECORD, await manager.find(SheetEntity, { order: { title: 'ASC' } }))

export async function findSheet(manager: EntityManager, id: string): Promise<SheetEntity> {
  const sheet = await manager.findOneBy(SheetEntity, { id })
  if (!sheet) throw refusal('not-found', 'sheet.none', {})
  return sheet
}
