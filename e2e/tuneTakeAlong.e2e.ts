import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { beginnings, samplesOf, struckTone, toneStrength, wav } from './helpers/sound.ts'
import { choose } from './helpers/fields.ts'

async function take(page: Page, name: string): Promise<{ name: string; bytes: Buffer }> {
  const waiting = page.waitForEvent('download', { timeout: 50_000 })
  await page.getByRole('button', { name, exact: true }).click()
  const file = await waiting
  return { name: file.suggestedFilename(), bytes: readFileSync(await file.path()) }
}
const secondsOf = (csv: Buffer): number[] =>
  csv
    .toString()
    .trim()
    .split('\n')
    .slice(1)
    .map((line) => Number(line.split(',')[3]))

test('beats and phrases are taken along as files', async ({ page }) => {
  await page.goto('/tunes/lamps-along-the-staithe')
  const csv = await take(page, 'Beats as CSV')
  expect(csv.name).toBe('lamps-along-the-staithe-beats.csv')
  expect(csv.bytes.toString()).toMatch(/^beat,bar,count,seconds\n-1,0,3,0\.25/)
  expect((await take(page, 'Beats as MIDI')).bytes.subarray(0, 4).toString()).toBe('MThd')
  expect((await take(page, 'Phrases as WebVTT')).bytes.toString()).toContain('link (2 bars)')
})

test('clicks at another speed fall on the beats of that speed', async ({ page }) => {
  await page.goto('/tunes/lamps-along-the-staithe')
  const beats = secondsOf((await take(page, 'Beats as CSV')).bytes)
  await choose(page.getByLabel('Speed'), '80')
  const track = await take(page, 'Clicks as WAV')
  expect(track.name).toBe('lamps-along-the-staithe-clicks-80.wav')
  const heard = beginnings(samplesOf(track.bytes), 0.2)
  expect(heard).toHaveLength(beats.length)
  heard.forEach((moment, i) => expect(Math.abs(moment - beats[i]! / 0.8)).toBeLessThan(0.005))
})

test('counting is spoken on the beats, in either language, and can be stopped', async ({
  page,
}) => {
  await page.goto('/tunes/lamps-along-the-staithe')
  const beats = secondsOf((await take(page, 'Beats as CSV')).bytes)
  await choose(page.getByLabel('Counts in'), 'German')
  const { samples, rate } = samplesOf((await take(page, 'Counting alone as WAV')).bytes)
  const loud = (from: number, to: number): number => {
    let most = 0
    for (let i = Math.round(from * rate); i < Math.round(to * rate); i++)
      most = Math.max(most, Math.abs(samples[i] ?? 0))
    return most
  }
  // Every beat has its count, begun at once; before the first there is nothing.
  beats.slice(0, -1).forEach((moment) => expect(loud(moment, moment + 0.2)).toBeGreaterThan(0.05))
  expect(loud(0, beats[0]! - 0.02)).toBe(0)
  await page.getByRole('button', { name: 'Music with counting as WAV' }).click()
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  await expect(page.getByText('Stopped. Nothing was kept.')).toBeVisible()
})

test('music with clicks at another speed keeps its pitch', async ({ page }) => {
  const RATE = 22_050
  await page.goto('/tunes')
  await page.locator('input[type=file]').setInputFiles({
    name: 'struck.wav',
    mimeType: 'audio/wav',
    buffer: wav(struckTone(100, 20, RATE), RATE),
  })
  await page.getByRole('link', { name: 'Open “struck”' }).click({ timeout: 45_000 })
  const button = page.getByRole('button', { name: 'Music with clicks as WAV' })
  await expect(button).toBeEnabled({ timeout: 20_000 })
  await choose(page.getByLabel('Speed'), '75')
  const track = samplesOf((await take(page, 'Music with clicks as WAV')).bytes)
  expect(track.samples.length / track.rate).toBeCloseTo(20 / 0.75, 1)
  const strength = (hertz: number): number =>
    Math.max(...[-2, -1, 0, 1, 2].map((by) => toneStrength(track, hertz + by)))
  expect(strength(440)).toBeGreaterThan(3 * strength(330))
  expect(strength(440)).toBeGreaterThan(3 * strength(440 / 0.75))
})
