import type { Page, Route } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { bringText, TWO_STEP } from './helpers/sheets.ts'

const ONE_PART = `${TWO_STEP}part A\n  Vine four\norder\n  A\n`
const title = (page: Page) => page.getByRole('textbox', { name: 'Name of the dance' })
const author = (page: Page) => page.getByRole('textbox', { name: 'Who made it' })
const saved = (page: Page) => expect(page.getByText('Saved', { exact: true })).toBeVisible()

/** Lets a request through to the server, and loses its answer. */
const loseAnswer = async (route: Route): Promise<void> => {
  await route.fetch()
  await route.abort()
}

test('words typed while a batch is on its way stand beside those of another tab, and are not lost', async ({
  page,
  context,
}) => {
  await bringText(page, 'Typed on the way', ONE_PART)
  const other = await context.newPage()
  await other.goto(page.url())
  let arrive = (): void => undefined
  const onTheWay = new Promise<void>((resolve) => (arrive = resolve))
  const sent = page.waitForRequest('**/edits')
  await page.route(
    '**/edits',
    async (route) => {
      await onTheWay
      await route.continue()
    },
    { times: 1 },
  )
  await title(page).fill('Mine at first')
  await sent
  await title(other).fill('Theirs')
  await saved(other)
  await title(page).fill('Mine in the end')
  arrive()
  await expect(page.getByRole('heading', { name: 'Changed in two places' })).toBeVisible()
  await expect(page.getByText('Mine in the end', { exact: true })).toBeVisible()
  await expect(title(page)).toHaveValue('Theirs')
  await expect(page.getByText('Saved', { exact: true })).toBeHidden()
  // Nobody has answered it yet: it stands there when the page is opened again.
  await page.reload()
  await page
    .locator('.conflict', { hasText: 'Mine in the end' })
    .getByRole('button', { name: 'Use mine' })
    .click()
  await expect(title(other)).toHaveValue('Mine in the end')
})

test('of two tabs that were closed without the server, both edits are there when it is back', async ({
  page,
  context,
}) => {
  await bringText(page, 'Two closed tabs', ONE_PART)
  const address = page.url()
  const tabs = [await context.newPage(), await context.newPage()]
  for (const [i, tab] of tabs.entries()) {
    await tab.route('**/edits', (route) => route.abort())
    await tab.goto(`${address}?tab=about`)
    if (i === 0) await title(tab).fill('Two closed tabs, renamed')
    else await author(tab).fill('Wren Ashdown-Vale')
    await expect(tab.getByText(/Not saved yet/)).toBeVisible()
  }
  for (const tab of tabs) await tab.close()
  await page.goto(`${address}?tab=about`)
  await expect(title(page)).toHaveValue('Two closed tabs, renamed')
  await expect(author(page)).toHaveValue('Wren Ashdown-Vale')
  await saved(page)
  const id = address.split('/').at(-1)!
  const kept = (await (await page.request.get(`/api/sheets/${id}`)).json()).routine
  expect([kept.title, kept.by]).toEqual(['Two closed tabs, renamed', 'Wren Ashdown-Vale'])
})

test('a tab opened from another has a name of its own: each hears of the other’s changes', async ({
  page,
}) => {
  await bringText(page, 'Opened from another', ONE_PART)
  const opening = page.waitForEvent('popup')
  await page.evaluate(() => void window.open(location.href))
  const popup = await opening
  await expect(title(popup)).toHaveValue('Opened from another')
  await title(popup).fill('Changed in the popup')
  await expect(title(page)).toHaveValue('Changed in the popup')
  const nameOf = (tab: Page) => tab.evaluate(() => sessionStorage.getItem('dellop-tab'))
  expect(await nameOf(popup)).not.toBe(await nameOf(page))
})

test('what was changed at the last moment is there after a reload, however slow the storage is', async ({
  page,
}) => {
  await bringText(page, 'At the last moment', ONE_PART)
  await page.route('**/edits', (route) => route.abort())
  // From here on nothing that is given to the slower storage arrives before the page has gone.
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => new Promise(() => undefined) as never
  })
  await title(page).fill('Quill and Tarn')
  await page.reload()
  await page.unroute('**/edits')
  await expect(title(page)).toHaveValue('Quill and Tarn')
  await saved(page)
  await page.reload()
  await expect(title(page)).toHaveValue('Quill and Tarn')
})

test('a tune outlives a lost answer, a reload without the server, and leaving at once', async ({
  page,
}) => {
  await page.goto('/tunes')
  await page.getByRole('link', { name: 'Pothook Hop' }).click()
  const name = page.getByRole('textbox', { name: 'Name of the tune' })
  const was = await name.inputValue()
  const rename = async (to: string): Promise<void> => {
    await name.fill(to)
    await name.press('Tab')
  }
  await page.route('**/api/tunes/*/edits', loseAnswer, { times: 1 })
  await rename('Pothook Hop, once')
  await saved(page)
  await rename('Pothook Hop, twice')
  await saved(page)

  await page.route('**/api/tunes/*/edits', (route) => route.abort())
  await rename('Pothook Hop, offline')
  await expect(page.getByText(/Not saved yet/)).toBeVisible()
  await page.reload()
  await expect(name).toHaveValue('Pothook Hop, offline')
  await page.unroute('**/api/tunes/*/edits')
  await saved(page)

  await rename('Pothook Hop, in haste')
  await page.getByRole('link', { name: 'Tunes', exact: true }).first().click()
  await page.getByRole('link', { name: 'Pothook Hop, in haste' }).click()
  await rename(was)
  await saved(page)
})

test('a sheet whose answer was lost is made once', async ({ page }) => {
  const count = async (): Promise<number> =>
    (await (await page.request.get('/api/sheets')).json()).sheets.length as number
  await page.goto('/sheets')
  const before = await count()
  let isLost = false
  await page.route('**/api/sheets', (route) => {
    if (isLost || route.request().method() !== 'POST') return route.continue()
    isLost = true
    return loseAnswer(route)
  })
  await page.getByRole('button', { name: 'New sheet' }).click()
  await title(page).fill('Made once')
  await page.getByRole('button', { name: 'Start writing' }).click()
  await page.waitForURL(/\/sheets\/.+/)
  expect(isLost).toBe(true)
  expect(await count()).toBe(before + 1)
})

test('a change that is still on its way when the calling screen opens is called', async ({
  page,
}) => {
  await page.goto('/sheets/pegs-on-a-line')
  await page.locator('.block').nth(1).click()
  await page.route('**/api/sheets/*/edits', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 1200))
    await route.continue()
  })
  await page.keyboard.press('s')
  await page.keyboard.press('l')
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  const leftSaid = (): Promise<number> =>
    page.evaluate(
      () => window.dellopLectern.cues().filter(({ text }) => text.startsWith('vine left')).length,
    )
  const silent = await leftSaid()
  await page.getByRole('link', { name: /^Back to the sheet/ }).click()
  await page.unroute('**/api/sheets/*/edits')
  await expect(page.locator('.block').nth(1)).toBeVisible()
  await page.keyboard.press('Control+z')
  await page.keyboard.press('l')
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  // It comes round four times.
  expect(await leftSaid()).toBe(silent + 4)
})
