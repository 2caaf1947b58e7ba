/**
 * Works a value out once for each object and keeps it as long as the object lives: what is danced,
 * planned or laid is never changed in place, and an edit leaves most of it as it was. `work` must
 * depend on nothing else.
 */
export function memoised<Of extends object, Value>(work: (of: Of) => Value): (of: Of) => Value {
  const known = new WeakMap<Of, { readonly value: Value }>()
  return (of) => {
    const before = known.get(of)
    if (before) return before.value
    const value = work(of)
    known.set(of, { value })
    return value
  }
}

/** How single inputs are compared where being the same object is not what is meant. */
export type SameBy<Inputs> = {
  readonly [Key in keyof Inputs]?: (a: Inputs[Key], b: Inputs[Key]) => boolean
}

/**
 * Whether two sets of inputs are the same: every field that either of them has, so that none can be
 * forgotten in a list. Fields are compared by identity unless `by` says otherwise.
 */
export function sameInputs<Inputs extends object>(
  a: Inputs,
  b: Inputs,
  by: SameBy<Inputs> = {},
): boolean {
  if (a === b) return true
  for (const key in a) if (!(by[key] ?? Object.is)(a[key], b[key])) return false
  for (const key in b) if (!(key in a) && !(by[key] ?? Object.is)(a[key], b[key])) return false
  return true
}
