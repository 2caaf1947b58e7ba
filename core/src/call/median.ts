/**
 * The middle of some numbers, or halfway between the two middle ones; needs one at least. What a
 * stray one does not move.
 *
 * @param values In any order, of whatever unit the answer then has.
 */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = sorted.length >> 1
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2
}
