/**
 * How often the group has danced a sheet before, as the cuer has set it on this machine: page and
 * lectern go by the same.
 */
const keyOf = (sheetId: string): string => `dellop-known-${sheetId}`

export function knownOf(sheetId: string): number {
  const value = Number(localStorage.getItem(keyOf(sheetId)) ?? 0)
  return Number.isInteger(value) && value > 0 ? value : 0
}

export const keepKnown = (sheetId: string, known: number): void =>
  known > 0
    ? localStorage.setItem(keyOf(sheetId), String(known))
    : localStorage.removeItem(keyOf(sheetId))
