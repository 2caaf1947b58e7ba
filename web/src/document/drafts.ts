import type { Draft } from '@dellop/core/document'
import type { DocumentKind } from '@dellop/wire'
import { openDB, type IDBPDatabase } from 'idb'
import { openTabs, tabLock } from './tab.ts'

/** Where a draft belongs: which document, written in which tab. */
export interface DraftPlace {
  readonly kind: DocumentKind
  readonly id: string
  readonly tab: string
}

/** What was written may not have reached the server: it is kept in the browser, by tab. */
export interface Drafts {
  /** Keeps a draft in place of the one before it, or lets it go. */
  readonly keep: (place: DraftPlace, draft: Draft<object> | null) => void
  /** What this tab left of a document, and what tabs left that are there no more; its own last. */
  readonly left: (place: DraftPlace) => Promise<readonly LeftDraft[]>
}
export interface LeftDraft {
  readonly draft: Draft<unknown>
  /** Lets it go, once it is kept elsewhere. */
  readonly forget: () => void
}

interface Kept extends DraftPlace {
  readonly key: string
  readonly draft: Draft<unknown>
}

const keyOf = ({ kind, id, tab }: DraftPlace): string => `${kind}/${id}/${tab}`

let opening: Promise<IDBPDatabase> | null = null
/** Fails where the browser has no such storage. Version 1 kept one draft a sheet, whichever tab had written it. */
async function database(): Promise<IDBPDatabase> {
  opening ??= openDB('dellop-drafts', 2, {
    upgrade: async (db, before, _after, change) => {
      const kept = db.createObjectStore('by-tab', { keyPath: 'key' })
      if (before < 1) return
      for (const one of (await change.objectStore('draft').getAll()) as OldDraft[])
        await kept.put(ofVersion1(one))
      db.deleteObjectStore('draft')
    },
  })
  return opening
}

interface OldDraft {
  readonly id: string
  readonly base: unknown
  readonly revision: number
  readonly routine: unknown
}
function ofVersion1({ id, base, revision, routine }: OldDraft): Kept {
  const place = { kind: 'sheet' as const, id, tab: 'before' }
  return {
    ...place,
    key: keyOf(place),
    draft: { base, revision, document: routine, conflicts: [] },
  }
}

interface Waiting {
  readonly place: DraftPlace
  readonly draft: Draft<object> | null
}
/** Drafts that wait for the frame in which they are shown, by place. */
const waiting = new Map<string, Waiting>()
let isAsked = false
/** What storage was given and has not said yet that it has it, newest of each place. */
const unsure = new Map<string, Waiting>()

/**
 * Keeps a draft as soon as what was typed is on the screen: writing it takes longer than a frame
 * may. At once where no frame will come. A browser that refuses storage (private windows) only
 * loses this safety net.
 */
function keep(place: DraftPlace, draft: Draft<object> | null): void {
  waiting.set(keyOf(place), { place, draft })
  if (document.hidden) return write()
  if (isAsked) return
  isAsked = true
  requestAnimationFrame(() => setTimeout(write))
}

function write(): void {
  isAsked = false
  const all = [...waiting.values()]
  waiting.clear()
  for (const one of all) {
    const key = keyOf(one.place)
    unsure.set(key, one)
    void store(one)
      .then(() => {
        if (unsure.get(key) !== one) return
        unsure.delete(key)
        letGoAtOnce(key)
      })
      .catch(() => undefined)
  }
}

async function store({ place, draft }: Waiting): Promise<void> {
  const db = await database()
  if (draft) await db.put('by-tab', { ...place, key: keyOf(place), draft } satisfies Kept)
  else await db.delete('by-tab', keyOf(place))
}

/**
 * A page that goes has no time for storage that answers later: what that is not sure of yet is kept
 * in the storage that writes at once as well, and read from there before anything else.
 */
function keepAtOnce(): void {
  write()
  for (const [key, one] of unsure)
    try {
      localStorage.setItem(AT_ONCE + key, JSON.stringify(one))
    } catch {
      // It is full or refused: the other storage may still have been quick enough.
    }
}
const AT_ONCE = 'dellop-draft:'
function letGoAtOnce(key: string): void {
  try {
    localStorage.removeItem(AT_ONCE + key)
  } catch {
    // What cannot be written has nothing to let go.
  }
}
/** Moves what a page left behind at once to where drafts are kept. */
async function takeAtOnce(): Promise<void> {
  const left = Object.keys(localStorage).filter((key) => key.startsWith(AT_ONCE))
  for (const key of left) {
    const text = localStorage.getItem(key)
    if (text === null) continue
    const one = readAtOnce(text)
    if (one) await store(one)
    localStorage.removeItem(key)
  }
}
/** Null for what was cut off while it was written: it must not hide all other drafts. */
function readAtOnce(text: string): Waiting | null {
  try {
    return JSON.parse(text) as Waiting
  } catch {
    return null
  }
}

if (typeof window !== 'undefined') {
  // Who leaves within that frame loses nothing either.
  window.addEventListener('pagehide', keepAtOnce)
  document.addEventListener('visibilitychange', () => document.hidden && write())
}

async function left(place: DraftPlace): Promise<readonly LeftDraft[]> {
  write()
  try {
    const db = await database()
    await takeAtOnce()
    const [all, tabs] = await Promise.all([db.getAll('by-tab') as Promise<Kept[]>, openTabs()])
    const ofThis = all.filter(({ kind, id }) => kind === place.kind && id === place.id)
    const own = ofThis.filter(({ tab }) => tab === place.tab)
    const gone = ofThis.filter(({ tab }) => tab !== place.tab && !tabs.has(tabLock(tab)))
    return [
      ...gone.map(({ key, draft }) => ({
        draft,
        forget: () => void db.delete('by-tab', key).catch(() => undefined),
      })),
      ...own.map(({ draft }) => ({ draft, forget: () => undefined })),
    ]
  } catch {
    return []
  }
}

export const browserDrafts: Drafts = { keep, left }
