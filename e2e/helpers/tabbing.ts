import type { Page } from '@playwright/test'
import { expect } from './dellop.ts'

/** So many stops are gone through at most: more than any view has. */
const MOST = 160

interface Stop {
  readonly at: string
  readonly isSeen: boolean
  /** What its row of a list says; empty elsewhere. */
  readonly row: string
}
/** Where the keyboard is: what it is, whether it is seen to be there, and in which row of a list. */
const stopNow = (page: Page): Promise<Stop | null> =>
  page.evaluate(() => {
    const at = document.activeElement
    if (!at || at === document.body) return null
    const seen = document as unknown as { stops?: WeakMap<Element, number>; count?: number }
    seen.stops ??= new WeakMap()
    if (!seen.stops.has(at)) seen.stops.set(at, (seen.count = (seen.count ?? 0) + 1))
    const box = (
      at.closest('.el-checkbox, .el-radio, .el-segmented__item, .el-slider') ?? at
    ).getBoundingClientRect()
    const row = at.closest('.el-table-v2__row')
    return {
      at: `${seen.stops.get(at)} ${at.tagName} ${at.getAttribute('aria-label') ?? at.textContent?.trim().slice(0, 30) ?? ''}`,
      isSeen: box.width > 0 && box.height > 0 && box.bottom > 0 && box.top < innerHeight,
      row: row?.textContent ?? '',
    }
  })

/** A view gone through with Tab from its heading: each stop is in sight, once, and none holds it. */
export async function tabbedThrough(page: Page): Promise<void> {
  await page.locator('h1, .lectern').first().click()
  const stops: Stop[] = []
  for (let i = 0; i < MOST; i++) {
    await page.keyboard.press('Tab')
    const stop = await stopNow(page)
    if (!stop || stops.some(({ at }) => at === stop.at)) break
    stops.push(stop)
  }
  expect(stops.length).toBeGreaterThan(0)
  expect(stops.length).toBeLessThan(MOST)
  expect(stops.filter(({ isSeen }) => !isSeen).map(({ at }) => at)).toEqual([])
  const rows = stops.map(({ row }) => row).filter((row) => row !== '')
  expect(rows).toEqual([...new Set(rows)])
}
