import { useEventListener } from '@vueuse/core'
import { ref, type Ref } from 'vue'

/**
 * The key that searches everything, wherever it is allowed. What is typed before the box is there
 * is kept for it, so that it neither gets lost nor means something to the page behind.
 *
 * @param isAllowed whether the key means anything now
 */
export function useSearchKey(isAllowed: () => boolean): {
  readonly isSearching: Ref<boolean>
  readonly typed: Ref<string>
  readonly open: () => void
} {
  const isSearching = ref(false)
  const typed = ref('')
  function open(): void {
    if (isSearching.value) return
    typed.value = ''
    isSearching.value = true
  }
  function typeAhead({ key }: KeyboardEvent): void {
    if (key === 'Escape') isSearching.value = false
    else if (key === 'Backspace') typed.value = typed.value.slice(0, -1)
    else if (key.length === 1) typed.value += key
  }
  function onKey(event: KeyboardEvent): void {
    const hasCommand = event.ctrlKey || event.metaKey
    if (hasCommand && !event.altKey && event.key.toLowerCase() === 'k') {
      if (!isAllowed()) return
      event.preventDefault()
      open()
    } else if (isSearching.value && !isOfDialog(event)) {
      event.stopImmediatePropagation()
      if (hasCommand || event.altKey) return
      event.preventDefault()
      typeAhead(event)
    }
  }
  useEventListener(window, 'keydown', onKey, true)
  return { isSearching, typed, open }
}

/** Its box has every key; on its way there the keyboard rests on other controls of the dialog. */
function isOfDialog({ target, key }: KeyboardEvent): boolean {
  if (!(target instanceof Element) || target.closest('[role=dialog]') === null) return false
  return target.tagName === 'INPUT' || (key !== 'Backspace' && (key.length > 1 || key === ' '))
}
