/**
 * Works a value out once for each object and keeps it as long as the object lives: what is danced,
 * planned or laid is never changed in place, and an edit leaves most of it as it was. `work` must
 * depend on nothing else.
 */
export function remembered<Of extends object, Value>(work: (of: Of) => Value): (of: Of) => Value {
  const known = new WeakMap<Of, { readonly value: Value }>()
  return (of) => {
    const before = known.get(of)
    if (before) return before.value
    const value = work(of)
    known.set(of, { value })
    return value
  }
}
