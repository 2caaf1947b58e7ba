import { expect, test } from './helpers/dellop.ts'
import { choose } from './helpers/fields.ts'

test('a take is called with a held key: its cues are scored, and the floor has danced to it', async ({
  page,
}) => {
  await page.goto('/sheets/pegs-on-a-line/rehearse')
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  const stop = page.getByRole('button', { name: 'Stop (Esc)' })
  await expect(stop).toBeVisible({ timeout: 15_000 })
  const hold = page.getByRole('button', { name: 'Hold while you speak (Space)' })
  await expect(hold).toBeVisible()
  // Something is said three times, whatever it is worth.
  for (let i = 0; i < 3; i++) {
    await page.keyboard.down(' ')
    await expect(page.getByRole('button', { name: 'Speaking ...' })).toBeVisible()
    await page.waitForTimeout(500)
    await page.keyboard.up(' ')
    await page.waitForTimeout(900)
  }
  // Until the first cues have had their steps.
  await expect(
    page.locator('.ribbon .missed, .ribbon .late, .ribbon .in-time').first(),
  ).toBeAttached({ timeout: 30_000 })
  await page.waitForTimeout(1500)
  await page.keyboard.press('Escape')
  await expect(page.getByRole('heading', { name: 'How it went' })).toBeVisible()
  await expect(page.getByText(/% of \d+ cues? in time/).first()).toBeVisible()
  await expect(page.getByText(/% danced rightly with this take/).first()).toBeVisible()
  await expect(page.getByText(/^An estimate: called as planned, about \d+ in 100/)).toBeVisible()
  // It is kept, and forgotten when that is wished.
  await page.getByRole('tab', { name: 'All takes' }).click()
  const row = page.getByRole('row', { name: /I do, holding a key/ })
  await expect(row).toHaveCount(1)
  await page.reload()
  await expect(row).toHaveCount(1)
  await row.getByRole('button', { name: 'Delete' }).click()
  await expect(page.getByText('No take of this dance has been kept yet.')).toBeVisible()
})

test('a drill goes round until it is stopped, and goes on later where it was', async ({ page }) => {
  await page.goto('/sheets/lanterns-at-the-weir/rehearse?do=drill')
  await choose(page.getByLabel('From', { exact: true }), 'Bridge')
  await choose(page.getByLabel('Who speaks'), 'Nobody: I dance, and say how it went')
  await choose(page.getByLabel('What sounds'), 'nothing')
  await choose(page.getByLabel('Begin at'), '100 %')
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  const stage = page.getByText(/stage 1 of 1, \d+ %, round \d+/)
  await expect(stage).toContainText('100 %, round 1')
  await page.getByRole('button', { name: 'It went well' }).click({ timeout: 60_000 })
  await expect(stage).toContainText('round 2')
  await page.getByRole('button', { name: 'Stop (Esc)' }).click()
  await page.reload()
  await page.getByRole('button', { name: 'Go on at 100 %, stage 1' }).click()
  await expect(stage).toContainText('round 2')
  await page.keyboard.press('Escape')
})

test('a quiz asks from the sheet; a wrong answer shows what leads up to it', async ({ page }) => {
  await page.goto('/sheets/pegs-on-a-line/rehearse?do=quiz')
  const right = page.getByText('Right.', { exact: true })
  const wrong = page.getByText(/^Not quite: /)
  const seen = { right: false, wrong: false }
  for (let i = 0; i < 30 && !(seen.right && seen.wrong); i++) {
    await expect(page.getByRole('heading', { level: 2 })).toBeVisible()
    await page.keyboard.press('1')
    await expect(right.or(wrong)).toBeVisible()
    if (await right.isVisible()) seen.right = true
    else {
      seen.wrong = true
      await expect(
        page
          .getByText('What leads up to it, for the lead:')
          .or(page.getByText(/is left out|is put in|in place of/))
          .first(),
      ).toBeVisible()
    }
    await page.getByRole('button', { name: 'Next question' }).click()
  }
  expect(seen).toEqual({ right: true, wrong: true })
  await expect(page.getByText(/^\d+ of \d+ right so far\.$/)).toBeVisible()
})

test('without a microphone a take goes on by the key, and it says so', async ({ page }) => {
  await page.goto('/sheets/pegs-on-a-line/rehearse')
  await choose(page.getByLabel('Who speaks'), 'I do, into the microphone')
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page.getByRole('alert')).toContainText('hold Space while you speak', {
    timeout: 15_000,
  })
  await expect(page.getByRole('button', { name: 'Hold while you speak (Space)' })).toBeVisible({
    timeout: 15_000,
  })
  await page.keyboard.press('Escape')
})

test('the stand-in calls it as planned: nearly all is in time', async ({ page }) => {
  await page.goto('/sheets/pegs-on-a-line')
  await page.getByRole('button', { name: 'More of this sheet' }).click()
  await page.getByRole('menuitem', { name: 'Rehearse aloud' }).click()
  await expect(page.getByRole('heading', { name: /^Rehearse: / })).toBeVisible()
  await choose(page.getByLabel('Who speaks'), 'The stand-in, I listen')
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Stop (Esc)' })).toBeVisible({ timeout: 60_000 })
  await expect(page.locator('.ribbon .in-time').first()).toBeAttached({ timeout: 60_000 })
  await page.waitForTimeout(4000)
  await page.keyboard.press('Escape')
  const told = page.getByText(/% of \d+ cues? in time/).first()
  await expect(told).toBeVisible()
  expect(Number(/^\d+/.exec(await told.innerText())![0])).toBeGreaterThanOrEqual(60)
})

test('a walk-through is planned in the minutes there are, and run with its timer', async ({
  page,
}) => {
  await page.goto('/sheets/pegs-on-a-line/rehearse?do=walk')
  const walk = page.getByRole('region', { name: 'Walk-through' })
  await expect(walk.getByText(/^In all /)).toBeVisible()
  const minutes = walk.getByRole('spinbutton')
  await minutes.fill('3')
  await minutes.press('Enter')
  await expect(walk.getByRole('heading', { name: 'Left out, the least harm first' })).toBeVisible()
  await walk.getByRole('button', { name: 'Run it' }).click()
  await expect(walk.getByRole('status')).toContainText(/\d:\d\d/)
  while (await walk.getByRole('button', { name: 'On to the next' }).isVisible())
    await walk.getByRole('button', { name: 'On to the next' }).click()
  await walk.getByRole('button', { name: 'Done' }).click()
  await expect(walk.getByRole('button', { name: 'Run it' })).toBeVisible()
})
