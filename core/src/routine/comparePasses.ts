import { sameValue } from '../document/index.ts'
import type { DancedPass, DancedSlot } from './timeline.ts'

/**
 * Two passes side by side, slot against slot; a side is null where only the other has something.
 */
export interface ComparedSlot {
  readonly a: DancedSlot | null
  readonly b: DancedSlot | null
  /** What is danced, how long and from which feet is the same on both sides. */
  readonly same: boolean
}

const alike = (a: DancedSlot, b: DancedSlot): boolean =>
  sameValue(a.slot.content, b.slot.content) &&
  a.danced?.variation.reflected === b.danced?.variation.reflected

/**
 * Lays two passes side by side so that as much as can be stands opposite its like, in order. Slots
 * of the same place of one part stand opposite each other also where they differ.
 */
export function comparePasses(one: DancedPass, other: DancedPass): ComparedSlot[] {
  const [a, b] = [one.slots, other.slots]
  const best = Array.from({ length: a.length + 1 }, () => new Uint16Array(b.length + 1))
  for (let i = a.length - 1; i >= 0; i--)
    for (let j = b.length - 1; j >= 0; j--)
      best[i]![j] = alike(a[i]!, b[j]!)
        ? best[i + 1]![j + 1]! + 1
        : Math.max(best[i + 1]![j]!, best[i]![j + 1]!)
  const rows: ComparedSlot[] = []
  let onlyA: DancedSlot[] = []
  let onlyB: DancedSlot[] = []
  const settle = (): void => {
    for (let k = 0; k < Math.max(onlyA.length, onlyB.length); k++)
      rows.push({ a: onlyA[k] ?? null, b: onlyB[k] ?? null, same: false })
    onlyA = []
    onlyB = []
  }
  let i = 0
  let j = 0
  while (i < a.length || j < b.length) {
    if (i < a.length && j < b.length && alike(a[i]!, b[j]!)) {
      settle()
      rows.push({ a: a[i++]!, b: b[j++]!, same: true })
    } else if (j >= b.length || (i < a.length && best[i + 1]![j]! >= best[i]![j + 1]!))
      onlyA.push(a[i++]!)
    else onlyB.push(b[j++]!)
  }
  settle()
  return rows
}
