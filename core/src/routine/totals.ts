import type { Tick } from '../time/index.ts'
import type { DancedSlot } from './timeline.ts'

/** How long a run of slots may take. */
export type Total =
  /** These lengths, in rising order; one where all is settled. */
  | { readonly kind: 'lengths'; readonly ticks: readonly Tick[] }
  /** Too many to name: from the least to the most. */
  | { readonly kind: 'range'; readonly least: Tick; readonly most: Tick }
  /** At least so long: something has no length at all. */
  | { readonly kind: 'open'; readonly least: Tick }

/** Lengths that are named one by one; more of them are said as a range. */
const MOST_NAMED = 4

/** What a run of slots adds up to: 6 and `4 or 14` are 10 or 20. */
export function totalOf(
  slots: readonly Pick<DancedSlot, 'lengthTicks' | 'open' | 'slot'>[],
): Total {
  let sums = new Set([0])
  let isOpen = false
  for (const { slot, lengthTicks, open } of slots) {
    const lengths =
      open && slot.content.type === 'words' && slot.content.choices
        ? slot.content.choices
        : [lengthTicks]
    isOpen ||= open && lengths.length === 1
    sums = new Set([...sums].flatMap((sum) => lengths.map((length) => sum + length)))
  }
  const ticks = [...sums].sort((a, b) => a - b) as Tick[]
  if (isOpen) return { kind: 'open', least: ticks[0]! }
  return ticks.length > MOST_NAMED
    ? { kind: 'range', least: ticks[0]!, most: ticks.at(-1)! }
    : { kind: 'lengths', ticks }
}
