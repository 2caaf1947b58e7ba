import { useResizeObserver } from '@vueuse/core'
import type { Ref } from 'vue'

/** Tells whenever the size of an element changes, once at first, for as long as its view is there. */
export function useSizeOf(
  element: Readonly<Ref<HTMLElement | null>>,
  changed: (box: DOMRectReadOnly) => void,
): void {
  useResizeObserver(element, ([entry]) => changed(entry!.contentRect))
}
