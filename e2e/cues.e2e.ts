import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { beside, blocks, boxOf, bringText, TWO_STEP } from './helpers/sheets.ts'
import { choose } from './helpers/fields.ts'

const SHEET = `${TWO_STEP}part A\n  Two side two-steps\n  Vine four\n  Two-step box\n  Limp four\n  Hitch six\norder\n  A x2\n`
const ribbon = (page: Page, text: string) => page.locator('.page .ribbon', { hasText: text })
const said = async (page: Page): Promise<string[]> =>
  (await page.locator('.page .ribbon .text').allTextContents()).map((text) =>
    text.replace(/ \(.*\)$/, '').trim(),
  )

test('a cue is dragged as far as the rules let it, stays pinned there each time, and is let go again', async ({
  page,
}) => {
  await bringText(page, 'Pinned', SHEET)
  const vine = ribbon(page, 'vine four').first()
  // Where it stands is known once the letters are there and nothing moves any more.
  await page.evaluate(() => document.fonts.ready)
  await vine.hover()
  const before = await boxOf(vine)
  await page.mouse.move(before.x + 40, before.y + 10)
  await page.mouse.down()
  await page.mouse.move(before.x - 20, before.y + 10, { steps: 4 })
  await expect(
    page.getByText(/^ends [\d.]+ beats before its step, \d+ points worse$/),
  ).toBeVisible()
  await page.mouse.move(before.x - 900, before.y + 10, { steps: 4 })
  await expect(page.getByText(/ · no further$/)).toBeVisible()
  await page.mouse.move(before.x - 20, before.y + 10, { steps: 4 })
  await page.mouse.up()
  await expect(page.locator('.page .ribbon.pinned')).toHaveCount(2)
  await expect.poll(async () => (await boxOf(vine)).x).toBeLessThan(before.x - 5)
  await page.getByRole('button', { name: 'Let Dellop place it' }).click()
  await expect(page.locator('.page .ribbon.pinned')).toHaveCount(0)
  await expect.poll(async () => Math.abs((await boxOf(vine)).x - before.x)).toBeLessThan(2)
})

test('keys move a cue, its price elsewhere is shown, and a pin that cannot be kept is named with a way out', async ({
  page,
}) => {
  await bringText(page, 'By keys', SHEET.replace(/^tune: .*\n/m, ''))
  await blocks(page).nth(1).click()
  await page.keyboard.press('[')
  await expect(page.locator('.page .ribbon.pinned')).toHaveCount(2)
  await page.keyboard.press('u')
  await expect(page.locator('.page .ribbon.pinned')).toHaveCount(0)
  await page.getByText('More about its place').click()
  const elsewhere = page.getByRole('group', { name: 'What it would cost elsewhere' })
  await elsewhere.getByRole('button').first().click()
  await expect(page.locator('.page .ribbon.pinned')).toHaveCount(2)
  await choose(page.getByRole('combobox', { name: 'Words' }), 'always full')
  // A tempo at which it cannot be kept.
  await beside(page, 'About')
  await page.getByLabel('Tempo where there is no recording').fill('320')
  await page.keyboard.press('Tab')
  await page.getByRole('tab', { name: 'To fix' }).click()
  await expect(
    page.getByText(/cannot be said where you pinned it|There is no time to say|collides/).first(),
  ).toBeVisible()
})

test('how a sheet is called is set on it, and seen at once', async ({ page }) => {
  await bringText(page, 'Called', SHEET)
  await page.getByRole('tab', { name: 'Cues' }).click()
  await expect(
    page.getByRole('img', {
      name: /^At most \d+ words in 20 seconds; 30 are enough for dancers\.$/,
    }),
  ).toBeVisible()
  const first = await said(page)
  await choose(page.getByLabel('When it is said'), 'step by step')
  await expect.poll(async () => (await said(page)).length).toBeGreaterThan(2 * first.length)
  await choose(page.getByLabel('When it is said'), 'with the step')
  await expect.poll(async () => (await said(page)).length).toBeLessThanOrEqual(first.length)
  // With the step there is no lead to draw, but where a time through begins and nobody can guess it.
  const leads = page.locator('.page .lead')
  await expect
    .poll(() =>
      leads.evaluateAll((all) => all.filter((one) => one.getBoundingClientRect().width > 5).length),
    )
    .toBe(2)
  await choose(page.getByLabel('Spoken'), 'counts only')
  await expect.poll(() => said(page)).toEqual([])
  await choose(page.getByLabel('Spoken'), 'words and counts')
  await choose(page.getByLabel('Has priority'), 'counts come first')
  await expect.poll(async () => (await said(page)).length).toBeGreaterThan(5)
  await page.getByRole('button', { name: 'View', exact: true }).click()
  await page.getByText('Said', { exact: true }).click()
  await expect(blocks(page)).toHaveCount(0)
})

test('one role is told something besides, an announcement finds its gap, and both go to the lectern', async ({
  page,
}) => {
  await bringText(page, 'Told', SHEET)
  await blocks(page).nth(2).click()
  await page.getByText('How it is called', { exact: true }).click()
  await page.getByLabel('Said to the follow only').fill('ladies back')
  await page.getByLabel('Said to the follow only').press('Tab')
  await expect(
    page.locator('.page .ribbon.first-role, .page .ribbon.other-role').first(),
  ).toContainText('ladies back')
  await page.getByLabel('Announcement, where there is a gap').fill('lovely')
  await page.getByLabel('Announcement, where there is a gap').press('Tab')
  await expect(page.locator('.page .ribbon.gap', { hasText: 'lovely' }).first()).toBeVisible()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.goto(page.url().replace('/sheets/', '/lectern/') + '?clock=manual')
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  const cues = await page.evaluate(() =>
    (window as unknown as { dellopLectern: { cues: () => { text: string }[] } }).dellopLectern
      .cues()
      .map(({ text }) => text),
  )
  expect(cues.filter((text) => text === 'ladies back')).toHaveLength(2)
  expect(cues).toContain('lovely')
})

test('cues of a file are laid onto the sheet: what agrees, what changes, and what has no place', async ({
  page,
}) => {
  await bringText(page, 'Laid', SHEET)
  await beside(page, 'Hand on')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'WebVTT' }).click(),
  ])
  const vtt = readFileSync(await file.path(), 'utf8')
  await page.getByRole('tab', { name: 'Cues' }).click()
  const bring = (name: string, text: string | Buffer): Promise<void> =>
    page
      .locator('.side input[type=file]')
      .setInputFiles({ name, mimeType: 'text/vtt', buffer: Buffer.from(text as string) })
  await bring('same.vtt', vtt)
  await expect(page.getByText('The sheet says them so already.')).toBeVisible()
  await bring(
    'other.vtt',
    `${vtt.replaceAll('vine four', 'four vines')}\n99\n00:59:00.000 --> 00:59:01.000\ngood night\n`,
  )
  await expect(page.getByText('1 cue could not be placed:')).toBeVisible()
  await expect(page.getByText('“good night”: the dance is over by then')).toBeVisible()
  await page.getByRole('button', { name: 'See what would change' }).click()
  await expect(page.getByText('Preview: Cues of other.vtt')).toBeVisible()
  await page.getByRole('button', { name: 'Apply', exact: true }).click()
  await expect(ribbon(page, 'four vines').first()).toBeVisible()
  await bring('old.vtt', Buffer.from('WEBVTT\n\n00:01.000 --> 00:02.000\nGr\xfc\xdfe\n', 'latin1'))
  await expect(page.getByRole('alert')).toHaveText(
    'The file is in another encoding than UTF-8 or UTF-16. Save it as UTF-8 and bring it again.',
  )
})
