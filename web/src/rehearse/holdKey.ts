import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'

interface Held {
  readonly press: () => void
  readonly release: () => void
  readonly stop: () => void
}
const isTyping = (event: KeyboardEvent): boolean =>
  event.target instanceof HTMLElement &&
  event.target.closest('input, textarea, [role="combobox"], [role="slider"]') !== null

/** While it plays, Space is held as long as one speaks, and Escape stops. */
export function useHoldKey(isPlaying: Ref<boolean>, { press, release, stop }: Held): void {
  function down(event: KeyboardEvent): void {
    if (!isPlaying.value) return
    if (event.key === 'Escape') return stop()
    if (event.key !== ' ' || isTyping(event) || event.ctrlKey || event.altKey || event.metaKey)
      return
    event.preventDefault()
    if (!event.repeat) press()
  }
  function up(event: KeyboardEvent): void {
    if (event.key === ' ') release()
  }
  useEventListener(window, 'keydown', down)
  useEventListener(window, 'keyup', up)
}
