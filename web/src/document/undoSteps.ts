import type { DocumentKind } from '@dellop/wire'

/** Undo that outlives a reload: kept with the tab, when the page is left. */
export interface UndoSteps {
  /** What this tab left of a document; null where there is nothing. */
  readonly left: (kind: DocumentKind, id: string) => string | null
  /** Keeps what `pack` gives when the page is left; the answer keeps it at once and ends that. */
  readonly keepOnLeave: (kind: DocumentKind, id: string, pack: () => string) => () => void
}

const keyOf = (kind: DocumentKind, id: string): string => `dellop-undo/${kind}/${id}`

export const browserUndoSteps: UndoSteps = {
  left: (kind, id) => globalThis.sessionStorage?.getItem(keyOf(kind, id)) ?? null,
  keepOnLeave(kind, id, pack) {
    const keep = (): void => {
      try {
        globalThis.sessionStorage?.setItem(keyOf(kind, id), pack())
      } catch {
        // A full storage keeps no undo; what was written is kept elsewhere.
        globalThis.sessionStorage?.removeItem(keyOf(kind, id))
      }
    }
    globalThis.addEventListener?.('pagehide', keep)
    return () => {
      globalThis.removeEventListener?.('pagehide', keep)
      keep()
    }
  },
}
