import { memoised } from './memo.ts'

/**
 * How a kind of document nests: a root with fields and named lists; each list holds nodes of one
 * kind, each with an id that is unique in the whole document, fields, and lists of its own. The
 * edit algebra needs to know no more.
 */
export interface NodeShape {
  /**
   * Nested lists by property name. Every other property of the node, apart from `id`, is a field.
   */
  readonly lists: Readonly<Record<string, NodeShape>>
  /**
   * Fields that may be left out. An edit writes null for one that is not there; such a field is
   * never null itself.
   */
  readonly optional?: readonly string[]
}
export type DocumentShape = NodeShape

/** A node as the algebra sees it. */
export type DocumentNode = { readonly id: string } & Readonly<Record<string, unknown>>

/** The id by which edits address the document itself. */
export const ROOT_ID = ''

/**
 * Where a list lives: the id of its owner (`ROOT_ID` for the document) and the property that holds
 * it.
 */
export interface ListAddress {
  readonly owner: string
  readonly list: string
}

/** A node found in a document, with the place it stands in. */
export interface Found {
  readonly node: DocumentNode
  readonly shape: NodeShape
  readonly address: ListAddress
  /** Id of the node before it in its list, or null at the head. */
  readonly after: string | null
}

const listOf = (node: object, list: string): readonly DocumentNode[] =>
  (node as Record<string, readonly DocumentNode[]>)[list]!

/** Every node below the root, owners before what they own. */
export function nodesOf(shape: NodeShape, document: object): readonly Found[] {
  const found: Found[] = []
  collect(found, shape, document, ROOT_ID)
  return found
}

function collect(found: Found[], shape: NodeShape, node: object, owner: string): void {
  for (const [list, inner] of listsOf(shape)) {
    const address = { owner, list }
    let after: string | null = null
    for (const child of listOf(node, list)) {
      found.push({ node: child, shape: inner, address, after })
      collect(found, inner, child, child.id)
      after = child.id
    }
  }
}
const listsOf = memoised((shape: NodeShape) => Object.entries(shape.lists))

/** Finds a node by id, or null. */
export const findNode = (shape: DocumentShape, document: object, id: string): Found | null =>
  nodesById(shape)(document).get(id) ?? null

/** A document is asked for its nodes many times over; a kind of document has one shape. */
const nodesById = memoised((shape: DocumentShape) =>
  memoised(
    (document: object): ReadonlyMap<string, Found> =>
      new Map(nodesOf(shape, document).map((found) => [found.node.id, found])),
  ),
)

/** The list at an address, or null when its owner does not exist or has no such list. */
export function findList(
  shape: DocumentShape,
  document: object,
  address: ListAddress,
): readonly DocumentNode[] | null {
  const owner =
    address.owner === ROOT_ID ? { node: document, shape } : findNode(shape, document, address.owner)
  if (!owner || !Object.hasOwn(owner.shape.lists, address.list)) return null
  return listOf(owner.node, address.list)
}

/** Rebuilds the document with one node replaced. All that does not own it keeps its identity. */
export function replaceNode<Document extends object>(
  shape: DocumentShape,
  document: Document,
  id: string,
  change: (node: object) => object,
): Document {
  if (id === ROOT_ID) return change(document) as Document
  return (within(shape, document, id, change) ?? document) as Document
}

function within(
  shape: NodeShape,
  node: object,
  id: string,
  change: (node: object) => object,
): object | null {
  for (const [list, inner] of Object.entries(shape.lists)) {
    const children = listOf(node, list)
    for (let i = 0; i < children.length; i++) {
      const child = children[i]!
      const changed = child.id === id ? change(child) : within(inner, child, id, change)
      if (changed) return { ...node, [list]: children.map((one, k) => (k === i ? changed : one)) }
    }
  }
  return null
}

/** Whether a node has, or may have, a field. */
export const hasField = (shape: NodeShape, node: object, field: string): boolean =>
  fieldNames(shape, node).includes(field) || (shape.optional?.includes(field) ?? false)

/** Field names of a node: everything but its id and its lists. */
export function fieldNames(shape: NodeShape, node: object): string[] {
  return Object.keys(node).filter((key) => key !== 'id' && !Object.hasOwn(shape.lists, key))
}
