import type { Page } from '@playwright/test'
import { expect, test, type Server } from './helpers/dellop.ts'
import { beside, bringText, BOXES } from './helpers/sheets.ts'
import { advance, openLectern, run, shownCues } from './helpers/lectern.ts'

const WALTZ = `${BOXES}
order
  A x4
`
const calls = async (
  server: Server,
  sheet: string,
): Promise<{ id: string; endedAtMs: number | null }[]> =>
  (await (await fetch(`${server.address}/api/calls?sheet=${sheet}`)).json()).calls

test('a page that is closed in mid-dance comes back at the beat where it stopped, with one key; or begins anew', async ({
  page,
}) => {
  await bringText(page, 'Cut off', WALTZ)
  const id = page.url().split('/').pop()!
  await openLectern(page, '', id)
  await page.keyboard.press('Space')
  await run(page, 0.5, 21)
  const given = await shownCues(page)
  const at = await page.evaluate(() => window.dellopLectern.position())
  // The heartbeat is written once a second.
  await page.waitForTimeout(1300)
  await page.reload()
  await expect(page.getByTestId('told')).toContainText('This call was cut off here.')
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'paused')
  expect(Math.abs((await page.evaluate(() => window.dellopLectern.position())) - at)).toBeLessThan(
    3,
  )
  await page.keyboard.press('Space')
  await run(page, 1, 30)
  const after = await shownCues(page)
  // What was shown before is there again, it is not given again, and nothing is left out between.
  const all = await page.evaluate(() => window.dellopLectern.cues().map(({ key }) => key))
  expect(after.slice(0, given.length)).toEqual(given)
  expect(after.length).toBeGreaterThan(given.length + 3)
  expect(after.join(' ')).toBe(all.slice(0, after.length).join(' '))
  await page.waitForTimeout(1300)
  await page.reload()
  await page.getByRole('button', { name: 'A new call, from the top' }).click()
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'waiting')
  await page.keyboard.press('Space')
  await run(page, 1, 10)
  expect((await shownCues(page))[0]).toBe(all[0])
})

test('place, speed and volume that were set before the start come back as they were; another window takes the call over', async ({
  page,
  context,
}) => {
  await bringText(page, 'Two windows', WALTZ)
  const id = page.url().split('/').pop()!
  await openLectern(page, '', id)
  for (let n = 0; n < 3; n++) await page.keyboard.press('-')
  await page.keyboard.press('s')
  const volume = page.getByRole('dialog').getByRole('slider', { name: 'Volume' })
  await volume.focus()
  for (let n = 0; n < 4; n++) await page.keyboard.press('ArrowLeft')
  const loudness = await volume.getAttribute('aria-valuenow')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  // To the first step, and a phrase further.
  for (let n = 0; n < 2; n++) await page.keyboard.press('ArrowRight', { delay: 750 })
  const place = (on: Page): Promise<number> => on.evaluate(() => window.dellopLectern.position())
  expect(await place(page)).toBeGreaterThan(20)
  await page.keyboard.press('Space')
  await run(page, 1, 17)
  const at = await place(page)
  await page.reload()
  await expect(page.getByTestId('told')).toContainText('This call was cut off here.')
  expect(await place(page)).toBeCloseTo(at, 6)
  await expect(page.getByText('speed 85 %')).toBeVisible()
  await page.keyboard.press('s')
  await expect(volume).toHaveAttribute('aria-valuenow', loudness!)
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  await page.keyboard.press('Space')
  await run(page, 1, 5)
  const further = await place(page)

  const other = await context.newPage()
  await other.goto(`/lectern/${id}?clock=manual`)
  await expect(other.getByText('This dance is being called in another window')).toBeVisible()
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'running')
  await other.getByRole('button', { name: 'Take the call over here' }).click()
  await expect(other.getByTestId('told')).toContainText('taken over from another window')
  expect(await place(other)).toBeCloseTo(further, 6)
  await expect(page.getByText('has taken this call over')).toBeVisible()
  await expect(page.locator('.lectern')).toHaveCount(0)
  await other.keyboard.press('Space')
  await run(other, 1, 4)
  await page.getByRole('button', { name: 'Take the call over here' }).click()
  await expect(page.getByTestId('told')).toContainText('taken over from another window')
  await other.close()
})

/**
 * By how many beats the call is ahead of the wall clock, at 96 a minute. A place is as old as the last
 * frame: the newest of a few tells.
 */
const beatsAhead = (page: Page): Promise<number> =>
  page.evaluate(async () => {
    const ahead: number[] = []
    for (let i = 0; i < 20; i++) {
      await new Promise(requestAnimationFrame)
      ahead.push(window.dellopLectern.position() / 24 - (Date.now() / 1000) * 1.6)
    }
    return Math.max(...ahead)
  })

test('music from elsewhere has gone on while the page was away: the call is at its beat without a key', async ({
  page,
}) => {
  await bringText(page, 'Gone on', WALTZ)
  const id = page.url().split('/').pop()!
  // On the real clock: the page is away for real seconds.
  await page.goto(`/lectern/${id}?music=elsewhere`)
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  await page.keyboard.press('l')
  // A machine that others have may give sound late: it is at its beat once two looks agree.
  let before = NaN
  const unrest = async (): Promise<number> => {
    const last = before
    before = await beatsAhead(page)
    return Math.abs(before - last)
  }
  await expect.poll(unrest, { intervals: [1500] }).toBeLessThan(0.1)
  await page.reload()
  await expect(page.getByTestId('told')).toContainText('the music went on')
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'running')
  // The audio clock and the wall clock are read a little apart, most of all where others have the
  // machine: it may be looked at again.
  const apart = async (): Promise<number> => Math.abs((await beatsAhead(page)) - before)
  await expect.poll(apart).toBeLessThan(0.25)
})

test('a call is kept here when the server is gone, sent when it is back, once; a mark becomes a remark', async ({
  page,
  server,
}) => {
  await bringText(page, 'Kept', WALTZ)
  const id = page.url().split('/').pop()!
  await openLectern(page, '', id)
  await page.keyboard.press('Space')
  await run(page, 0.5, 20)
  await page.keyboard.press('m')
  await expect(page.getByTestId('told')).toContainText('Marked.')
  await page.keyboard.press('h')
  await run(page, 21, 24)
  await page.keyboard.press('Escape')
  await server.stop()
  await run(page, 25, 75)
  await expect(page.getByText('The dance is over.')).toBeVisible()
  await page.waitForTimeout(300)
  await server.startAgain()
  await page.evaluate(() => window.dispatchEvent(new Event('online')))
  await expect.poll(async () => (await calls(server, id)).length).toBe(1)
  await page.evaluate(() => window.dispatchEvent(new Event('online')))
  await page.waitForTimeout(300)
  const [call, ...more] = await calls(server, id)
  expect(more).toEqual([])
  expect(call!.endedAtMs).not.toBeNull()
  await page.getByRole('link', { name: 'What happened' }).click()
  await expect(page.getByRole('heading', { name: 'After the dance' })).toBeVisible()
  await expect(page.getByText('cues held, at Box')).toBeVisible()
  await expect(page.getByText(/\d+ of \d+ cues were given/)).toBeVisible()
  await page.getByLabel('Where').fill('The net loft')
  await page.getByLabel('Where').press('Tab')
  await page.getByRole('button', { name: 'Into the sheet as a remark' }).click()
  await expect(page.getByText('It is in the sheet now.')).toBeVisible()
  const remarks = async (): Promise<number> => {
    const { routine } = (await (await page.request.get(`/api/sheets/${id}`)).json()) as {
      routine: { parts: { slots: { remark: string }[] }[] }
    }
    return routine.parts[0]!.slots.filter(({ remark }) => remark.startsWith('Went wrong on')).length
  }
  await expect.poll(remarks).toBe(1)
  await expect
    .poll(
      async () =>
        (
          (await (await page.request.get(`/api/calls/${call!.id}`)).json()).call as {
            where: string
          }
        ).where,
    )
    .toBe('The net loft')
  await page.evaluate(() => localStorage.clear())
  // It stands with the sheet's history too.
  await page.getByRole('link', { name: 'To the sheet' }).click()
  await beside(page, 'History')
  await expect(page.getByRole('heading', { name: 'Calls of this dance' })).toBeVisible()
  await page.locator(`a[href$="/calls/${call!.id}"]`).click()
  const forget = page.getByRole('button', { name: 'Delete this call' })
  await forget.click()
  await expect(page.getByText('This call is forgotten.')).toBeVisible()
  expect(await calls(server, id)).toEqual([])
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(forget).toBeVisible()
  expect(await calls(server, id)).toHaveLength(1)
  await forget.click()
  await page.getByRole('link', { name: 'To the sheet' }).click()
  await expect(page.getByRole('textbox', { name: 'Name of the dance' })).toHaveValue('Kept')
  expect(await calls(server, id)).toEqual([])
})

test('a call that nobody has, and a sheet that is no more, are said in a sentence', async ({
  page,
}) => {
  await page.goto('/calls/no-such-call')
  await expect(page.getByRole('alert')).toHaveText('There is no such call here or on the server.')
  await page.goto('/lectern/no-such-sheet?clock=manual')
  await expect(page.getByRole('alert')).toContainText('The call could not be prepared.')
  await advance(page, 1).catch(() => undefined)
})
