import { onBeforeUnmount, watch, type Ref } from 'vue'

/** Tells whenever the size of an element changes, once at first, for as long as its view is there. */
export function useSizeOf(
  element: Readonly<Ref<HTMLElement | null>>,
  changed: (box: DOMRectReadOnly) => void,
): void {
  if (typeof ResizeObserver === 'undefined') return
  const observer = new ResizeObserver(([entry]) => changed(entry!.contentRect))
  watch(
    element,
    (now) => {
      observer.disconnect()
      if (now) observer.observe(now)
    },
    { immediate: true, flush: 'post' },
  )
  onBeforeUnmount(() => observer.disconnect())
}
