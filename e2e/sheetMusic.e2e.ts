import { expect, test } from './helpers/dellop.ts'
import { choose, chosen } from './helpers/fields.ts'

test('a sheet is timed on other music, and back by undo', async ({ page }) => {
  await page.goto('/sheets/lanterns-at-the-weir?tab=music')
  const music = page.getByLabel('Timed on')
  await expect(chosen(music)).toHaveText('Lamps Along the Staithe')
  await expect(page.getByText('68 bars, fits the tune')).toBeVisible()
  await choose(music, 'No tune yet')
  await expect(
    page.getByText('No tune any more: the cues are timed at an even tempo.'),
  ).toBeVisible()
  await expect(page.getByText('68 bars, fits the tune')).toHaveCount(0)
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(chosen(music)).toHaveText('No tune yet')
  await choose(music, 'Lamps Along the Staithe')
  await expect(page.getByText('The cues are timed on “Lamps Along the Staithe” now.')).toBeVisible()
  await expect(page.getByText('68 bars, fits the tune')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(chosen(music)).toHaveText('No tune yet')
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(page.getByText('68 bars, fits the tune')).toBeVisible()
  await page.getByRole('link', { name: 'Open the tune' }).click()
  await expect(page.getByRole('textbox', { name: 'Name of the tune' })).toHaveValue(
    'Lamps Along the Staithe',
  )
})
