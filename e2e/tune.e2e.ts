import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { playedWaltz, shareFound, type Played } from './helpers/sound.ts'
import { tick } from './helpers/fields.ts'

/**
 * Three part plays of a waltz with a pick-up, between 92 and 100 a minute; each time another
 * recording, begun at `first`.
 */
const drifting = (first: number): Played =>
  playedWaltz(
    'short_lamps',
    'IABAT',
    `1.1=${first} 2.1=96 2.5=99 3.1=97 3.5=94 4.1=95 4.5=98 5.1=93`,
  )

async function bringIn(page: Page, { path }: Played): Promise<void> {
  await page.goto('/tunes')
  await page.locator('input[type=file]').setInputFiles(path)
  const namesake = page.getByRole('button', { name: 'A tune of its own' })
  const ready = page.getByText(/is ready/)
  await expect(namesake.or(ready)).toBeVisible({ timeout: 45_000 })
  if (await namesake.isVisible()) await namesake.click()
  await expect(
    page.getByText(/“short lamps” is ready: 9[5-7] beats a minute, 3 to the bar./),
  ).toBeVisible({ timeout: 45_000 })
  await page.getByRole('link', { name: 'Open “short lamps”' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Play', exact: true }).first()).toBeEnabled({
    timeout: 20_000,
  })
}
const tempo = (page: Page) => page.locator('header .facts')
const saved = (page: Page) => expect(page.getByText('Saved', { exact: true })).toBeVisible()

interface Beat {
  readonly count: number
  readonly seconds: number
}
async function beatsOf(page: Page): Promise<Beat[]> {
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Beats as CSV', exact: true }).click()
  const lines = readFileSync(await (await waiting).path(), 'utf8')
    .trim()
    .split('\n')
    .slice(1)
  return lines
    .map((line) => line.split(',').map(Number))
    .map(([, , count, seconds]) => ({ count: count!, seconds: seconds! }))
}
const seconds = (beats: readonly Beat[]): number[] => beats.map((one) => one.seconds)
const ones = (beats: readonly Beat[]): number[] => seconds(beats.filter(({ count }) => count === 1))

/** Taps some key, a little early as people do, as the playhead comes to each of ten beats. */
async function tapOnBeats(page: Page, played: Played): Promise<void> {
  const moments = played.beats.slice(6, 16)
  await page.evaluate(
    async ([moments, early, length]) => {
      const left = [...moments]
      const head = document.querySelector<HTMLElement>('.wave .head')!
      while (left.length > 0) {
        await new Promise(requestAnimationFrame)
        if ((parseFloat(head.style.left) / 100) * length < left[0]! - early) continue
        left.shift()
        document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'x', bubbles: true }))
      }
    },
    [moments, 0.03, played.seconds] as const,
  )
}

test('a recording that drifts and begins before its first bar is heard, mended by octave and downbeat, and kept', async ({
  page,
}) => {
  const played = drifting(94)
  await bringIn(page, played)
  const heard = await beatsOf(page)
  expect(shareFound(played.beats, seconds(heard))).toBeGreaterThan(0.95)
  expect(shareFound(played.downbeats, ones(heard))).toBeGreaterThan(0.9)

  // A wrong octave: one action back, by button, by key, or by undo.
  await page.getByRole('button', { name: 'Half as many beats' }).click()
  await expect(tempo(page)).toContainText(/\b4[78](\.\d)? BPM/)
  await page.keyboard.press('d')
  await expect(tempo(page)).toContainText(/\b9[5-7](\.\d)? BPM/)
  expect(shareFound(played.beats, seconds(await beatsOf(page)))).toBeGreaterThan(0.95)
  await page.getByRole('button', { name: 'Twice as many' }).click()
  await expect(tempo(page)).toContainText(/\b19\d(\.\d)? BPM/)
  await page.keyboard.press('Control+z')
  await expect(tempo(page)).toContainText(/\b9[5-7](\.\d)? BPM/)

  // A wrong downbeat: choose a beat, say that it is one.
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('1')
  expect(shareFound(played.downbeats, ones(await beatsOf(page)))).toBeLessThan(0.1)
  await page.getByRole('button', { name: 'bars 2 beats later' }).click()
  expect(shareFound(played.downbeats, ones(await beatsOf(page)))).toBeGreaterThan(0.9)

  const phrases = page.getByRole('textbox', { name: 'Name of the section' })
  await page.getByRole('button', { name: 'one bar longer' }).first().click()
  await phrases.first().fill('intro')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Dance starts here' }).first().click()
  await page.getByLabel('How the dancers wait through the introduction').fill('wait four bars')
  await page.keyboard.press('Tab')
  await saved(page)
  const sum = await page.locator('p.count').last().textContent()
  const before = await beatsOf(page)
  await page.reload()
  await expect(page.locator('strong', { hasText: 'dance starts' })).toBeVisible()
  await expect(phrases.first()).toHaveValue('intro')
  await expect(page.getByLabel('How the dancers wait through the introduction')).toHaveValue(
    'wait four bars',
  )
  await expect(page.locator('p.count').last()).toHaveText(sum!)
  expect(await beatsOf(page)).toEqual(before)
})

test('tapping along while it plays leads the listening to the tapped beat', async ({ page }) => {
  const played = drifting(95)
  await bringIn(page, played)
  await page.getByRole('button', { name: 'Half as many beats' }).click()
  await page.getByRole('button', { name: 'Play', exact: true }).first().click()
  await tick(page.getByRole('checkbox', { name: 'any key taps' }))
  await tapOnBeats(page, played)
  await page.keyboard.press('Escape')
  await expect(page.getByRole('checkbox', { name: 'any key taps' })).not.toBeChecked()
  await page.getByRole('button', { name: /Listen again near these \d+ taps/ }).click()
  await expect(tempo(page)).not.toContainText(/\b4[78](\.\d)? BPM/, { timeout: 30_000 })
  expect(shareFound(played.beats, seconds(await beatsOf(page)))).toBeGreaterThan(0.9)
})

test('free time, one beat moved, a landmark: each is done, taken back, and kept', async ({
  page,
}) => {
  await bringIn(page, drifting(93))
  const before = await beatsOf(page)
  const chooseOn = async (beats: number): Promise<void> => {
    for (let n = 0; n < beats; n++) await page.keyboard.press('ArrowRight')
  }
  await page.getByRole('heading', { name: 'Phrases' }).click()
  await chooseOn(7)
  await page.keyboard.press('.')
  await page.keyboard.press('.')
  const moved = await beatsOf(page)
  const at = moved.findIndex(
    (beat, i) => Math.abs(beat.seconds - before[i]!.seconds - 0.02) < 0.0015,
  )
  expect(at).toBeGreaterThan(0)
  expect(
    moved.filter((beat, i) => Math.abs(beat.seconds - before[i]!.seconds) > 0.001),
  ).toHaveLength(1)
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  expect(await beatsOf(page)).toEqual(before)

  await page.getByRole('button', { name: 'Count stops at the chosen beat' }).click()
  await expect(page.getByText('Now choose the beat at which the count goes on.')).toBeVisible()
  await chooseOn(4)
  await page.getByRole('button', { name: 'Count goes on at the chosen beat' }).click()
  await expect(page.getByText(/2\.\d s at 0:0\d/)).toBeVisible()
  const free = await beatsOf(page)
  expect(free.length).toBe(before.length - 4)
  expect(seconds(before)).toEqual(expect.arrayContaining(seconds(free)))

  await page.getByRole('heading', { name: 'Phrases' }).click()
  await chooseOn(3)
  await page.getByLabel('What is heard').fill('pipes enter')
  await page.getByRole('button', { name: 'Mark it at the chosen beat' }).click()
  await expect(page.getByRole('button', { name: 'Play pipes enter' })).toBeVisible()
  await saved(page)
  await page.reload()
  await expect(page.getByText(/2\.\d s at 0:0\d/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Play pipes enter' })).toBeVisible()
  expect(await beatsOf(page)).toEqual(free)
  await page.getByRole('button', { name: 'Count it again' }).click()
  expect((await beatsOf(page)).length).toBe(before.length)
})
