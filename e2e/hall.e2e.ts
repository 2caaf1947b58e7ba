import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { choose } from './helpers/fields.ts'

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!

async function code(page: Page, kind: 'display' | 'remote'): Promise<string> {
  const picture = page.locator('.code img')
  const before = (await picture.count()) > 0 ? await picture.getAttribute('alt') : ''
  await page.getByRole('button', { name: `A code for a ${kind}` }).click()
  await expect(picture).not.toHaveAttribute('alt', before!)
  return (await picture.getAttribute('alt'))!
}

test('a display and a remote in the hall: in by a code, at the lectern’s beat, back by themselves, and out when sent away', async ({
  page,
  browser,
}) => {
  await page.goto('/lectern/lanterns-at-the-weir')
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  await page.keyboard.press('i')
  const dialog = page.getByRole('dialog', { name: 'Second screens' })
  await expect(dialog.getByText('Off: nothing of Dellop can be reached')).toBeVisible()
  await choose(dialog.getByLabel('Address of this machine'), '127.0.0.1')
  await dialog.getByRole('button', { name: 'Switch on' }).click()
  const context = await browser.newContext()
  const display = await context.newPage()
  await display.goto(await code(page, 'display'))
  await expect(display.getByText('Lanterns at the Weir')).toBeVisible()
  const remoteContext = await browser.newContext({ viewport: { width: 390, height: 844 } })
  const remote = await remoteContext.newPage()
  await remote.goto(await code(page, 'remote'))
  await expect(dialog.getByRole('listitem')).toHaveCount(2)
  await page.keyboard.press('Escape')
  await expect(dialog).toBeHidden()
  // The remote starts the call.
  await remote.getByRole('button', { name: 'Start, stop, take the first' }).click()
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', /running|counting-in/)
  await expect(display.getByTestId('hall-count')).toHaveText(/^[123]$/)
  // Each screen computes its own place: twenty looks, both brought to the same wall clock (one
  // machine, one clock).
  const look = (on: Page, probe: 'dellopLectern' | 'dellopHall') =>
    on.evaluate((name) => {
      const found = window as unknown as Record<
        string,
        { position?: () => number; tick?: () => number }
      >
      const probe = found[name]!
      return { tick: (probe.position ?? probe.tick)!(), at: Date.now() }
    }, probe)
  const off: number[] = []
  for (let n = 0; n < 20; n++) {
    const [lectern, hall] = await Promise.all([
      look(page, 'dellopLectern'),
      look(display, 'dellopHall'),
    ])
    const ticksPerMs = (24 * 96) / 60_000
    off.push(Math.abs(hall.tick - lectern.tick - (hall.at - lectern.at) * ticksPerMs) / ticksPerMs)
    await page.waitForTimeout(120)
  }
  expect(median(off)).toBeLessThanOrEqual(100)
  // The network drops and comes back.
  await context.setOffline(true)
  await page.waitForTimeout(1500)
  await context.setOffline(false)
  await expect(display.locator('.hall')).toHaveAttribute('data-state', 'in')
  await remote.getByRole('button', { name: 'They are lost' }).click()
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'lost')
  await remote.getByRole('button', { name: 'Start, stop, take the first' }).click()
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'running')
  // A display has no buttons, and is sent away by the cuer.
  await expect(display.getByRole('button')).toHaveCount(0)
  await page.keyboard.press('i')
  await dialog.getByRole('listitem').filter({ hasText: 'display' }).getByRole('button').click()
  await expect(display.getByLabel('The six digits on the calling screen')).toBeVisible({
    timeout: 15_000,
  })
  await display.getByLabel('The six digits on the calling screen').fill('12 34 56')
  await display.getByRole('button', { name: 'Join' }).click()
  await expect(display.getByRole('alert')).toContainText('That code is not good')
  await dialog.getByRole('button', { name: 'Switch off' }).click()
  await expect(dialog.getByText('Off: nothing of Dellop can be reached')).toBeVisible()
  await context.close()
  await remoteContext.close()
})
