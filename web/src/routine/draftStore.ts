import type { Routine } from '@dellop/core/routine'
import { openDB, type IDBPDatabase } from 'idb'

/**
 * What was written but may not have reached the server: the sheet as it was there, and as it is
 * here.
 */
export interface Draft {
  readonly id: string
  readonly base: Routine
  readonly revision: number
  readonly routine: Routine
}

let opening: Promise<IDBPDatabase> | null = null

function database(): Promise<IDBPDatabase> {
  opening ??= openDB('dellop-drafts', 1, {
    upgrade: (db) => void db.createObjectStore('draft', { keyPath: 'id' }),
  })
  return opening
}

let waiting: Draft | null = null

/**
 * Keeps a draft as soon as what was typed is on the screen: writing it takes longer than a frame
 * may. At once where no frame will come. A browser that refuses storage (private windows) only
 * loses this safety net.
 */
export function keepDraft(draft: Draft): void {
  if (waiting && waiting.id !== draft.id) write()
  const isAsked = waiting !== null
  waiting = draft
  if (document.hidden) return write()
  if (!isAsked) requestAnimationFrame(() => setTimeout(write))
}

function write(): void {
  const draft = waiting
  waiting = null
  if (!draft) return
  void database()
    .then((db) => db.put('draft', draft))
    .catch(() => undefined)
}
// Who leaves within that frame loses nothing either.
window.addEventListener('pagehide', write)
document.addEventListener('visibilitychange', () => document.hidden && write())

export async function dropDraft(id: string): Promise<void> {
  if (waiting?.id === id) waiting = null
  await database()
    .then((db) => db.delete('draft', id))
    .catch(() => undefined)
}

export async function readDraft(id: string): Promise<Draft | null> {
  write()
  return database()
    .then((db) => db.get('draft', id) as Promise<Draft | undefined>)
    .then((draft) => draft ?? null)
    .catch(() => null)
}
