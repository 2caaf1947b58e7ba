import { ref, type Ref } from 'vue'
import { useNarrow } from '../ui/narrow.ts'
import { useQueryState } from '../ui/queryState.ts'
import { useSizeOf } from '../ui/sizeOf.ts'
import { isSide, ON_ASKING, type Side } from './sides.ts'
import type { SheetPage } from './sheetPage.ts'

/** What stands beside the page whatever is chosen on it gives way to the figure chosen by hand. */
const GIVES_WAY: readonly Side[] = ['fix', ...ON_ASKING]

/**
 * What stands beside the page of a sheet, kept by a link to it. On a narrow screen it lies over the
 * page from below, when it is asked for.
 *
 * @param view All that the sheet's page fills: lower once something lies over it.
 * @param shown The page of phrases, to bring a figure into sight.
 */
export function useBesidePage(
  page: SheetPage,
  view: Readonly<Ref<HTMLElement | null>>,
  shown: () => { reveal(key: string, focus: boolean): void } | null,
) {
  const { selectedKey } = page
  const side = useQueryState<Side>('tab', 'figure', isSide)
  const narrow = useNarrow()
  const drawer = ref(side.value !== 'figure')
  function showSide(wanted: Side): void {
    side.value = wanted
    drawer.value = true
  }
  // The figure chosen is brought into what is left of the page.
  useSizeOf(view, () => {
    if (narrow.value && drawer.value && selectedKey.value) shown()?.reveal(selectedKey.value, false)
  })
  function select(key: string): void {
    const isNew = key !== selectedKey.value
    page.select(key)
    if (isNew && GIVES_WAY.includes(side.value)) side.value = 'figure'
    if (narrow.value) showSide('figure')
  }
  return { side, drawer, narrow, showSide, select }
}
