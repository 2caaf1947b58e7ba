import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'

/** Every view of the desk, and what has to be there before it is gone through. */
const VIEWS: readonly (readonly [string, string])[] = [
  ['/sheets', '.long [role=row]'],
  ['/sheets/rushlight-waltz-first-draft', '.block'],
  ['/sheets/combing-the-teasels/print', 'article'],
  ['/sheets/four-lamps-square/floor', '.floor .dancer'],
  ['/schools', 'article'],
  ['/lectern/lanterns-at-the-weir?clock=manual', '.lectern'],
  ['/free', '.setup .el-button--primary'],
  ['/figures', '.long [role=row]'],
  ['/figures/twirl-vine', '.chart-box'],
  ['/figures/new', '.chart-box'],
  ['/figures/groups', '.el-table'],
  ['/voice', 'section'],
  ['/tunes', '.long [role=row]'],
  ['/tunes/lamps-along-the-staithe', 'canvas'],
  ['/help', 'main h1'],
]
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

async function goneThrough(page: Page, path: string, there: string): Promise<void> {
  await page.goto(path)
  await expect(page.locator(there).first()).toBeVisible()
  // All rows of a long list are alike: a few of them do.
  if (path === '/figures') await page.getByLabel('Search figures').fill('jazz box')
  await page.waitForTimeout(500)
  await page.locator('h1, .lectern').first().click()
  const stops: Stop[] = []
  for (let i = 0; i < MOST; i++) {
    await page.keyboard.press('Tab')
    const stop = await stopNow(page)
    if (!stop || stops.some(({ at }) => at === stop.at)) break
    stops.push(stop)
  }
  expect(stops.length).toBeGreaterThan(3)
  expect(stops.length).toBeLessThan(MOST)
  expect(stops.filter(({ isSeen }) => !isSeen).map(({ at }) => at)).toEqual([])
  const rows = stops.map(({ row }) => row).filter((row) => row !== '')
  expect(rows).toEqual([...new Set(rows)])
}

/** A few views a browser: each brought up anew would take most of the time. */
const FEW = 5
for (let first = 0; first < VIEWS.length; first += FEW) {
  const few = VIEWS.slice(first, first + FEW)
  test(`${few.map(([path]) => path).join(', ')} are gone through by keyboard: each stop is in sight, once, and none holds it`, async ({
    page,
  }) => {
    test.slow()
    for (const [path, there] of few) await test.step(path, () => goneThrough(page, path, there))
  })
}

test('a row of a list is one stop; arrows go within it and to the next', async ({ page }) => {
  await page.goto('/sheets')
  const rows = page.locator('.el-table-v2__row')
  await rows.nth(0).getByRole('link').first().focus()
  await page.keyboard.press('ArrowRight')
  await expect(rows.nth(0).getByRole('link', { name: /^Call / })).toBeFocused()
  await page.keyboard.press('ArrowDown')
  await expect(rows.nth(1).getByRole('link', { name: /^Call / })).toBeFocused()
  await page.keyboard.press('ArrowLeft')
  await page.keyboard.press('ArrowLeft')
  await expect(rows.nth(1).getByRole('button')).toBeFocused()
})

for (const [path, there] of [
  ['/sheets/rushlight-waltz-first-draft', '.block'],
  ['/lectern/lanterns-at-the-weir?clock=manual', '[data-testid=next-cue]'],
] as const)
  test(`${path} keeps what matters in sight at twice the size`, async ({ page }) => {
    // Twice the size is half the room.
    await page.setViewportSize({ width: 640, height: 400 })
    await page.goto(path)
    const first = page.locator(there).first()
    await expect(first).toBeVisible()
    // The page is laid out anew while it is loaded: where it rests is what counts.
    let [top, height] = [NaN, NaN]
    const rests = async (): Promise<boolean> => {
      const box = await first.boundingBox()
      const isStill = box?.y === top
      if (box) ({ y: top, height } = box)
      return isStill
    }
    await expect.poll(rests, { intervals: [500] }).toBe(true)
    expect(top).toBeGreaterThanOrEqual(0)
    expect(top + Math.min(height, 60)).toBeLessThanOrEqual(400)
    expect(
      await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      ),
    ).toBeLessThanOrEqual(1)
  })
