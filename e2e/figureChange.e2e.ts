import { expect, test } from './helpers/dellop.ts'
import { choose, tick } from './helpers/fields.ts'

test('a figure is changed, its history kept, and made as it was again', async ({ page }) => {
  await page.goto('/figures/canter')
  await page.getByRole('link', { name: 'Change it' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Change “Canter”' })).toBeVisible()
  await page.getByLabel('Remarks').fill('Slow, and proud of it.')
  await page.getByLabel('Also called').fill('Marsh canter [region the fens]; Kanter [de]')
  await page.reload()
  await expect(page.getByText('This is the draft you left here.')).toBeVisible()
  await expect(page.getByLabel('Remarks')).toHaveValue('Slow, and proud of it.')
  await page.getByRole('button', { name: 'Keep the change' }).click()
  await expect(page.getByText('Slow, and proud of it.')).toBeVisible()
  await expect(
    page.getByText('Also called: Marsh canter [region the fens], Kanter [de]'),
  ).toBeVisible()
  await page.getByRole('heading', { name: 'History' }).click()
  const versions = page.locator('.folded ol > li')
  await expect(versions).toHaveText([/changed: Canter/, /came with Dellop: Canter/])
  await versions.nth(1).getByRole('button', { name: 'Make it like this again' }).click()
  await expect(page.getByText('It is again as it was then.')).toBeVisible()
  await expect(versions).toHaveCount(3)
  await expect(page.getByText('Slow, and proud of it.')).toBeHidden()
})

test('a change begun before another’s is refused, and its draft kept', async ({
  page,
  context,
}) => {
  await page.goto('/figures/box/edit')
  await page.getByLabel('Remarks').fill('mine')
  const other = await context.newPage()
  await other.goto('/figures/box/edit')
  await expect(other.getByLabel('Remarks')).toHaveValue('mine')
  await other.getByLabel('Remarks').fill('theirs')
  await other.getByRole('button', { name: 'Keep the change' }).click()
  await expect(other.getByText('theirs')).toBeVisible()
  await page.getByLabel('Remarks').fill('mine again')
  await page.getByRole('button', { name: 'Keep the change' }).click()
  await expect(page.getByRole('alert')).toContainText(
    'Somebody else has changed the same meanwhile (remarks). Your draft is kept;',
  )
  await expect(page.getByLabel('Remarks')).toHaveValue('mine again')
})

test('a figure is looked at the other way, a half of it is kept as a figure, and that follows its part', async ({
  page,
}) => {
  await page.goto('/figures/new?from=line-dance.vine-right-touch')
  await page.getByLabel('Name of the figure').fill('Reed vine')
  await page.getByRole('button', { name: 'Put it in the book' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Reed vine' })).toBeVisible()
  const reedVine = page.url()
  const chart = page.getByRole('region', { name: 'Beat chart' })
  const feet = chart.locator('.track .foot')
  await expect(feet).toHaveText(['R', 'L', 'R', 'L'])
  await page.getByText('Danced as: as written').click()
  await tick(page.getByRole('checkbox', { name: 'opposite foot' }))
  await expect(page.getByText('Danced as: mirrored')).toBeVisible()
  await expect(feet).toHaveText(['L', 'R', 'L', 'R'])
  await expect(
    chart.getByText('1 left side, 2 right behind, 3 left side, 4 right touch'),
  ).toBeVisible()
  await tick(page.getByRole('checkbox', { name: 'half of it' }))
  await tick(page.getByRole('checkbox', { name: 'without its pause' }))
  await expect(page.getByRole('alert')).toHaveText(
    /It cannot be danced so: “Reed vine” has no pause at its end/,
  )
  await tick(page.getByRole('checkbox', { name: 'without its pause' }), false)
  await page.getByRole('link', { name: 'Keep this as a figure' }).click()
  await expect(page.getByLabel('Figures, one after the other')).toHaveValue(
    'Reed vine (half, mirrored)',
  )
  await page.getByLabel('Name of the figure').fill('Half a vine, left')
  await page.getByRole('button', { name: 'Put it in the book' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Half a vine, left' })).toBeVisible()
  await expect(page.getByText('1 left side, 2 right behind', { exact: true })).toBeVisible()
  await expect(page.getByText('Made of')).toBeVisible()

  await page.goto(`${reedVine}/edit`)
  await page.locator('#lead-line').fill('1 right side, 2 left across, 3 right side, 4 left touch')
  await page.getByRole('button', { name: 'Keep the change' }).click()
  await page.getByRole('link', { name: 'Half a vine, left' }).first().click()
  await expect(page.getByText('1 left side, 2 right across', { exact: true })).toBeVisible()

  await page.goto(`${reedVine}/edit`)
  await page.getByText('Make it of other figures instead').click()
  await page
    .getByLabel('Figures, one after the other')
    .fill('Half a vine, left + Half a vine, leftt')
  await expect(
    page.getByText('At character 21: the book holds no figure called “Half a vine, leftt”'),
  ).toBeVisible()
  await page.getByLabel('Figures, one after the other').fill('Half a vine, left')
  await expect(page.getByText('“Reed vine” is part of itself:').first()).toBeVisible()
  await expect(page.getByRole('button', { name: 'Keep the change' })).toBeDisabled()
})

test('steps are typed count by count, and stand in the line; arms have a row of their own', async ({
  page,
}) => {
  await page.goto('/figures/new')
  await page.getByLabel('Name of the figure').fill('Reed step')
  await page.getByLabel('Counts', { exact: true }).fill('3')
  await page.getByText('Type it count by count').first().click()
  const cell = (name: string) => page.getByLabel(name, { exact: true })
  const type = async (name: string, text: string) => {
    await cell(name).fill(text)
    await cell(name).press('Tab')
  }
  await type('lead, count 1', 'left side')
  await type('lead, count 2', 'right clos')
  await expect(cell('lead, count 2')).toHaveAttribute('aria-invalid', 'true')
  await expect(page.getByText(/At character 22 “clos” stands/)).toBeVisible()
  await type('lead, count 2', 'right close')
  await page.getByLabel('A count between').fill('2&')
  await page.getByRole('button', { name: 'Add it' }).click()
  await type('lead, count 2&', 'left in place')
  await type('lead, count 3', 'right touch')
  await page.getByRole('button', { name: 'Add arms' }).click()
  await type('lead, arms, count 3', 'both clap')
  await expect(page.locator('#lead-line')).toHaveValue(
    '1 left side, 2 right close, 2& left in place, 3 right touch, arms:3 both clap',
  )
  await expect(page.getByRole('region', { name: 'Beat chart' }).locator('.word')).toHaveText([
    /both clap/,
    /both clap/,
  ])
  await page.locator('#lead-line').fill('1 left side, 2 right close')
  await expect(cell('lead, count 2')).toHaveValue('right close')
  await expect(cell('lead, count 3')).toHaveValue('')
  await expect(page.getByRole('row', { name: /first 1/ })).toContainText('1 step, right free')
})

test('a figure plays to a click, its steps lighting up, seen from either side', async ({
  page,
}) => {
  await page.goto('/figures/box')
  await page.getByLabel('Beats a minute').fill('180')
  await page.getByLabel('Beats a minute').press('Tab')
  const picture = page.getByRole('img', { name: /From above/ })
  await expect(picture).toHaveAccessibleName(
    /lead has the weight on the right foot.*follow has the weight on the left foot/,
  )
  await page.getByRole('button', { name: 'Play to a click' }).click()
  await expect(page.locator('.step.lit')).toHaveCount(2)
  await expect(picture).toHaveAccessibleName(/lead has the weight on the left foot/)
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.locator('.step.lit')).toHaveCount(0)
  const path = picture.locator('.path').first()
  const asLead = (await path.getAttribute('d'))!
  await choose(page.getByLabel('Seen'), 'as the follow faces')
  await expect(path).not.toHaveAttribute('d', asLead)
  await choose(page.getByLabel('Seen'), 'mirrored, as a teacher facing the class')
  await expect(path).not.toHaveAttribute('d', asLead)
})

test('two figures that are one become one in the sheets; one that nothing uses is taken out, and put back', async ({
  page,
}) => {
  const write = async (name: string) => {
    await page.goto('/figures/new?from=hover')
    await page.getByLabel('Name of the figure').fill(name)
    await page.getByRole('button', { name: 'Put it in the book' }).click()
    await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
  }
  await write('Float')
  await write('Drift')
  const drift = page.url().split('/').at(-1)!
  const made = await page.request.post('/api/sheets', {
    data: { title: 'Driftwood', tuneId: null },
  })
  const { routine, revision } = await made.json()
  const [part] = routine.parts
  const slot = {
    id: 'drift-slot',
    content: {
      type: 'figure',
      figureId: drift,
      variation: { cut: null, times: 1, reflected: false, exitHold: null },
    },
    wordings: null,
    say: 'cue',
    remark: '',
  }
  const edit = { type: 'insert', into: { owner: part.id, list: 'slots' }, after: null, item: slot }
  const added = await page.request.post(`/api/sheets/${routine.id}/edits`, {
    data: { clientId: 'test-client', batchId: 'drift', base: revision, edits: [edit] },
  })
  expect(await added.text()).toContain(drift)
  await page.getByRole('link', { name: 'All figures' }).click()
  await page.getByLabel('Search figures').fill('float')
  await page.getByRole('link', { name: 'Float' }).click()
  await page.getByRole('button', { name: 'Make one with another' }).click()
  await choose(page.getByLabel('The other one'), 'Drift')
  await expect(page.getByText('Its steps are the same.')).toBeVisible()
  await page.getByRole('button', { name: 'Make “Drift” part of this one' }).click()
  await expect(page.getByText('“Drift” is now this figure in 1 sheet.')).toBeVisible()
  await expect(page.getByText('Also called: Drift')).toBeVisible()
  await page.goto(`/sheets/${routine.id}`)
  await expect(page.getByText('Float').first()).toBeVisible()

  await page.goto('/figures/box')
  await page.getByRole('button', { name: 'Take it out of the book' }).click()
  await page.getByRole('button', { name: 'Take it out', exact: true }).click()
  await expect(page.getByRole('alert')).toContainText('“Box” is danced in')
  await page.goto('/figures/clog.hop-shuffle')
  await page.getByRole('button', { name: 'Take it out of the book' }).click()
  await page.getByRole('button', { name: 'Take it out', exact: true }).click()
  await expect(page.getByText('“Hop, shuffle” is no longer in the book.')).toBeVisible()
  await page.getByLabel('Search figures').fill('hop, shuffle')
  await expect(page.getByText('No figure is called “hop, shuffle” here.')).toBeVisible()
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(page.getByRole('link', { name: 'Hop, shuffle' })).toBeVisible()
})

test('a group is told what it knows; lists are narrowed to it, and a sheet says what to teach before', async ({
  page,
}) => {
  await page.goto('/figures')
  await page.getByRole('link', { name: 'Groups' }).click()
  await choose(page.getByLabel('Lists and sheets are for this group'), 'Wednesdays in the Tar Loft')
  await page.getByLabel('Find a figure they know').fill('whisk')
  await page
    .getByRole('row', { name: /Whisk slow foxtrot, intermediate above them/ })
    .locator('label')
    .click()
  await expect(
    page.getByRole('row', { name: /Whisk slow foxtrot, intermediate taught/ }),
  ).toBeVisible()
  await page.getByLabel('Whisk: times danced').first().fill('3')
  await page.getByLabel('Whisk: times danced').first().press('Tab')
  await page.reload()
  await page.getByLabel('Find a figure they know').fill('whisk')
  await expect(page.getByLabel('Whisk: times danced').first()).toHaveValue('3')

  await page.getByRole('link', { name: 'All figures' }).click()
  const narrow = page.getByRole('group', { name: 'Narrow the list' })
  await choose(narrow.getByLabel('Wednesdays in the Tar Loft'), 'what they know')
  // Thirteen are taught, and a composite of two of them is known with them.
  await expect(narrow.getByText(/^14 of \d+ figures$/)).toBeVisible()
  await choose(narrow.getByLabel('Dance'), 'waltz')
  await choose(narrow.getByLabel('May follow'), 'Box')
  const following = (name: string) => page.locator('.long').getByRole('link', { name, exact: true })
  await expect(following('Left turning box')).toBeVisible()
  await expect(following('Through, face, close')).toHaveCount(0)

  await page.goto('/sheets')
  await page.getByLabel('Search the sheets').fill('lanterns')
  await page.getByRole('link', { name: 'Lanterns at the Weir', exact: true }).click()
  await page.getByRole('tab', { name: 'To fix' }).click()
  await page.getByText(/^Notes \(\d+\)$/).click()
  await expect(
    page
      .getByText(/ (new to|above the level of) Wednesdays in the Tar Loft: teach it first\.$/)
      .first(),
  ).toBeVisible()
  await page.goto('/figures/groups')
  await choose(page.getByLabel('Lists and sheets are for this group'), 'For nobody in particular')
  await page.goto('/sheets/lanterns-at-the-weir?tab=fix')
  await expect(page.locator('.block').first()).toBeVisible()
  await expect(page.getByText(/: teach it first\.$/)).toHaveCount(0)
})

test('a figure is printed without what can be pressed', async ({ page }) => {
  await page.goto('/figures/clog.two-doubles-with-arms')
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('heading', { level: 1, name: 'Two doubles with arms' })).toBeVisible()
  await expect(page.getByText('&1 left brush "left double toe"')).toBeVisible()
  await expect(page.locator('.word', { hasText: 'arms out' })).toBeVisible()
  await expect(page.getByRole('button')).toHaveCount(0)
  await expect(page.getByRole('navigation')).toHaveCount(0)
})
