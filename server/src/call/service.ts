import { callLogSchema, type CallLog } from '@dellop/core/call'
import type { CallSummary } from '@dellop/wire'
import { HttpProblem } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { CallEntity } from './callEntity.ts'

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
  if (!row) throw new HttpProblem('not-found', 'There is no such call.')
  return callLogSchema.parse(JSON.parse(row.document))
}

/**
 * Keeps a call. The same call sent again, because nobody heard that it had arrived, is kept once;
 * what comes later with more in it takes its place, what comes late with less does not.
 */
export async function keepCall({ database }: Services, log: CallLog): Promise<void> {
  await database.write(async (manager) => {
    const before = await manager.findOneBy(CallEntity, { id: log.id })
    if (before && (JSON.parse(before.document) as CallLog).events.length > log.events.length) return
    await manager.save(CallEntity, {
      id: log.id,
      sheetId: log.sheetId,
      title: log.title,
      startedAtMs: log.startedAtMs,
      endedAtMs: log.endedAtMs,
      document: JSON.stringify(log),
    })
  })
}

export async function forgetCall({ database }: Services, id: string): Promise<void> {
  const { affected } = await database.write((manager) => manager.delete(CallEntity, { id }))
  if (!affected) throw new HttpProblem('not-found', 'There is no such call.')
}
