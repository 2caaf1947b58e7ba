import type { Change, Pass, Routine, Slot } from './routine.ts'

/**
 * The routine `after`, read from a text without ids, with the ids of all that it still has of
 * `before`: parts by their label, slots and passes by what they are, in order, and what is left
 * over by its place. Edits that lead from one to the other then touch no more than was written
 * anew.
 */
export function adoptIds(before: Routine, after: Routine): Routine {
  const ids = new Map<string, string>()
  const adopt = (
    pairs: readonly (readonly [{ readonly id: string }, { readonly id: string }])[],
  ): void => pairs.forEach(([old, now]) => ids.set(now.id, old.id))
  const partPairs = matched(before.parts, after.parts, (part) => part.label)
  adopt(partPairs)
  for (const [old, now] of partPairs)
    adopt(
      matched(
        old.slots,
        now.slots,
        ({ id: _, ...rest }: Slot) => JSON.stringify(rest),
        ({ content }: Slot) => (content.type === 'figure' ? content.figureId : content.text),
      ),
    )
  const oldId = (id: string): string => ids.get(id) ?? id
  const partOf = (pass: Pass): string => oldId(pass.partId)
  const passPairs = matched(
    before.passes,
    after.passes,
    (pass) => `${partOf(pass)} ${pass.kind} ${pass.times} ${pass.reflected}`,
    partOf,
  )
  adopt(passPairs)
  const changeKey = ({ type, slotId }: Change): string =>
    `${type} ${slotId === null ? '' : oldId(slotId)}`
  for (const [old, now] of passPairs) adopt(matched(old.changes, now.changes, changeKey))
  adopt(
    matched(before.overrules, after.overrules, ({ code, subject }) => `${code} ${oldId(subject)}`),
  )
  const renamed = <Node extends { readonly id: string }>(node: Node): Node => ({
    ...node,
    id: oldId(node.id),
  })
  return {
    ...after,
    id: before.id,
    parts: after.parts.map((part) =>
      renamed({
        ...part,
        slots: part.slots.map(renamed),
        ...(part.versionOf === undefined ? {} : { versionOf: oldId(part.versionOf) }),
      }),
    ),
    passes: after.passes.map((pass) =>
      renamed({
        ...pass,
        partId: oldId(pass.partId),
        stretch: pass.stretch && { from: oldId(pass.stretch.from), to: oldId(pass.stretch.to) },
        changes: pass.changes.map((change) =>
          renamed({ ...change, slotId: change.slotId === null ? null : oldId(change.slotId) }),
        ),
      }),
    ),
    overrules: after.overrules.map((one) => renamed({ ...one, subject: oldId(one.subject) })),
  }
}

type Key<Node> = (node: Node) => string
/**
 * Pairs of nodes, old and new: the longest common run by the first key, then between its members by
 * each further key, in order.
 */
function matched<Node extends { readonly id: string }>(
  old: readonly Node[],
  now: readonly Node[],
  ...keys: readonly Key<Node>[]
): (readonly [Node, Node])[] {
  const pairs: (readonly [Node, Node])[] = []
  let [restOld, restNow] = [old, now]
  for (const key of keys) {
    const found = commonRun(restOld, restNow, key)
    pairs.push(...found)
    const [usedOld, usedNow] = [
      new Set(found.map(([one]) => one)),
      new Set(found.map(([, one]) => one)),
    ]
    restOld = restOld.filter((one) => !usedOld.has(one))
    restNow = restNow.filter((one) => !usedNow.has(one))
  }
  return pairs
}

/** Longest common subsequence by a key. */
function commonRun<Node>(
  old: readonly Node[],
  now: readonly Node[],
  key: Key<Node>,
): (readonly [Node, Node])[] {
  const [a, b] = [old.map(key), now.map(key)]
  const best = Array.from({ length: a.length + 1 }, () => new Uint16Array(b.length + 1))
  for (let i = a.length - 1; i >= 0; i--)
    for (let j = b.length - 1; j >= 0; j--)
      best[i]![j] =
        a[i] === b[j] ? best[i + 1]![j + 1]! + 1 : Math.max(best[i + 1]![j]!, best[i]![j + 1]!)
  const pairs: (readonly [Node, Node])[] = []
  for (let i = 0, j = 0; i < a.length && j < b.length;) {
    if (a[i] === b[j]) pairs.push([old[i++]!, now[j++]!])
    else if (best[i + 1]![j]! >= best[i]![j + 1]!) i++
    else j++
  }
  return pairs
}
