import type { Edit, Place } from './edit.ts'
import {
  fieldNames,
  ROOT_ID,
  nodesOf,
  type DocumentNode,
  type DocumentShape,
  type Found,
  type NodeShape,
} from './shape.ts'
import { sameValue } from './value.ts'

/**
 * Edits that turn `before` into `after`: `applyEdits(before, diff(before, after))` must equal
 * `after`. Nodes are matched by id: a node in another place is moved, not removed and added; one
 * with other fields is set field by field.
 */
export function diff<Document extends object>(
  shape: DocumentShape,
  before: Document,
  after: Document,
): Edit[] {
  const old = indexNodes(shape, before)
  const fresh = indexNodes(shape, after)
  return [
    ...fieldEdits(shape, ROOT_ID, before, after),
    ...[...fresh.values()].flatMap((found) => {
      const was = old.get(found.node.id)
      return was ? fieldEdits(found.shape, found.node.id, was.node, found.node) : []
    }),
    ...placeEdits(shape, before, after, old, fresh),
  ]
}

function indexNodes(shape: DocumentShape, document: object): Map<string, Found> {
  return new Map(nodesOf(shape, document).map((found) => [found.node.id, found]))
}

function fieldEdits(shape: NodeShape, id: string, before: object, after: object): Edit[] {
  if (before === after) return []
  const was = before as Record<string, unknown>
  const is = after as Record<string, unknown>
  const fields = new Set([...fieldNames(shape, before), ...fieldNames(shape, after)])
  return [...fields]
    .filter((field) => !sameValue(was[field], is[field]))
    .map((field) => ({ type: 'set', id, field, from: was[field] ?? null, to: is[field] ?? null }))
}

/**
 * A list while edits are being written: ids in order, kept in step with every edit so that each
 * `after` is true when it is applied.
 */
type Lists = Map<string, string[]>
const keyOf = (owner: string, list: string): string => `${owner}/${list}`
const previous = (ids: readonly string[], id: string): string | null =>
  ids[ids.indexOf(id) - 1] ?? null

function listsOf(shape: NodeShape, node: object, owner: string, into: Lists = new Map()): Lists {
  for (const [list, inner] of Object.entries(shape.lists)) {
    const children = (node as Record<string, DocumentNode[]>)[list]!
    into.set(
      keyOf(owner, list),
      children.map((child) => child.id),
    )
    for (const child of children) listsOf(inner, child, child.id, into)
  }
  return into
}

function placeEdits(
  shape: DocumentShape,
  before: object,
  after: object,
  old: Map<string, Found>,
  fresh: Map<string, Found>,
): Edit[] {
  const edits: Edit[] = []
  const lists = listsOf(shape, before, ROOT_ID)
  const target = listsOf(shape, after, ROOT_ID)

  // Inserts and moves first, owners before what they own, so that nothing is moved out of an owner
  // already removed.
  for (const [key, wanted] of target) {
    const kept = new Set(longestKept(lists.get(key) ?? [], wanted, fresh))
    wanted.forEach((id, i) => {
      if (kept.has(id)) return
      const found = fresh.get(id)!
      const after = wanted[i - 1] ?? null
      const was = old.get(id)
      if (was)
        edits.push({
          type: 'move',
          id,
          from: takeOut(lists, was, id),
          to: { ...found.address, after },
        })
      else edits.push({ type: 'insert', into: found.address, item: bare(found), after })
      putIn(lists, key, id, after, found.shape)
    })
  }
  // Removals last and whole: what left a removed owner has moved by now, what stayed goes with it.
  for (const found of old.values()) {
    const { owner, list } = found.address
    if (fresh.has(found.node.id) || (owner !== ROOT_ID && !fresh.has(owner))) continue
    const ids = lists.get(keyOf(owner, list))!
    edits.push({
      type: 'remove',
      from: found.address,
      item: remains(found, fresh),
      after: previous(ids, found.node.id),
    })
    ids.splice(ids.indexOf(found.node.id), 1)
  }
  return edits
}

function takeOut(lists: Lists, was: Found, id: string): Place {
  const ids = lists.get(keyOf(was.address.owner, was.address.list))!
  const after = previous(ids, id)
  ids.splice(ids.indexOf(id), 1)
  return { ...was.address, after }
}

function putIn(
  lists: Lists,
  key: string,
  id: string,
  after: string | null,
  shape: NodeShape,
): void {
  const ids = lists.get(key) ?? lists.set(key, []).get(key)!
  ids.splice(after === null ? 0 : ids.indexOf(after) + 1, 0, id)
  for (const list of Object.keys(shape.lists))
    if (!lists.has(keyOf(id, list))) lists.set(keyOf(id, list), [])
}

/** An inserted owner starts empty; its children follow as inserts or moves of their own. */
function bare(found: Found): DocumentNode {
  return {
    ...found.node,
    ...Object.fromEntries(Object.keys(found.shape.lists).map((list) => [list, []])),
  } as DocumentNode
}

/** A removed owner as it stands when its turn comes: without the children that moved away. */
function remains(found: Found, fresh: Map<string, Found>): DocumentNode {
  const lists = Object.keys(found.shape.lists).map((list) => [
    list,
    (found.node[list] as DocumentNode[]).filter((child) => !fresh.has(child.id)),
  ])
  return { ...found.node, ...Object.fromEntries(lists) } as DocumentNode
}

/**
 * The longest run of ids that can stay where they are: a longest increasing subsequence of old
 * positions.
 */
function longestKept(
  old: readonly string[],
  wanted: readonly string[],
  fresh: Map<string, Found>,
): string[] {
  const position = new Map(old.map((id, i) => [id, i]))
  const common = wanted.filter((id) => position.has(id) && fresh.has(id))
  return longestIncreasing(common, (id) => position.get(id)!)
}

/** Longest strictly increasing subsequence by `rank` (patience sorting, n log n). */
export function longestIncreasing<Item>(
  items: readonly Item[],
  rank: (item: Item) => number,
): Item[] {
  const tails: number[] = []
  const before: number[] = []
  items.forEach((item, i) => {
    let low = 0
    let high = tails.length
    while (low < high) {
      const middle = (low + high) >> 1
      if (rank(items[tails[middle]!]!) < rank(item)) low = middle + 1
      else high = middle
    }
    before[i] = low > 0 ? tails[low - 1]! : -1
    tails[low] = i
  })
  const kept: Item[] = []
  for (let i = tails.at(-1) ?? -1; i >= 0; i = before[i]!) kept.push(items[i]!)
  return kept.reverse()
}
