import { callLogSchema, upgradeCallLog, type CallLog } from '@dellop/core/call'
import { openDB, type IDBPDatabase } from 'idb'

/** A call as this browser keeps it while it goes on, and until the server has it. */
export interface KeptCall {
  readonly log: CallLog
  /** The last moment at which it is known to have gone on, on the clock of its events. */
  readonly beatAt: number
}
/** What is kept here as a call and cannot be read: set aside as it is, never sent, never dropped. */
export interface UnreadableCall {
  readonly name: string
  readonly problem: string
  readonly record: unknown
}

let opening: Promise<IDBPDatabase> | null = null
/** Fails where the browser has no such storage. */
const database = async (): Promise<IDBPDatabase> =>
  (opening ??= openDB('dellop-calls', 1, { upgrade: (db) => void db.createObjectStore('call') }))

/** Splits what is kept into calls of the newest version and what cannot be read. */
export function sortKept(records: readonly unknown[]): {
  readonly calls: readonly KeptCall[]
  readonly unreadable: readonly UnreadableCall[]
} {
  const calls: KeptCall[] = []
  const unreadable: UnreadableCall[] = []
  for (const record of records) {
    const { log, beatAt } = (record ?? {}) as Partial<Record<keyof KeptCall, unknown>>
    const read = callLogSchema.safeParse(upgradeCallLog(log))
    if (read.success && typeof beatAt === 'number')
      calls.push({ log: read.data as CallLog, beatAt })
    else {
      const issue = read.error?.issues[0]
      const title = (log as { title?: unknown } | undefined)?.title
      unreadable.push({
        name: typeof title === 'string' ? title : '?',
        problem: issue ? [...issue.path, `${issue.message}.`].join(': ') : 'beatAt',
        record,
      })
    }
  }
  return { calls, unreadable }
}

async function kept(): Promise<ReturnType<typeof sortKept>> {
  try {
    return sortKept(await (await database()).getAll('call'))
  } catch {
    return sortKept([])
  }
}
export const keptCalls = async (): Promise<readonly KeptCall[]> => (await kept()).calls
export const unreadableCalls = async (): Promise<readonly UnreadableCall[]> =>
  (await kept()).unreadable

export const putKeptCall = async (call: KeptCall): Promise<void> =>
  void (await (await database()).put('call', call, call.log.id))
export const dropKeptCall = async (id: string): Promise<void> =>
  (await database()).delete('call', id)
