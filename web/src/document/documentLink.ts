import {
  documentHere,
  isRecord,
  openSync,
  syncStep,
  type Draft,
  type Revised,
  type SyncEffect,
  type SyncEvent,
  type SyncState,
} from '@dellop/core/document'
import { shallowRef } from 'vue'
import { ApiProblem, sentenceOf } from '../app/api.ts'
import { randomId } from '../app/randomId.ts'
import { browserTimers, type Timers } from '../app/timers.ts'
import { browserDrafts, type Drafts, type LeftDraft } from './drafts.ts'
import { browserUndoSteps, type UndoSteps } from './undoSteps.ts'
import type { OpenKind } from './kinds.ts'
import { serverNews, type News } from './news.ts'
import { tabId } from './tab.ts'
import { onceSent, underWay } from './underWay.ts'

/** What an open document needs of the browser. */
export interface Surroundings {
  readonly timers: Timers
  readonly drafts: Drafts
  readonly news: News
  readonly tabId: () => Promise<string>
  readonly newId: () => string
  /** Where there is none, undo ends with the page. */
  readonly undoSteps?: UndoSteps
}
export const browser: Surroundings = {
  timers: browserTimers,
  drafts: browserDrafts,
  news: serverNews,
  tabId,
  newId: randomId,
  undoSteps: browserUndoSteps,
}

/**
 * The way between a document here and at the server: its state goes by `syncStep` of the core; here
 * is only what its effects do to the network, the clock and the browser's storage.
 */
export function linkDocument<Document extends object>(
  kind: OpenKind<Document>,
  id: string,
  surroundings: Surroundings,
) {
  const { timers, drafts, news, newId } = surroundings
  const sync = shallowRef<SyncState<Document> | null>(null)
  /** Called with the document whenever it is at the server. */
  const savedTo = new Set<(saved: Revised<Document>) => void>()
  let tab = ''
  let cancelWait = (): void => undefined
  let stopNews = (): void => undefined

  const key = (): string => `${kind.kind}/${id}/${tab}`

  /** Reads it and takes up what was left of it in this browser; `known`: it was read just now. */
  async function open(known: Revised<Document> | null = null): Promise<void> {
    tab = await surroundings.tabId()
    const place = { kind: kind.kind, id, tab }
    if (!known) await onceSent(timers, key())
    const [server, left] = await Promise.all([known ?? kind.read(id), drafts.left(place)])
    const step = openSync(
      kind.shape,
      server,
      left.flatMap((one) => readDraft(kind, one)),
    )
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
      const answer = await underWay(key(), kind.edit(id, batch))
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
    here: (): Document | null => sync.value && documentHere(sync.value),
    open,
    close,
    dispatch,
    sendNow,
    onSaved: (tell: (saved: Revised<Document>) => void) => void savedTo.add(tell),
  }
}

/** A draft that an older Dellop left is brought up to this one's form. */
function readDraft<Document extends object>(
  kind: OpenKind<Document>,
  { draft }: LeftDraft,
): Draft<Document>[] {
  const [base, document] = [kind.upgrade(draft.base), kind.upgrade(draft.document)]
  const conflicts = Array.isArray(draft.conflicts) ? draft.conflicts : []
  return isRecord(base) && isRecord(document)
    ? [{ ...draft, conflicts, base: base as Document, document: document as Document }]
    : []
}
