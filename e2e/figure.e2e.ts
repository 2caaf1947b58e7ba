import { readFileSync } from 'node:fs'
import { expect, test } from './helpers/dellop.ts'
import { choose, tick } from './helpers/fields.ts'

test('a new figure is written as a line, its marked error corrected, kept as a draft, and found in the book', async ({
  page,
}) => {
  await page.goto('/figures')
  await page.getByRole('link', { name: 'Write a figure' }).click()
  await page.getByLabel('Name of the figure').fill('Marsh dip')
  await page.getByLabel('Counts', { exact: true }).fill('6')
  const line = page.getByLabel('The lead’s steps, or everyone’s')
  const keep = page.getByRole('button', { name: 'Put it in the book' })
  await line.fill(
    '1 left side, 2 right clos, 3 left side, 4 left back "left back, dip", 5 right recover, 6 left touch',
  )
  await expect(page.getByText('At character 22 “clos” stands;')).toBeVisible()
  await expect(page.locator('mark')).toHaveText('clos')
  await expect(keep).toBeDisabled()
  await line.fill(
    '1 left side, 2 right close, 3 left side, 4 left back "left back, dip", 5 right recover, 6 left touch',
  )
  await expect(page.locator('mark')).toHaveCount(0)
  await expect(
    page.getByText(
      'Stops the dance. On count 4 the lead’s “left back, dip” is done by the foot that carries the weight;',
    ),
  ).toBeVisible()
  await expect(keep).toBeDisabled()
  await line.fill(
    '1 left side, 2 right close, 3 left side, 4 right back "right back, dip", 5 left recover, 6 right touch',
  )
  await expect(page.getByText('It has a dip: a caution about dips was expected.')).toBeVisible()
  await tick(page.getByRole('checkbox', { name: 'Dip' }))
  await expect(page.getByText('The feet are free, the turns and the holds agree.')).toBeVisible()

  await page.reload()
  await expect(page.getByText('This is the draft you left here.')).toBeVisible()
  await expect(page.getByLabel('Name of the figure')).toHaveValue('Marsh dip')
  await page.getByLabel('Remarks').fill('Slow on the way up.')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Remarks')).toHaveValue('')
  await keep.click()
  await expect(page.getByRole('heading', { level: 1, name: 'Marsh dip' })).toBeVisible()
  await expect(page.getByText('lead’s left foot free').first()).toBeVisible()
  await page.reload()
  await expect(
    page.getByText(
      '1 left side, 2 right close, 3 left side, 4 right back "right back, dip", 5 left recover, 6 right touch',
    ),
  ).toBeVisible()
  await page.goto('/figures')
  await page.getByLabel('Search figures').fill('md')
  await expect(page.getByRole('link', { name: 'Marsh dip' })).toBeVisible()
  await page.goto('/figures/new')
  await expect(page.getByLabel('Name of the figure')).toHaveValue('')
})

test('the book is narrowed by dance, foot and hold, and a figure says what may follow and why another may not', async ({
  page,
}) => {
  await page.goto('/figures')
  const narrow = page.getByRole('group', { name: 'Narrow the list' })
  await choose(narrow.getByLabel('Dance'), 'cha-cha')
  await choose(narrow.getByLabel('Starts on the lead’s'), 'right')
  await expect(page.locator('.el-table-v2__row')).toHaveText([
    /Aida/,
    /Fan/,
    /New yorker/,
    /Spot turn/,
    /Underarm turn/,
    /Whip/,
  ])
  await expect(narrow.getByText(/^6 of \d+ figures$/)).toBeVisible()
  await page.getByRole('button', { name: 'Show all' }).click()
  await choose(narrow.getByLabel('Dance'), 'slow foxtrot')
  await page.getByLabel('Search figures').fill('three step')
  await page.getByRole('link', { name: 'Three step' }).first().click()
  await expect(page.getByText('usually 100 to 128 beats a minute (25 to 32 bars)')).toBeVisible()
  await expect(
    page
      .getByRole('region', { name: 'What may follow' })
      .getByRole('link', { name: 'Feather', exact: true }),
  ).toBeVisible()
  await page.getByText(/^\d+ more with one change$/).click()
  await expect(
    page
      .getByText(
        'needs the lead’s left foot free: one change of weight more, or one less, before it. Shortest link: Back, side, close (4 counts).',
      )
      .first(),
  ).toBeVisible()
  await page.getByRole('link', { name: 'Write another from this one' }).click()
  await expect(page.getByLabel('The lead’s steps, or everyone’s')).toHaveValue(
    '1 left forward, 3 right forward, 4 left forward',
  )
  await expect(page.getByText('There is a “Three step” in this dance already.')).toBeVisible()
})

test('figures are brought in from a table after a look at each row; a wrong one changes nothing', async ({
  page,
}) => {
  const csv = (name: string, text: string) => ({
    name,
    mimeType: 'text/csv',
    buffer: Buffer.from(text),
  })
  const box = page.locator('input[type=file]')
  await page.goto('/figures')
  await expect(page.locator('.el-table-v2__row').first()).toBeVisible()
  const figures = await page.getByText(/^\d+ figures$/).textContent()
  await box.setInputFiles(
    csv('colour.csv', 'name,family,beats,lead,colour\nA,waltz,1,1 left side,red\n'),
  )
  await expect(page.getByRole('alert')).toContainText(
    'Nothing was imported. “colour.csv” has a column “colour”',
  )
  await box.setInputFiles(csv('formula.csv', 'name,family,beats,lead\n=1+1,waltz,1,1 left side\n'))
  await expect(page.getByRole('alert')).toContainText('“=1+1” in column name looks like a formula')
  await expect(page.getByText(figures!, { exact: true })).toBeVisible()

  const waiting = page.waitForEvent('download')
  await page.getByLabel('Search figures').fill('Clog basic')
  await page.getByRole('button', { name: 'Take the list along as CSV' }).click()
  const taken = readFileSync(await (await waiting).path(), 'utf8').trimEnd()
  const head = taken.split('\r\n')[0]!.split(',')
  const row = (cells: Record<string, string>): string =>
    head.map((column) => (cells[column] === undefined ? '' : `"${cells[column]}"`)).join(',')
  const creek = row({
    id: 'mine.creek',
    name: 'Creek step',
    family: 'clog',
    dancers: 'solo',
    beats: '2',
    lead: '1 left in place, 2 right in place',
    follow: 'same',
    holds: 'none',
  })
  const wrong = row({
    id: 'mine.taken',
    name: 'Box',
    family: 'waltz',
    beats: '2',
    lead: '1 left side, 2 left side',
    holds: 'closed',
  })
  const rows = `${taken}\r\n${creek}\r\n${wrong}\r\n`
  await page.getByRole('button', { name: 'Show all' }).click()
  await box.setInputFiles(csv('mine.csv', rows))
  await expect(
    page.getByText('1 new, 0 changed, 1 with a name that is taken, 1 here already.'),
  ).toBeVisible()
  await expect(
    page.getByText(
      /there is another “Box” in this dance.*is done by the foot that carries the weight/,
    ),
  ).toBeVisible()
  await expect(page.getByRole('checkbox', { name: /Box/ })).toBeDisabled()
  await page.getByRole('button', { name: 'Import 1 figure' }).click()
  await expect(page.getByText('1 figure is in the book.')).toBeVisible()
  await page.reload()
  await page.getByLabel('Search figures').fill('creek')
  await expect(page.getByRole('link', { name: 'Creek step' })).toBeVisible()
})

test('the glossary shows all that a word means', async ({ page }) => {
  await page.goto('/figures')
  await page.getByRole('link', { name: 'Glossary' }).click()
  await page.getByLabel('Search the glossary').fill('box')
  const box = page
    .locator('.entry')
    .filter({ has: page.getByText('Box more than one', { exact: true }) })
  await expect(box).toContainText('rumba')
  await expect(box).toContainText('two-step, also called so')
  await page.getByLabel('Search the glossary').fill('limp')
  await tick(page.getByRole('checkbox', { name: 'Only words that mean more than one thing' }))
  await expect(page.getByText('No word has “limp” in it.')).toBeVisible()
  await page.getByRole('button', { name: 'By figure' }).click()
  await page.getByLabel('Search the glossary').fill('hitch six')
  await expect(page.locator('.entry')).toHaveText([
    /Hitch six two-step.*Double hitch also called so.*vor, Schluss, zurück, und vor as it is said in German/,
  ])
})
