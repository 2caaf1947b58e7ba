import { seriousIn } from './helpers/access.ts'
import { expect, test } from './helpers/dellop.ts'
import { beside } from './helpers/sheets.ts'

test('all that stands beside the page has no serious barrier, and its tabs are walked with the arrow keys', async ({
  page,
}) => {
  await page.goto('/sheets/eight-for-the-geese')
  await page.locator('.page .block').first().click()
  await page.getByRole('tab', { name: 'Figure' }).focus()
  const look = async (): Promise<void> => {
    const panel = page.locator('.side .panel')
    await expect(panel.getByRole('heading').first()).toBeVisible()
    for (const folded of await panel.locator('.el-collapse-item__header').all())
      await folded.click()
    expect(await seriousIn(page, '.side')).toEqual([])
  }
  for (const tab of ['Cues', 'Part', 'To fix', 'Figure']) {
    await page.keyboard.press('ArrowRight')
    await expect(page.getByRole('tab', { name: tab })).toBeFocused()
    await look()
    await page.getByRole('tab', { name: tab }).focus()
  }
  for (const tab of ['Music', 'About', 'History', 'Hand on'] as const) {
    await beside(page, tab)
    await look()
  }
})
