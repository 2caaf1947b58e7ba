import { expect, test } from './helpers/dellop.ts'

/** Somebody who has read nothing: only what is written on the screen is used. */
test('a stranger opens the draft, mends its slip, changes a wording and calls the dance', async ({
  page,
}) => {
  await page.goto('/')
  await page.getByLabel('Search the sheets').fill('rushlight')
  await page.getByRole('link', { name: 'Rushlight Waltz, first draft', exact: true }).click()
  await page.getByRole('button', { name: /^1 to fix/ }).click()
  await expect(page.getByText('B is 6 counts short of the phrase, twice.')).toBeVisible()
  await expect(page.getByText('6 + 6 + 6 = 18, the phrase has 24')).toBeVisible()
  await expect(page.getByText('4 bars short of the tune')).toBeVisible()

  await page.getByRole('button', { name: 'Add Box before Box' }).click()
  await expect(page.getByText('0 things to fix instead of 1')).toBeVisible()
  await page.getByRole('button', { name: 'Apply' }).click()
  await expect(page.getByText('Nothing to fix.')).toBeVisible()
  await expect(page.getByText('68 bars, fits the tune')).toBeVisible()

  await page.getByRole('button', { name: /^Twirl vine, bar 3 of A, first time/ }).click()
  await page.getByLabel('full').fill('twirl her under')
  await expect(page.locator('.ribbon', { hasText: 'twirl her under' }).first()).toBeVisible()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()

  await page.getByRole('link', { name: 'Call this dance' }).click()
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page.getByTestId('next-cue')).toHaveText('wait four bars')
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible()
  await expect(page.getByText('say it now')).toBeVisible({ timeout: 20_000 })
  await expect(page.getByTestId('next-cue')).toHaveText('twirl her under')
})
