import {
  applyEdits,
  conflictsOf,
  diff,
  documentHere,
  emptyHistory,
  isRecord,
  openSync,
  record,
  redo,
  syncStep,
  undo,
  type Conflict,
  type Draft,
  type Edit,
  type History,
  type Revised,
  type SyncEffect,
  type SyncEvent,
  type SyncState,
} from '@dellop/core/document'
import { computed, shallowRef } from 'vue'
import { ApiProblem, sentenceOf } from '../app/api.ts'
import { randomId } from '../app/randomId.ts'
import { browserTimers, type Timers } from '../app/timers.ts'
import { browserDrafts, type Drafts, type LeftDraft } from './drafts.ts'
import type { OpenKind } from './kinds.ts'
import { serverNews, type News } from './news.ts'
import { tabId } from './tab.ts'

/** What an open document needs of the browser. */
export interface Surroundings {
  readonly timers: Timers
  readonly drafts: Drafts
  readonly news: News
  readonly tabId: () => Promise<string>
  readonly newId: () => string
}
export const browser: Surroundings = {
  timers: browserTimers,
  drafts: browserDrafts,
  news: serverNews,
  tabId,
  newId: randomId,
}

/**
 * One open document: its state goes by `syncStep` of the core; here is only what its effects do to
 * the network, the clock and the browser's storage. Edits can be undone.
 */
export function openDocument<Document extends object>(
  kind: OpenKind<Document>,
  id: string,
  surroundings: Surroundings = browser,
) {
  const { timers, drafts, news, newId } = surroundings
  const sync = shallowRef<SyncState<Document> | null>(null)
  const history = shallowRef<History<Document>>(emptyHistory())
  /** Called with the document whenever it is at the server. */
  const savedTo = new Set<(saved: Revised<Document>) => void>()
  let tab = ''
  let cancelWait = (): void => undefined
  let stopNews = (): void => undefined

  /** Reads it and takes up what was left of it in this browser; `known`: it was read just now. */
  async function open(known: Revised<Document> | null = null): Promise<void> {
    tab = await surroundings.tabId()
    const place = { kind: kind.kind, id, tab }
    const [server, left] = await Promise.all([known ?? kind.read(id), drafts.left(place)])
    const step = openSync(kind.shape, server, left.flatMap(readDraft))
    sync.value = step.state
    run(step.effects)
    for (const { forget } of left) forget()
    stopNews()
    stopNews = news.listen(kind.kind, id, {
      changed: ({ revision, clientId }) => {
        if (clientId !== tab) dispatch({ type: 'changed', revision })
      },
      online: () => dispatch({ type: 'online' }),
    })
  }

  /** A draft that an older Dellop left is brought up to this one's form. */
  function readDraft({ draft }: LeftDraft): Draft<Document>[] {
    const [base, document] = [kind.upgrade(draft.base), kind.upgrade(draft.document)]
    const conflicts = Array.isArray(draft.conflicts) ? draft.conflicts : []
    return isRecord(base) && isRecord(document)
      ? [{ ...draft, conflicts, base: base as Document, document: document as Document }]
      : []
  }

  function dispatch(event: SyncEvent<Document>): void {
    if (!sync.value) return
    const step = syncStep(kind.shape, sync.value, event)
    sync.value = step.state
    run(step.effects)
  }

  function run(effects: readonly SyncEffect<Document>[]): void {
    for (const effect of effects)
      switch (effect.type) {
        case 'keep':
          drafts.keep({ kind: kind.kind, id, tab }, effect.draft)
          break
        case 'wait':
          cancelWait()
          cancelWait = timers.after(effect.ms, sendNow)
          break
        case 'send':
          void send(effect.batch)
          break
        case 'read':
          void read()
          break
        case 'tell':
          for (const tell of savedTo) tell(effect.saved)
      }
  }

  function sendNow(): void {
    cancelWait()
    dispatch({ type: 'due', clientId: tab, batchId: newId() })
  }

  async function send(batch: Parameters<typeof kind.edit>[1]): Promise<void> {
    try {
      const answer = await kind.edit(id, batch)
      dispatch({ type: 'answered', answer })
    } catch (error) {
      if (error instanceof ApiProblem && error.isUnheard) dispatch({ type: 'unreachable' })
      else
        dispatch({
          type: 'refused',
          problem: { code: 'refused', params: {}, message: sentenceOf(error) },
        })
    }
  }

  async function read(): Promise<void> {
    const now = await kind.read(id).catch(() => null)
    if (now) dispatch({ type: 'read', now })
  }

  /** Puts another document in place of this one. Says whether it is another. */
  function change(next: Document, label: string, key: string | null = null): boolean {
    const before = sync.value && documentHere(sync.value)
    return before !== null && edit(diff(kind.shape, before, next), label, key)
  }

  /**
   * Makes edits; says whether they could be made. Edits with the same key in quick succession are
   * undone as one.
   */
  function edit(edits: readonly Edit[] | null, label: string, key: string | null = null): boolean {
    const before = sync.value && documentHere(sync.value)
    if (!before || !edits || edits.length === 0) return false
    const result = applyEdits(kind.shape, before, edits)
    if (!result.ok) return false
    const after = result.value
    history.value = record(history.value, { label, before, after, atMs: timers.nowMs(), key })
    dispatch({ type: 'edited', document: after })
    return true
  }

  /** Undoes, or does again; the label of what was done, or null where nothing is left. */
  function travel(way: typeof undo): string | null {
    const now = sync.value && documentHere(sync.value)
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
    sendNow()
  }

  /**
   * Sends what waits now; who is told of what is saved hears of it still. What is on its way when
   * the page goes is kept as a draft all the same.
   */
  function close(): void {
    sendNow()
    stopNews()
  }

  return {
    sync,
    document: computed(() => sync.value && documentHere(sync.value)),
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
    saveNow: sendNow,
    undo: () => travel(undo),
    redo: () => travel(redo),
    onSaved: (tell: (saved: Revised<Document>) => void) => void savedTo.add(tell),
  }
}
export type OpenDocument<Document extends object> = ReturnType<typeof openDocument<Document>>
