import { onBeforeUnmount, onMounted, type Ref } from 'vue'

const ROWS = '.el-table-v2__row'
const ITEMS = 'a[href], button, input'
const STEPS: Readonly<Record<string, readonly [row: number, item: number]>> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
}

const itemsOf = (row: Element): HTMLElement[] => [...row.querySelectorAll<HTMLElement>(ITEMS)]

/**
 * One tab stop a row, however much can be pressed in it: its link at first, then what was last
 * there. Left and right go within a row, up and down to the same in the row beside it.
 */
export function useRowKeys(list: Readonly<Ref<HTMLElement | null>>): void {
  /** What of a row takes the keyboard: its link, until another was gone to. */
  let column: number | null = null

  function oneStop(row: Element): void {
    const items = itemsOf(row)
    const link = items.findIndex((item) => item.matches('a[href]:not(.el-button)'))
    const stop = Math.min(column ?? Math.max(link, 0), items.length - 1)
    items.forEach((item, i) => {
      if (item.tabIndex !== (i === stop ? 0 : -1)) item.tabIndex = i === stop ? 0 : -1
    })
  }
  const refresh = (): void => list.value?.querySelectorAll(ROWS).forEach(oneStop)

  function press(event: KeyboardEvent): void {
    const step = STEPS[event.key]
    const item = (event.target as Element).closest<HTMLElement>(ITEMS)
    const row = item?.closest(ROWS)
    if (!step || !item || !row || event.ctrlKey || event.altKey || event.metaKey) return
    const rows = [...(list.value?.querySelectorAll(ROWS) ?? [])]
    const beside = rows[rows.indexOf(row) + step[0]]
    const at = itemsOf(row).indexOf(item) + step[1]
    const next = beside ? itemsOf(beside)[at] : undefined
    if (!next) return
    event.preventDefault()
    column = at
    refresh()
    next.focus()
  }

  const observer = new MutationObserver(refresh)
  onMounted(() => {
    const box = list.value
    if (!box) return
    refresh()
    observer.observe(box, { childList: true, subtree: true })
    box.addEventListener('keydown', press)
  })
  onBeforeUnmount(() => observer.disconnect())
}
