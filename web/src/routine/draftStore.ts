import type { Routine } from '@dellop/core/routine'
import { openDB, type IDBPDatabase } from 'idb'

/** What was written but may not have reached the server: the sheet as it was there, and as it is here. */
export interface Draft {
  readonly id: string
  readonly base: Routine
  readonly revision: number
  readonly routine: Routine
}

let opening: Promise<IDBPDatabase> | null = null

function database(): Promise<IDBPDatabase> {
  opening ??= openDB('dellop-drafts', 1, { upgrade: (db) => void db.createObjectStore('draft', { keyPath: 'id' }) })
  return opening
}

/** Keeps a draft at once. A browser that refuses storage (private windows) only loses this safety net. */
export async function keepDraft(draft: Draft): Promise<void> {
  await database()
    .then((db) => db.put('draft', draft))
    .catch(() => undefined)
}

export async function dropDraft(id: string): Promise<void> {
  await database()
    .then((db) => db.delete('draft', id))
    .catch(() => undefined)
}

export async function readDraft(id: string): Promise<Draft | null> {
  return database()
    .then((db) => db.get('draft', id) as Promise<Draft | undefined>)
    .then((draft) => draft ?? null)
    .catch(() => null)
}
