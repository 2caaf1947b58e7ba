import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'

/** A recording as a cuer would have it: played by the band, cut short, as a WAV of its own. */
function recording(): string {
  const folder = mkdtempSync(join(tmpdir(), 'dellop-tune-'))
  const abc = readFileSync('demo/tunes/lamps-along-the-staithe.abc', 'utf8').replace('P:IAABALAABAT', 'P:IABT').replace('T:Lamps Along the Staithe', 'T:Short Lamps')
  writeFileSync(join(folder, 'short.abc'), abc)
  const out = join(folder, 'short_lamps.wav')
  execFileSync(process.execPath, ['cli/dellop.mjs', 'band', join(folder, 'short.abc'), '-o', out])
  return out
}

async function bringIn(page: Page): Promise<void> {
  await page.goto('/tunes')
  await page.locator('input[type=file]').setInputFiles(recording())
  await expect(page.getByText('“short lamps” is ready: 96 beats a minute, 3 to the bar.')).toBeVisible({ timeout: 45_000 })
  await page.getByRole('link', { name: 'short lamps' }).first().click()
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Play', exact: true }).first()).toBeEnabled({ timeout: 20_000 })
}
const tempo = (page: Page) => page.locator('header p.soft')

test('a recording is listened to, its octave and its bars are mended by ear, and all is kept', async ({ page }) => {
  await bringIn(page)
  await expect(tempo(page)).toContainText(/\b9[56](\.\d)? beats a minute/)
  await page.getByRole('button', { name: 'Half as many beats' }).click()
  await expect(tempo(page)).toContainText(/\b4[78](\.\d)? beats a minute/)
  await page.keyboard.press('Control+z')
  await expect(tempo(page)).toContainText(/\b9[56](\.\d)? beats a minute/)
  await page.getByRole('button', { name: 'Twice as many' }).click()
  await expect(tempo(page)).toContainText(/\b19[12](\.\d)? beats a minute/)
  await page.keyboard.press('h')
  await expect(tempo(page)).toContainText(/\b9[56](\.\d)? beats a minute/)

  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('1')
  await page.getByRole('button', { name: 'one bar longer' }).first().click()
  await page.getByRole('textbox', { name: 'Name of the section' }).first().fill('intro')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Dance starts here' }).first().click()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  const sum = await page.locator('p.count').last().textContent()
  await page.reload()
  await expect(page.locator('strong', { hasText: 'dance starts' })).toBeVisible()
  await expect(page.getByRole('textbox', { name: 'Name of the section' }).first()).toHaveValue('intro')
  await expect(page.locator('p.count').last()).toHaveText(sum!)
})

test('tapping along while it plays leads the listening to the tapped beat', async ({ page }) => {
  await bringIn(page)
  await page.getByRole('button', { name: 'Half as many beats' }).click()
  await page.getByRole('button', { name: 'Play', exact: true }).first().click()
  for (let n = 0; n < 9; n++) {
    await page.keyboard.press('t')
    await page.waitForTimeout(600)
  }
  await page.getByRole('button', { name: /Listen again near these \d+ taps/ }).click()
  await expect(tempo(page)).not.toContainText(/\b4[78](\.\d)? beats/, { timeout: 30_000 })
})

test('beats and phrases are taken along as files', async ({ page }) => {
  await page.goto('/tunes/lamps-along-the-staithe')
  const take = async (name: string) => {
    const waiting = page.waitForEvent('download')
    await page.getByRole('button', { name, exact: true }).click()
    const file = await waiting
    return { name: file.suggestedFilename(), bytes: readFileSync(await file.path()) }
  }
  const csv = await take('Beats as CSV')
  expect(csv.name).toBe('lamps-along-the-staithe-beats.csv')
  expect(csv.bytes.toString()).toMatch(/^beat,bar,count,seconds\n-1,0,3,0\.25/)
  expect((await take('Beats as MIDI')).bytes.subarray(0, 4).toString()).toBe('MThd')
  expect((await take('Phrases as WebVTT')).bytes.toString()).toContain('link (2 bars)')
  expect((await take('Clicks as WAV')).bytes.subarray(0, 4).toString()).toBe('RIFF')
})

test('what is no sound is refused in a sentence, and nothing is kept', async ({ page }) => {
  await page.goto('/tunes')
  await expect(page.locator('main li').first()).toBeVisible()
  const tunes = await page.locator('main li').count()
  const file = (name: string, buffer: Buffer) => ({ name, mimeType: 'application/octet-stream', buffer })
  const box = page.locator('input[type=file]')
  await box.setInputFiles(file('letter.mp3', Buffer.from('Dear Wren, this is a letter and no sound at all.')))
  await expect(page.getByRole('alert')).toContainText('“letter.mp3” could not be read as sound')
  await box.setInputFiles(file('empty.wav', Buffer.alloc(0)))
  await expect(page.getByRole('alert')).toContainText('The file is empty')
  const second = readFileSync(recording()).subarray(0, 44 + 88_200)
  second.writeUInt32LE(88_200, 40)
  await box.setInputFiles(file('second.wav', Buffer.from(second)))
  await expect(page.getByRole('alert')).toContainText(/1\.0 s long; at least 4 s are needed/)
  await page.reload()
  await expect(page.locator('main li')).toHaveCount(tunes)
})
