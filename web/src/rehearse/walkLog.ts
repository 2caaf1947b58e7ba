/** Minutes that the items of a sheet's walk-through really took, kept on this machine. */
const keyOf = (sheetId: string): string => `dellop-walk-${sheetId}`

export function loggedMinutes(sheetId: string): ReadonlyMap<string, number> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(sheetId)) ?? '[]')
    if (!Array.isArray(kept)) return new Map()
    return new Map(
      kept.filter(
        (one): one is [string, number] =>
          Array.isArray(one) && typeof one[0] === 'string' && Number.isFinite(one[1]),
      ),
    )
  } catch {
    return new Map()
  }
}

/** Keeps what an item took; what was kept before counts as much as this time. */
export function logMinutes(sheetId: string, id: string, minutes: number): void {
  const known = new Map(loggedMinutes(sheetId))
  const before = known.get(id)
  known.set(id, before === undefined ? minutes : (before + minutes) / 2)
  localStorage.setItem(keyOf(sheetId), JSON.stringify([...known]))
}
