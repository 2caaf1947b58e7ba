import { expect, test } from './helpers/dellop.ts'
import { BOXES, bringText } from './helpers/sheets.ts'
import { advance, openLectern, run, shownCues } from './helpers/lectern.ts'

test('cues are held while the music goes on, and go on with the next phrase; one key takes it back', async ({
  page,
}) => {
  await openLectern(page)
  await page.keyboard.press('Space')
  await run(page, 1, 19)
  await page.keyboard.press('h')
  await expect(page.getByRole('region', { name: /^Cues are held/ })).toBeVisible()
  const given = (await shownCues(page)).length
  await run(page, 20, 26)
  expect(await shownCues(page)).toHaveLength(given)
  await page.keyboard.press('Space')
  await expect(page.getByTestId('told')).toContainText('It goes on.')
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'running')
  await page.keyboard.press('z')
  await expect(page.getByRole('region', { name: /^Cues are held/ })).toBeVisible()
  await page.keyboard.press('Space')
  await run(page, 27, 45)
  // What was held comes then, in order, from its first.
  const next = (await shownCues(page))[given]!
  expect(next).toBe(
    await page.evaluate(
      () =>
        window.dellopLectern.cues().find(({ text }) => text.startsWith('half a left turning box'))!
          .key,
    ),
  )
})

test('they danced the other one: a digit says which, and the ways back in are those of the floor as it stands then', async ({
  page,
}) => {
  await openLectern(page)
  await page.keyboard.press('Space')
  // In the left turning box that is danced by half: the likeliest is that they dance all of it.
  await run(page, 1, 24.5)
  await page.keyboard.press('o')
  const asked = page.getByRole('region', { name: 'What did they dance?' })
  await expect(asked.getByRole('button').first()).toContainText('all of Left turning box')
  await page.keyboard.press('Escape')
  await expect(asked).toHaveCount(0)
  await page.keyboard.press('o')
  await page.keyboard.press('1')
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'lost')
  await expect(page.getByRole('region', { name: 'Hold: the music goes on' })).toBeVisible()
  await page.keyboard.press('Escape')
  // I called the wrong one: what was said too soon comes first; nobody knows is always there.
  await page.keyboard.press('w')
  const called = page.getByRole('region', { name: 'What did you call?' })
  await expect(called.getByRole('button').first()).toContainText('too soon')
  await called.getByRole('button', { name: /I do not know/ }).click()
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'lost')
})

test('one more time, skip, start over and end soon turn the rest of the dance, say what is lost, and are taken back', async ({
  page,
}) => {
  await openLectern(page)
  await page.keyboard.press('Space')
  await run(page, 1, 16)
  const all = await page.evaluate(() => window.dellopLectern.cues().length)
  const cues = (): Promise<number> => page.evaluate(() => window.dellopLectern.cues().length)
  const told = page.getByTestId('told')
  await page.keyboard.press('e')
  await expect(told).toContainText('It ends soon. Left out: ')
  expect(await cues()).toBeLessThan(all)
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'ending')
  await page.keyboard.press('z')
  expect(await cues()).toBe(all)
  for (const key of ['a', 'n', 'r']) {
    await page.keyboard.press(key)
    await expect(told).not.toHaveText('')
    if ((await told.textContent())!.startsWith('That cannot')) continue
    await page.keyboard.press('z')
    expect(await cues()).toBe(all)
  }
})

test('a fill goes on until one key lets it go, and what comes after waits for it', async ({
  page,
}) => {
  const text = `${BOXES}
part Walk
  Canter

order
  A
  fill Walk | fill until released, 2 to 16
  A
`
  await bringText(page, 'By the key', text)
  const id = page.url().split('/').pop()!
  await openLectern(page, '', id)
  await page.keyboard.press('Space')
  await run(page, 0.5, 26)
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'free-time')
  await expect(page.getByRole('region', { name: /^waits for your key: Box/ })).toBeVisible()
  await run(page, 27, 34)
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'free-time')
  const given = (await shownCues(page)).length
  await page.keyboard.press('Space')
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', /running|ending/)
  await run(page, 35, 60)
  const after = (
    await page.evaluate(() => window.dellopLectern.shown.map(({ text: said }) => said))
  ).slice(given)
  expect(after.filter((said) => said.includes('box')).length).toBeGreaterThanOrEqual(3)
  await expect(page.getByText('The dance is over.')).toBeVisible()
})

test('a live band is followed by taps, through drift and a missed one; a landmark starts exactly there and half a beat moves it', async ({
  page,
}) => {
  await openLectern(page, '&music=elsewhere')
  const told = page.getByTestId('tap-told')
  await expect(told).toContainText('Tap the first step')
  // A band in three at 90 instead of 96, getting slower; tapped at each bar.
  const bar = (n: number): number => 5 + n * 2 + 0.004 * n * n
  await advance(page, 5)
  await page.keyboard.press('l')
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'running')
  expect(await page.evaluate(() => window.dellopLectern.position())).toBeCloseTo(0, 3)
  for (let n = 1; n <= 16; n++) {
    await advance(page, bar(n))
    // One is missed, and one is a double.
    if (n === 9) continue
    await page.keyboard.press('t')
    if (n === 5) {
      await advance(page, bar(n) + 0.1)
      await page.keyboard.press('t')
      await expect(told).toHaveText('tapped twice: not counted')
    }
  }
  for (const n of [17, 18]) {
    await advance(page, bar(n))
    expect(
      Math.abs((await page.evaluate(() => window.dellopLectern.position())) / 24 - 3 * n),
    ).toBeLessThan(0.25)
  }
  const before = await page.evaluate(() => window.dellopLectern.position())
  await page.keyboard.press('.')
  expect((await page.evaluate(() => window.dellopLectern.position())) - before).toBeCloseTo(-12, 1)
  await page.keyboard.press(',')
  expect((await page.evaluate(() => window.dellopLectern.position())) - before).toBeCloseTo(0, 1)
  // The cues go by the band, not by the recording.
  expect((await shownCues(page)).length).toBeGreaterThan(8)
})

test('a pedal, or any key, is taught by pressing it; one pretended ships', async ({ page }) => {
  await openLectern(page)
  await page.keyboard.press('k')
  const dialog = page.getByRole('dialog', { name: 'Keys, pedals and buttons' })
  // The right pedal starts, as it ships.
  await dialog.getByRole('button', { name: 'Teach: they are lost' }).click()
  await dialog.getByRole('button', { name: 'Right pedal' }).click()
  await expect(dialog.getByText('MIDI control 64 now does: they are lost.')).toBeVisible()
  await dialog.getByRole('button', { name: 'Teach: hold the cues' }).click()
  await page.keyboard.press('y')
  await expect(dialog.getByText('Y now does: hold the cues.')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(dialog).toBeHidden()
  await page.keyboard.press('Space')
  await run(page, 1, 16)
  await page.keyboard.press('y')
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'holding')
  await page.keyboard.press('Escape')
  // It is known again the next time, until it is forgotten.
  await openLectern(page)
  await page.keyboard.press('k')
  await expect(dialog.getByRole('listitem').filter({ hasText: 'they are lost' })).toContainText(
    'MIDI control 64',
  )
  await dialog.getByRole('button', { name: 'As they were' }).click()
  await expect(dialog.getByRole('listitem').filter({ hasText: 'they are lost' })).not.toContainText(
    'MIDI control 64',
  )
})

test('words, counts, layouts and sizes change by key and stay so; what is said is readable from four metres', async ({
  page,
}) => {
  await openLectern(page)
  await page.keyboard.press('Space')
  await advance(page, 16)
  const cue = page.getByTestId('next-cue')
  // 84 px stand 13 mm high on a small laptop; the colours are seven to one and more.
  const colours = await cue.evaluate((box) => {
    const value = (text: string): number => {
      const [r, g, b] = text
        .match(/[\d.]+/g)!
        .slice(0, 3)
        .map((part) => {
          const c = Number(part) / 255
          return c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
        })
      return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!
    }
    const [ink, ground] = [value(getComputedStyle(box).color), value('rgb(43, 29, 14)')]
    return {
      ratio: (Math.max(ink, ground) + 0.05) / (Math.min(ink, ground) + 0.05),
      size: parseFloat(getComputedStyle(box).fontSize),
    }
  })
  expect(colours.ratio).toBeGreaterThanOrEqual(7)
  expect(colours.size).toBeGreaterThanOrEqual(84)
  await page.keyboard.press('v')
  await expect(page.locator('.big')).toBeHidden()
  await page.keyboard.press('v')
  await expect(page.locator('.next')).toBeHidden()
  await expect(cue).toBeVisible()
  await page.keyboard.press('v')
  await expect(page.locator('.big')).toBeVisible()
  await page.keyboard.press('c')
  await expect(page.locator('.big')).toBeHidden()
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('ArrowUp')
  const letters = (): Promise<string> =>
    page.evaluate(() => document.documentElement.style.fontSize)
  await expect.poll(letters).toBe('19.2px')
  await openLectern(page)
  await expect.poll(letters).toBe('19.2px')
  await page.evaluate(() => localStorage.clear())
})

test('the ways back in stand ready while all is well: one digit takes one at once, one key takes it back', async ({
  page,
}) => {
  await openLectern(page)
  await page.keyboard.press('Space')
  await run(page, 1, 20)
  const ready = page.getByRole('group', { name: 'If they lose it:' }).getByRole('button')
  await expect(ready.first()).toContainText(/^1.* (next phrase|in 2 phrases)/)
  const cues = (): Promise<string[]> =>
    page.evaluate(() =>
      window.dellopLectern.cues().map(({ key, startTick }) => `${key} ${startTick}`),
    )
  const before = await cues()
  const second = (await ready.nth(1).locator('strong').textContent())!
  await page.keyboard.press('2')
  await expect(page.getByTestId('told')).toContainText('They come in again.')
  await expect(page.locator('.dancing')).toContainText(`${second} in `)
  expect(await cues()).not.toEqual(before)
  await page.keyboard.press('z')
  await page.keyboard.press('Escape')
  expect(await cues()).toEqual(before)
  await expect(ready.first()).toBeVisible()
})

test('after free time in the music the next cue waits for the key, and is let go when its step has gone by', async ({
  page,
}) => {
  await bringText(
    page,
    'Waits for the beat',
    `dance: slow foxtrot
school: round
bar: 4 beats of 1/4 in quarters
tune: marram-and-rime
start: closed; lead faces wall, left foot free; follow faces centre, right foot free

part A
  "stroll" = 4
  "lean" = 4
  "turn away" = 4
  "saunter" = 4

order
  A x12
`,
  )
  await openLectern(page, '', page.url().split('/').pop()!)
  const byHand = await page.evaluate(() =>
    window.dellopLectern
      .cues()
      .filter((cue) => 'byHand' in cue && cue.byHand)
      .map(({ text, startTick }) => ({ text, startTick })),
  )
  expect(byHand.length).toBeGreaterThan(0)
  await page.keyboard.press('Space')
  const waits = page.getByRole('region', { name: /^waits for your key/ })
  let at = 0.5
  while (!(await waits.isVisible()) && at < 120) await advance(page, (at += 0.5))
  await expect(waits).toContainText(`waits for your key: ${byHand[0]!.text}`)
  await expect(waits).toContainText('The music keeps no beat here.')
  const given = await shownCues(page)
  await page.getByRole('button', { name: 'Say it now' }).first().click()
  await expect(waits).toBeHidden()
  const after = await shownCues(page)
  expect(after).toHaveLength(given.length + 1)
  expect(await page.evaluate(() => window.dellopLectern.shown.at(-1)!.text)).toBe(byHand[0]!.text)
})
