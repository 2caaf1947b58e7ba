import { emptyEvening, type Evening, type EveningItem } from '@dellop/core/evening'
import type { Routine } from '@dellop/core/routine'
import type { Tune } from '@dellop/core/tune'
import type { APIRequestContext } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { choose } from './helpers/fields.ts'

const dance = (id: string, sheetId: string): EveningItem => ({
  id,
  kind: 'dance',
  title: '',
  sheetId,
})
const THREE = [
  dance('first', 'pegs-on-a-line'),
  dance('second', 'withy-bend'),
  dance('third', 'tar-barrel-steps'),
]
async function addEvening(
  request: APIRequestContext,
  id: string,
  items: readonly EveningItem[],
): Promise<void> {
  const evening = { ...emptyEvening(id, `Evening ${id}`, '2026-12-09', 'Europe/Berlin'), items }
  expect((await request.post('/api/evenings', { data: { evening } })).ok()).toBe(true)
}
async function eveningOf(request: APIRequestContext, id: string): Promise<Evening> {
  const answer = await request.get(`/api/evenings/${id}`)
  return ((await answer.json()) as { evening: Evening }).evening
}

test('an evening is kept here before it begins, and goes on from dance to dance without the server', async ({
  page,
  server,
}) => {
  await addEvening(page.request, 'away', THREE)
  await page.goto('/evenings/away?do=tonight')
  await expect(
    page.getByText('Ready without the server: all 3 dances and the music.'),
  ).toBeVisible()
  await page.getByRole('link', { name: 'Begin, at the calling screen' }).click()
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  await page.waitForLoadState('networkidle')
  await expect
    .poll(async () => (await eveningOf(page.request, 'away')).items[0]!.beganMs)
    .toBeGreaterThan(0)
  await server.stop()
  await page.keyboard.press('u')
  await expect(page).toHaveURL(/lectern\/withy-bend/)
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  // Once the programme has been looked for in vain elsewhere, and found here.
  await expect(async () => {
    await page.keyboard.press('u')
    await expect(page).toHaveURL(/lectern\/tar-barrel-steps/, { timeout: 500 })
  }).toPass()
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  await server.startAgain()
  await expect
    .poll(async () => (await eveningOf(page.request, 'away')).items.map(({ endedMs }) => endedMs), {
      timeout: 40_000,
    })
    .toEqual([expect.any(Number), expect.any(Number), undefined])
  await page.request.delete('/api/evenings/away')
})

test('a dance of a programme is played from a recording of its own', async ({ page }) => {
  const sheet = await page.request.get('/api/sheets/combing-the-teasels')
  const { routine } = (await sheet.json()) as { routine: Routine }
  const { tune } = (await (await page.request.get(`/api/tunes/${routine.tuneId}`)).json()) as {
    tune: Tune
  }
  const [first] = tune.recordings
  const live = { ...first!, id: 'live', name: 'Live', durationSeconds: 301 }
  const added = { ...tune, id: 'two-recordings', title: 'Two', recordings: [first!, live] }
  expect((await page.request.post('/api/tunes', { data: { tune: added } })).ok()).toBe(true)
  const made = await page.request.post('/api/sheets', {
    data: { title: 'Timed on two', tuneId: added.id },
  })
  const { routine: timed } = (await made.json()) as { routine: Routine }
  await addEvening(page.request, 'played', [dance('only', timed.id)])

  await page.goto('/evenings/played')
  const row = page.locator('[data-item=only]')
  await expect(row).toContainText('Timed on two')
  const minutes = await row.locator('.takes').textContent()
  await row.getByRole('button', { name: 'More of Timed on two' }).click()
  await choose(page.getByLabel('Recording', { exact: true }), 'Live, 5:01')
  await expect(row).toContainText('recording: Live')
  await expect(row.locator('.takes')).toHaveText('5 min')
  expect(minutes).not.toBe('5 min')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('tab', { name: 'Tonight' }).click()
  await page.getByRole('link', { name: 'Begin, at the calling screen' }).click()
  await expect(page).toHaveURL(/recording=live/)
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  // Nothing of it is left to other views; only an archived sheet is deleted.
  const archive = { type: 'set', id: '', field: 'archived', from: null, to: true }
  await page.request.post(`/api/sheets/${timed.id}/edits`, {
    data: { clientId: 'test-client', batchId: 'put-away', base: 0, edits: [archive] },
  })
  for (const path of ['evenings/played', `sheets/${timed.id}`, 'tunes/two-recordings'])
    expect([path, (await page.request.delete(`/api/${path}`)).status()]).toEqual([path, 200])
})

test('items are dragged into another order by their grips, with the times of all', async ({
  page,
}) => {
  await addEvening(page.request, 'dragged', THREE)
  await page.goto('/evenings/dragged')
  const names = page.locator('.items .name')
  await expect(names).toHaveText(['Pegs on a Line', 'Withy Bend', 'Tar Barrel Steps'])
  const grips = page.locator('.items .grip')
  const [from, to] = [await grips.nth(0).boundingBox(), await grips.nth(2).boundingBox()]
  await page.mouse.move(from!.x + 5, from!.y + 5)
  await page.mouse.down()
  await page.mouse.move(to!.x + 5, to!.y + 5, { steps: 8 })
  await page.mouse.move(to!.x + 5, to!.y + to!.height + 12, { steps: 4 })
  await page.mouse.up()
  await expect(names).toHaveText(['Withy Bend', 'Tar Barrel Steps', 'Pegs on a Line'])
  const starts = page.locator('.items .at')
  await expect(starts.first()).toHaveText('19:30')
  const times = await starts.allTextContents()
  expect(times).toEqual([...times].sort())
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(names).toHaveText(['Withy Bend', 'Tar Barrel Steps', 'Pegs on a Line'])
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(names).toHaveText(['Pegs on a Line', 'Withy Bend', 'Tar Barrel Steps'])
  await page.request.delete('/api/evenings/dragged')
})
