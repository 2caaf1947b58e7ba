import { seriousIn } from './helpers/access.ts'
import { expect, test } from './helpers/dellop.ts'
import { openLectern, run } from './helpers/lectern.ts'
import { tabbedThrough } from './helpers/tabbing.ts'

const views: readonly (readonly [string, string, string])[] = [
  ['the shelf', '/sheets', '.long [role=row]'],
  ['the page of phrases', '/sheets/rushlight-waltz-first-draft', '.block'],
  ['a sheet on paper', '/sheets/combing-the-teasels/print', 'article'],
  ['the floor in a hall', '/sheets/pegs-on-a-line/floor', '.stage svg'],
  ['rehearsing', '/sheets/pegs-on-a-line/rehearse', '.run'],
  ['a quiz', '/sheets/pegs-on-a-line/rehearse?do=quiz', '.answers'],
  ['a drill', '/sheets/pegs-on-a-line/rehearse?do=drill', 'section.steps'],
  ['the evenings', '/evenings', '.el-table'],
  ['the season', '/evenings?as=calendar', '.el-calendar'],
  ['an evening', '/evenings/social-12', 'canvas'],
  ['the logbook', '/logbook', '.el-table'],
  ['lessons', '/lessons/beginners', '.topics'],
  ['backups', '/backup', 'section'],
  ['the schools', '/schools', 'article'],
  ['the lectern', '/lectern/lanterns-at-the-weir?clock=manual', '.lectern'],
  ['calling without a sheet', '/free', '.setup .el-button--primary'],
  ['the figures', '/figures', '.long [role=row]'],
  ['a figure', '/figures/twirl-vine', '.chart-box'],
  ['the glossary', '/figures/glossary', '.entry'],
  ['a figure being written', '/figures/new', '.chart-box'],
  ['a figure of a set', '/figures/set-dance.cast-off', '.chart-box'],
  ['the groups', '/figures/groups', '.el-table'],
  ['the voice', '/voice', 'section'],
  ['the tunes', '/tunes', '.long [role=row]'],
  ['a tune', '/tunes/lamps-along-the-staithe', 'canvas'],
  ['about', '/about', 'section'],
  ['help', '/help', 'main h1'],
]
/** A long list is judged by a few of its rows: they are all alike. */
const narrowed: Readonly<Record<string, string>> = {
  '/figures': 'Search figures',
  '/figures/glossary': 'Search the glossary',
}

/** A few views a browser: each brought up anew would take most of the time. */
const FEW = 7
for (let first = 0; first < views.length; first += FEW) {
  const few = views.slice(first, first + FEW)
  const names = few.map(([name]) => name).join(', ')
  test(`gone through by keyboard, with no serious barrier, and nothing to scroll sideways on a phone: ${names}`, async ({
    page,
  }) => {
    test.slow()
    for (const [name, path, there] of few) {
      await page.setViewportSize({ width: 1280, height: 800 })
      await page.goto(path)
      await expect(page.locator(there).first()).toBeVisible()
      const search = narrowed[path]
      if (search) await page.getByLabel(search).fill('jazz box')
      await test.step(`${name} by keyboard`, () => tabbedThrough(page))
      if (path.includes('rushlight')) await page.locator('.block').first().click()
      expect([name, await seriousIn(page)]).toEqual([name, []])
      await page.setViewportSize({ width: 390, height: 844 })
      if (search) await page.getByLabel(search).fill('')
      await expect
        .poll(() =>
          page.evaluate(
            () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
          ),
        )
        .toBeLessThanOrEqual(1)
    }
  })
}

test('the lectern has no serious barrier where the dance goes wrong, nor has what happened afterwards', async ({
  page,
}) => {
  await openLectern(page)
  await page.keyboard.press('Space')
  await run(page, 1, 24.5)
  for (const [key, panel] of [
    ['o', 'What did they dance?'],
    ['x', 'Hold: the music goes on'],
    ['h', 'Cues are held'],
  ] as const) {
    await page.keyboard.press(key)
    await expect(page.getByRole('region', { name: panel })).toBeVisible()
    expect(await seriousIn(page, '.panel')).toEqual([])
    await page.keyboard.press('Escape')
  }
  await page.keyboard.press('k')
  await expect(page.getByRole('dialog')).toBeVisible()
  expect(await seriousIn(page, '[role=dialog]')).toEqual([])
  await page.keyboard.press('Escape')
  await run(page, 25, 150)
  await page.getByRole('link', { name: 'What happened' }).click()
  await expect(page.getByRole('table').first()).toBeVisible()
  expect(await seriousIn(page)).toEqual([])
  await page.getByRole('button', { name: 'Delete this call' }).click()
})
