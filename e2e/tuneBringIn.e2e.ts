import { copyFileSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { playedWaltz, struckTone, wav } from './helpers/sound.ts'

const RATE = 22_050
const file = (name: string, buffer: Buffer) => ({
  name,
  mimeType: 'application/octet-stream',
  buffer,
})
const fileBox = (page: Page) => page.locator('input[type=file]')

test('another recording is laid beside the first; the same file and the same name are noticed', async ({
  page,
}) => {
  test.setTimeout(120_000)
  const long = playedWaltz('weir_band', 'IABABAT')
  const short = playedWaltz('weir_band_short', 'IABAAT', '1.1=101 4.1=99')
  await page.goto('/tunes')
  await fileBox(page).setInputFiles(long.path)
  await page.getByRole('link', { name: 'Open “weir band”' }).click({ timeout: 45_000 })
  await expect(page.getByRole('button', { name: 'Play', exact: true }).first()).toBeEnabled({
    timeout: 20_000,
  })
  await fileBox(page).setInputFiles(short.path)
  await expect(
    page.getByText(/“weir band short” was laid beside this recording. It is 8 bars shorter after /),
  ).toBeVisible({ timeout: 60_000 })
  const differences = page.getByText(/^8 bars shorter after \S+ \(bar \d+\)$/)
  await expect(differences).toBeVisible()
  const sumOfFirst = await page.locator('p.count').last().textContent()
  await page.getByRole('button', { name: 'Look at it' }).click()
  await expect(page.locator('p.count').last()).not.toHaveText(sumOfFirst!)
  await expect(page.locator('header .facts')).toContainText(/\b(99|100|101)(\.\d)? BPM/)
  await page.getByText('Saved', { exact: true }).waitFor()
  await page.reload()
  await expect(differences).toBeVisible()

  await page.route('**/api/tunes', async (route) => {
    await new Promise((done) => setTimeout(done, 2000))
    await route.continue()
  })
  await page.goto('/tunes')
  await fileBox(page).setInputFiles(long.path)
  await expect(page.getByText('This very recording is here already, as “weir band”.')).toBeVisible()
  await page.unroute('**/api/tunes')
  const namesake = join(short.path, '../weir_band.wav')
  copyFileSync(short.path, namesake)
  const changed = readFileSync(namesake)
  changed.writeInt16LE(changed.readInt16LE(5000) ^ 3, 5000)
  await fileBox(page).setInputFiles({
    name: 'weir_band.wav',
    mimeType: 'audio/wav',
    buffer: changed,
  })
  await expect(page.getByRole('alert')).toContainText(
    '“weir band” has a recording from a file named “weir_band.wav” already, and this is another one. What is it?',
  )
  await page.getByRole('button', { name: 'Cancel' }).click()
  await expect(page.getByRole('alert')).toHaveCount(0)
})

const MUSICXML = (bars: number): string => {
  const bar = (n: number): string =>
    `<measure number="${n}">${n === 1 ? '<attributes><divisions>1</divisions><time><beats>3</beats><beat-type>4</beat-type></time></attributes><direction><direction-type><rehearsal>A</rehearsal></direction-type><sound tempo="102"/></direction>' : ''}${['G', 'B', 'D'].map((step) => `<note><pitch><step>${step}</step><octave>4</octave></pitch><duration>1</duration></note>`).join('')}</measure>`
  return `<?xml version="1.0"?><score-partwise version="4.0"><work><work-title>Reeds in Wind</work-title></work><part id="P1">${Array.from({ length: bars }, (_, i) => bar(i + 1)).join('')}</part></score-partwise>`
}

/** A MIDI file of one track: eight bars of four crotchets at 108, with a marker in the middle. */
function midi(): Buffer {
  const events: number[] = [
    0,
    0xff,
    0x03,
    6,
    ...Buffer.from('Sluice'),
    0,
    0xff,
    0x58,
    4,
    4,
    2,
    24,
    8,
    0,
    0xff,
    0x51,
    3,
    0x08,
    0x7a,
    0x23,
  ]
  for (let n = 0; n < 32; n++) {
    if (n === 16) events.push(0, 0xff, 0x06, 1, ...Buffer.from('B'))
    events.push(0, 0x90, 60 + (n % 8), 90, 96, 0x80, 60 + (n % 8), 0)
  }
  events.push(0, 0xff, 0x2f, 0)
  const head = Buffer.from([
    ...Buffer.from('MThd'),
    0,
    0,
    0,
    6,
    0,
    0,
    0,
    1,
    0,
    96,
    ...Buffer.from('MTrk'),
    0,
    0,
    0,
    0,
  ])
  head.writeUInt32BE(events.length, 18)
  return Buffer.concat([head, Buffer.from(events)])
}

test('MusicXML and MIDI are played in by the band, with their true beats', async ({ page }) => {
  await page.goto('/tunes')
  await fileBox(page).setInputFiles(file('reeds.musicxml', Buffer.from(MUSICXML(8))))
  await expect(
    page.getByText('“Reeds in Wind” is ready: 102 beats a minute, 3 to the bar.'),
  ).toBeVisible({ timeout: 20_000 })
  await fileBox(page).setInputFiles(file('sluice.mid', midi()))
  await expect(page.getByText('“Sluice” is ready: 108 beats a minute, 4 to the bar.')).toBeVisible({
    timeout: 20_000,
  })
  await page.getByRole('link', { name: 'Open “Sluice”' }).click()
  await expect(page.getByText('4 + 4 = 8 bars')).toBeVisible()
  await page.goto('/tunes')
  await fileBox(page).setInputFiles(file('broken.mid', midi().subarray(0, 60)))
  await expect(page.getByRole('alert')).toContainText('The tune was not imported.')
  await fileBox(page).setInputFiles(file('broken.xml', Buffer.from(MUSICXML(8).slice(0, 700))))
  await expect(page.getByRole('alert')).toContainText('The tune was not imported.')
})

test('what is no sound, or not of a length to dance to, is refused in a sentence, and nothing is kept', async ({
  page,
}) => {
  await page.goto('/tunes')
  await expect(page.locator('.long .title').first()).toBeVisible()
  const tunes = await page.locator('.long .title').count()
  const music = wav(struckTone(100, 12, RATE), RATE)
  const refused = async (
    name: string,
    buffer: Buffer,
    sentence: string | RegExp,
  ): Promise<void> => {
    await fileBox(page).setInputFiles(file(name, buffer))
    await expect(page.getByRole('alert')).toContainText(sentence, { timeout: 30_000 })
    await expect(page.getByRole('alert')).toContainText('The tune was not imported. ')
  }
  await refused(
    'letter.mp3',
    Buffer.from('Dear Wren, this is a letter and no sound at all.'),
    '“letter.mp3” could not be read as sound',
  )
  await refused('empty.wav', Buffer.alloc(0), 'The file is empty')
  await refused(
    'second.wav',
    wav(struckTone(100, 1, RATE), RATE),
    /1\.0 s long; at least 4 s are needed/,
  )
  await refused(
    'silent.wav',
    wav(new Float32Array(RATE * 8), RATE),
    'There is nothing to hear in this sound: it is silent.',
  )
  await refused('head.wav', music.subarray(0, 40), '“head.wav” could not be read as sound')
  await refused(
    'wrong-header.mp3',
    Buffer.concat([Buffer.from([0xff, 0xff, 0xff, 0xf0]), Buffer.from('x'.repeat(3000))]),
    '“wrong-header.mp3” could not be read as sound',
  )
  await refused(
    'two-hours.wav',
    wav(struckTone(100, 20, 8000), 8000, 1, 8000 * 7200),
    /The recording is 120 minutes long; at most 20 were expected/,
  )
  await refused(
    'cut-off.wav',
    music.subarray(0, Math.round(music.length * 0.7)),
    'The recording breaks off: it says that it is 12 s long, and 8 s of it are there.',
  )
  await page.reload()
  await expect(page.locator('.long .title')).toHaveCount(tunes)
})

test('six channels at 192 kHz are heard', async ({ page }) => {
  await page.goto('/tunes')
  await fileBox(page).setInputFiles(
    file('film_sound.wav', wav(struckTone(100, 6, 192_000), 192_000, 6)),
  )
  await expect(page.getByText(/“film sound” is ready: \d+ beats a minute/)).toBeVisible({
    timeout: 60_000,
  })
})

test('bringing in is stopped half way, and nothing is kept', async ({ page }) => {
  const played = playedWaltz('long_one', 'IAABALAABAA')
  await page.goto('/tunes')
  await expect(page.locator('.long .title').first()).toBeVisible()
  const tunes = await page.locator('.long .title').count()
  await fileBox(page).setInputFiles(played.path)
  await expect(page.getByText(/Listening for the beat: \d+ %/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  await expect(page.getByText('Stopped. Nothing was kept.')).toBeVisible()
  await page.reload()
  await expect(page.locator('.long .title')).toHaveCount(tunes)
})
