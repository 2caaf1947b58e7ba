import { seriousIn } from './helpers/access.ts'
import { expect, test } from './helpers/dellop.ts'

test('a sheet is written as text beside its page, each following the other', async ({ page }) => {
  await page.goto('/sheets')
  await page.getByRole('button', { name: 'New sheet' }).click()
  await page.getByLabel('Name of the dance').fill('Reed and Rush')
  await page.getByRole('button', { name: 'Start writing' }).click()
  await page.getByRole('button', { name: 'Text beside the page' }).click()
  const text = page.getByRole('textbox', { name: 'The sheet as text' })
  await expect(text).toContainText('part A')
  await text.click()
  await page.keyboard.press('Control+a')
  await page.keyboard.insertText(
    'dance: waltz\npart A\n  Balance left and right\n  Box (half)\n  Heron step\norder\n  A x2\n',
  )
  const blocks = page.locator('.block')
  await expect(blocks.filter({ hasText: 'Balance left and right' })).toHaveCount(2)
  await expect(blocks.filter({ hasText: 'Box, half' })).toHaveCount(2)
  await expect(text.locator('.line-end').first()).toHaveText('9 counts')
  await expect(text.locator('.line-end').nth(1)).toHaveText('6 · 6')
  await expect(text.locator('.line-end').nth(3)).toHaveText('?')

  // A slip is told with its line; the page keeps what it has until the slip is mended.
  await page.keyboard.press('Control+Home')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('End')
  await page.keyboard.type(' = 4')
  await expect(
    page.getByText('is not on the page yet; all else is. Line 4: Box takes 3 counts here, and 4'),
  ).toBeVisible()
  await expect(blocks.filter({ hasText: 'Box, half' })).toHaveCount(2)
  for (let i = 0; i < 4; i++) await page.keyboard.press('Backspace')
  await expect(page.getByText('is not on the page yet')).toBeHidden()

  // What is done on the page stands in the text.
  await page.keyboard.press('Enter')
  await page.keyboard.type('  Hov')
  await expect(page.locator('.cm-tooltip-autocomplete')).toContainText('Hover')
  // A list that has only just opened takes no click: it could have been meant for what was there
  // before.
  const offered = page
    .locator('.cm-tooltip-autocomplete li')
    .filter({ hasText: /^Hover/ })
    .first()
  await expect(async () => {
    await offered.click({ timeout: 1000 })
    await expect(offered).toBeHidden({ timeout: 500 })
  }).toPass()
  await expect(blocks.filter({ hasText: 'Hover' })).toHaveCount(2)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(text).not.toContainText('Hover')
  await page.getByRole('button', { name: 'Close the text' }).click()
  await page.reload()
  await expect(page.locator('.block').filter({ hasText: 'Balance left and right' })).toHaveCount(2)
})

test('findings stand under their lines, and the line chosen is chosen on the page', async ({
  page,
}) => {
  await page.goto('/sheets/rushlight-waltz-first-draft')
  await page.getByRole('button', { name: 'Text beside the page' }).click()
  const text = page.getByRole('textbox', { name: 'The sheet as text' })
  await expect(text.locator('.cm-lintRange').first()).toBeVisible()
  const line = text.locator('.cm-line').filter({ hasText: 'Hover' }).first()
  await line.click()
  await expect(
    page
      .locator('.block[aria-pressed="true"], .block.selected, .block[aria-current="true"]')
      .first(),
  ).toContainText('Hover')
  expect(await seriousIn(page)).toEqual([])
})
