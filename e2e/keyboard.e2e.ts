import { expect, test } from './helpers/dellop.ts'

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
