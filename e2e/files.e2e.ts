import { readFileSync } from 'node:fs'
import { expect, test } from './helpers/dellop.ts'

const sheet = readFileSync('demo/sheets/lanterns-at-the-weir.json', 'utf8')
const abc = readFileSync('demo/tunes/lamps-along-the-staithe.abc', 'utf8')
const file = (name: string, text: string) => ({
  name,
  mimeType: 'application/octet-stream',
  buffer: Buffer.from(text),
})

test('a sheet file cut in half, or of another kind, is refused in a sentence and changes nothing', async ({
  page,
}) => {
  await page.goto('/sheets')
  const shelf = await page.getByText(/^\d+ sheets$/).textContent()
  const bring = page.locator('input[type=file]')
  await bring.setInputFiles(file('half.json', sheet.slice(0, 3000)))
  await expect(page.getByRole('alert')).toContainText(
    /The file was not imported. “half.json” stops being readable at line \d+/,
  )
  await bring.setInputFiles(
    file('odd.json', JSON.stringify({ ...JSON.parse(sheet), colour: 'blue' })),
  )
  await expect(page.getByRole('alert')).toContainText('Unrecognized key: "colour"')
  await page.reload()
  await expect(page.getByText(shelf!, { exact: true })).toBeVisible()
})

test('a sheet file is brought in, once more as a copy', async ({ page }) => {
  await page.goto('/sheets')
  const renamed = JSON.parse(sheet)
  renamed.routine = { ...renamed.routine, id: 'brought-in', title: 'Lanterns brought in' }
  await page.locator('input[type=file]').setInputFiles(file('again.json', JSON.stringify(renamed)))
  await expect(page.getByRole('status').filter({ hasText: 'Lanterns brought in' })).toBeVisible()
  await page.getByRole('link', { name: 'Open “Lanterns brought in”' }).click()
  await expect(page.getByText('68 bars, fits the tune')).toBeVisible()
})

test('an ABC tune is played in by the band; one with a wrong bar is refused', async ({ page }) => {
  await page.goto('/tunes')
  const bring = page.locator('input[type=file]')
  await bring.setInputFiles(file('wrong.abc', abc.replace('"Em"d2 B', '"Em"d2')))
  await expect(page.getByRole('alert')).toContainText(
    'In bar 2 of part A there are 2 beats; 3 were expected.',
  )
  await bring.setInputFiles(
    file('new.abc', abc.replace('T:Lamps Along the Staithe', 'T:Reeds at Low Water')),
  )
  await expect(
    page.getByText('“Reeds at Low Water” is ready: 96 beats a minute, 3 to the bar.'),
  ).toBeVisible({ timeout: 20_000 })
  await page.getByRole('link', { name: 'Reeds at Low Water', exact: true }).click()
  await expect(page.getByText('4 + 8 + 8 + 8 + 8 + 2 + 8 + 8 + 8 + 8 + 2 = 72 bars')).toBeVisible()
  await page.getByRole('button', { name: 'Play A from bar 5' }).click()
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible()
})

test('figures are searched by name, alias and initials, and shown with what follows from their steps', async ({
  page,
}) => {
  await page.goto('/figures')
  await page.getByLabel('Search figures').fill('ltb')
  // One of the waltz, and one of the two-step.
  await expect(page.locator('.el-table-v2__row')).toHaveCount(2)
  await page.getByRole('link', { name: 'Left turning box' }).first().click()
  await expect(
    page.getByText('8 changes of weight').or(page.getByText('12 changes of weight')).first(),
  ).toBeVisible()
  await expect(
    page.getByText('turns once round to the left', { exact: true }).first(),
  ).toBeVisible()
  await page.goto('/figures/nothing-here')
  await expect(page.getByText('There is no such figure in the book.')).toBeVisible()
})
