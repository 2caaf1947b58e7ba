import { expect, test } from './helpers/dellop.ts'
import { beside, blocks, bringText, chips, TWO_STEP } from './helpers/sheets.ts'
import { choose } from './helpers/fields.ts'

test('everything that is done to a sheet can be taken back, one by one, to the very same text', async ({
  page,
}) => {
  await bringText(
    page,
    'There and back',
    `${TWO_STEP}part A\n  Two side two-steps\n  Vine four\n  "wait" = 4\n  Limp four\npart B\n  Two-step box (x4)\norder\n  A\n    instead of Vine four: Limp four\n  B\n  A\n`,
  )
  const id = page.url().split('/').at(-1)!
  const state = async (): Promise<unknown> =>
    (await (await page.request.get(`/api/sheets/${id}`)).json()).routine
  const saved = async (): Promise<void> => {
    await page.waitForTimeout(700)
    await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  }
  const before = await state()

  await blocks(page).first().click()
  await page.getByText('Marks and remarks').click()
  await page.getByText('May be left out').click()
  await page.getByText('They change roles at its end').click()
  await blocks(page).nth(2).click()
  await choose(page.getByLabel('How long'), 'to the next phrase')
  await blocks(page).nth(0).click()
  await page.keyboard.press('Shift+ArrowRight')
  await page.keyboard.press('Control+d')
  await page.getByRole('tab', { name: 'Part' }).click()
  await chips(page).nth(0).click()
  await page.getByRole('button', { name: 'Every time so' }).click()
  await choose(page.getByRole('combobox', { name: /^Facing/ }), 'a half to the right round')
  await choose(page.getByRole('combobox', { name: /^Ends in/ }), 'closed')
  await page.getByRole('button', { name: 'Copy the part' }).click()
  await chips(page).nth(1).click()
  await page.getByRole('button', { name: 'Take out B altogether' }).click()
  await beside(page, 'About')
  await choose(page.getByRole('combobox', { name: /^Formation/ }), 'ring')
  await choose(page.getByRole('combobox', { name: /^Hold/ }), 'closed')
  await beside(page, 'Hand on')
  await page.getByRole('button', { name: 'Archive it' }).click()
  await saved()
  await expect.poll(state).not.toEqual(before)

  const undo = page.getByRole('button', { name: 'Undo' })
  for (let n = 0; n < 30 && (await undo.isEnabled()); n++) await undo.click()
  await expect(undo).toBeDisabled()
  await saved()
  await expect.poll(state).toEqual(before)
})

test('a finding that is left so stays listed with its reason, and can be taken up again', async ({
  page,
}) => {
  await bringText(
    page,
    'Taken up',
    `${TWO_STEP}part A\n  Two side two-steps\n  Vine four\n  Limp four\norder\n  A\n`,
  )
  await page.getByRole('tab', { name: 'To fix' }).click()
  const finding = page.locator('.finding', { hasText: 'A is 4 counts short' })
  await finding.getByRole('button', { name: 'It is meant so' }).click()
  await finding.getByLabel('Why is it right as it is?').fill('the band stops here')
  await finding.getByRole('button', { name: 'It is meant so' }).click()
  await expect(finding).toHaveCount(0)
  await page.getByText('Overruled (1)').click()
  await expect(page.getByText('the band stops here')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(finding).toHaveCount(1)
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(finding).toHaveCount(0)
  await page.getByText('Overruled (1)').click()
  // By keyboard: what is searched meanwhile may move the list under the pointer.
  await page.getByRole('button', { name: 'Fix it after all' }).press('Enter')
  await expect(finding).toHaveCount(1)
})
