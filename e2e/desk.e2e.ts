import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { blocks, boxOf, bringText, BOXES } from './helpers/sheets.ts'

/** Rows of the page that stand wholly in the window, with a figure and a cue. */
const rowsInSight = (page: Page): Promise<number> =>
  page.locator('.page .line').evaluateAll(
    (lines) =>
      lines.filter((line) => {
        const parts = [...line.querySelectorAll('.ribbon, .block')].map((one) =>
          one.getBoundingClientRect(),
        )
        return (
          line.querySelector('.ribbon') !== null &&
          line.querySelector('.block') !== null &&
          parts.every(({ top, bottom }) => top >= 88 && bottom <= window.innerHeight)
        )
      }).length,
  )

test('at 1280 by 800 the page has room: seven rows, nine close together, the words at hand', async ({
  page,
}) => {
  await page.goto('/sheets/lanterns-at-the-weir')
  await expect(blocks(page).first()).toBeVisible()
  await page.evaluate(() => document.fonts.ready)
  const row = page.locator('.page .row', { has: page.locator('.block') }).first()
  // Once the page has come to rest: its strip is set when its width is known.
  await expect.poll(async () => (await boxOf(row)).y).toBeLessThanOrEqual(140)
  await expect.poll(() => rowsInSight(page)).toBeGreaterThanOrEqual(7)
  await page.getByRole('button', { name: 'View', exact: true }).click()
  await page.getByText('Compact', { exact: true }).click()
  await expect.poll(() => rowsInSight(page)).toBeGreaterThanOrEqual(9)
  await page.getByText('Usual', { exact: true }).click()
  await page.keyboard.press('Escape')
  await blocks(page).nth(1).click()
  const words = await boxOf(page.getByLabel('full'))
  expect(words.y + words.height).toBeLessThanOrEqual(330)
})

test('nothing moves under the hand when a preview stands there', async ({ page }) => {
  await page.goto('/sheets/rushlight-waltz-first-draft')
  await page.getByRole('button', { name: /^1 to fix/ }).click()
  const block = blocks(page).nth(2)
  const fix = page.getByRole('button', { name: 'Dance Box twice' })
  await fix.waitFor()
  const before = [await boxOf(block), await boxOf(fix)]
  await fix.click()
  await expect(page.getByRole('button', { name: 'Apply' })).toBeInViewport()
  expect([await boxOf(block), await boxOf(fix)]).toEqual(before)
  await page.keyboard.press('Escape')
})

test('words, silence and a remark for this time only leave the other times as they are', async ({
  page,
}) => {
  await bringText(page, 'This time only', `${BOXES}\norder\n  A\n  A\n`)
  const ribbon = (text: string) => page.locator('.page .ribbon', { hasText: text })
  await blocks(page).nth(1).click()
  await page.locator('.side').getByText('This time only').click()
  await page.getByLabel('full').fill('just once')
  await expect(ribbon('just once')).toHaveCount(1)
  await expect(blocks(page).filter({ hasText: 'only this time' })).toHaveCount(1)
  await blocks(page).nth(2).click()
  await page.locator('.side').getByText('This time only').click()
  await page.getByRole('button', { name: 'Say nothing here' }).click()
  await expect(blocks(page).filter({ hasText: 'silent' })).toHaveCount(1)
  await blocks(page).nth(3).click()
  await page.locator('.side').getByText('This time only').click()
  await page.getByLabel('Remark', { exact: true }).fill('slowly')
  await expect(blocks(page).filter({ hasText: 'only this time' })).toHaveCount(3)
  await blocks(page).nth(7).click()
  await expect(page.getByLabel('Remark', { exact: true })).toHaveValue('')
})

test('a line that cannot be read keeps nothing else from the page, and is kept itself', async ({
  page,
}) => {
  await bringText(page, 'Half read', `${BOXES}\norder\n  A\n`)
  await page.getByRole('button', { name: 'Text beside the page' }).click()
  const text = page.getByRole('textbox', { name: 'The sheet as text' })
  await expect(text).toContainText('part A')
  const all = `${BOXES.replace('  Box\n', '  Box (wrongly)\n').replace('  Box\n  Box\n', '  Balance left and right\n  Box\n')}\norder\n  A\n`
  await text.click()
  await page.keyboard.press('Control+a')
  await page.keyboard.insertText(`title: Half read\n${all}`)
  await expect(page.getByText(/One line is not on the page yet/)).toBeVisible()
  await expect(blocks(page).filter({ hasText: 'Balance left and right' })).toHaveCount(1)
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(blocks(page).filter({ hasText: 'Balance left and right' })).toHaveCount(1)
  await page.getByRole('button', { name: 'Text beside the page' }).click()
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(text).toContainText('Box (wrongly)')
  await page.getByRole('button', { name: 'Throw the unread text away' }).click()
  await expect(text).not.toContainText('wrongly')
})

test('a tune is deleted, and is there again at a word', async ({ page }) => {
  await page.goto('/tunes')
  await page.getByRole('link', { name: 'Marram and Rime' }).click()
  await page.getByRole('button', { name: 'Delete this tune' }).click()
  await expect(page.getByRole('link', { name: 'Seven Geese Over' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Marram and Rime' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: 'Marram and Rime' })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('link', { name: 'Marram and Rime' })).toBeVisible()
})

test('on a phone a figure’s panel opens where it is seen, and the page stays in sight', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/sheets/lanterns-at-the-weir')
  await blocks(page).nth(2).click()
  await expect(page.getByLabel('full')).toBeInViewport()
  await expect(page.locator('.page .block[aria-pressed="true"]')).toBeInViewport()
})

test('what was searched for is there again after going back', async ({ page }) => {
  await page.goto('/figures')
  await page.getByLabel('Search figures').fill('turning box')
  await page.getByRole('link', { name: 'Left turning box' }).first().click()
  await expect(page.getByRole('heading', { name: 'Left turning box' })).toBeVisible()
  await page.goBack()
  await expect(page.getByLabel('Search figures')).toHaveValue('turning box')
  await page.goto('/sheets/lanterns-at-the-weir?tab=cues')
  await expect(page.getByRole('tab', { name: 'Cues', selected: true })).toBeVisible()
})

test('undo goes on after a reload', async ({ page }) => {
  await bringText(page, 'Undone later', `${BOXES}\norder\n  A\n`)
  await blocks(page).nth(1).click()
  await page.keyboard.press('Delete')
  await expect(blocks(page)).toHaveCount(3)
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(blocks(page)).toHaveCount(3)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(blocks(page)).toHaveCount(4)
})

test('who is here for the first time is shown round, once', async ({ page }) => {
  await page.goto('/sheets')
  await page.getByRole('button', { name: 'Show me round' }).click()
  await expect(page.getByText('A sheet is a dance')).toBeVisible()
  await page.getByRole('button', { name: 'Next' }).click()
  await expect(page.getByText('Space starts and pauses it.')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.reload()
  await expect(page.getByText(/^\d+ sheets$/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Show me round' })).toHaveCount(0)
})
