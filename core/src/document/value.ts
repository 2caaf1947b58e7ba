/**
 * Whether two JSON values are the same, whatever the order of their keys. An absent key equals an
 * undefined one.
 */
export function sameValue(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if (Array.isArray(a) !== Array.isArray(b)) return false
  if (Array.isArray(a))
    return (
      a.length === (b as unknown[]).length &&
      a.every((one, i) => sameValue(one, (b as unknown[])[i]))
    )
  const left = a as Record<string, unknown>
  const right = b as Record<string, unknown>
  for (const key of new Set([...Object.keys(left), ...Object.keys(right)]))
    if (!sameValue(left[key], right[key])) return false
  return true
}
