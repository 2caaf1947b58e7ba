import { onBeforeUnmount, watch, type Ref } from 'vue'
import a4 from './a4.css?url'
import a5 from './a5.css?url'

/**
 * The size of the sheets of paper that the browser prints on, as long as the view is open: a page's
 * size is a rule of its own in CSS.
 */
export function usePaper(paper: Readonly<Ref<'a4' | 'a5' | 'large'>>): void {
  const link = document.createElement('link')
  link.rel = 'stylesheet'
  link.media = 'print'
  watch(paper, (size) => (link.href = size === 'a5' ? a5 : a4), { immediate: true })
  document.head.append(link)
  onBeforeUnmount(() => link.remove())
}
