import { diff } from './diff.ts'
import { applyEdits, type Edit } from './edit.ts'
import { merge, type Conflict } from './merge.ts'
import { succeed, type Result } from './result.ts'
import type { DocumentShape } from './shape.ts'

/** A document as it stands at a revision. Every accepted batch makes one revision more. */
export interface Revised<Document> {
  readonly document: Document
  readonly revision: number
}

/** A document after a batch, with the edits as they were applied and what could not be merged. */
export interface Accepted<Document> extends Revised<Document> {
  readonly edits: readonly Edit[]
  readonly conflicts: readonly Conflict[]
}

/**
 * Takes a batch of edits that starts from `base`, a revision the document has gone on from, or not:
 * what others did since is kept, and the edits are merged into it.
 *
 * @param now The document as it stands.
 * @param base The document at the revision that the edits start from.
 * @param edits What the batch does to `base`; refused where it cannot be done to it.
 * @returns The document one revision on. Edits that change nothing still make a revision, so that a
 *   batch always has one of its own.
 */
export function acceptEdits<Document extends object>(
  shape: DocumentShape,
  now: Revised<Document>,
  base: Document,
  edits: readonly Edit[],
): Result<Accepted<Document>> {
  const mine = applyEdits(shape, base, edits)
  if (!mine.ok) return mine
  const { document, conflicts } =
    base === now.document
      ? { document: mine.value, conflicts: [] }
      : merge(shape, base, now.document, mine.value)
  return succeed({
    document,
    revision: now.revision + 1,
    edits: diff(shape, now.document, document),
    conflicts,
  })
}
