import type { Edit } from './edit.ts'
import { diff } from './diff.ts'
import { merge } from './merge.ts'
import type { DocumentShape } from './shape.ts'

/**
 * Undo and redo of one's own edits, as a value. A step remembers the documents around it, so it can
 * be taken back over whatever others have done since: the inverse is merged into the present, not
 * applied blindly.
 */
export interface Step<Document> {
  readonly label: string
  readonly before: Document
  readonly after: Document
  readonly atMs: number
  /** Steps with the same key in quick succession are one step: typing in one field. */
  readonly key: string | null
}

export interface History<Document> {
  readonly done: readonly Step<Document>[]
  readonly undone: readonly Step<Document>[]
}

/** Typing into one field within this time is one step. */
export const COALESCE_MS = 500
/** Steps kept; a step is two references, so this is generous. */
const MOST_STEPS = 500

/** A history in which nothing can be undone or redone. */
export const emptyHistory = <Document>(): History<Document> => ({ done: [], undone: [] })

/** Adds a step that was just done; what had been undone is gone. */
export function record<Document>(
  history: History<Document>,
  step: Step<Document>,
): History<Document> {
  const last = history.done.at(-1)
  const joins =
    last &&
    step.key !== null &&
    last.key === step.key &&
    step.atMs - last.atMs <= COALESCE_MS &&
    last.after === step.before
  const done = joins
    ? [...history.done.slice(0, -1), { ...step, before: last.before }]
    : [...history.done, step]
  return { done: done.slice(-MOST_STEPS), undone: [] }
}

export interface Travel<Document> {
  readonly history: History<Document>
  readonly edits: readonly Edit[]
  readonly label: string
}

/**
 * Edits that take back the last step in the present document, or null when nothing is left to undo.
 */
export function undo<Document extends object>(
  shape: DocumentShape,
  history: History<Document>,
  now: Document,
): Travel<Document> | null {
  const step = history.done.at(-1)
  if (!step) return null
  return {
    edits: between(shape, step.after, step.before, now),
    label: step.label,
    history: { done: history.done.slice(0, -1), undone: [...history.undone, step] },
  }
}

/** Edits that do the last undone step again, or null. */
export function redo<Document extends object>(
  shape: DocumentShape,
  history: History<Document>,
  now: Document,
): Travel<Document> | null {
  const step = history.undone.at(-1)
  if (!step) return null
  return {
    edits: between(shape, step.before, step.after, now),
    label: step.label,
    history: { done: [...history.done, step], undone: history.undone.slice(0, -1) },
  }
}

/** The change from `from` to `to`, carried over to `now`. */
function between<Document extends object>(
  shape: DocumentShape,
  from: Document,
  to: Document,
  now: Document,
): Edit[] {
  if (now === from) return diff(shape, from, to)
  return diff(shape, now, merge(shape, from, now, to).document)
}

/** A history as JSON: each document once, and the steps by their places. */
interface PackedHistory {
  readonly documents: readonly unknown[]
  readonly done: readonly PackedStep[]
  readonly undone: readonly PackedStep[]
}
interface PackedStep {
  readonly label: string
  readonly before: number
  readonly after: number
}

/**
 * A history as plain JSON, to be kept over a reload.
 *
 * @param most Steps that are kept, the last ones of each way; 0 or more.
 */
export function packHistory<Document>({ done, undone }: History<Document>, most: number): string {
  const places = new Map<Document, number>()
  const placeOf = (document: Document): number => {
    const known = places.get(document)
    if (known !== undefined) return known
    places.set(document, places.size)
    return places.size - 1
  }
  const packed = (steps: readonly Step<Document>[]): PackedStep[] =>
    steps.slice(Math.max(0, steps.length - most)).map(({ label, before, after }) => ({
      label,
      before: placeOf(before),
      after: placeOf(after),
    }))
  const steps = { done: packed(done), undone: packed(undone) }
  return JSON.stringify({ documents: [...places.keys()], ...steps } satisfies PackedHistory)
}

/**
 * A history from what `packHistory` made of it.
 *
 * @param read A document of it in today's form; null where it cannot be used.
 * @returns An empty history where anything of it cannot be used.
 */
export function unpackHistory<Document>(
  json: string,
  read: (document: unknown) => Document | null,
): History<Document> {
  const packed = packedFrom(json)
  const documents = packed?.documents.map(read)
  if (!packed || !documents || documents.includes(null)) return emptyHistory()
  const unpacked = (steps: readonly PackedStep[]): Step<Document>[] | null => {
    const all = steps.flatMap(({ label, before: from, after: to }): Step<Document>[] => {
      const [before, after] = [documents[from] ?? null, documents[to] ?? null]
      return before === null || after === null ? [] : [{ label, before, after, atMs: 0, key: null }]
    })
    return all.length === steps.length ? all : null
  }
  const [done, undone] = [unpacked(packed.done), unpacked(packed.undone)]
  return done && undone ? { done, undone } : emptyHistory()
}

function packedFrom(json: string): PackedHistory | null {
  try {
    const value = JSON.parse(json) as Partial<PackedHistory> | null
    return value && [value.documents, value.done, value.undone].every(Array.isArray)
      ? (value as PackedHistory)
      : null
  } catch {
    return null
  }
}
