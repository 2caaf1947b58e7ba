import { onBeforeUnmount, ref, type Ref } from 'vue'

/** Below this width a screen shows one thing at a time: panels become drawers. */
export const NARROW_PX = 900

/** Whether the window is narrow, as it changes. */
export function useNarrow(): Readonly<Ref<boolean>> {
  const query = window.matchMedia(`(max-width: ${NARROW_PX}px)`)
  const narrow = ref(query.matches)
  const heard = (event: MediaQueryListEvent): void => void (narrow.value = event.matches)
  query.addEventListener('change', heard)
  onBeforeUnmount(() => query.removeEventListener('change', heard))
  return narrow
}
