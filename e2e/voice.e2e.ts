import { readFileSync } from 'node:fs'
import { READINGS } from '@dellop/core/cue'
import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { samplesOf } from './helpers/sound.ts'
import { spokenByStandIn } from './helpers/standIn.ts'
import { beside } from './helpers/sheets.ts'

const measured = async (page: Page): Promise<number[]> =>
  (await page.locator('.el-table__body').first().locator('td:nth-child(2)').allTextContents()).map(
    (text) => Number(text.replace(' s', '')),
  )

test('a recording is measured too; one with other readings, or none, is refused in a sentence', async ({
  page,
}) => {
  const spoken = await spokenByStandIn(READINGS.en)
  await page.goto('/voice')
  const bring = (name: string, buffer: Buffer): Promise<void> =>
    page.locator('input[type=file]').setInputFiles({ name, mimeType: 'audio/wav', buffer })
  await bring('readings.wav', spoken.bytes)
  await expect(page.getByRole('heading', { name: 'How well it fits' })).toBeVisible()
  const seconds = await measured(page)
  seconds.forEach((one, i) => expect(Math.abs(one - spoken.seconds[i]!)).toBeLessThan(0.04))
  await bring('three.wav', (await spokenByStandIn(READINGS.en.slice(0, 3))).bytes)
  await expect(page.getByRole('alert')).toHaveText(
    '12 readings were expected, 3 were heard. Leave a pause of half a second between them, and none within one.',
  )
  await bring('noise.wav', Buffer.from('no sound at all'))
  await expect(page.getByRole('alert')).toContainText('This is no sound that can be read here.')
})

test('a microphone that is refused is told, and all else goes on', async ({ page }) => {
  await page.addInitScript(() => {
    navigator.mediaDevices.getUserMedia = () =>
      Promise.reject(new DOMException('no', 'NotAllowedError'))
  })
  await page.goto('/voice')
  await page.getByRole('button', { name: 'Read them aloud' }).click()
  await expect(page.getByRole('alert')).toContainText('The microphone was refused.')
  await expect(page.getByRole('radio', { name: 'the usual voice' })).toBeChecked()
})

test('a microphone that hears nothing is told after a while', async ({ page }) => {
  await page.addInitScript(() => {
    navigator.mediaDevices.getUserMedia = () =>
      Promise.resolve(new AudioContext().createMediaStreamDestination().stream)
  })
  await page.goto('/voice')
  await page.getByRole('button', { name: 'Read them aloud' }).click()
  // Ten seconds of sound: where others have the machine, they last longer.
  await expect(page.getByRole('alert')).toContainText('Nothing was heard for ten seconds.', {
    timeout: 60_000,
  })
})

test('the stand-in is chosen as the voice: the sheet is planned by its own lengths, heard in time, and taken along as WAV', async ({
  page,
}) => {
  test.setTimeout(120_000)
  await page.goto('/voice')
  await page.getByText('the practice voice', { exact: true }).click()
  await expect(page.getByText('Kept.', { exact: true })).toBeVisible()
  await page.goto('/sheets/lanterns-at-the-weir')
  await page.getByRole('tab', { name: 'Cues' }).click()
  await expect(
    page.getByText(/wordings have not been said by the practice voice yet/),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Have them said' }).click()
  await expect(
    page.getByText('All wordings are planned as the practice voice says them.'),
  ).toBeVisible({
    timeout: 60_000,
  })
  // Heard: the cue is said when its moment comes, by the music's own clock.
  await page.getByRole('button', { name: 'Hear it' }).click()
  await expect(page.getByTestId('heard-now')).toContainText('wait four bars')
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  // The same mix, rendered: every cue begins where it is planned.
  await page.locator('.side .panel').getByText('Music', { exact: true }).last().click()
  const [recording] = await Promise.all([
    page.waitForEvent('download', { timeout: 60_000 }),
    page.getByRole('button', { name: 'Export as WAV' }).click(),
  ])
  expect(recording.suggestedFilename()).toBe('lanterns-at-the-weir-practice-100.wav')
  const { samples, rate } = samplesOf(readFileSync(await recording.path()))
  await beside(page, 'Hand on')
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'CSV', exact: true }).click(),
  ])
  const planned = readFileSync(await csv.path(), 'utf8')
    .trim()
    .split('\n')
    .slice(1)
    .map((line) => Number(line.split(',')[0]))
  expect(planned.length).toBeGreaterThan(40)
  const peak = samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0)
  for (const start of planned) {
    // A breath before it nothing sounds; the first sample that does is the cue's. A w begins softly.
    let at = Math.round((start - 0.1) * rate)
    while (at < samples.length && Math.abs(samples[at]!) < 0.001 * peak) at++
    expect(Math.abs(at / rate - start)).toBeLessThan(0.03)
  }
  // The server is shared: the voice is as it was for who comes after.
  await page.goto('/voice')
  await page.getByText('the usual voice', { exact: true }).click()
  await expect(page.getByText('Kept.', { exact: true })).toBeVisible()
})

test('without its data the voice says so, and the page goes on working', async ({ page }) => {
  await page.route('**/voice/voice.data', (route) => route.abort())
  await page.goto('/sheets/pegs-on-a-line')
  await page.getByRole('tab', { name: 'Cues' }).click()
  await page.getByRole('button', { name: 'Hear it' }).click()
  await expect(page.getByRole('alert')).toContainText('The voice could not speak:')
  await page.getByRole('tab', { name: 'Figure' }).click()
  await page.locator('.page .block').first().click()
  await expect(page.getByRole('heading', { name: 'Why here' })).toBeVisible()
})

test('in a practice recording the music lies sample by sample where the recording has it, under the voice that was planned for it', async ({
  page,
}) => {
  await page.goto('/sheets/lanterns-at-the-weir')
  await page.getByRole('tab', { name: 'Cues' }).click()
  const panel = page.getByRole('region', { name: 'Hear it' })
  await panel.getByText('Voice', { exact: true }).last().click()
  const [track] = await Promise.all([
    page.waitForEvent('download', { timeout: 60_000 }),
    panel.getByRole('button', { name: 'Export as WAV' }).click(),
  ])
  const made = samplesOf(readFileSync(await track.path()))
  const { tunes } = (await (await page.request.get('/api/tunes')).json()) as {
    tunes: { id: string; recordings: { media: string }[] }[]
  }
  const media = tunes.find(({ id }) => id === 'lamps-along-the-staithe')!.recordings[0]!.media
  const recorded = samplesOf(Buffer.from(await (await page.request.get(`/media/${media}`)).body()))
  expect(made.rate).toBe(recorded.rate)
  // The same sound, only quieter: nothing is moved by even one sample.
  const [from, to] = [5 * made.rate, 15 * made.rate]
  let [both, ours, theirs] = [0, 0, 0]
  for (let i = from; i < to; i++) {
    both += made.samples[i]! * recorded.samples[i]!
    ours += made.samples[i]! ** 2
    theirs += recorded.samples[i]! ** 2
  }
  expect(both / Math.sqrt(ours * theirs)).toBeGreaterThan(0.999)
})
