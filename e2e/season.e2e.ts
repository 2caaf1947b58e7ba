import { readFile } from 'node:fs/promises'
import { emptyEntry, type LogEntry } from '@dellop/core/logbook'
import type { Routine } from '@dellop/core/routine'
import type { Tune } from '@dellop/core/tune'
import { expect, test } from './helpers/dellop.ts'
import { choose } from './helpers/fields.ts'
import { beside } from './helpers/sheets.ts'

test('a dance is taught in instalments: each week begins where the last ended, the last runs all', async ({
  page,
}) => {
  await page.goto('/lessons/beginners')
  const week = (n: number) => page.getByRole('region', { name: `Week ${n}`, exact: true })
  await choose(week(4).getByLabel('Add a dance to week 4'), 'Withy Bend')
  await expect(week(4).getByText('Withy Bend', { exact: true })).toBeVisible()
  await week(4).getByRole('button', { name: 'Teach it over the weeks' }).click()
  await expect(week(4).getByText(/^Begins .*on count 1\.$/)).toBeVisible()
  await expect(week(5).getByText(/^Begins .*on count \d+\.$/)).toBeVisible()
  await expect(week(5).getByText(/^Danced then: A A.*Tag.*, all of it\.$/)).toBeVisible()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()

  await page.getByRole('button', { name: 'Undo' }).first().click()
  await expect(week(5).getByText('Withy Bend')).toHaveCount(0)
  await choose(week(4).getByLabel('How much of Withy Bend'), 'lesson 2: Tag')
  await expect(week(4).getByText(/all of it\.$/)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await expect(week(4).getByText('Withy Bend')).toHaveCount(0)
})

test('the season is seen by months, and an evening is begun on a day of it', async ({ page }) => {
  await page.goto('/evenings')
  await page.getByText('Calendar', { exact: true }).click()
  await expect(page).toHaveURL(/as=calendar/)
  const season = page.getByRole('region', { name: 'The season, by months' })
  await expect(season.getByRole('link', { name: /Saltmarsh Social/ }).first()).toBeVisible()
  await expect(
    season.getByRole('link', { name: /Waltz for beginners, Week \d/ }).first(),
  ).toBeVisible()
  await season.getByRole('button', { name: 'Month after' }).click()
  await season.locator('.el-calendar-day').nth(16).click()
  const begin = season.getByRole('button', { name: /^New evening on / })
  const day = /New evening on (.*)/.exec((await begin.textContent())!)![1]!
  await begin.click()
  await expect(page).toHaveURL(/\/evenings\/(?!\?)/)
  await page.goBack()
  await expect(page).toHaveURL(/as=calendar/)
  await page.getByText('List', { exact: true }).click()
  const row = page.getByRole('row').filter({ hasText: day })
  await expect(row).toHaveCount(1)
  await row.getByRole('button', { name: 'Delete' }).click()
  await expect(row).toHaveCount(0)
})

test('how often a fill went round to this music is remembered and offered', async ({ page }) => {
  await page.goto('/sheets/goosefoot-ring')
  const { routine } = (await (await page.request.get('/api/sheets/goosefoot-ring')).json()) as {
    routine: Routine
  }
  const fill = routine.passes.find((pass) => pass.fill)!
  const { tunes } = (await (await page.request.get('/api/tunes')).json()) as { tunes: Tune[] }
  const tune = tunes.find(({ id }) => id === routine.tuneId)
  const entry: LogEntry = {
    ...emptyEntry('goosefoot-then', routine.title, Date.now() - 24 * 3600_000),
    sheetId: routine.id,
    recordingId: routine.recordingId ?? tune?.recordings[0]?.id ?? null,
    fills: [{ passId: fill.id, times: 3 }],
  }
  const put = await page.request.post('/api/logbook', { data: { entry } })
  expect(put.ok(), await put.text()).toBe(true)
  await page.locator('.chip').nth(routine.passes.indexOf(fill)).click()
  await page.getByRole('tab', { name: 'Part', exact: true }).click()
  await expect(page.getByText('On this music it went round 3 times the last time.')).toBeVisible()
  await page.getByRole('button', { name: 'Always 3 times' }).click()
  await expect(page.getByRole('button', { name: 'Always 3 times' })).toHaveCount(0)
  await expect(page.getByLabel('At most')).toHaveValue('3')
  await page.keyboard.press('Control+z')
  await expect(page.getByLabel('At most')).toHaveValue('16')
})

test('the logbook shows kinds, one dance and a group; groups and programmes go by it', async ({
  page,
}) => {
  await page.goto('/logbook')
  const charts = page.getByRole('region', { name: 'The season as a chart' })
  await expect(charts.getByText(/^Dances and slips on \d+ evenings\.$/)).toBeVisible()
  await charts.getByText('Kinds', { exact: true }).click()
  await expect(
    charts.getByText(/^Dances of each kind on \d+ evenings, the oldest first\.$/),
  ).toBeVisible()
  await charts.getByText('One dance', { exact: true }).click()
  await choose(charts.getByRole('combobox', { name: 'Dance' }), 'Four Lamps')
  await expect(charts.getByText(/^Slips in Four Lamps, each of the \d+ times/)).toBeVisible()
  await charts.getByText('A group', { exact: true }).click()
  await choose(charts.getByRole('combobox', { name: 'Group' }), 'Wednesdays in the Tar Loft')
  await expect(
    charts.getByText(/^Wednesdays in the Tar Loft danced \d+ figures in \d+ weeks\.$/),
  ).toBeVisible()

  await page.goto('/figures/groups')
  await page.getByRole('button', { name: 'Wednesdays in the Tar Loft' }).click()
  await expect(page.getByText(/^\d+ evenings since \d+ \w+ \d{4}$/).first()).toBeVisible()

  // An evening with 75 seconds between dances of three minutes.
  const begun = Date.now() - 2 * 24 * 3600_000
  for (let i = 0; i < 6; i++) {
    const entry = { ...emptyEntry(`change-${i}`, 'A short one', begun + i * 255_000), minutes: 3 }
    expect((await page.request.post('/api/logbook', { data: { entry } })).ok()).toBe(true)
  }
  await page.goto('/evenings/social-12')
  const changeover = page.getByLabel('Changeover, seconds')
  const before = await changeover.inputValue()
  await changeover.fill('200')
  await changeover.press('Enter')
  await page.getByRole('button', { name: 'Usually 75 s: take that' }).click()
  await expect(changeover).toHaveValue('75')
  await expect(page.getByRole('button', { name: /^Usually/ })).toHaveCount(0)
  // What follows at once may be one step with it.
  await expect(async () => {
    await page.getByRole('button', { name: 'Undo' }).click({ timeout: 1000 })
    await expect(changeover).toHaveValue(before, { timeout: 500 })
  }).toPass()
  for (let i = 0; i < 6; i++) await page.request.delete(`/api/logbook/change-${i}`)
})

test('where it went wrong stands on the page; a logbook taken along comes back whole', async ({
  page,
}) => {
  await page.goto('/sheets/four-lamps-square')
  const wrong = page.getByRole('button', { name: /went wrong here 2 times lately$/ })
  await expect(wrong).toContainText('Corner turn left')
  await expect(wrong.locator('.slips')).toHaveAttribute('data-times', '2×')

  await page.goto('/logbook')
  const taken = page.waitForEvent('download')
  await page.getByRole('button', { name: 'File (JSON)' }).click()
  const file = await (await taken).path()
  const { entries } = (await (await page.request.get('/api/logbook')).json()) as {
    entries: { id: string; slips: unknown[] }[]
  }
  const lost = entries.filter(({ slips }) => slips.length > 0).slice(0, 2)
  for (const { id } of lost)
    expect((await page.request.delete(`/api/logbook/${id}`)).ok()).toBe(true)
  await page.reload()
  const bring = page.locator('.pick-file input[type="file"]')
  await bring.setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('[{"format":"dellop-entry"}]'),
  })
  await expect(page.getByRole('alert')).toContainText('broken.json, entry 1')
  await bring.setInputFiles({
    name: 'logbook.json',
    mimeType: 'application/json',
    buffer: await readFile(file),
  })
  await expect(page.getByText(/^2 entries added, \d+ were here\.$/)).toBeVisible()
  for (const { id, slips } of lost) {
    const again = await (await page.request.get(`/api/logbook/${id}`)).json()
    expect(again).toMatchObject({ entry: { id, slips } })
  }
})

test('an item is played slower and called by somebody else; the lectern begins so; requests stand where they matter', async ({
  page,
}) => {
  await page.goto('/evenings/social-12')
  const item = page.getByRole('listitem').filter({ hasText: 'Lanterns at the Weir' }).first()
  await item.getByRole('button', { name: 'More of Lanterns at the Weir' }).click()
  const speed = page.getByLabel('Speed, %')
  await speed.fill('90')
  await speed.press('Enter')
  await page.getByLabel('Who calls').fill('Tilda Wick')
  await page.getByLabel('Who calls').press('Enter')
  await page.keyboard.press('Escape')
  await expect(item.getByText('played at 90 % · called by Tilda Wick')).toBeVisible()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()

  await page.goto('/lectern/lanterns-at-the-weir?clock=manual&speed=0.9')
  await expect(page.getByText(/speed 90 %/)).toBeVisible()

  await page.goto('/sheets/eel-pots')
  await beside(page, 'History')
  await expect(page.getByRole('region', { name: 'What dancers said' })).toContainText(
    'Table four would like it again: “Once more, slower”',
  )
})

test('what dancers say of a part stands at the dance, and at what a lesson takes up of it', async ({
  page,
}) => {
  await page.goto('/lessons/beginners?do=requests')
  await expect(page.getByLabel('Part', { exact: true })).toHaveCount(0)
  await choose(page.getByRole('combobox', { name: 'Dance', exact: true }), 'Pegs on a Line')
  await choose(page.getByRole('combobox', { name: 'What', exact: true }), 'found it hard')
  await page.getByLabel('Part', { exact: true }).fill('Tag')
  await page.getByLabel('Who', { exact: true }).fill('Tilda Wick')
  await page.getByLabel('In words').fill('too quick')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  const added = page.getByRole('listitem').filter({ hasText: 'Tilda Wick' })
  await expect(added).toContainText('found it hard: Pegs on a Line, part Tag. too quick')
  await page.getByRole('tab', { name: 'Weeks' }).click()
  const week = page.getByRole('region', { name: 'Week 8', exact: true })
  await choose(week.getByRole('combobox', { name: 'Add a dance to week 8' }), 'Pegs on a Line')
  await expect(week.getByRole('listitem').last()).toContainText(
    'Tilda Wick found it hard (part Tag): “too quick”',
  )
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.goto('/sheets/pegs-on-a-line')
  await beside(page, 'History')
  await expect(page.getByRole('region', { name: 'What dancers said' })).toContainText(
    'Tilda Wick found it hard (part Tag): “too quick”',
  )
})
