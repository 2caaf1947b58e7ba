import type { Route } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { beside, bringText } from './helpers/sheets.ts'
import { choose, chosen } from './helpers/fields.ts'

const SEQUENCE =
  'dance: two-step\nschool: sequence\nbar: 2 beats of 1/4\ntempo: 104\nstart: butterfly; lead faces wall, left foot free; follow faces centre, right foot free\ntune: thimble-bridge\npart A\n  Two side two-steps\n  Vine four\n  Two-step box\n  Limp four\norder\n  A x4\n'

test('words fade as a part comes again, and a group that knows the dance is told less; the lectern goes by the same', async ({
  page,
}) => {
  await bringText(page, 'Fading', SEQUENCE)
  const said = page.locator('.page .ribbon:not(.gap) .text')
  await expect(said.first()).toHaveText('two side two-steps')
  await expect(said.filter({ hasText: /^vine four$/ })).toHaveCount(1)
  await expect(said.filter({ hasText: /^vine$/ })).toHaveCount(3)
  await page.getByRole('button', { name: 'View', exact: true }).click()
  const known = page.getByRole('tooltip').getByRole('slider')
  for (let n = 0; n < 4; n++) await known.press('ArrowRight')
  await expect(said.filter({ hasText: /^vine four$/ })).toHaveCount(0)
  await expect(said.first()).toHaveText('side two-step')
  await page.goto(page.url().replace('/sheets/', '/lectern/') + '?clock=manual')
  await expect(page.getByTestId('next-cue')).toHaveText(/^butterfly, facing the wall/)
})

test('the schools are explained, and two of them are compared on one sheet', async ({ page }) => {
  await page.goto('/sheets/eel-pots')
  await beside(page, 'About')
  await page.getByRole('link', { name: 'The calling styles, explained' }).click()
  await expect(page.getByRole('heading', { level: 2 })).toHaveText([
    'This evening',
    'Round',
    'Line',
    'Sequence',
    'Set',
    'Ring',
    'Clog',
    'Square',
    'Longways',
    'Mixer',
    'Teaching',
    'Gentle',
    'Two calling styles on one sheet',
  ])
  await choose(page.getByLabel('Sheet', { exact: true }), 'Sluice Gate Two-Step')
  await expect(chosen(page.getByLabel('First style'))).toHaveText('Sequence')
  await expect(page.locator('.compare .other').first()).toBeVisible()
  await choose(page.getByLabel('Second style'), 'Sequence')
  await expect(page.locator('.compare .other')).toHaveCount(0)
})

test('the cues go out as timed text, and the page says how fast they can be called', async ({
  page,
}) => {
  await page.goto('/sheets/pegs-on-a-line')
  await beside(page, 'Music')
  await expect(
    page.getByText(
      /It can be called as it stands at \d+ to \d+ a minute\. The first that no longer fits is “/,
    ),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Go to it' }).click()
  await expect(page.locator('.block:focus')).toBeVisible()
  await beside(page, 'Hand on')
  for (const [button, file] of [
    ['WebVTT', 'Pegs on a Line.vtt'],
    ['SRT', 'Pegs on a Line.srt'],
    ['LRC', 'Pegs on a Line.lrc'],
    ['CSV', 'Pegs on a Line-cues.csv'],
  ] as const) {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: button }).click(),
    ])
    expect(download.suggestedFilename()).toBe(file)
  }
})

test('a school is copied, changed, chosen for a sheet, and forgotten only when nothing is called by it', async ({
  page,
}) => {
  await bringText(page, 'My way', SEQUENCE)
  await page.goto('/schools')
  await page.getByRole('button', { name: 'Copy Sequence' }).click()
  await page.getByLabel('A cue ends so many beats before its step').fill('two')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('alert')).toHaveText(
    'A number was expected for “A cue ends so many beats before its step”, not “two”.',
  )
  await page.getByLabel('A cue ends so many beats before its step').fill('99')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('alert')).toContainText('lead.targetBeats')
  await page.getByLabel('A cue ends so many beats before its step').fill('1.5')
  await page.getByText('Words get fewer as a part comes again').click()
  await page.getByText('“again”', { exact: true }).click()
  await page.getByText('“last time”', { exact: true }).click()
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('heading', { name: 'Sequence, my way your own' })).toBeVisible()
  await page.goBack()
  await beside(page, 'About')
  await choose(page.getByRole('combobox', { name: /^Calling style/ }), 'Sequence, my way')
  await expect(page.locator('.page .ribbon .text').filter({ hasText: /^vine four$/ })).toHaveCount(
    4,
  )
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.getByRole('link', { name: 'The calling styles, explained' }).click()
  await page.getByRole('button', { name: 'Delete Sequence, my way' }).click()
  await expect(page.getByRole('alert')).toContainText('“My way” is called by this school')
})

test('a club, and an evening, have their own school: while its group is chosen, sheets are called by it', async ({
  page,
}) => {
  await bringText(page, 'At the club', SEQUENCE)
  const sheet = page.url()
  await page.goto('/figures/groups')
  await choose(page.getByLabel('Lists and sheets are for this group'), 'For nobody in particular')
  // The answers about the new group come while its name is being typed, which must not take it
  // away.
  let typed = (): void => undefined
  const typing = new Promise<void>((resolve) => (typed = resolve))
  const held = async (route: Route): Promise<void> => {
    await typing
    await route.continue()
  }
  await page.route('**/api/settings/edits', held, { times: 1 })
  const chosenByItself = page.waitForResponse(
    (response) =>
      response.url().endsWith('/api/settings/edits') &&
      (response.request().postData() ?? '').includes('"groupId"'),
  )
  await page.getByRole('button', { name: 'Add a group' }).click()
  await expect(page.getByLabel('Name of the group')).toHaveValue(/^Group \d+$/)
  await page.getByLabel('Name of the group').fill('The Tide Club')
  typed()
  await chosenByItself
  await expect(chosen(page.getByLabel('Lists and sheets are for this group'))).toHaveText(
    /^Group \d+$/,
  )
  await page.getByLabel('Name of the group').press('Tab')
  await choose(page.getByLabel('They are called by'), 'Round')
  // The first group is chosen by itself.
  await choose(page.getByLabel('Lists and sheets are for this group'), 'The Tide Club')
  await page.goto(sheet)
  await page.locator('.sum').first().click()
  await expect(page.getByText(/called the round way/)).toBeVisible()
  await beside(page, 'About')
  await expect(
    page.getByText(
      'It is called the round way now: the chosen group or this evening is, whatever the sheet says.',
    ),
  ).toBeVisible()
  await page.goto('/figures/groups')
  await choose(page.getByLabel('Lists and sheets are for this group'), 'For nobody in particular')
  await page.waitForLoadState('networkidle')
  await page.goto(sheet)
  await page.locator('.sum').first().click()
  await expect(page.getByText(/called the sequence way/)).toBeVisible()
  const tonight = async (label: string): Promise<void> => {
    await page.goto('/schools')
    const kept = page.waitForResponse((response) => response.url().endsWith('/api/settings/edits'))
    await choose(page.getByLabel('Tonight’s calling style'), label)
    await kept
    await page.goto(sheet)
    await page.locator('.sum').first().click()
  }
  await tonight('Set')
  await expect(page.getByText(/called the set way/)).toBeVisible()
  await tonight('as each sheet has it')
  await expect(page.getByText(/called the sequence way/)).toBeVisible()
})
