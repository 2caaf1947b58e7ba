/**
 * What a key on the page asks for. Kept apart from the view, so that the list of keys and what they
 * do cannot drift.
 */
export type PageKey =
  | 'before'
  | 'after'
  | 'row-before'
  | 'row-after'
  | 'add'
  | 'replace'
  | 'remove'
  | 'move-before'
  | 'move-after'
  | 'halve'
  | 'more'
  | 'less'
  | 'reflect'
  | 'words'
  | 'next-finding'
  | 'previous-finding'
  | 'undo'
  | 'redo'
  | 'lectern'
  | 'keys'
  | 'extend-before'
  | 'extend-after'
  | 'copy'
  | 'cut'
  | 'paste'
  | 'duplicate'
  | 'leave'
  | 'cue-earlier'
  | 'cue-later'
  | 'cue-free'

const PLAIN: Readonly<Record<string, PageKey>> = {
  ArrowLeft: 'before',
  ArrowRight: 'after',
  ArrowUp: 'row-before',
  ArrowDown: 'row-after',
  Enter: 'replace',
  Delete: 'remove',
  Backspace: 'remove',
  a: 'add',
  h: 'halve',
  r: 'more',
  o: 'reflect',
  w: 'words',
  n: 'next-finding',
  p: 'previous-finding',
  l: 'lectern',
  '?': 'keys',
  Escape: 'leave',
  '[': 'cue-earlier',
  ']': 'cue-later',
  u: 'cue-free',
}

const WITH_CONTROL: Readonly<Record<string, PageKey>> = {
  y: 'redo',
  c: 'copy',
  x: 'cut',
  v: 'paste',
  d: 'duplicate',
}
const WITH_SHIFT: Readonly<Record<string, PageKey>> = {
  ArrowLeft: 'extend-before',
  ArrowRight: 'extend-after',
  r: 'less',
}

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
/** Enter and space on a button of its own belong to that button. */
const isOtherButton = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest('button, a, [role=menuitem], [role=radio]') !== null &&
  target.closest('.block') === null

/** The command of a key press, or null when the key belongs to something else. */
export function pageKey(event: KeyboardEvent): PageKey | null {
  const command = event.ctrlKey || event.metaKey
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
  if (command && !isTyping(event.target)) {
    if (key === 'z') return event.shiftKey ? 'redo' : 'undo'
    return WITH_CONTROL[key] ?? null
  }
  if (isTyping(event.target) || command) return null
  if (event.altKey)
    return key === 'ArrowLeft' ? 'move-before' : key === 'ArrowRight' ? 'move-after' : null
  if (key === 'Enter' && isOtherButton(event.target)) return null
  if (event.shiftKey && WITH_SHIFT[key]) return WITH_SHIFT[key]
  return PLAIN[key] ?? null
}
