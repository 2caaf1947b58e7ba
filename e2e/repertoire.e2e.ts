import { expect, test } from './helpers/dellop.ts'
import { choose } from './helpers/fields.ts'
import { beside } from './helpers/sheets.ts'

test('a dance is found by its other name, and stands to others as either sheet says', async ({
  page,
}) => {
  await page.goto('/sheets/combing-the-teasels')
  await beside(page, 'About')
  const names = page.getByLabel('Other names')
  await names.fill('Teasel Rumba')
  await names.press('Enter')
  await page.getByRole('button', { name: 'Add a relation' }).click()
  const related = page.getByRole('region', { name: 'Other dances' })
  await choose(related.getByLabel('Relation'), 'shares a part with')
  await related.getByLabel('The other dance').fill('Withy Bend')
  await related.getByLabel('Part of this one').fill('A')
  await related.getByLabel('Part of the other').fill('B')
  await related.getByLabel('Part of the other').press('Tab')
  await expect(related.getByText('Part A is part B of')).toBeVisible()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()

  await related.getByRole('link', { name: 'Withy Bend' }).click()
  await expect(page).toHaveURL(/withy-bend/)
  await beside(page, 'About')
  await expect(related.getByText('Part B is part A of')).toBeVisible()
  await expect(related.getByRole('link', { name: 'Combing the Teasels' })).toBeVisible()

  await page.goto('/sheets')
  await page.getByLabel('Search the sheets').fill('teasel rum')
  await expect(page.getByText('also called Teasel Rumba')).toBeVisible()
  await page.keyboard.press('Control+k')
  await expect(page.getByRole('dialog').getByRole('textbox')).toBeFocused()
  await page.keyboard.type('teasel rum')
  await page.getByText('Combing the Teasels (Teasel Rumba)').click()
  await expect(page).toHaveURL(/combing-the-teasels/)

  await beside(page, 'About')
  await related.getByRole('button', { name: 'Take out: Withy Bend' }).click()
  await expect(related.getByRole('link')).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(related.getByRole('link', { name: 'Withy Bend' })).toBeVisible()
})

test('what is typed before the lists are there is searched once they are', async ({ page }) => {
  await page.goto('/tunes')
  await page.route('**/api/sheets', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 1500))
    await route.continue()
  })
  await page.keyboard.press('Control+k')
  await expect(page.getByRole('dialog').getByRole('textbox')).toBeFocused()
  await page.keyboard.type('withy')
  await page.getByRole('option', { name: /Withy Bend/ }).click()
  await expect(page).toHaveURL(/withy-bend/)
})

test('on the page of a sheet the search of everything takes all that is typed', async ({
  page,
}) => {
  await page.goto('/sheets/combing-the-teasels')
  await page.locator('.block').nth(1).click()
  const figures = await page.locator('.block').count()
  await page.keyboard.press('Control+k')
  // At once, before the box can be there: each of these letters means something to the page.
  await page.keyboard.type('wxi')
  await page.keyboard.press('Backspace')
  await page.keyboard.press('Backspace')
  await page.keyboard.type('ithy')
  const box = page.getByRole('dialog').getByRole('textbox')
  await expect(box).toHaveValue('withy')
  await expect(box).toBeFocused()
  await expect(page.getByRole('option', { name: /Withy Bend/ })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.keyboard.press('Escape')
  await expect(box).toBeHidden()
  await expect(page.locator('.block')).toHaveCount(figures)
  await page.keyboard.press('Control+k')
  await expect(box).toHaveValue('')
  await page.keyboard.type('withy')
  await page.getByRole('option', { name: /Withy Bend/ }).click()
  await expect(page).toHaveURL(/withy-bend/)
})
