import { expect, test } from './helpers/dellop.ts'
import { choose } from './helpers/fields.ts'
import { add, blocks } from './helpers/sheets.ts'
import { playedWaltz } from './helpers/sound.ts'

/** The first day of two people, from what they bring with them to the first cues. */

test('a round cuer brings a recording, writes a waltz to it, and calls it', async ({ page }) => {
  const played = playedWaltz('attic_waltz', 'IABAT', '1.1=96 2.1=96')
  await page.goto('/')
  await page.getByRole('link', { name: 'Tunes', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Tunes', level: 1 })).toBeVisible()
  await page.locator('input[type=file]').setInputFiles(played.path)
  await expect(
    page.getByText(/“attic waltz” is ready: 9[5-7] beats a minute, 3 to the bar./),
  ).toBeVisible({ timeout: 45_000 })
  await page.getByRole('link', { name: 'Sheets', exact: true }).click()
  await page.getByRole('button', { name: 'New sheet' }).click()
  await page.getByLabel('Name of the dance').fill('Attic Waltz')
  await page.getByRole('dialog').getByLabel('Dance', { exact: true }).fill('waltz')
  await page.keyboard.press('Tab')
  await choose(page.getByRole('combobox', { name: 'Tune' }), 'attic waltz')
  await page.getByRole('button', { name: 'Start writing' }).click()
  await expect(page.locator('.bar .fix')).toHaveText('nothing to fix')
  await page.getByRole('button', { name: 'Add the first figure' }).click()
  for (const figure of ['box', 'twinkle', 'waltz box', 'hover']) await add(page, figure)
  await page.keyboard.press('Escape')
  await expect(blocks(page).filter({ hasText: 'Hover' })).toHaveCount(1)
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.getByRole('link', { name: 'Call this dance' }).click()
  await expect(page.getByText('Ready to call without the network')).toBeVisible({ timeout: 30_000 })
  await page.keyboard.press('Space')
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible()
  await expect(page.getByText('say it now')).toBeVisible({ timeout: 20_000 })
})

test('a line teacher copies a paper sheet with a tag and a restart, and hears of both in time', async ({
  page,
}) => {
  await page.goto('/sheets')
  await page.getByRole('button', { name: 'New sheet' }).click()
  await page.getByLabel('Name of the dance').fill('Paper Lanterns')
  await page.getByRole('dialog').getByLabel('Dance', { exact: true }).fill('line dance')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Start writing' }).click()
  await page.getByRole('button', { name: 'Add the first figure' }).click()
  for (const figure of [
    'vine right, touch',
    'vine left, touch',
    'v step',
    'jazz box quarter right',
  ])
    await add(page, figure)
  await page.keyboard.press('Escape')
  await expect(blocks(page)).toHaveCount(4)
  // The paper says: a restart after sixteen counts on wall three, a tag of four after wall five.
  await page.getByRole('button', { name: 'Text beside the page' }).click()
  const text = page.getByRole('textbox', { name: 'The sheet as text' })
  await expect(text).toContainText('V step')
  await text.click()
  await page.keyboard.press('Control+a')
  await page.keyboard.insertText(
    `part A\n  Vine right, touch\n  Vine left, touch\n  V step\n  Jazz box, quarter right\npart Tag\n  V step\norder\n  A\n  A\n  A from 1 to 2\n  A\n  A\n  Tag\n  A\n`,
  )
  await page.getByRole('button', { name: 'Close the text' }).click()
  await expect(page.locator('.order .chip')).toHaveCount(7)
  await expect(page.locator('.bar .fix')).toHaveText('nothing to fix')
  const said = (words: string) => page.locator('.page .ribbon', { hasText: words }).first()
  await expect(said('then restart')).toBeVisible()
  await expect(said('tag, v step')).toBeVisible()
  await expect(said('last time')).toBeVisible()
  await page.getByRole('link', { name: 'Call this dance' }).click()
  await expect(page.getByText('Ready to call without the network')).toBeVisible({ timeout: 30_000 })
  await page.keyboard.press('Space')
  await expect(page.getByText('say it now')).toBeVisible({ timeout: 20_000 })
})
