import { expect, test } from './helpers/dellop.ts'
import { beside, blocks, bringText, chips, names, TWO_STEP } from './helpers/sheets.ts'
import { choose } from './helpers/fields.ts'

const A = 'part A\n  Two side two-steps\n  Vine four\n  Two-step box\n  Limp four\n'

test('several figures are chosen, copied, pasted, cut and doubled by key', async ({ page }) => {
  await bringText(page, 'Ranges', `${TWO_STEP}${A}order\n  A\n`)
  await blocks(page).nth(1).click()
  await page.keyboard.press('Shift+ArrowRight')
  await expect(page.getByText('2 figures chosen, 8 counts')).toBeVisible()
  await page.keyboard.press('Control+c')
  await blocks(page).nth(3).click()
  await page.keyboard.press('Control+v')
  await expect
    .poll(() => names(page))
    .toEqual([
      'Two side two-steps',
      'Vine four',
      'Two-step box',
      'Limp four',
      'Vine four',
      'Two-step box',
    ])
  await page.keyboard.press('Control+d')
  await expect
    .poll(async () => (await names(page)).slice(4))
    .toEqual(['Vine four', 'Vine four', 'Two-step box'])
  await blocks(page).nth(0).click()
  await blocks(page)
    .nth(2)
    .click({ modifiers: ['Shift'] })
  await page.keyboard.press('Delete')
  await expect
    .poll(() => names(page))
    .toEqual(['Limp four', 'Vine four', 'Vine four', 'Two-step box'])
  await page.keyboard.press('Control+z')
  await expect.poll(async () => (await names(page)).length).toBe(7)
})

test('one pass is danced otherwise, set beside another, and made the part', async ({ page }) => {
  await bringText(
    page,
    'Passes',
    `${TWO_STEP}${A}order\n  A\n  A\n    instead of Limp four: Vine four\n`,
  )
  await chips(page).nth(1).click()
  await page.getByRole('tab', { name: 'Part' }).click()
  await expect(page.getByText('1 change only this time')).toBeVisible()
  await expect(page.getByText('instead of Limp four: Vine four')).toBeVisible()
  await page.getByText('Beside another time through').click()
  await expect(page.getByText('1 place differs.')).toBeVisible()
  await page.getByRole('button', { name: 'Every time so' }).click()
  await expect.poll(async () => (await names(page))[3]).toBe('Vine four')
  await expect(page.getByText('They are danced the same.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(async () => (await names(page))[3]).toBe('Limp four')
})

test('a pass is mirrored, repeated, tied to the music and made a fill; its part is renamed', async ({
  page,
}) => {
  await bringText(page, 'Kinds', `${TWO_STEP}${A}order\n  A\n  A\n`)
  await chips(page).nth(1).click()
  await page.getByRole('tab', { name: 'Part' }).click()
  await page.getByRole('textbox', { name: 'Times' }).fill('3')
  await page.getByRole('textbox', { name: 'Times' }).press('Enter')
  await expect(chips(page)).toHaveCount(4)
  await choose(page.getByLabel('Starts at'), 'section B')
  await page.getByRole('tab', { name: 'To fix' }).click()
  await expect(page.getByText('A begins 16 counts before “B”, where it belongs.')).toBeVisible()
  await page.getByRole('tab', { name: 'Part' }).click()
  await choose(page.getByLabel('Kind'), 'repeat until')
  await expect(page.getByText(/by 16 counts: /)).toBeVisible()
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Verse')
  await page.getByRole('textbox', { name: 'Name', exact: true }).press('Enter')
  await expect(chips(page).first()).toContainText('Verse')
})

test('what a figure carries beside its steps is kept: marks, remarks for one role, a length of two ways', async ({
  page,
}) => {
  await bringText(page, 'Marks', `${TWO_STEP}part A\n  Vine four\n  "wait" = 4\norder\n  A\n`)
  await blocks(page).first().click()
  await page.getByText('Marks and remarks').click()
  await page.getByText('Hard spot').click()
  await page.getByLabel('Remark for the follow').fill('look left')
  await page.getByLabel('Remark for the follow').press('Enter')
  await blocks(page).nth(1).click()
  await choose(page.getByLabel('How long'), 'one of several')
  await page.getByLabel('Lengths in counts, with commas').fill('4, 12')
  await page.getByLabel('Lengths in counts, with commas').press('Enter')
  await page.getByRole('button', { name: 'Text beside the page' }).click()
  await expect(page.locator('.cm-content')).toContainText(
    'Vine four | hard | for follow "look left"',
  )
  await expect(page.locator('.cm-content')).toContainText('"wait" = 4 or 12')
})

test('the heading is written, and directions are said as the formation says them', async ({
  page,
}) => {
  await bringText(page, 'Heading', `${TWO_STEP}${A}order\n  A\n`)
  await beside(page, 'About')
  await choose(page.getByLabel('Formation'), 'lines')
  await page.locator('.sum').first().click()
  await expect(page.getByText(/lines, butterfly, facing 3 o’clock/)).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByLabel('Year').fill('2024')
  await page.getByRole('textbox', { name: 'Lead', exact: true }).fill('gent')
  for (const tag of ['tea dance', 'march']) {
    await page.getByLabel('Tags').fill(tag)
    await page.getByLabel('Tags').press('Enter')
  }
  await expect(page.getByText('gent faces')).toBeVisible()
  await page.reload()
  await beside(page, 'About')
  await expect(page.getByLabel('Year')).toHaveValue('2024')
  await expect(page.locator('.el-input-tag .el-tag')).toHaveText(['tea dance', 'march'])
  await page.goto('/sheets')
  await choose(page.getByRole('combobox', { name: 'Tag' }), 'tea dance')
  await expect(page.locator('.long .title')).toHaveCount(1)
})

test('a part is borrowed from another sheet and says where it came from', async ({ page }) => {
  await bringText(page, 'Borrower', `${TWO_STEP}${A}order\n  A\n`)
  await blocks(page).first().click()
  await page.getByRole('tab', { name: 'Part' }).click()
  await page.getByText('Borrow a part').click()
  await choose(page.getByLabel('From the sheet'), 'Sluice Gate Two-Step')
  await choose(page.getByRole('combobox', { name: /^Part/ }), 'Ending')
  await page.getByRole('button', { name: 'Take it in' }).click()
  await chips(page).nth(1).click()
  await expect(page.getByText('Borrowed from “Sluice Gate Two-Step”')).toBeVisible()
})

test('a figure is dragged by a finger: held, carried over another, let go behind it', async ({
  page,
}) => {
  await bringText(page, 'By finger', `${TWO_STEP}${A}order\n  A\n`)
  await expect(blocks(page).nth(2)).toBeVisible()
  const texts = (): Promise<string[]> => blocks(page).allInnerTexts()
  const before = await texts()
  const from = (await blocks(page).first().boundingBox())!
  const to = (await blocks(page).nth(2).boundingBox())!
  const client = await page.context().newCDPSession(page)
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x: number, y: number) =>
    client.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: type === 'touchEnd' ? [] : [{ x, y }],
    })
  await touch('touchStart', from.x + 20, from.y + 10)
  await page.waitForTimeout(500)
  await touch('touchMove', to.x + to.width - 8, to.y + 10)
  await expect(page.locator('.block[data-drop=behind]')).toHaveCount(1)
  await touch('touchEnd', 0, 0)
  await expect.poll(texts).toEqual([before[1], before[2], before[0], ...before.slice(3)])
  await page.keyboard.press('Control+z')
  await expect.poll(texts).toEqual(before)
})

test('a pass is dragged with the mouse at once, and put back by undo', async ({ page }) => {
  await bringText(page, 'By mouse', `${TWO_STEP}${A}part B\n  Limp four\norder\n  A\n  B\n`)
  await expect(chips(page)).toHaveText([/^A/, /^B/])
  const [a, b] = [await chips(page).nth(0).boundingBox(), await chips(page).nth(1).boundingBox()]
  await page.mouse.move(a!.x + 8, a!.y + 8)
  await page.mouse.down()
  await page.mouse.move(b!.x + b!.width - 4, b!.y + 8, { steps: 8 })
  await page.mouse.up()
  await expect(chips(page)).toHaveText([/^B/, /^A/])
  await page.keyboard.press('Control+z')
  await expect(chips(page)).toHaveText([/^A/, /^B/])
})
