import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { bringText } from './helpers/sheets.ts'
import { seriousIn } from './helpers/access.ts'

/** Where the dancers are drawn, in their order. */
const drawn = (page: Page): Promise<(string | null)[]> =>
  page
    .locator('.floor .dancer')
    .evaluateAll((all) =>
      all.map(
        (one) => /translate\(([^)]*)\)/.exec(one.getAttribute('transform') ?? '')?.[1] ?? null,
      ),
    )

test('the floor shows who stands where: figure by figure, played, seen from the caller’s side, in words beside it', async ({
  page,
}) => {
  await page.goto('/sheets/four-lamps-square/floor')
  await expect(page.getByRole('heading', { name: 'Floor: Four Lamps' })).toBeVisible()
  await expect(page.locator('.floor .dancer')).toHaveCount(8)
  await expect(page.getByText('All are home at the end.')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Heads forward and back' })).toBeVisible()
  const home = await drawn(page)
  for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'Next figure' }).click()
  await expect(page.getByRole('heading', { name: 'Grand chain home' })).toBeVisible()
  await expect(page.locator('.now li.on')).toHaveText('with partners: grand chain 8')
  expect(await drawn(page)).toEqual(home)
  expect(await seriousIn(page)).toEqual([])

  await page.getByRole('button', { name: 'Play' }).click()
  await expect(page.getByText(/^Opening, count [3-9] of 16$/)).toBeVisible()
  await page.getByRole('button', { name: 'Pause' }).click()
  const away = await drawn(page)
  expect(away.filter((place, i) => place === home[i])).toEqual([])
  // As the caller sees it, everything lies the other way round.
  await page.getByText('as the caller sees it').click()
  const turned = (place: string | null): number[] => place!.split(' ').map((n) => -Number(n))
  await expect
    .poll(async () => (await drawn(page)).map((place) => place!.split(' ').map(Number)))
    .toEqual(away.map((place) => turned(place).map((n) => n + 0)))
})

test('a stranger says how they stand, types a chain and a swing, and sees where they lead', async ({
  page,
}) => {
  await bringText(
    page,
    'Two couples',
    `dance: longways\nschool: longways\nbar: 4 beats of 1/4 in quarters\n\npart A\n  "over" = 8\n\norder\n  A x2 | progress\n`,
  )
  const sheet = page.url()
  await page.goto(`${sheet}/floor`)
  await expect(page.getByText('This sheet does not say how they stand.')).toBeVisible()
  await page.getByRole('link', { name: 'How they stand' }).click()
  const places = page.getByLabel('How they stand')
  await places.fill('longways of 2, sideways')
  await places.press('Enter')
  await expect(page.getByRole('alert')).toContainText('is no formation')
  await places.fill('longways of 4, duple improper')
  await places.press('Enter')
  await expect(page.getByRole('alert')).toHaveCount(0)
  await page.locator('.page .block').first().click()
  const moves = page.getByLabel('Who moves where')
  await moves.fill('1-4 follows: chain; 5-8 partners: swing facing home')
  await expect(page.getByText('up, down, across, in or out was expected here')).toBeVisible()
  await moves.fill('1-4 follows: chain; 5-8 neighbours: pass')
  await moves.blur()
  await expect(page.locator('.save')).toHaveText('Saved')
  await page.goto(`${sheet}/floor`)
  await expect(page.getByText('follows: chain', { exact: true })).toBeVisible()
  await expect(page.locator('.floor .dancer')).toHaveCount(8)
  await expect(page.getByRole('cell', { name: /\|/ })).toHaveCount(3)
})
