import type { LogEntry } from '@dellop/core/logbook'
import type { Group } from '@dellop/core/group'
import { readFileSync } from 'node:fs'
import { expect, test } from './helpers/dellop.ts'
import { choose } from './helpers/fields.ts'
import { advance, openLectern } from './helpers/lectern.ts'
import { changeSettings } from './helpers/settings.ts'

// Other views of this server go on without a group.
test.afterEach(({ page }) => changeSettings(page, { groupId: null }))

test('an evening is planned, called, runs late, and stands in the logbook; the next lesson follows', async ({
  page,
}) => {
  test.setTimeout(150_000)
  // A group of its own: what it learns here is no matter of other views.
  const gathered = await page.request.get('/api/groups/wednesdays')
  const { group: known } = (await gathered.json()) as { group: Group }
  await page.request.post('/api/groups', {
    data: { group: { ...known, id: 'thursdays', name: 'Thursdays by the weir' } },
  })
  await page.goto('/evenings')
  await page.getByRole('button', { name: 'New evening' }).click()
  await expect(page.getByText('Nothing is in the programme yet.')).toBeVisible()
  await page.getByLabel('Title', { exact: true }).fill('Test social')
  await page.getByLabel('Title', { exact: true }).press('Enter')
  await choose(page.getByLabel('Group', { exact: true }), 'Thursdays by the weir')
  for (const dance of ['Pegs on a Line', 'Withy Bend', 'Tar Barrel Steps'])
    await choose(page.getByRole('combobox', { name: 'Add a dance' }), dance)
  await page.getByRole('button', { name: '+ Break' }).click()
  await expect(page.getByText(/^3 dances, over at \d\d:\d\d: \d+ minutes left/)).toBeVisible()
  // It can be put in another order, and taken back.
  const names = page.locator('.items .name')
  await page.getByRole('button', { name: 'Earlier: Withy Bend' }).click()
  await expect(names.first()).toHaveText('Withy Bend')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(names.first()).toHaveText('Pegs on a Line')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  const address = page.url()

  // Two of its dances are called; one is broken off.
  await page.getByRole('tab', { name: 'Tonight' }).click()
  await expect(page.getByText('Next', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Begin', exact: true }).first().click()
  await expect(page.getByText('Now', { exact: true })).toBeVisible()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  const entriesOf = async (): Promise<LogEntry[]> => {
    const { entries } = (await (await page.request.get('/api/logbook')).json()) as {
      entries: LogEntry[]
    }
    return entries.filter(({ callId }) => callId !== null)
  }
  const group = async (): Promise<Group> =>
    (
      (await (await page.request.get('/api/groups/thursdays')).json()) as {
        group: Group
      }
    ).group
  const calls = new Set((await entriesOf()).map(({ id }) => id))
  const before = new Map((await group()).taught.map(({ id, times }) => [id, times]))
  await changeSettings(page, { groupId: 'thursdays' })
  const eveningId = new URL(address).pathname.split('/').pop()!
  await openLectern(page, `&evening=${eveningId}`, 'pegs-on-a-line')
  await page.keyboard.press('Space')
  for (let at = 0.5; at < 240; at += 3) await advance(page, at)
  await expect(page.getByText('The dance is over.')).toBeVisible()
  const fresh = async (): Promise<LogEntry[]> =>
    (await entriesOf()).filter(({ id }) => !calls.has(id))
  await expect.poll(async () => (await fresh()).length, { timeout: 30_000 }).toBe(1)
  const [whole] = await fresh()
  expect(whole).toMatchObject({ finished: true, sheetId: 'pegs-on-a-line' })
  // The group has danced its figures, as often as they came.
  await expect
    .poll(async () => {
      const { taught } = await group()
      return whole!.figures.every(
        ({ id, times }) =>
          (taught.find((one) => one.id === id)?.times ?? 0) === (before.get(id) ?? 0) + times,
      )
    })
    .toBe(true)

  // One key goes on to the next dance, which is broken off.
  await expect(page.getByRole('button', { name: 'Next: Withy Bend (U)' })).toBeVisible()
  await page.keyboard.press('u')
  await expect(page).toHaveURL(/lectern\/withy-bend/)
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  await page.keyboard.press('Space')
  for (let at = 0.5; at < 20; at += 3) await advance(page, at)
  await page.getByRole('link', { name: /^Back to the sheet/ }).click()
  await expect.poll(async () => (await fresh()).length, { timeout: 30_000 }).toBe(2)
  expect((await fresh()).find(({ sheetId }) => sheetId === 'withy-bend')).toMatchObject({
    finished: false,
  })

  // What is left is shortened, and the evening goes on.
  await page.goto(address)
  await page.getByRole('tab', { name: 'Tonight' }).click()
  await expect(page.locator('.big .name')).toHaveText('Withy Bend')
  await page.getByRole('button', { name: 'It is over' }).click()
  await page.getByRole('button', { name: 'Leave out', exact: true }).last().click()
  await expect(page.getByRole('button', { name: 'Put back' })).toBeVisible()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()

  // The next lesson is planned from it.
  await page.goto('/lessons')
  await page.getByRole('button', { name: 'New series' }).click()
  await page.getByRole('button', { name: 'Add a week' }).click()
  await choose(page.getByRole('combobox', { name: 'Add a figure to week 1' }), 'Box')
  await expect(page.getByText('0 of 60 minutes planned')).toBeVisible()
  await choose(page.getByRole('combobox', { name: 'What became of Box' }), 'not reached')
  await page.getByRole('button', { name: 'Add a week' }).click()
  await page.getByRole('button', { name: 'Move on what was not reached' }).click()
  const second = page.getByRole('region', { name: 'Week 2' })
  await expect(second.getByText('Box', { exact: true })).toBeVisible()
})

test('a programme is filled from the shelf, with what speaks for and against it', async ({
  page,
}) => {
  await page.goto('/evenings')
  await page.getByRole('button', { name: 'New evening' }).click()
  await page.getByRole('button', { name: 'Fill it for me' }).click()
  const dialog = page.getByRole('dialog')
  const minutes = dialog.getByLabel('Minutes of dances')
  await minutes.fill('12')
  await minutes.press('Enter')
  await dialog.getByRole('button', { name: 'Search' }).click()
  await expect(dialog.getByText(/^All programmes were searched/)).toBeVisible({ timeout: 30_000 })
  await dialog.getByRole('button', { name: 'Take this one' }).first().click()
  await expect(page.locator('.items .name').first()).toBeVisible()
  await expect(page.getByText(/^\d+ dances?, over at /)).toBeVisible()
})

test('evenings go out as a calendar, and a changed one that comes back takes its place', async ({
  page,
}) => {
  await page.goto('/evenings')
  await page.getByRole('button', { name: 'New evening' }).click()
  await expect(page.getByText('Nothing is in the programme yet.')).toBeVisible()
  await page.goto('/evenings')
  const coming = page.waitForEvent('download')
  await page.getByRole('button', { name: 'All as a calendar' }).click()
  const text = readFileSync((await (await coming).path())!, 'utf8')
  expect(text).toContain('BEGIN:VEVENT')
  const moved = text.replace('SUMMARY:Evening', 'SUMMARY:Moved to Thursday')
  await page.locator('input[type=file]').setInputFiles({
    name: 'evenings.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from(moved),
  })
  await expect(page.getByText('0 evenings added, 1 changed.')).toBeVisible()
  await expect(page.getByRole('cell', { name: 'Moved to Thursday' })).toBeVisible()
  await page.locator('input[type=file]').setInputFiles({
    name: 'evenings.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from('no calendar'),
  })
  await expect(page.getByRole('alert')).toContainText('A calendar (iCalendar, RFC 5545)')
})

test('an entry is written by hand and corrected; what it said before is kept', async ({ page }) => {
  await page.goto('/logbook')
  await page.getByRole('button', { name: 'Add an entry' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Keep' }).click()
  await expect(dialog.getByRole('alert')).toHaveText('The name of the dance was expected.')
  await dialog.getByLabel('Dance', { exact: true }).fill('A waltz by heart')
  await dialog.getByLabel('Hall').fill('Tar loft')
  await dialog.getByRole('button', { name: 'Keep' }).click()
  const row = page.getByRole('row', { name: /A waltz by heart/ })
  await expect(row).toBeVisible()
  await row.getByRole('button', { name: 'Correct' }).click()
  await dialog.getByLabel('Hall').fill('Net loft')
  await dialog.getByRole('button', { name: 'Keep' }).click()
  await expect(row).toContainText('Net loft')
  await page.reload()
  await row.getByRole('button', { name: 'Correct' }).click()
  await expect(dialog.getByText('“Tar loft” became “Net loft”')).toBeVisible()
})
