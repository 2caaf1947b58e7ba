import { practiceSchema, upgradePractice, type Practice } from '@dellop/core/rehearse'
import type { Once } from '../database/once.ts'
import { readableRecords, type RecordKind } from '../document/record.ts'
import { refusal } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { PracticeEntity } from './practiceEntity.ts'

export const PRACTICE_RECORD: RecordKind<Practice> = {
  kind: 'practice',
  name: 'The take',
  schema: practiceSchema,
  upgrade: upgradePractice,
}

/** What was practised, the newest first; of one sheet where it is named. */
export async function allPractice(
  { database }: Services,
  sheetId: string | null,
): Promise<Practice[]> {
  const rows = await database.source.manager.find(PracticeEntity, {
    where: sheetId === null ? {} : { sheetId },
    order: { atMs: 'DESC', id: 'ASC' },
  })
  return readableRecords(PRACTICE_RECORD, rows).map(({ document }) => document)
}

/** Keeps a take, a drill or a quiz; sent again it is kept once. */
export async function keepPractice({ database }: Services, practice: Practice): Promise<void> {
  const { id, sheetId, atMs } = practice
  await database.write(async (manager) => {
    const row = { id, sheetId, atMs: Math.round(atMs), document: JSON.stringify(practice) }
    await manager.upsert(PracticeEntity, row, ['id'])
  })
}

export async function removePractice(
  { database }: Services,
  id: string,
  once: Once | null = null,
): Promise<{ id: string }> {
  return database.write(async (manager) => {
    const { affected } = await manager.delete(PracticeEntity, { id })
    if (!affected) throw refusal('not-found', 'take.none', {})
    return { id }
  }, once)
}
