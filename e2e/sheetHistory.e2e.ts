import { expect, test } from './helpers/dellop.ts'
import { beside, blocks, bringText, names, TWO_STEP } from './helpers/sheets.ts'
import { choose } from './helpers/fields.ts'

const TEXT = `${TWO_STEP}part A\n  Two side two-steps\n  Vine four\n  Turning two-steps\norder\n  A\n`

test('what was changed is told in words, compared with now, and gone back to', async ({ page }) => {
  await bringText(page, 'Remembered', TEXT)
  await blocks(page).nth(1).click()
  await page.keyboard.press('Delete')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await beside(page, 'History')
  await expect(page.getByText('A: Vine four taken out')).toBeVisible()
  await page.getByRole('button', { name: 'Compare with now' }).click()
  await expect(page.getByText('1 change from then to now:')).toBeVisible()
  await choose(page.getByRole('combobox', { name: /^From/ }), 'as it was added')
  await choose(page.getByRole('combobox', { name: /^to/ }), 'as it was added')
  await page.getByRole('button', { name: 'Compare these two' }).click()
  await expect(page.getByText('They are the same.')).toBeVisible()
  await page.getByRole('button', { name: 'Go back to before this' }).click()
  await expect
    .poll(() => names(page))
    .toEqual(['Two side two-steps', 'Vine four', 'Turning two-steps'])
  await expect(page.getByText('A: Vine four put in')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(() => names(page)).toEqual(['Two side two-steps', 'Turning two-steps'])
})

test('a branch goes its own way, and a sheet put away is off the shelf until it is taken out again, or deleted', async ({
  page,
}) => {
  await bringText(page, 'Trunk', TEXT)
  await beside(page, 'Hand on')
  await page.getByLabel('Name of the branch').fill('Twig')
  await page.getByRole('button', { name: 'Make a branch' }).click()
  await expect(page.getByRole('textbox', { name: 'Name of the dance' })).toHaveValue('Twig')
  await beside(page, 'About')
  await expect(page.getByRole('link', { name: 'A branch of “Trunk”' })).toBeVisible()
  await beside(page, 'Hand on')
  await page.getByRole('button', { name: 'Archive it' }).click()
  await expect(page.getByText('This sheet is archived')).toBeVisible()
  await page.getByRole('link', { name: 'All sheets' }).click()
  await page.getByLabel('Search the sheets').fill('trunk')
  await expect(page.getByRole('link', { name: 'Trunk', exact: true })).toBeVisible()
  await page.getByLabel('Search the sheets').fill('twig')
  await expect(page.getByText('No sheet matches “twig”.')).toBeVisible()
  await expect(page.getByRole('link', { name: 'Twig', exact: true })).toHaveCount(0)
  await page.getByRole('button', { name: 'Archived' }).click()
  await page.getByRole('link', { name: 'Twig', exact: true }).click()
  await beside(page, 'Hand on')
  await page.getByRole('button', { name: 'Restore it' }).click()
  await expect(page.getByText('This sheet is archived')).toHaveCount(0)
  await page.getByRole('button', { name: 'Archive it' }).click()
  await page.getByRole('button', { name: 'Delete for good' }).click()
  await expect(page.getByText('Delete “Twig” with its whole history?')).toBeVisible()
  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect(page.getByText('“Twig” was deleted.')).toBeVisible()
  await page.getByLabel('Search the sheets').fill('twig')
  await expect(page.getByText('No sheet matches “twig”.')).toBeVisible()
})

test('the shelf is searched by figure, maker, dance and tag, and sorted', async ({ page }) => {
  await page.goto('/sheets')
  const titles = page.locator('.long .title')
  await page.getByLabel('Search the sheets').fill('rocking chair')
  await expect(titles).toHaveText(['Pegs on a Line', 'Withy Bend'])
  await expect(page.getByText('with Rocking chair').first()).toBeVisible()
  await page.getByLabel('Search the sheets').fill('geese ottoline')
  await expect(titles).toHaveText(['Goosefoot Ring'])
  await page.getByLabel('Search the sheets').fill('')
  await choose(page.getByRole('combobox', { name: 'Tag' }), 'mixer')
  await expect(titles).toHaveText(['Eight for the Geese'])
  await choose(page.getByRole('combobox', { name: 'Tag' }), 'any')
  await choose(page.getByRole('combobox', { name: /^Dance/ }), 'rumba')
  await expect(titles).toHaveText(['Combing the Teasels'])
  await choose(page.getByRole('combobox', { name: /^Dance/ }), 'any')
  await page.getByLabel('Search the sheets').fill('frisk pothook')
  await expect(titles).toHaveText(['Pegs on a Line', 'Tar Barrel Steps'])
  await page.getByRole('columnheader', { name: 'Dance' }).click()
  await expect(titles).toHaveText(['Tar Barrel Steps', 'Pegs on a Line'])
  await page.getByLabel('Search the sheets').fill('no such dance')
  await expect(page.getByText('No sheet matches “no such dance”.')).toBeVisible()
})

test('a text that cannot be read is refused at its line, and a sheet goes out as text and Markdown', async ({
  page,
}) => {
  await page.goto('/sheets')
  await page.setInputFiles('input[type=file]', {
    name: 'wrong.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('dance: waltz\npart A\n  Box (haf)\n'),
  })
  await expect(
    page.getByText(/The file was not imported.*Line 3: “haf” is no way to vary a figure/),
  ).toBeVisible()
  await page.goto('/sheets/eel-pots')
  await beside(page, 'Hand on')
  const [text] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Text', exact: true }).click(),
  ])
  expect(text.suggestedFilename()).toBe('Eel Pots.txt')
  const [markdown] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Markdown' }).click(),
  ])
  expect(markdown.suggestedFilename()).toBe('Eel Pots.md')
})

/** Width and height of the pages of a PDF, in points. */
const pageSizes = (pdf: Buffer): string[] =>
  [...pdf.toString('latin1').matchAll(/\/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)\s*\]/g)].map(
    ([, width, height]) => `${Math.round(Number(width))}x${Math.round(Number(height))}`,
  )

test('a sheet is printed on the paper that is chosen, short or with every step, for one role', async ({
  page,
}) => {
  await bringText(
    page,
    'On paper',
    TEXT.replace('Vine four', 'Vine four | hard | for lead "give weight" | for follow "look left"'),
  )
  await beside(page, 'Hand on')
  await page.getByRole('link', { name: 'Print' }).click()
  await expect(page.getByRole('heading', { name: 'On paper' })).toBeVisible()
  const paper = page.locator('article.paper')
  await expect(paper).toContainText('12 counts in all')
  await expect(paper).toContainText('Quick turning: give new dancers room')
  await expect(paper).toContainText(
    'The hall’s rules, local codes and a qualified teacher come first.',
  )
  await expect(paper).toContainText('lead: give weight · follow: look left')
  await expect(paper.locator('.beats')).toHaveCount(0)
  await choose(page.getByLabel('For'), 'follow')
  await choose(page.getByLabel('Depth'), 'with every step')
  await expect(paper).not.toContainText('give weight')
  await expect(paper.locator('.beats th', { hasText: 'follow' })).toHaveCount(3)
  await expect(paper.locator('.beats th', { hasText: 'lead' })).toHaveCount(0)
  const a4 = pageSizes(await page.pdf({ preferCSSPageSize: true }))
  expect(new Set(a4)).toEqual(new Set(['595x842']))
  await choose(page.getByLabel('Paper'), 'A5')
  const a5 = pageSizes(await page.pdf({ preferCSSPageSize: true }))
  expect(new Set(a5)).toEqual(new Set(['420x595']))
  await choose(page.getByLabel('Depth'), 'figures and cues')
  await choose(page.getByLabel('Paper'), 'Large print (A4)')
  const large = pageSizes(await page.pdf({ preferCSSPageSize: true }))
  expect(new Set(large)).toEqual(new Set(['595x842']))
  await choose(page.getByLabel('Depth'), 'only the cues, with their times')
  // Three figures, and where all stand and thanks around them.
  await expect(paper.locator('.cues tbody tr')).toHaveCount(5)
  await expect(paper.locator('.cues tbody tr').nth(1)).toContainText('two side two-steps')
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
  await expect(page.locator('.controls')).toBeHidden()
})
