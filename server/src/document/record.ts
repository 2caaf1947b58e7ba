import { unreadable, validate, type Result } from '@dellop/core/document'
import type { z } from 'zod'
import { HttpProblem } from '../http/problem.ts'

/** How the records of one kind are read: what they must be, after what older ones need is done. */
export interface RecordKind<Document> {
  readonly kind: string
  /** As a sentence names one of them: “The tune”. */
  readonly name: string
  readonly schema: z.ZodType<Document>
  readonly upgrade: (json: unknown) => unknown
}

/** A row with a document as text. */
export interface KeptRow {
  readonly id: string
  readonly document: string
}

/** What was read last, so that a list that has not changed is not validated again. */
const known = new Map<string, { readonly text: string; readonly read: Result<unknown> }>()
const MOST_KNOWN = 20_000

/**
 * Reads a record, or says why it cannot be read. One that cannot must never keep the others from
 * being read: lists pass over it, and it can be taken out as it is.
 */
export function readRecord<Document>(
  { kind, name, schema, upgrade }: RecordKind<Document>,
  { id, document: text }: KeptRow,
): Result<Document> {
  const key = `${kind} ${id}`
  const before = known.get(key)
  if (before?.text === text) return before.read as Result<Document>
  const json = parsed(text)
  const read = json.ok ? validate(schema, upgrade(json.value), name) : json
  if (known.size >= MOST_KNOWN) known.clear()
  known.set(key, { text, read })
  return read
}

function parsed(text: string): Result<unknown> {
  try {
    return { ok: true, value: JSON.parse(text) as unknown }
  } catch {
    return unreadable()
  }
}

/** The records that can be read. */
export const readableRecords = <Document, Row extends KeptRow>(
  kind: RecordKind<Document>,
  rows: readonly Row[],
): { readonly row: Row; readonly document: Document }[] =>
  rows.flatMap((row) => {
    const read = readRecord(kind, row)
    return read.ok ? [{ row, document: read.value }] : []
  })

/** The one that was asked for; refuses one that cannot be read, and says where it can be had. */
export function recordOrProblem<Document>(kind: RecordKind<Document>, row: KeptRow): Document {
  const read = readRecord(kind, row)
  if (read.ok) return read.value
  throw new HttpProblem(
    'not-found',
    `${kind.name} cannot be read by this Dellop and is set aside: ${read.problem.message}`,
  )
}
