import { longestIncreasing } from './diff.ts'
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
 * Two documents that grew from one base, joined. Rebase, undo over others' edits and two tabs on
 * one sheet are all this one function. It is symmetric: `merge(base, a, b)` and `merge(base, b, a)`
 * must give the same document wherever there is no conflict. In a conflict the document keeps what
 * `theirs` has, and the conflict carries mine beside it.
 *
 * - Another node or another field: both changes stand.
 * - The same field with two new values, or a node moved to two places: a conflict.
 * - A node removed on one side and changed on the other: a conflict; it stays.
 * - A node put behind one that the other side removed goes behind its nearest surviving
 *   predecessor.
 * - Two nodes put in the same place: the smaller id comes first.
 */
export interface Merged<Document> {
  readonly document: Document
  readonly conflicts: readonly Conflict[]
}

export type Conflict =
  | {
      readonly type: 'field'
      readonly id: string
      readonly field: string
      readonly kept: unknown
      readonly mine: unknown
    }
  | { readonly type: 'removed'; readonly id: string; readonly by: 'mine' | 'theirs' }
  | { readonly type: 'moved'; readonly id: string }

interface Side {
  readonly root: object
  readonly nodes: ReadonlyMap<string, Found>
}

/**
 * Two versions of one document put together: what only one of them changed is taken; where both
 * changed the same thing to something else, theirs is kept and mine is a conflict.
 */
export function merge<Document extends object>(
  shape: DocumentShape,
  base: Document,
  theirs: Document,
  mine: Document,
): Merged<Document> {
  const merger = new Merger(shape, side(shape, base), side(shape, theirs), side(shape, mine))
  return { document: merger.build() as Document, conflicts: merger.conflicts }
}

const side = (shape: DocumentShape, root: object): Side => ({
  root,
  nodes: new Map(nodesOf(shape, root).map((found) => [found.node.id, found])),
})
const listKey = (found: Found): string => `${found.address.owner}/${found.address.list}`

class Merger {
  readonly conflicts: Conflict[] = []
  /** Ids in the result, with the list each belongs to. */
  private readonly home = new Map<string, string>()

  constructor(
    private readonly shape: DocumentShape,
    private readonly base: Side,
    private readonly theirs: Side,
    private readonly mine: Side,
  ) {
    for (const id of new Set([...theirs.nodes.keys(), ...mine.nodes.keys()]))
      if (this.survives(id)) this.home.set(id, this.homeOf(id))
    this.settleOrphans()
  }

  build(): object {
    return this.node(this.shape, ROOT_ID, this.base.root, this.theirs.root, this.mine.root)
  }

  private survives(id: string): boolean {
    const was = this.base.nodes.get(id)
    const a = this.theirs.nodes.get(id)
    const b = this.mine.nodes.get(id)
    if (!was || (a && b)) return true
    const left = a ?? b!
    if (!touched(was, left)) return false
    this.conflicts.push({ type: 'removed', id, by: a ? 'mine' : 'theirs' })
    return true
  }

  private homeOf(id: string): string {
    const was = this.base.nodes.get(id)
    const a = this.theirs.nodes.get(id)
    const b = this.mine.nodes.get(id)
    if (!a || !b) return listKey((a ?? b)!)
    if (was && listKey(a) === listKey(was)) return listKey(b)
    if (was && listKey(b) !== listKey(was) && listKey(a) !== listKey(b))
      this.conflicts.push({ type: 'moved', id })
    return listKey(a)
  }

  /**
   * A node whose owner is gone on the other side brings its owner back: nothing written is lost.
   */
  private settleOrphans(): void {
    for (const [id, home] of [...this.home]) {
      const owner = home.slice(0, home.indexOf('/'))
      if (owner === ROOT_ID || this.home.has(owner)) continue
      const from = this.theirs.nodes.get(owner) ?? this.mine.nodes.get(owner)
      if (!from) continue
      const fresh = !this.base.nodes.has(id)
      if (
        fresh ||
        touched(this.base.nodes.get(id)!, (this.theirs.nodes.get(id) ?? this.mine.nodes.get(id))!)
      ) {
        this.conflicts.push({
          type: 'removed',
          id: owner,
          by: this.theirs.nodes.has(owner) ? 'mine' : 'theirs',
        })
        this.home.set(owner, listKey(from))
      } else this.home.delete(id)
    }
  }

  private node(
    shape: NodeShape,
    id: string,
    was: object | undefined,
    a: object | undefined,
    b: object | undefined,
  ): object {
    // The document's own id is no field: it never changes.
    const merged: Record<string, unknown> =
      id === ROOT_ID ? ('id' in was! ? { id: was.id } : {}) : { id }
    const fields = new Set([was, a, b].flatMap((one) => (one ? fieldNames(shape, one) : [])))
    for (const field of fields) {
      const value = this.field(id, field, was, a, b)
      if (value !== undefined) merged[field] = value
    }
    for (const [list, inner] of Object.entries(shape.lists))
      merged[list] = this.list(inner, `${id}/${list}`)
    return merged
  }

  private field(
    id: string,
    field: string,
    was: object | undefined,
    a: object | undefined,
    b: object | undefined,
  ): unknown {
    const of = (node: object | undefined): unknown =>
      (node as Record<string, unknown> | undefined)?.[field]
    if (!a || !b) return of(a ?? b)
    if (sameValue(of(a), of(b)) || sameValue(of(b), of(was))) return of(a)
    if (sameValue(of(a), of(was))) return of(b)
    this.conflicts.push({ type: 'field', id, field, kept: of(a), mine: of(b) })
    return of(a)
  }

  private list(shape: NodeShape, key: string): DocumentNode[] {
    return this.order(key).map((id) => {
      const node = (one: Side): object | undefined => one.nodes.get(id)?.node
      return this.node(
        shape,
        id,
        node(this.base),
        node(this.theirs),
        node(this.mine),
      ) as DocumentNode
    })
  }

  /**
   * Order of one list: the nodes both sides left in place, and behind each of them what either side
   * put there.
   */
  private order(key: string): string[] {
    const idsOf = (one: Side): string[] =>
      [...one.nodes.values()]
        .filter((found) => listKey(found) === key)
        .map((found) => found.node.id)
    const was = idsOf(this.base)
    const sides = [idsOf(this.theirs), idsOf(this.mine)].map((ids) =>
      ids.filter((id) => this.home.get(id) === key),
    )
    const stayed = sides.map(
      (ids) =>
        new Set(
          longestIncreasing(
            ids.filter((id) => was.includes(id)),
            (id) => was.indexOf(id),
          ),
        ),
    )
    const skeleton = was.filter(
      (id) =>
        this.home.get(id) === key &&
        sides.every((ids, i) => !ids.includes(id) || stayed[i]!.has(id)) &&
        sides.some((ids) => ids.includes(id)),
    )
    const anchors = new Set(skeleton)
    const runs = sides.map((ids, i) => runsBehind(ids, anchors, (id) => !stayed[i]!.has(id)))
    const placed = new Set<string>()
    const take = (ids: readonly string[]): string[] =>
      ids.filter((id) => !placed.has(id) && placed.add(id))
    const joined = (anchor: string): string[] => {
      const [x, y] = runs.map((run) => run.get(anchor) ?? []) as [string[], string[]]
      return (x[0] ?? '') <= (y[0] ?? '') ? take([...x, ...y]) : take([...y, ...x])
    }
    return [...joined(HEAD), ...skeleton.flatMap((id) => [id, ...joined(id)])]
  }
}

const HEAD = ' head'

function runsBehind(
  ids: readonly string[],
  anchors: ReadonlySet<string>,
  isPut: (id: string) => boolean,
): Map<string, string[]> {
  const runs = new Map<string, string[]>()
  let anchor = HEAD
  for (const id of ids) {
    if (anchors.has(id)) anchor = id
    else if (isPut(id)) runs.set(anchor, [...(runs.get(anchor) ?? []), id])
  }
  return runs
}

/** Whether a side did more to a node than leave it: other fields, another list, other children. */
function touched(was: Found, is: Found): boolean {
  return !sameValue(was.node, is.node) || listKey(was) !== listKey(is)
}
