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
  await page.goto('/sheets/pegs-on-a-line/rehearse')
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
