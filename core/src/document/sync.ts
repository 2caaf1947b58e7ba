import type { Revised } from './accept.ts'
import { diff } from './diff.ts'
import type { Edit } from './edit.ts'
import { merge, type Conflict } from './merge.ts'
import type { Problem } from './result.ts'
import type { DocumentShape } from './shape.ts'
import { sameValue } from './value.ts'

/**
 * One open document between this page and the server, as a value: `syncStep(state, event)` gives
 * the next state and what is to be done. There is no clock and no network inside.
 *
 * What holds at every moment: whatever was typed is in the document here, in a conflict that is
 * told, or was written over by somebody who saw it. Two pages that have nothing left to send and
 * have read the same revision show the same document.
 */
export type SyncState<Document> =
  /** All that was written is at the server. */
  | Clean<Document>
  /** So it is, but something could not be merged, and nobody has answered that yet. */
  | (Known<Document> & { readonly state: 'conflict'; readonly conflicts: readonly Conflict[] })
  /** Something waits to be sent. */
  | (Written<Document> & { readonly state: 'dirty' })
  /** A batch is on its way; more may have been written since. */
  | (Written<Document> & InFlight<Document> & { readonly state: 'sending' })
  /** Nobody knows whether the batch arrived: it is sent again as it is. */
  | (Written<Document> & InFlight<Document> & { readonly state: 'offline' })
  /** The server does not take what was written, and says why. It is kept here. */
  | (Written<Document> & { readonly state: 'refused'; readonly problem: Problem })

interface Known<Document> {
  /** The document as the server was last known to have it. */
  readonly server: Revised<Document>
  /** The newest revision that was heard of; the server's own, or one still to be read. */
  readonly heard: number
}
interface Clean<Document> extends Known<Document> {
  readonly state: 'clean'
}
interface Written<Document> extends Known<Document> {
  /** The document as it stands on this page. */
  readonly here: Document
  readonly conflicts: readonly Conflict[]
}
interface InFlight<Document> {
  readonly batch: Batch
  /** The document as the batch makes it of its base. */
  readonly sent: Document
  /** How often it went unanswered. */
  readonly tries: number
}

/** Edits that are accepted together or not at all. Client and batch name it, once and for all. */
export interface Batch {
  readonly clientId: string
  readonly batchId: string
  /** The revision that the edits start from. */
  readonly base: number
  readonly edits: readonly Edit[]
}

/** What is kept in the browser of a document that is not wholly at the server, or not answered. */
export interface Draft<Document> {
  readonly base: Document
  readonly revision: number
  readonly document: Document
  readonly conflicts: readonly Conflict[]
}

export type SyncEvent<Document> =
  | { readonly type: 'edited'; readonly document: Document }
  /** The time that was waited for has come. The ids name the batch that may be made now. */
  | { readonly type: 'due'; readonly clientId: string; readonly batchId: string }
  | {
      readonly type: 'answered'
      readonly answer: Revised<Document> & { readonly conflicts: readonly Conflict[] }
    }
  /** The batch went out and no answer came. */
  | { readonly type: 'unreachable' }
  | { readonly type: 'refused'; readonly problem: Problem }
  /** Somebody else has changed the document. */
  | { readonly type: 'changed'; readonly revision: number }
  /** What the effect `read` asked for. */
  | { readonly type: 'read'; readonly now: Revised<Document> }
  /** The server can be reached again, or the page was asleep. */
  | { readonly type: 'online' }
  /** A conflict was answered: mine taken by an edit, or theirs left. */
  | { readonly type: 'settled'; readonly index: number }

export type SyncEffect<Document> =
  /** Sends a batch; `answered`, `unreachable` or `refused` follows. */
  | { readonly type: 'send'; readonly batch: Batch }
  /** Lets `due` come after so many milliseconds, in place of what was waited for before. */
  | { readonly type: 'wait'; readonly ms: number }
  /** Keeps the draft in the browser at once; null: nothing is left to keep. */
  | { readonly type: 'keep'; readonly draft: Draft<Document> | null }
  /** Reads the document anew; `read` follows, or nothing. */
  | { readonly type: 'read' }
  /** Tells who else on this page has the document: it is at the server now. */
  | { readonly type: 'tell'; readonly saved: Revised<Document> }

export interface SyncStep<Document> {
  readonly state: SyncState<Document>
  readonly effects: readonly SyncEffect<Document>[]
}

/** What was written is sent when nothing more is written for so long. */
export const SAVE_AFTER_MS = 500
/** Waits between tries to reach the server; the last one again and again. */
export const RETRY_MS = [1000, 2000, 5000, 10_000] as const

/** The document as it stands on this page. */
export const documentHere = <Document>(state: SyncState<Document>): Document =>
  'here' in state ? state.here : state.server.document

/** What could not be merged and was not answered yet. */
export const conflictsOf = (state: SyncState<unknown>): readonly Conflict[] =>
  'conflicts' in state ? state.conflicts : []

/**
 * Opens a document as the server has it, with the drafts that were left in this browser: by this
 * page before it was reloaded, or by pages that are gone.
 */
export function openSync<Document extends object>(
  shape: DocumentShape,
  server: Revised<Document>,
  drafts: readonly Draft<Document>[],
): SyncStep<Document> {
  const known: Known<Document> = { server, heard: server.revision }
  let here = server.document
  let conflicts: readonly Conflict[] = []
  for (const draft of drafts) {
    conflicts = joined(conflicts, draft.conflicts)
    if (sameValue(draft.base, draft.document)) continue
    const merged = merge(shape, draft.base, here, draft.document)
    here = merged.document
    conflicts = joined(conflicts, merged.conflicts)
  }
  return written(known, here, conflicts, 0)
}

/** One event later. Events that mean nothing in a state leave it as it is. */
export function syncStep<Document extends object>(
  shape: DocumentShape,
  state: SyncState<Document>,
  event: SyncEvent<Document>,
): SyncStep<Document> {
  switch (event.type) {
    case 'edited':
      return edited(state, event.document)
    case 'due':
      return due(shape, state, event)
    case 'answered':
      return state.state === 'sending' ? answered(shape, state, event.answer) : same(state)
    case 'unreachable':
      return state.state === 'sending' ? unreachable(state) : same(state)
    case 'refused':
      return state.state === 'sending' ? refused(state, event.problem) : same(state)
    case 'changed':
      return changed(state, event.revision)
    case 'read':
      return read(shape, state, event.now)
    case 'online':
      return online(state)
    case 'settled':
      return settled(state, event.index)
  }
}

type In<Name extends SyncState<unknown>['state'], Document> = Extract<
  SyncState<Document>,
  { state: Name }
>

const same = <Document>(state: SyncState<Document>): SyncStep<Document> => ({ state, effects: [] })

function edited<Document extends object>(
  state: SyncState<Document>,
  document: Document,
): SyncStep<Document> {
  if (document === documentHere(state)) return same(state)
  if (state.state === 'sending' || state.state === 'offline')
    return kept({ ...state, here: document })
  const { server, heard } = state
  const conflicts = conflictsOf(state)
  return kept({ state: 'dirty', server, heard, here: document, conflicts }, [
    { type: 'wait', ms: SAVE_AFTER_MS },
  ])
}

function due<Document extends object>(
  shape: DocumentShape,
  state: SyncState<Document>,
  { clientId, batchId }: { readonly clientId: string; readonly batchId: string },
): SyncStep<Document> {
  if (state.state === 'offline')
    return {
      state: { ...state, state: 'sending' },
      effects: [{ type: 'send', batch: state.batch }],
    }
  if (state.state !== 'dirty') return same(state)
  const { server, here, conflicts } = state
  const edits = diff(shape, server.document, here)
  if (edits.length === 0) return written(state, server.document, conflicts, 0)
  const batch = { clientId, batchId, base: server.revision, edits }
  return {
    state: { ...state, state: 'sending', batch, sent: here, tries: 0 },
    effects: [{ type: 'send', batch }],
  }
}

/** What the server made of a batch, under what has been written since it was sent. */
function answered<Document extends object>(
  shape: DocumentShape,
  state: In<'sending', Document>,
  answer: Revised<Document> & { readonly conflicts: readonly Conflict[] },
): SyncStep<Document> {
  const { sent, here, heard } = state
  const document = sameValue(answer.document, sent) ? sent : answer.document
  const server = { document, revision: answer.revision }
  const merged =
    document === sent
      ? { document: here, conflicts: [] }
      : here === sent
        ? { document, conflicts: [] }
        : merge(shape, sent, document, here)
  const conflicts = joined(joined(state.conflicts, answer.conflicts), merged.conflicts)
  const known = { server, heard: Math.max(heard, server.revision) }
  const next = written(known, merged.document, conflicts, 0)
  return {
    state: next.state,
    effects: [{ type: 'tell', saved: server }, ...next.effects, ...missing(known)],
  }
}

/** Nothing is known of the batch: it is sent again, and what it does is not taken for done. */
function unreachable<Document>(state: In<'sending', Document>): SyncStep<Document> {
  const ms = RETRY_MS[Math.min(state.tries, RETRY_MS.length - 1)]!
  return {
    state: { ...state, state: 'offline', tries: state.tries + 1 },
    effects: [{ type: 'wait', ms }],
  }
}

function refused<Document>(state: In<'sending', Document>, problem: Problem): SyncStep<Document> {
  const { server, heard, here, conflicts } = state
  return kept({ state: 'refused', server, heard, here, conflicts, problem }, [{ type: 'read' }])
}

function changed<Document>(state: SyncState<Document>, revision: number): SyncStep<Document> {
  if (revision <= state.heard) return same(state)
  const next = { ...state, heard: revision }
  if (next.state === 'sending' || next.state === 'offline') return same(next)
  // What waits to be sent is merged by sending it.
  if (next.state === 'dirty') return { state: next, effects: [{ type: 'wait', ms: 0 }] }
  return { state: next, effects: [{ type: 'read' }] }
}

function read<Document extends object>(
  shape: DocumentShape,
  state: SyncState<Document>,
  now: Revised<Document>,
): SyncStep<Document> {
  // While nobody knows what became of a batch, it must not be merged with what it may have made.
  if (now.revision <= state.server.revision || 'batch' in state) return same(state)
  const known = { server: now, heard: Math.max(state.heard, now.revision) }
  if (state.state === 'clean' || state.state === 'conflict')
    return { state: { ...state, ...known }, effects: [{ type: 'tell', saved: now }] }
  const { document, conflicts } = merge(shape, state.server.document, now.document, state.here)
  const all = joined(state.conflicts, conflicts)
  if (state.state === 'refused') return kept({ ...state, ...known, here: document, conflicts: all })
  return written(known, document, all, 0)
}

function online<Document>(state: SyncState<Document>): SyncStep<Document> {
  if (state.state === 'sending') return same(state)
  const isWaiting = state.state === 'dirty' || state.state === 'offline'
  return { state, effects: [isWaiting ? { type: 'wait', ms: 0 } : { type: 'read' }] }
}

function settled<Document extends object>(
  state: SyncState<Document>,
  index: number,
): SyncStep<Document> {
  if (!('conflicts' in state)) return same(state)
  const conflicts = state.conflicts.filter((_, i) => i !== index)
  if (state.state !== 'conflict') return kept({ ...state, conflicts })
  return written(state, state.server.document, conflicts, 0)
}

/** A state in which nothing is on its way: dirty where the document here is not the server's. */
function written<Document extends object>(
  { server, heard }: Known<Document>,
  here: Document,
  conflicts: readonly Conflict[],
  ms: number,
): SyncStep<Document> {
  if (!sameValue(here, server.document))
    return kept({ state: 'dirty', server, heard, here, conflicts }, [{ type: 'wait', ms }])
  return conflicts.length > 0
    ? kept({ state: 'conflict', server, heard, conflicts })
    : { state: { state: 'clean', server, heard }, effects: [{ type: 'keep', draft: null }] }
}

/** The state with the effect that keeps its draft, before all others. */
function kept<Document>(
  state: SyncState<Document>,
  effects: readonly SyncEffect<Document>[] = [],
): SyncStep<Document> {
  const { document: base, revision } = state.server
  const draft = { base, revision, document: documentHere(state), conflicts: conflictsOf(state) }
  return { state, effects: [{ type: 'keep', draft }, ...effects] }
}

/** A revision was heard of that is not here yet. */
const missing = ({ server, heard }: Known<unknown>): { readonly type: 'read' }[] =>
  heard > server.revision ? [{ type: 'read' }] : []

/** Conflicts, each once. */
const joined = (before: readonly Conflict[], more: readonly Conflict[]): readonly Conflict[] => [
  ...before,
  ...more.filter((one) => !before.some((other) => sameValue(one, other))),
]
