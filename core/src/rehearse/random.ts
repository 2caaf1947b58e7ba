/**
 * A number from 0 to below 1 for a seed and what it is drawn for: the same for the same, whatever
 * else is drawn (a hash after Wang 2007, mixed by xorshift).
 *
 * @param seed Any whole number.
 * @param parts What it is for: whole numbers.
 */
export function drawn(seed: number, ...parts: readonly number[]): number {
  let hash = (seed ^ 0x9e3779b9) | 0
  for (const part of parts) {
    hash = Math.imul(hash ^ part, 0x27d4eb2d)
    hash ^= hash >>> 15
    hash = Math.imul(hash, 0x85ebca6b)
    hash ^= hash >>> 13
  }
  return (hash >>> 0) / 4294967296
}

/** A draw from the normal distribution (Box and Muller 1958). */
export function normal(seed: number, ...parts: readonly number[]): number {
  const a = Math.max(1e-12, drawn(seed, 1, ...parts))
  return Math.sqrt(-2 * Math.log(a)) * Math.cos(2 * Math.PI * drawn(seed, 2, ...parts))
}
