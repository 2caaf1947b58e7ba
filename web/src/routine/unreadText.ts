/**
 * A sheet's text of which something could not be read yet, kept in this browser until it can be or
 * is thrown away by hand.
 */
const keyOf = (sheetId: string): string => `dellop-text/${sheetId}`

export const unreadText = (sheetId: string): string | null =>
  globalThis.localStorage?.getItem(keyOf(sheetId)) ?? null

export function keepUnreadText(sheetId: string, text: string | null): void {
  if (text === null) globalThis.localStorage?.removeItem(keyOf(sheetId))
  else globalThis.localStorage?.setItem(keyOf(sheetId), text)
}
