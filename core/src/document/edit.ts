import { succeed, type Result } from './result.ts'
import { problem } from './problem.ts'
import {
  findList,
  findNode,
  hasField,
  replaceNode,
  ROOT_ID,
  type DocumentNode,
  type DocumentShape,
  type ListAddress,
} from './shape.ts'
import { sameValue } from './value.ts'

/**
 * An edit is a value that carries both what was and what is to be, so that it can be applied,
 * inverted and read in a history without the document. Nodes are addressed by id and `after`, never
 * by index.
 */
export type Edit =
  | {
      readonly type: 'set'
      readonly id: string
      readonly field: string
      readonly from: unknown
      readonly to: unknown
    }
  | {
      readonly type: 'insert'
      readonly into: ListAddress
      readonly item: DocumentNode
      readonly after: string | null
    }
  | {
      readonly type: 'remove'
      readonly from: ListAddress
      readonly item: DocumentNode
      readonly after: string | null
    }
  | { readonly type: 'move'; readonly id: string; readonly from: Place; readonly to: Place }

/** A place in a list: behind the node `after`, or at its head. */
export interface Place extends ListAddress {
  readonly after: string | null
}

/**
 * Applies one edit, or says why it cannot be applied. A `set` whose `from` is not what stands there
 * is refused, so no edit ever overwrites what its author has not seen. Untouched nodes keep their
 * identity.
 */
export function applyEdit<Document extends object>(
  shape: DocumentShape,
  document: Document,
  edit: Edit,
): Result<Document> {
  switch (edit.type) {
    case 'set':
      return applySet(shape, document, edit)
    case 'insert':
      return applyInsert(shape, document, edit)
    case 'remove':
      return applyRemove(shape, document, edit)
    case 'move':
      return applyMove(shape, document, edit)
  }
}

/** Applies edits in order; all or none. */
export function applyEdits<Document extends object>(
  shape: DocumentShape,
  document: Document,
  edits: readonly Edit[],
): Result<Document> {
  let now = document
  for (const edit of edits) {
    const next = applyEdit(shape, now, edit)
    if (!next.ok) return next
    now = next.value
  }
  return succeed(now)
}

type Of<Type extends Edit['type']> = Extract<Edit, { type: Type }>

function applySet<Document extends object>(
  shape: DocumentShape,
  document: Document,
  edit: Of<'set'>,
): Result<Document> {
  const target =
    edit.id === ROOT_ID ? { node: document as object, shape } : findNode(shape, document, edit.id)
  if (!target) return problem('edit.missing.target', { id: edit.id })
  if (!hasField(target.shape, target.node, edit.field))
    return problem('edit.field', { id: edit.id, field: edit.field })
  const now = (target.node as Record<string, unknown>)[edit.field] ?? null
  if (!sameValue(now, edit.from)) return problem('edit.stale.field', { field: edit.field })
  const isLeftOut = edit.to === null && target.shape.optional?.includes(edit.field)
  return succeed(
    replaceNode(shape, document, edit.id, (node) =>
      isLeftOut ? without(node, edit.field) : { ...node, [edit.field]: edit.to },
    ),
  )
}

const without = (node: object, field: string): object =>
  Object.fromEntries(Object.entries(node).filter(([key]) => key !== field))

function withList<Document extends object>(
  shape: DocumentShape,
  document: Document,
  address: ListAddress,
  list: readonly DocumentNode[],
): Document {
  return replaceNode(shape, document, address.owner, (owner) => ({
    ...owner,
    [address.list]: list,
  }))
}

/** The list with `item` behind `after`; null when `after` is not in it. */
function placed(
  list: readonly DocumentNode[],
  item: DocumentNode,
  after: string | null,
): readonly DocumentNode[] | null {
  const at = after === null ? 0 : list.findIndex((node) => node.id === after) + 1
  if (at === 0 && after !== null) return null
  return [...list.slice(0, at), item, ...list.slice(at)]
}

function applyInsert<Document extends object>(
  shape: DocumentShape,
  document: Document,
  edit: Of<'insert'>,
): Result<Document> {
  const list = findList(shape, document, edit.into)
  if (!list) return problem('edit.missing.list', { list: edit.into.list, owner: edit.into.owner })
  if (findNode(shape, document, edit.item.id)) return problem('edit.twice', { id: edit.item.id })
  const longer = placed(list, edit.item, edit.after)
  if (!longer) return problem('edit.missing.before', { after: edit.after ?? '' })
  return succeed(withList(shape, document, edit.into, longer))
}

function applyRemove<Document extends object>(
  shape: DocumentShape,
  document: Document,
  edit: Of<'remove'>,
): Result<Document> {
  const list = findList(shape, document, edit.from)
  const now = list?.find((node) => node.id === edit.item.id)
  if (!list || !now) return problem('edit.missing.item', { id: edit.item.id })
  if (!sameValue(now, edit.item)) return problem('edit.stale.item', { id: edit.item.id })
  return succeed(
    withList(
      shape,
      document,
      edit.from,
      list.filter((node) => node !== now),
    ),
  )
}

function applyMove<Document extends object>(
  shape: DocumentShape,
  document: Document,
  edit: Of<'move'>,
): Result<Document> {
  const list = findList(shape, document, edit.from)
  const item = list?.find((node) => node.id === edit.id)
  if (!list || !item) return problem('edit.missing.item', { id: edit.id })
  const without = withList(
    shape,
    document,
    edit.from,
    list.filter((node) => node !== item),
  )
  const target = findList(shape, without, edit.to)
  const longer = target && placed(target, item, edit.to.after)
  if (!longer) return problem('edit.missing.place', { id: edit.id })
  return succeed(withList(shape, without, edit.to, longer))
}

/**
 * The edit that takes this one back: `applyEdit(applyEdit(d, e), invertEdit(e))` must equal `d`.
 */
export function invertEdit(edit: Edit): Edit {
  switch (edit.type) {
    case 'set':
      return { ...edit, from: edit.to, to: edit.from }
    case 'insert':
      return { type: 'remove', from: edit.into, item: edit.item, after: edit.after }
    case 'remove':
      return { type: 'insert', into: edit.from, item: edit.item, after: edit.after }
    case 'move':
      return { ...edit, from: edit.to, to: edit.from }
  }
}

/** Takes back a run of edits: each inverted, last first. */
export const invertEdits = (edits: readonly Edit[]): Edit[] => edits.map(invertEdit).reverse()
