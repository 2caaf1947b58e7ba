import { useEventListener } from '@vueuse/core'

/** Keys that find their way about a page, and are never taps. */
const NEVER_TAPS = new Set(['Tab', 'Escape', 'Shift', 'Control', 'Alt', 'Meta', 'CapsLock'])

/**
 * Keys of the tune page; none while a field is being written in. `Control+z` and `Control+y` stand
 * for undo and redo. While `anyKey` gives something to do, every other key does that.
 */
export function useTuneKeys(
  keys: Readonly<Record<string, () => void>>,
  anyKey: () => (() => void) | null,
): void {
  function onKey(event: KeyboardEvent): void {
    const target = event.target as HTMLElement
    if (
      /^(INPUT|SELECT|TEXTAREA)$/.test(target.tagName) &&
      (target as HTMLInputElement).type !== 'checkbox'
    )
      return
    if (event.altKey) return
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
    const command = event.ctrlKey || event.metaKey
    const name = command ? `Control+${key === 'z' && event.shiftKey ? 'y' : key}` : key
    const act = (!command && !NEVER_TAPS.has(key) && anyKey()) || keys[name]
    // Space and Enter on a button are that button's.
    if (
      !act ||
      (event.repeat && (key === 't' || anyKey() !== null)) ||
      (target.tagName === 'BUTTON' && key === 'Enter' && anyKey() === null)
    )
      return
    event.preventDefault()
    act()
  }
  useEventListener(window, 'keydown', onKey)
}
