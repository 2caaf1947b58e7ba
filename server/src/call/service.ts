import { callLogSchema, upgradeCallLog, type CallLog } from '@dellop/core/call'
import type { CallSummary } from '@dellop/wire'
import type { Once } from '../database/once.ts'
import { recordOrProblem, type RecordKind } from '../document/record.ts'
import { refusal } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { CallEntity } from './callEntity.ts'

export const CALL_RECORD: RecordKind<CallLog> = {
  kind: 'call',
  name: 'The call',
  schema: callLogSchema,
  upgrade: upgradeCallLog,
}

/** Calls, the newest first; of one sheet where it is named. */
export async function allCalls(
  { database }: Services,
  sheetId: string | null,
): Promise<CallSummary[]> {
  const rows = await database.source.manager.find(CallEntity, {
    where: sheetId === null ? {} : { sheetId },
    order: { startedAtMs: 'DESC' },
  })
  return rows.map(({ id, sheetId: sheet, title, startedAtMs, endedAtMs }) => ({
    id,
    sheetId: sheet,
    title,
    startedAtMs,
    endedAtMs,
  }))
}

export async function readCall({ database }: Services, id: string): Promise<CallLog> {
  const row = await database.source.manager.findOneBy(CallEntity, { id })
  if (!row) throw refusal('not-found', 'call.none', {})
  return recordOrProblem(CALL_RECORD, row)
}

/**
 * Keeps a call. The same call sent again, because nobody heard that it had arrived, is kept once;
 * what comes later with more in it takes its place, what comes late with less does not.
 */
export async function keepCall({ database }: Services, log: CallLog): Promise<void> {
  await database.write(async (manager) => {
    const before = await manager.findOneBy(CallEntity, { id: log.id })
    if (before && (JSON.parse(before.document) as CallLog).events.length > log.events.length) return
    const { id, sheetId, title, startedAtMs, endedAtMs } = log
    const document = JSON.stringify(log)
    const row = { id, sheetId, title, startedAtMs, endedAtMs, document }
    await manager.upsert(CallEntity, row, ['id'])
  })
}

export async function removeCall(
  { database }: Services,
  id: string,
  once: Once | null = null,
): Promise<{ id: string }> {
  return database.write(async (manager) => {
    const { affected } = await manager.delete(CallEntity, { id })
    if (!affected) throw refusal('not-found', 'call.none', {})
    return { id }
  }, once)
}
