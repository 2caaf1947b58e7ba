import { fadedIn } from './helpers/access.ts'
import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { changeSettings } from './helpers/settings.ts'
import { advance, openLectern, run } from './helpers/lectern.ts'

const open = (page: Page): Promise<void> => openLectern(page)

/** Speeds are reached as a cuer reaches them, by key. */
async function setSpeed(page: Page, percent: number): Promise<void> {
  for (let n = 0; n < Math.abs(percent - 100) / 5; n++)
    await page.keyboard.press(percent < 100 ? '-' : '+')
  await expect(page.getByText(`speed ${percent} %`)).toBeVisible()
}

for (const percent of [70, 120]) {
  test(`the whole dance at ${percent} %: every cue due once, in order, within 1 ms of the plan`, async ({
    page,
  }) => {
    await open(page)
    await setSpeed(page, percent)
    await page.keyboard.press('Space')
    for (let at = 0.5; at < 137 / (percent / 100) + 2; at += 2.37) await advance(page, at)
    const { shown, planned } = await page.evaluate(() => ({
      shown: window.dellopLectern.shown,
      planned: window.dellopLectern.cues().map((cue) => cue.key),
    }))
    expect(shown.map((cue) => cue.key)).toEqual(planned)
    expect(Math.max(...shown.map((cue) => Math.abs(cue.shownAt - cue.plannedAt)))).toBeLessThan(
      0.001,
    )
    await expect(page.getByText('The dance is over.')).toBeVisible()
  })
}

test('the plan the lectern keeps to is the one the sheet shows', async ({ page }) => {
  await page.goto('/sheets/lanterns-at-the-weir')
  await expect(page.locator('.ribbon').first()).toBeVisible()
  const onPage = await page
    .locator('.page .ribbon .text')
    .evaluateAll((all) => all.map((text) => text.textContent!.replace(/ \(in a gap\)$/, '')))
  await open(page)
  const given = await page.evaluate(() => window.dellopLectern.cues().map(({ text }) => text))
  expect(given).toEqual(onPage)
})

test('one key starts, pauses and goes on; others go back, forth, slower and faster', async ({
  page,
}) => {
  await open(page)
  const screen = page.locator('.lectern')
  await page.keyboard.press('Space')
  await expect(screen).toHaveAttribute('data-state', 'running')
  await advance(page, 16)
  await expect(page.getByText('A, first time')).toBeVisible()
  await page.keyboard.press('Space')
  await expect(screen).toHaveAttribute('data-state', 'paused')
  await advance(page, 60)
  await expect(page.getByText('A, first time')).toBeVisible()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByText('B, first time')).toBeVisible()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowLeft')
  // Anywhere else, with a count-in: the third bar of this phrase.
  await page.getByRole('button', { name: 'Go to bar 3, with a count-in' }).click()
  await expect(page.getByText('bar 3 of 8')).toBeVisible()
  await page.keyboard.press('Space')
  await expect(screen).toHaveAttribute('data-state', 'counting-in')
  await page.keyboard.press('Space')
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByText('B, first time')).toBeVisible()
  await page.keyboard.press('Space')
  await expect(screen).toHaveAttribute('data-state', 'counting-in')
  await advance(page, 60.3)
  await expect(page.locator('.big')).toHaveText('1')
  // In three-time a number is a bar.
  await advance(page, 62.4)
  await expect(page.locator('.big')).toHaveText('2')
  await advance(page, 66)
  await expect(screen).toHaveAttribute('data-state', 'running')
  await advance(page, 70)
  // What moves the music under a floor that dances has to be held: a slip does nothing.
  await page.keyboard.press('b')
  await advance(page, 70.1)
  await expect(page.getByText(/bar [2-8] of 8/)).toBeVisible()
  await page.keyboard.press('b', { delay: 750 })
  await advance(page, 70.3)
  await expect(page.getByText('bar 1 of 8')).toBeVisible()
  await page.keyboard.press('q')
  await page.keyboard.press('Delete')
  await expect(screen).toHaveAttribute('data-state', 'running')
})

test('the next cue is at least 64 px high, its moment unmistakable', async ({ page }) => {
  await open(page)
  await page.keyboard.press('Space')
  const cue = page.getByTestId('next-cue')
  for (let n = 0; n < 32; n++) {
    await advance(page, 8 + n * 4)
    if (await cue.isVisible())
      expect(
        await cue.evaluate((box) => parseFloat(getComputedStyle(box).fontSize)),
      ).toBeGreaterThanOrEqual(64)
  }
  await page.keyboard.press('b', { delay: 750 })
  await advance(page, 200)
})

test('a delay of the loudspeakers is set by tapping and moves every moment', async ({ page }) => {
  await open(page)
  const dialog = page.getByRole('dialog', { name: 'How late are the loudspeakers?' })
  // Nothing here hears the clicks: taps that happen to fall before them are begun anew.
  let wait = 0
  await expect(async () => {
    await page.keyboard.press('d')
    await expect(dialog).toBeVisible()
    await page.waitForTimeout(wait)
    wait += 250
    for (let n = 0; n < 8; n++) {
      await page.waitForTimeout(740)
      await page.keyboard.press('Space')
    }
    const isLate = await dialog.getByText(/^[1-9]\d* ms late, taps within/).isVisible()
    if (!isLate) await page.keyboard.press('Escape')
    expect(isLate).toBe(true)
  }).toPass()
  await page.getByRole('button', { name: 'Use this' }).click()
  await expect(page.getByRole('dialog')).toBeHidden()
  const kept = async (): Promise<number> =>
    (await (await page.request.get('/api/settings')).json()).settings.outputDelaySeconds as number
  await expect.poll(kept).toBeGreaterThan(0)
  const delay = await kept()
  expect(delay).toBeGreaterThanOrEqual(0)
  await page.keyboard.press('Space')
  await advance(page, 12)
  const [first] = await page.evaluate(() => window.dellopLectern.shown)
  // Who leaves by the lectern's own door has ended the call; otherwise it would go on where it was
  // cut off.
  await page.getByRole('link', { name: /^Back to the sheet/ }).click()
  await expect(page.locator('.page .ribbon').first()).toBeVisible()
  await changeSettings(page, { outputDelaySeconds: 0.2 })
  await open(page)
  await page.keyboard.press('Space')
  await advance(page, 12)
  const [later] = await page.evaluate(() => window.dellopLectern.shown)
  expect(later!.shownAt - first!.shownAt).toBeCloseTo(0.2 - delay, 6)
  await changeSettings(page, { outputDelaySeconds: 0 })
})

test('a floor that is lost is held while the music goes on, and comes back in by one key; a wrong one is taken back', async ({
  page,
}) => {
  await open(page)
  const shown = () => page.evaluate(() => window.dellopLectern.shown.map((cue) => cue.key))
  const hold = page.getByRole('region', { name: 'Hold: the music goes on' })
  await page.keyboard.press('Space')
  await advance(page, 16)
  await page.keyboard.press('x')
  await expect(hold).toBeVisible()
  const given = (await shown()).length
  await advance(page, 18)
  expect((await shown()).length).toBe(given)
  const offers = hold.locator('.offer')
  expect(await offers.count()).toBeGreaterThan(0)
  await expect(offers.first()).toContainText(/in \d+ counts/)
  // As if nothing had been: the next cue of the music's place is given.
  await page.keyboard.press('Escape')
  await expect(hold).toHaveCount(0)
  await advance(page, 22)
  expect((await shown()).length).toBeGreaterThan(given)
  // Lost again: the one key takes the first way back in, whose cue is then given, and all after it
  // in order.
  await page.keyboard.press('x')
  const figure = (await offers.first().locator('strong').textContent())!.split(',')[0]!
  await page.keyboard.press('Space')
  await expect(page.locator('.dancing')).toContainText(figure)
  const before = (await shown()).length
  for (let at = 24; at < 145; at += 1.9) await advance(page, at)
  const after = (await shown()).slice(before)
  const all = await page.evaluate(() => window.dellopLectern.cues().map((cue) => cue.key))
  expect(after.length).toBeGreaterThan(10)
  expect(all.join(' ')).toContain(after.join(' '))
})

test('a way back in that was the wrong one is one key from being taken back', async ({ page }) => {
  await open(page)
  await page.keyboard.press('Space')
  await advance(page, 16)
  await page.keyboard.press('x')
  const hold = page.getByRole('region', { name: 'Hold: the music goes on' })
  await expect(hold.locator('.offer').first()).toBeVisible()
  const texts = await hold.locator('.offer strong').allTextContents()
  await page.keyboard.press(String(texts.length))
  await expect(hold).toHaveCount(0)
  await page.keyboard.press('z')
  await expect(hold.locator('.offer strong')).toHaveText(texts)
  await page.keyboard.press('Escape')
})

test('is read from four metres: sizes of letters and keys, seven to one, and nothing to scroll', async ({
  page,
}) => {
  await openLectern(page)
  await page.keyboard.press('Space')
  await run(page, 1, 14)
  const sizes = (selector: string): Promise<number[]> =>
    page
      .locator(selector)
      .evaluateAll((all) => all.map((one) => parseFloat(getComputedStyle(one).fontSize)))
  const heights = (selector: string): Promise<number[]> =>
    page.locator(selector).evaluateAll((all) => all.map((one) => one.clientHeight))
  expect(Math.min(...(await sizes('.next li')))).toBeGreaterThanOrEqual(48)
  expect(Math.min(...(await sizes('[data-testid=wait]')))).toBeGreaterThanOrEqual(32)
  expect(Math.min(...(await sizes('.keys kbd, .standby kbd')))).toBeGreaterThanOrEqual(32)
  expect(
    Math.min(...(await heights('.keys .key, .standby button, .main-key'))),
  ).toBeGreaterThanOrEqual(48)
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(800)
  expect(await page.locator('h1').count()).toBe(1)
  const seven = async (): Promise<string[]> => fadedIn(page)
  expect(await seven()).toEqual([])
  for (const key of ['x', 'Escape', 'h', 'h', 'o']) {
    await page.keyboard.press(key)
    expect([key, await seven()]).toEqual([key, []])
  }
})
