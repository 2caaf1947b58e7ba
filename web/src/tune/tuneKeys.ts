import { onBeforeUnmount, onMounted } from 'vue'

/** Keys of the tune page; none while a field is being written in. `Control+z` and `Control+y` stand for undo and redo. */
export function useTuneKeys(keys: Readonly<Record<string, () => void>>): void {
  function onKey(event: KeyboardEvent): void {
    const target = event.target as HTMLElement
    if (/^(INPUT|SELECT|TEXTAREA)$/.test(target.tagName) && (target as HTMLInputElement).type !== 'checkbox') return
    if (event.altKey) return
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
    const command = event.ctrlKey || event.metaKey
    const name = command ? `Control+${key === 'z' && event.shiftKey ? 'y' : key}` : key
    const act = keys[name]
    // Space and Enter on a button are that button's.
    if (!act || (event.repeat && key === 't') || (target.tagName === 'BUTTON' && key === 'Enter')) return
    event.preventDefault()
    act()
  }
  onMounted(() => window.addEventListener('keydown', onKey))
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
}
