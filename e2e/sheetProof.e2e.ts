import { expect, test } from './helpers/dellop.ts'
import { beside, blocks, bringText, chips, names, TWO_STEP } from './helpers/sheets.ts'

test('a repair is seen on the page before it is taken, left, and taken', async ({ page }) => {
  await bringText(
    page,
    'Mended',
    `${TWO_STEP}part A\n  Two side two-steps\n  Vine four\n  Side two-step\n  Two-step box\n  Side two-step\norder\n  A\n`,
  )
  await page.getByRole('tab', { name: 'To fix' }).click()
  const finding = page.locator('.finding', { hasText: 'Two-step box needs the lead’s left foot' })
  await expect(finding).toContainText(
    'Side two-step: left, right, left, so the weight is on the left',
  )
  const before = await names(page)
  await finding.getByRole('button', { name: /^Mirror Two-step box and all after it/ }).click()
  const preview = page.getByRole('status', { name: /^Preview: Mirror Two-step box/ })
  await expect(preview).toContainText('to fix')
  await expect(page.locator('.block.fresh')).toHaveCount(2)
  await expect.poll(() => names(page)).not.toEqual(before)
  await page.keyboard.press('Escape')
  await expect.poll(() => names(page)).toEqual(before)
  await finding.getByRole('button', { name: /^Mirror Two-step box and all after it/ }).click()
  await page.getByRole('button', { name: 'Apply' }).press('Enter')
  await expect(finding).toHaveCount(0)
  await expect
    .poll(() => names(page))
    .toEqual([...before.slice(0, 3), 'Two-step box, other way', 'Side two-step, other way'])
  await page.keyboard.press('Control+z')
  await expect.poll(() => names(page)).toEqual(before)
})

test('findings can be narrowed to what stops the dance, and each leads to its place', async ({
  page,
}) => {
  await bringText(
    page,
    'Many slips',
    `${TWO_STEP}part A\n  Side two-step\n  Two-step box\n  "limp" = ?\n  "four eights" = 4\n  Heron step = 4\norder\n  A x2\n`,
  )
  await page.getByRole('tab', { name: 'To fix' }).click()
  const filters = page.getByRole('group', { name: 'Show' })
  await filters.getByRole('button', { name: /^stops/ }).click()
  await expect(page.locator('.finding').first()).toContainText('Stops the dance')
  await expect(page.locator('.finding:not(.stop)')).toHaveCount(0)
  await filters.getByRole('button', { name: /^to fix/ }).click()
  await expect(
    page.getByText('“four eights” says “four eights”, and it takes 4 counts.'),
  ).toBeVisible()
  await filters.getByRole('button', { name: /^notes/ }).click()
  await page
    .getByRole('button', {
      name: '“Heron step” is no figure of the book: its steps are not known.',
    })
    .click()
  await expect(page.locator('.block:focus')).toHaveText(/Heron step/)
})

test('a dance that is too short is fitted to its tune, and another tune is found on the shelf', async ({
  page,
}) => {
  await bringText(
    page,
    'Fitted',
    `${TWO_STEP}part A\n  Two side two-steps\n  Vine four\n  Two-step box\n  Limp four\n  Two side two-steps\n  Vine four\n  Two-step box\n  Limp four\npart End\n  Two side two-steps (to none)\n  mixer: Bow and curtsey\norder\n  A x3\n  ending End\n`,
  )
  await beside(page, 'Music')
  await expect(page.getByText(/^104 counts danced, 1 min 0 s · 136 counts of music/)).toBeVisible()
  await expect(page.getByText('The music goes on for 32 counts.')).toBeVisible()
  await page.getByRole('button', { name: 'See: A 4 times, not 3 times' }).click()
  await expect(page.getByRole('status', { name: /^Preview/ })).toContainText(
    '136 counts in all instead of 104',
  )
  await page.getByRole('button', { name: 'Apply' }).click()
  await expect(page.getByText('They end together.')).toBeVisible()
  await expect(chips(page)).toHaveCount(5)
  await expect(page.getByText('Thimble Bridge (chosen now)')).toBeVisible()
  await page.getByRole('button', { name: 'Time it on Pothook Hop' }).click()
  await expect(page.getByText('8 counts too many: the music stops in End.')).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(page.getByText('They end together.')).toBeVisible()
})

test('the same dance is laid by part or by music, with feet and facings below', async ({
  page,
}) => {
  await page.goto('/sheets/pegs-on-a-line')
  await expect(blocks(page).first()).toBeVisible()
  const byPart = await names(page)
  await page.getByText('By music', { exact: true }).click()
  await expect(page.locator('.page .label').nth(1)).toHaveText('A')
  await expect(page.getByText('Bridge, once')).toBeVisible()
  await expect.poll(() => names(page)).toEqual(byPart)
  await page.getByRole('button', { name: 'Feet and facing' }).click()
  await expect(page.locator('.stripped').nth(7)).toHaveText('right free, 3 o’clock')
  await blocks(page).first().click()
  const count = page.getByRole('slider', { name: /^State at a count/ })
  await count.press('ArrowRight')
  await count.press('ArrowRight')
  await expect(page.getByText('everyone right free, 12 o’clock')).toBeVisible()
})
