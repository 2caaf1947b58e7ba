import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { add as pick, boxOf } from './helpers/sheets.ts'
import { choose } from './helpers/fields.ts'

/** An empty sheet of its own for each test. */
async function newSheet(page: Page, title: string): Promise<void> {
  await page.goto('/sheets')
  await page.getByRole('button', { name: 'New sheet' }).click()
  await page.getByLabel('Name of the dance').fill(title)
  await choose(page.getByRole('combobox', { name: 'Tune' }), 'Lamps Along the Staithe')
  await page.getByRole('button', { name: 'Start writing' }).click()
  await expect(page.getByRole('textbox', { name: 'Name of the dance' })).toHaveValue(title)
}

async function add(page: Page, typed: string): Promise<void> {
  await pick(page, typed)
  await page.keyboard.press('Escape')
}

/** What the sum of a sheet tells when it is asked. */
async function told(page: Page, text: string | RegExp): Promise<void> {
  await expect(async () => {
    if (!(await page.getByText(text).isVisible())) await page.locator('.sum').first().click()
    await expect(page.getByText(text)).toBeVisible({ timeout: 1500 })
  }).toPass()
}

const blocks = (page: Page) => page.locator('.page .block')
const names = async (page: Page): Promise<string[]> =>
  (await blocks(page).allTextContents()).map((text) =>
    text.replace(/only this time|[!…]/g, '').trim(),
  )

test('a sheet is written from nothing with the keyboard alone', async ({ page }) => {
  await newSheet(page, 'Written by keys')
  await page.getByRole('button', { name: 'Add the first figure' }).press('Enter')
  await add(page, 'balance')
  await expect(blocks(page)).toHaveCount(1)
  await page.keyboard.press('a')
  await add(page, 'tv')
  await page.keyboard.press('a')
  await add(page, 'through, face')
  await expect
    .poll(() => names(page))
    .toEqual(['Balance left and right', 'Twirl vine', 'Through, face, close'])
  await page.keyboard.press('a')
  await add(page, 'ltb')
  await page.keyboard.press('h')
  await expect.poll(() => names(page)).toContain('Left turning box, half')
  await page.keyboard.press('r')
  await expect.poll(() => names(page)).toContain('Left turning box, half, twice')
  await page.keyboard.press('Shift+R')
  await page.keyboard.press('Alt+ArrowLeft')
  await expect.poll(async () => (await names(page))[2]).toMatch(/^Left turning box, half/)
  await page.keyboard.press('Control+z')
  await expect.poll(async () => (await names(page))[3]).toMatch(/^Left turning box, half/)
  await page.keyboard.press('Control+y')
  await expect.poll(async () => (await names(page))[2]).toMatch(/^Left turning box, half/)
  await page.keyboard.press('Delete')
  await expect
    .poll(() => names(page))
    .toEqual(['Balance left and right', 'Twirl vine', 'Through, face, close'])
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect
    .poll(() => names(page))
    .toEqual(['Balance left and right', 'Twirl vine', 'Through, face, close'])
})

test('unknown words stay as words, counts stay open, and nothing is guessed', async ({ page }) => {
  await newSheet(page, 'Words')
  await page.getByRole('button', { name: 'Add the first figure' }).click()
  await page.getByLabel('Figure name, alias or initials').fill('gather by the old weir')
  await page.getByText('Keep “gather by the old weir” as words').click()
  await page.keyboard.press('Escape')
  await expect.poll(() => names(page)).toEqual(['gather by the old weir'])
  await page.getByRole('spinbutton', { name: 'Length in counts' }).fill('6')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('button', { name: /bars open$/ })).toHaveText([
    '2 bars open',
    '4 bars open',
  ])
})

test('a wording is changed while its ribbon moves, for every pass of the part', async ({
  page,
}) => {
  await page.goto('/sheets/lanterns-at-the-weir')
  const first = page.locator('.ribbon[data-slot="p1.0/a5"]')
  await page.getByRole('button', { name: /^Manoeuvre, bar 6 of A, first time/ }).click()
  const before = await boxOf(first)
  await page.getByLabel('full').fill('manoeuvre, quick')
  await expect(first).toHaveText('manoeuvre, quick')
  await expect
    .poll(async () => {
      const after = await boxOf(first)
      return Math.abs(after.x - before.x) + Math.abs(after.width - before.width)
    })
    .toBeGreaterThan(3)
  await expect(page.locator('.ribbon', { hasText: 'manoeuvre, quick' })).toHaveCount(4)
  await page.getByLabel('full').fill('')
  await expect(first).toHaveText(/^manoeuvre/)
  await expect(page.locator('.ribbon', { hasText: 'manoeuvre, quick' })).toHaveCount(0)
})

test('a change for one pass alone leaves the others', async ({ page }) => {
  await page.goto('/sheets/lanterns-at-the-weir')
  await page.getByRole('button', { name: /^Box, bar 3 of B, first time/ }).click()
  await page.locator('.side').getByText('This time only').click()
  await page.getByRole('button', { name: 'Replace' }).click()
  await add(page, 'balance')
  await expect(page.locator('.block[data-slot^="p2.0/"]').nth(1)).toContainText(
    'Balance left and right',
  )
  await expect(page.locator('.block[data-slot="p7.0/b2"]')).toHaveText('Box')
  await page.keyboard.press('Control+z')
  await expect(page.locator('.block[data-slot="p2.0/b2"]')).toHaveText('Box')
})

test('a figure is dragged to another place', async ({ page }) => {
  await page.goto('/sheets/lanterns-at-the-weir')
  const hover = page.locator('.block[data-slot="p1.0/a4"]')
  const target = page.locator('.block[data-slot="p1.0/a1"]')
  await hover.dragTo(target, { targetPosition: { x: 10, y: 10 } })
  await expect.poll(async () => (await names(page))[0]).toBe('Hover')
  await page.keyboard.press('Control+z')
  await expect.poll(async () => (await names(page))[0]).toBe('Balance left and right')
})

test('arrows lead through the page and findings by key', async ({ page }) => {
  await page.goto('/sheets/rushlight-waltz-first-draft')
  await page
    .getByRole('button', { name: /^Balance left and right, bar 1 of A, first time/ })
    .click()
  await page.keyboard.press('ArrowRight')
  await expect(page.locator('.block:focus')).toHaveText('Twirl vine')
  await page.keyboard.press('ArrowDown')
  await expect(page.locator('.block:focus')).toHaveText('Two right turns')
  await page.keyboard.press('ArrowUp')
  await expect(page.locator('.block:focus')).toHaveText('Twirl vine')
  await page.keyboard.press('n')
  await expect(page.locator('.block:focus')).toContainText('Left turning box, half')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys of the page' })).toBeVisible()
  await page.keyboard.press('Escape')
})

test('passes are added, moved and taken out of the order', async ({ page }) => {
  await newSheet(page, 'In order')
  await page.getByRole('button', { name: 'Add a time through' }).click()
  await page.getByRole('menuitem', { name: 'New part' }).click()
  await page.getByRole('textbox', { name: 'Name of the part' }).fill('B')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Add a time through' }).click()
  await page.getByRole('menuitem', { name: 'A', exact: true }).click()
  await expect(page.locator('.chip')).toHaveText([/^A/, /^B/, /^A/])
})

test('a figure is danced another way in any respect, and the page says whether the dance comes round', async ({
  page,
}) => {
  await newSheet(page, 'Another way')
  await page.getByRole('button', { name: 'Add the first figure' }).click()
  await add(page, 'balance')
  await told(page, 'It ends as it began.')
  await blocks(page).first().click()
  await page.getByText('Danced as: as written').click()
  await choose(page.getByLabel('turning in all'), '1/4 to the left')
  await expect(blocks(page)).toHaveText([/Balance left and right, turning 1\/4/])
  await told(
    page,
    /^It ends otherwise than it began: the .* ends facing line of dance, not the wall/,
  )
  await choose(page.getByLabel('ends in'), 'tandem')
  await told(page, /it ends in tandem, not in butterfly\.$/)
  await page.getByRole('button', { name: 'As written again' }).click()
  await told(page, 'It ends as it began.')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(blocks(page)).toHaveText([/turning 1\/4/])
})
