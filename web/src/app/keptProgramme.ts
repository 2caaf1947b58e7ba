import { eveningSchema, upgradeEvening, type Evening } from '@dellop/core/evening'
import type { Revised } from '@dellop/core/document'
import { openDB, type IDBPDatabase } from 'idb'

/** A programme as this browser last had it from the server, and what its dances are called. */
export interface KeptProgramme {
  readonly evening: Revised<Evening>
  readonly titles: ReadonlyMap<string, string>
}

let opening: Promise<IDBPDatabase> | null = null
const database = (): Promise<IDBPDatabase> =>
  (opening ??= openDB('dellop-programmes', 1, {
    upgrade: (db) => void db.createObjectStore('programme'),
  }))

/** Keeps a programme for an evening without the server; says whether the browser has kept it. */
export async function keepProgramme(kept: KeptProgramme): Promise<boolean> {
  const { document, revision } = kept.evening
  try {
    const record = { evening: document, revision, titles: [...kept.titles] }
    await (await database()).put('programme', record, document.id)
    return true
  } catch {
    return false
  }
}

/** The programme that was kept; null where none was, or it cannot be read any more. */
export async function keptProgramme(id: string): Promise<KeptProgramme | null> {
  try {
    const record = (await (await database()).get('programme', id)) as
      { evening: unknown; revision: number; titles: [string, string][] } | undefined
    const evening = eveningSchema.safeParse(upgradeEvening(record?.evening))
    if (!record || !evening.success) return null
    const { revision, titles } = record
    return { evening: { document: evening.data, revision }, titles: new Map(titles) }
  } catch {
    return null
  }
}
