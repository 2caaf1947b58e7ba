import { expect, test } from './helpers/dellop.ts'
import { beside, bringText, TWO_STEP } from './helpers/sheets.ts'

test('two tabs on one sheet merge what they can and show both where they cannot', async ({
  page,
  context,
}) => {
  await bringText(
    page,
    'Lanterns, in two tabs',
    `${TWO_STEP}part A\n  Vine four\n  Limp four\norder\n  A\n`,
  )
  const other = await context.newPage()
  await other.goto(page.url())
  const titleOf = (tab: typeof page) => tab.getByRole('textbox', { name: 'Name of the dance' })

  await page.getByRole('button', { name: /^Vine four, bar 1 of A/ }).click()
  await page.getByLabel('short').fill('vine, four')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await other.getByRole('button', { name: /^Vine four, bar 1 of A/ }).click()
  await expect(other.getByLabel('short')).toHaveValue('vine, four')

  // Both write the same field while one of them is cut off from the server.
  await other.route('**/edits', (route) => route.abort())
  await titleOf(other).fill('Lanterns, his name')
  await expect(other.getByText(/Not saved yet/)).toBeVisible()
  await titleOf(page).fill('Lanterns, her name')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await other.unroute('**/edits')
  await expect(other.getByRole('heading', { name: 'Changed in two places' })).toBeVisible({
    timeout: 15_000,
  })
  await expect(other.getByText('Lanterns, his name', { exact: true })).toBeVisible()
  await expect(titleOf(other)).toHaveValue('Lanterns, her name')
  await other.getByRole('button', { name: 'Use mine' }).click()
  await expect(titleOf(page)).toHaveValue('Lanterns, his name')
})

test('what is being typed stays in its field while another tab changes the sheet', async ({
  page,
  context,
}) => {
  await bringText(page, 'Typed in two tabs', `${TWO_STEP}part A\n  Vine four\norder\n  A\n`)
  const other = await context.newPage()
  await other.goto(page.url())
  await beside(page, 'About')
  const source = page.getByLabel('Learned from')
  await source.fill('From a notebook')
  await beside(other, 'About')
  await other.getByRole('textbox', { name: 'Who made it' }).fill('Ottoline Frisk')
  await expect(page.getByRole('textbox', { name: 'Who made it' })).toHaveValue('Ottoline Frisk')
  await expect(source).toHaveValue('From a notebook')
  await source.press('Tab')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await expect(other.getByLabel('Learned from')).toHaveValue('From a notebook')
})

test('what was written without the server is kept over a reload and sent when it is back', async ({
  page,
}) => {
  await bringText(
    page,
    'Written without the server',
    `${TWO_STEP}part A\n  Vine four\norder\n  A\n`,
  )
  const id = page.url().split('/').at(-1)!
  await beside(page, 'About')
  await page.route('**/edits', (route) => route.abort())
  await page.getByRole('textbox', { name: 'Who made it' }).fill('Ottoline Frisk of the Tar Loft')
  await expect(page.getByText(/Not saved yet/)).toBeVisible()
  await page.reload()
  await expect(page.getByRole('textbox', { name: 'Who made it' })).toHaveValue(
    'Ottoline Frisk of the Tar Loft',
  )
  await page.unroute('**/edits')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 15_000 })
  const saved = await page.request.get(`/api/sheets/${id}`)
  expect((await saved.json()).routine.by).toBe('Ottoline Frisk of the Tar Loft')
})
