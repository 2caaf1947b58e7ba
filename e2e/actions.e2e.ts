import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { blocks, bringText, BOXES } from './helpers/sheets.ts'

/** Counts what a hand does: every press of the pointer, and every key but letters in a field. */
async function counting(page: Page): Promise<() => Promise<number>> {
  await page.evaluate(() => {
    const counted = window as unknown as { done: number }
    counted.done = 0
    const isWritten = ({ key, target, ctrlKey, altKey }: KeyboardEvent): boolean =>
      key.length === 1 && !ctrlKey && !altKey && (target as HTMLElement).matches('input, textarea')
    const isHeld = ({ key }: KeyboardEvent): boolean =>
      ['Control', 'Alt', 'Shift', 'Meta'].includes(key)
    addEventListener('pointerdown', () => counted.done++, true)
    addEventListener('keydown', (one) => isWritten(one) || isHeld(one) || counted.done++, true)
  })
  let before = 0
  return async () => {
    const now = await page.evaluate(() => (window as unknown as { done: number }).done)
    const since = now - before
    before = now
    return since
  }
}

test('what is done most often takes one or two actions', async ({ page }) => {
  await bringText(page, 'Done often', `${BOXES}part B\n  Box\n  Box\n\norder\n  A\n  A\n  B\n`)
  const since = await counting(page)

  // Words: one. The figure is chosen by it as well.
  await blocks(page).nth(1).click()
  await page.keyboard.press('w')
  await page.keyboard.type('box, slowly')
  await expect(page.locator('.ribbon', { hasText: 'box, slowly' }).first()).toBeVisible()
  expect(await since()).toBeLessThanOrEqual(2)

  // Heard: one; stopped: one.
  const stop = page.getByRole('button', { name: 'Stop', exact: true })
  await page.keyboard.press('Escape')
  await blocks(page).nth(1).click()
  await since()
  await page.getByRole('button', { name: 'Hear the cues' }).click()
  await expect(stop).toBeVisible()
  expect(await since()).toBe(1)
  await page.keyboard.press('v')
  await expect(stop).toBeHidden()
  expect(await since()).toBe(1)
  await blocks(page).nth(0).click()
  await blocks(page).nth(1).click()
  await page.getByRole('tab', { name: 'Figure' }).click()
  await since()

  // Words of one pass: two.
  await page.locator('.side').getByText('This time only').click()
  await page.getByLabel('full').click()
  expect(await since()).toBeLessThanOrEqual(2)

  // A figure added: two, and its name.
  await blocks(page).nth(2).click()
  await since()
  await page.keyboard.press('a')
  await page.getByLabel('Figure name, alias or initials').pressSequentially('hover')
  await expect(page.getByRole('option', { name: /^Hover/ }).first()).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(blocks(page).filter({ hasText: 'Hover' }).first()).toBeVisible()
  expect(await since()).toBeLessThanOrEqual(2)
  await page.keyboard.press('Escape')

  // A pass moved: one key a place, once the pass has the focus.
  const chips = page.locator('.order .chip')
  await chips.nth(2).focus()
  await since()
  await page.keyboard.press('Alt+ArrowLeft')
  await expect(chips.nth(1)).toContainText('B')
  expect(await since()).toBe(1)

  // What is to fix: one.
  await page.locator('.bar .fix').click()
  await expect(page.getByRole('tab', { name: /^To fix/, selected: true })).toBeVisible()
  expect(await since()).toBe(1)

  // Handed on: two.
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'More of this sheet' }).click()
  await page.getByRole('menuitem', { name: 'Download the sheet file' }).click()
  expect((await download).suggestedFilename()).toBe('Done often.dellop-sheet.json')
  expect(await since()).toBe(2)

  // Called: one.
  await page.getByRole('link', { name: 'Call this dance' }).click()
  await expect(page.getByText('Done often').first()).toBeVisible()
  expect(await since()).toBe(1)
  await page.goBack()

  // Printed: two.
  await expect(blocks(page).first()).toBeVisible()
  await since()
  await page.getByRole('button', { name: 'More of this sheet' }).click()
  await page.getByRole('menuitem', { name: 'Print' }).click()
  await expect(page).toHaveURL(/\/print/)
  expect(await since()).toBe(2)
})
