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

/** Drafts that wait for the frame in which they are shown, by place. */
const waiting = new Map<
  string,
  { readonly place: DraftPlace; readonly draft: Draft<object> | null }
>()
let isAsked = false

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
  for (const { place, draft } of all)
    void database()
      .then(async (db) => {
        if (draft) await db.put('by-tab', { ...place, key: keyOf(place), draft } satisfies Kept)
        else await db.delete('by-tab', keyOf(place))
      })
      .catch(() => undefined)
}
if (typeof window !== 'undefined') {
  // Who leaves within that frame loses nothing either.
  window.addEventListener('pagehide', write)
  document.addEventListener('visibilitychange', () => document.hidden && write())
}

async function left(place: DraftPlace): Promise<readonly LeftDraft[]> {
  write()
  try {
    const db = await database()
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
