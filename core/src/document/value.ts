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
  const own = Object.keys(left)
  return (
    own.every((key) => sameValue(left[key], ownOf(right, key))) &&
    Object.keys(right).every((key) => right[key] === undefined || Object.hasOwn(left, key))
  )
}

const ownOf = (value: Record<string, unknown>, key: string): unknown =>
  Object.hasOwn(value, key) ? value[key] : undefined

/**
 * A JSON value as one text, the same for values that are the same (`sameValue`): keys in order, what
 * is undefined left out.
 */
export function canonicalText(value: unknown): string {
  if (Array.isArray(value))
    return `[${value.map((one) => canonicalText(one === undefined ? null : one)).join(',')}]`
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? 'null'
  const own = value as Readonly<Record<string, unknown>>
  return `{${Object.keys(own)
    .filter((key) => own[key] !== undefined)
    .sort()
    .map((key) => `${JSON.stringify(key)}:${canonicalText(own[key])}`)
    .join(',')}}`
}

/**
 * `now` with what is the same as in `before` taken from there, at any depth: so that what was
 * worked out for a value holds for a copy of it. Members of lists with an `id` are found by it,
 * others by their place.
 */
export function sharedWith<Value>(before: unknown, now: Value): Value {
  if (Object.is(before, now)) return now
  if (!isJson(before) || !isJson(now) || Array.isArray(before) !== Array.isArray(now)) return now
  if (Array.isArray(now)) {
    const old = before as readonly unknown[]
    const byId = new Map(old.map((one) => [idOf(one), one]))
    const shared = now.map((one, i) =>
      sharedWith(idOf(one) === undefined ? old[i] : byId.get(idOf(one)), one),
    )
    const isSame = shared.length === old.length && shared.every((one, i) => one === old[i])
    return (isSame ? before : shared) as Value
  }
  const old = before as Record<string, unknown>
  const keys = Object.keys(now)
  const shared = Object.fromEntries(
    keys.map((key) => [key, sharedWith(old[key], (now as Record<string, unknown>)[key])]),
  )
  const isSame =
    keys.length === Object.keys(old).length &&
    keys.every((key) => key in old && shared[key] === old[key])
  return (isSame ? before : shared) as Value
}

const isJson = (value: unknown): value is object => typeof value === 'object' && value !== null
const idOf = (value: unknown): unknown =>
  isJson(value) ? (value as { id?: unknown }).id : undefined
