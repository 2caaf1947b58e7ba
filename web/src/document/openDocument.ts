import {
  applyEdits,
  conflictsOf,
  diff,
  emptyHistory,
  isRecord,
  packHistory,
  record,
  redo,
  undo,
  unpackHistory,
  type Conflict,
  type Edit,
  type History,
} from '@dellop/core/document'
import { computed, shallowRef } from 'vue'
import { browser, linkDocument, type Surroundings } from './documentLink.ts'
import type { OpenKind } from './kinds.ts'

/** Steps back that outlive a reload. */
const KEPT_STEPS = 30

/** One open document, linked to the server. Edits can be undone. */
export function openDocument<Document extends object>(
  kind: OpenKind<Document>,
  id: string,
  surroundings: Surroundings = browser,
) {
  const link = linkDocument(kind, id, surroundings)
  const { sync, dispatch } = link
  const history = shallowRef<History<Document>>(emptyHistory())

  let stopKeeping: (() => void) | null = null
  async function open(...known: Parameters<typeof link.open>): Promise<void> {
    await link.open(...known)
    const undoSteps = kind.keepsUndo && surroundings.undoSteps
    const left = undoSteps?.left(kind.kind, id)
    if (left && history.value.done.length === 0)
      history.value = unpackHistory(left, (document) => {
        const read = kind.upgrade(document)
        return isRecord(read) ? (read as Document) : null
      })
    stopKeeping =
      undoSteps?.keepOnLeave(kind.kind, id, () => packHistory(history.value, KEPT_STEPS)) ?? null
  }
  function close(): void {
    stopKeeping?.()
    stopKeeping = null
    link.close()
  }

  /** Puts another document in place of this one. Says whether it is another. */
  function change(next: Document, label: string, key: string | null = null): boolean {
    const before = link.here()
    return before !== null && edit(diff(kind.shape, before, next), label, key)
  }

  /**
   * Makes edits; says whether they could be made. Edits with the same key in quick succession are
   * undone as one.
   */
  function edit(edits: readonly Edit[] | null, label: string, key: string | null = null): boolean {
    const before = link.here()
    if (!before || !edits || edits.length === 0) return false
    const result = applyEdits(kind.shape, before, edits)
    if (!result.ok) return false
    const after = result.value
    history.value = record(history.value, {
      label,
      before,
      after,
      atMs: surroundings.timers.nowMs(),
      key,
    })
    dispatch({ type: 'edited', document: after })
    return true
  }

  /** Undoes, or does again; the label of what was done, or null where nothing is left. */
  function travel(way: typeof undo): string | null {
    const now = link.here()
    const step = now && way(kind.shape, history.value, now)
    if (!step) return null
    const result = applyEdits(kind.shape, now, step.edits)
    history.value = step.history
    if (result.ok) dispatch({ type: 'edited', document: result.value })
    return step.label
  }

  /** Takes mine of a conflict where that is a field's value, by an edit that can be undone. */
  function takeMine(index: number, label: string): void {
    const conflict: Conflict | undefined = sync.value ? conflictsOf(sync.value)[index] : undefined
    if (conflict?.type === 'field') {
      const { id: node, field, kept, mine } = conflict
      edit([{ type: 'set', id: node, field, from: kept, to: mine }], label)
    }
    settle(index)
  }
  const settle = (index: number): void => dispatch({ type: 'settled', index })

  /** Takes back what is not at the server: as the server has it. */
  function giveUp(): void {
    if (!sync.value) return
    dispatch({ type: 'edited', document: sync.value.server.document })
    link.sendNow()
  }

  return {
    sync,
    document: computed(link.here),
    conflicts: computed(() => (sync.value ? conflictsOf(sync.value) : [])),
    canUndo: computed(() => history.value.done.length > 0),
    canRedo: computed(() => history.value.undone.length > 0),
    open,
    close,
    edit,
    change,
    takeMine,
    settle,
    giveUp,
    saveNow: link.sendNow,
    undo: () => travel(undo),
    redo: () => travel(redo),
    onSaved: link.onSaved,
  }
}
export type OpenDocument<Document extends object> = ReturnType<typeof openDocument<Document>>
