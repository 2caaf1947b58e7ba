import { expect, test } from './helpers/dellop.ts'
import { add, blocks, bringText, BOXES, TWO_STEP } from './helpers/sheets.ts'

test('a sheet that is here already is set beside the one that comes, and both can stay', async ({
  page,
}) => {
  await bringText(page, 'Come again', `${BOXES}\norder\n  A\n`)
  const id = page.url().split('/').at(-1)!
  const file = await (await page.request.get(`/api/sheets/${id}/file`)).json()
  const bring = (routine: object) =>
    page.setInputFiles('input[type=file]', {
      name: 'come-again.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify({ ...file, routine })),
    })
  await page.goto('/sheets')
  await bring(file.routine)
  const dialog = page.getByRole('dialog', { name: '“Come again” is among your sheets already' })
  await expect(dialog.getByText('The file and the sheet are the same.')).toBeVisible()
  await dialog.getByRole('button', { name: 'Cancel' }).click()
  await bring({ ...file.routine, by: 'Quill Tarn', bpm: 99 })
  await expect(dialog.getByText('The file differs from the sheet in 2 things:')).toBeVisible()
  await expect(dialog.getByText('Tempo: 99 instead of 96')).toBeVisible()
  await dialog.getByRole('button', { name: 'Keep both' }).click()
  await page.getByRole('link', { name: 'Open “Come again (copy)”' }).click()
  await expect(page.getByRole('textbox', { name: 'Name of the dance' })).toHaveValue(
    'Come again (copy)',
  )
})

test('a colleague’s changed copy is joined with the sheet here; what both changed is asked about', async ({
  page,
}) => {
  await bringText(page, 'Grown apart', `${BOXES}\norder\n  A\n`)
  const id = page.url().split('/').at(-1)!
  const file = await (await page.request.get(`/api/sheets/${id}/file`)).json()
  await page.goto('/sheets')
  const set = (field: string, from: unknown, to: unknown) => ({
    type: 'set',
    id: '',
    field,
    from,
    to,
  })
  const changed = await page.request.post(`/api/sheets/${id}/edits`, {
    data: {
      clientId: 'somebody',
      batchId: 'one',
      base: 0,
      edits: [set('bpm', 96, 100), set('by', file.routine.by ?? null, 'Wren Ashdown-Vale')],
    },
  })
  expect(changed.ok(), await changed.text()).toBe(true)
  await page.setInputFiles('input[type=file]', {
    name: 'grown-apart.json',
    mimeType: 'application/json',
    buffer: Buffer.from(
      JSON.stringify({
        ...file,
        routine: { ...file.routine, bpm: 92, remark: 'Mind the step down.' },
      }),
    ),
  })
  const dialog = page.getByRole('dialog', { name: '“Grown apart” is among your sheets already' })
  await expect(dialog.getByRole('list', { name: 'Changed in the file' })).toContainText(
    'Tempo: 92 instead of 96',
  )
  await expect(dialog.getByRole('list', { name: 'Changed here' })).toContainText(
    'Tempo: 100 instead of 96',
  )
  await dialog.getByRole('button', { name: 'Join them' }).click()
  const asked = page.getByRole('alert').filter({ hasText: 'Changed in two places' })
  await expect(asked).toContainText('What is here was kept: 100')
  await expect(asked).toContainText('The file has: 92')
  await asked.getByRole('button', { name: 'Take the file’s' }).click()
  await expect(asked).toHaveCount(0)
  await expect
    .poll(async () => (await (await page.request.get(`/api/sheets/${id}`)).json()).routine)
    .toMatchObject({ bpm: 92, by: 'Wren Ashdown-Vale', remark: 'Mind the step down.' })
})

test('a favourite stands first, here and in every tab, until it is none any more', async ({
  page,
}) => {
  // The list is there before all else is: what is clicked then counts as well.
  let release = (): void => undefined
  const rest = new Promise<void>((resolve) => (release = resolve))
  await page.route('**/api/tunes', async (route) => {
    await rest
    await route.continue()
  })
  await page.goto('/sheets')
  const titles = page.locator('.long .title')
  await expect(titles.first()).toBeVisible()
  await page.getByLabel('Search the sheets').fill('withy')
  // Only once the list is narrowed: rows move until then, and another would be met.
  await expect(titles).toHaveCount(1)
  const star = page.getByRole('button', { name: 'Withy Bend, a favourite' })
  await star.click()
  release()
  await expect(star).toHaveAttribute('aria-pressed', 'true')
  await page.getByLabel('Search the sheets').fill('')
  await expect(titles.first()).toHaveText('Withy Bend')
  await page.reload()
  await expect(titles.first()).toHaveText('Withy Bend')
  await star.click()
  await expect(titles.first()).not.toHaveText('Withy Bend')
})

test('a figure is asked for as dancers say it, and guessed where it is spelt wrong', async ({
  page,
}) => {
  await bringText(page, 'Asked for', `${TWO_STEP}part A\n  Vine four\norder\n  A\n`)
  await blocks(page).first().click()
  await page.keyboard.press('a')
  await add(page, 'jazz box half turn left')
  await add(page, 'waltz box')
  await page.getByLabel('Figure name, alias or initials').fill('twrl vin')
  await expect(page.getByRole('option', { name: /did you mean this/ }).first()).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(blocks(page)).toHaveCount(4)
  await expect(blocks(page).nth(1)).toContainText('Jazz box, turning 1/2 left')
  await expect(blocks(page).nth(2)).toContainText('Box')
  await expect(blocks(page).nth(3)).toContainText(/^Twirl two/)
})

test('each page has its help, and the help opens at it', async ({ page }) => {
  await page.goto('/figures')
  // The sign knows its page as soon as the page is there.
  const help = page.getByRole('link', { name: 'Help with this page' })
  await expect(help).toHaveAttribute('href', /#figures$/)
  await help.click()
  await expect(page).toHaveURL(/\/help#figures$/)
  await expect(page.locator('#figures')).toBeInViewport()
})
