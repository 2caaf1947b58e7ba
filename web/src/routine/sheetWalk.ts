import { nextTick } from 'vue'
import type { SheetPage } from './sheetPage.ts'

/**
 * Going about on the page: from figure to figure, row to row, finding to finding; `reveal` brings a
 * figure into view.
 */
export function useSheetWalk(page: SheetPage, reveal: (key: string, focus: boolean) => void) {
  const { selected, selectedKey, rows } = page

  function choose(key: string, focus = false): void {
    page.select(key)
    void nextTick(() => reveal(key, focus))
  }

  function step(by: number): void {
    const next = page.neighbour(by) ?? (selected.value ? null : page.slots.value[0])
    if (next) choose(next.key, true)
  }

  /** The slot that lies above or below: in the next row, nearest in time within it. */
  function rowStep(by: 1 | -1): void {
    const lines = rows.value.flatMap((row) => row.lines).filter((line) => line.blocks.length > 0)
    const here = lines.findIndex((line) =>
      line.blocks.some((block) => block.slot.key === selectedKey.value),
    )
    const target = lines[here + by]
    if (!target || !selected.value || here < 0) return
    const offset = selected.value.start - lines[here]!.start
    const nearest = [...target.blocks].sort(
      (a, b) =>
        Math.abs(a.start - target.start - offset) - Math.abs(b.start - target.start - offset),
    )[0]!
    choose(nearest.slot.key, true)
  }

  function findingStep(by: 1 | -1): void {
    const keys = page.open.value
      .filter((finding) => finding.severity !== 'note')
      .flatMap((finding) => finding.slotKeys.slice(0, 1))
    if (keys.length === 0) return
    const here = keys.indexOf(selectedKey.value ?? '')
    choose(keys[(here + by + keys.length) % keys.length]!, true)
  }

  /** Chooses one more figure, behind or before those chosen. */
  function extend(by: number): void {
    const next = page.neighbour(by)
    if (!next) return
    page.extendTo(next.key)
    void nextTick(() => reveal(next.key, false))
  }

  return { choose, step, rowStep, findingStep, extend }
}
