import { seriousIn } from './helpers/access.ts'
import { expect, test } from './helpers/dellop.ts'

test('all that stands beside the page has no serious barrier, and its tabs are walked with the arrow keys', async ({
  page,
}) => {
  await page.goto('/sheets/eight-for-the-geese')
  await page.locator('.page .block').first().click()
  await page.getByRole('tab', { name: 'Figure' }).focus()
  for (const tab of ['Cues', 'Pass', 'Music', 'About', 'History', 'Figure']) {
    await page.keyboard.press('ArrowRight')
    await expect(page.getByRole('tab', { name: tab })).toBeFocused()
    const panel = page.getByRole('tabpanel')
    await expect(panel.getByRole('heading').first()).toBeVisible()
    for (const summary of await panel.locator('summary').all()) await summary.click()
    expect(await seriousIn(page, '[role=tabpanel]')).toEqual([])
    await page.getByRole('tab', { name: tab }).focus()
  }
})
