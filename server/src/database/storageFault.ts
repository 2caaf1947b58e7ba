import { HttpProblem, refusal } from '../http/problem.ts'

/** What SQLite reports where not the change is wrong but the storage: it may pass. */
const FULL = /SQLITE_(?:FULL|IOERR)|disk is full|disk I\/O error|ENOSPC|EDQUOT|EFBIG/i
const BUSY = /SQLITE_(?:BUSY|LOCKED|CANTOPEN|PROTOCOL)|database is locked|table is locked/i
const LOST =
  /no transaction is active|database (?:connection )?is (?:not open|closed)|SQLITE_MISUSE/i

function textOf(error: unknown): string {
  const { code, message, driverError } = (error ?? {}) as {
    code?: unknown
    message?: unknown
    driverError?: { code?: unknown; message?: unknown }
  }
  return [code, message, driverError?.code, driverError?.message].filter(Boolean).join(' ')
}

/** Whether a change failed for the storage's sake, so that it is worth trying again. */
export const isStorageFault = (error: unknown): boolean =>
  !(error instanceof HttpProblem) &&
  [FULL, BUSY, LOST].some((pattern) => pattern.test(textOf(error)))

/** Whether there is no room for it. */
export const isFull = (error: unknown): boolean =>
  !(error instanceof HttpProblem) && FULL.test(textOf(error))

/** What a person is told when trying again has not helped. Nothing of the change was kept. */
export function storageProblem(error: unknown): HttpProblem {
  const text = textOf(error)
  if (FULL.test(text)) return refusal('storage.full', 'disk.full', {})
  if (BUSY.test(text)) return refusal('storage.busy', 'disk.held', {})
  return refusal('storage.full', 'disk.failed', {})
}
