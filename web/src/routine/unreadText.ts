/**
 * A sheet's text of which something could not be read yet, kept in this browser until it can be or
 * is thrown away by hand. Every tab keeps its own: two that are written in side by side take
 * nothing from each other. What a tab left that is closed is found by the next one.
 */
const keyOf = (sheetId: string, tab: string): string => `dellop-text/${sheetId}/${tab}`

/** A text that was left unread, and the tab that left it. */
export interface LeftUnread {
  readonly tab: string
  readonly text: string
}

/**
 * What was left unread of a sheet by this tab, else by one that is closed; null where nothing was.
 *
 * @param isOpen Whether a tab is still there.
 */
export function unreadText(
  sheetId: string,
  tab: string,
  isOpen: (tab: string) => boolean,
): LeftUnread | null {
  const before = keyOf(sheetId, '')
  const tabs = Object.keys(localStorage).flatMap((key) =>
    key.startsWith(before) ? [key.slice(before.length)] : [],
  )
  const left = tabs.find((one) => one === tab) ?? tabs.find((one) => !isOpen(one))
  return left === undefined ? null : { tab: left, text: localStorage.getItem(before + left)! }
}

/** Keeps a tab's text, or lets it go where it is null. */
export function keepUnreadText(sheetId: string, tab: string, text: string | null): void {
  if (text === null) localStorage.removeItem(keyOf(sheetId, tab))
  else localStorage.setItem(keyOf(sheetId, tab), text)
}
