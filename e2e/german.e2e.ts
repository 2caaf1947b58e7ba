import type { Page } from '@playwright/test'
import { seriousIn } from './helpers/access.ts'
import { expect, test } from './helpers/dellop.ts'

/** Every view, what has to be there before it is read, and what is opened in it. */
const VIEWS: readonly (readonly [string, string, ((page: Page) => Promise<void>)?])[] = [
  ['/sheets', '.long [role=row]'],
  ['/sheets/rushlight-waltz-first-draft', '.block', async (page) => throughTabs(page)],
  ['/sheets/combing-the-teasels/print', 'article'],
  ['/sheets/pegs-on-a-line/floor', '.stage svg'],
  ['/sheets/pegs-on-a-line/rehearse', '.run'],
  ['/sheets/pegs-on-a-line/rehearse?do=drill', 'section.steps'],
  ['/sheets/pegs-on-a-line/rehearse?do=quiz', '.answers'],
  ['/sheets/pegs-on-a-line/rehearse?do=walk', '.walk'],
  ['/evenings', '.el-table'],
  ['/evenings?as=calendar', '.el-calendar'],
  ['/evenings/social-12', '.items'],
  ['/evenings/social-12?do=tonight', '.tonight'],
  ['/logbook', '.el-table'],
  ['/lessons/beginners', '.topics'],
  ['/lessons/beginners?do=coverage', '.el-table'],
  ['/backup', 'section'],
  ['/schools', 'article'],
  ['/lectern/lanterns-at-the-weir?clock=manual', '.lectern'],
  ['/free', '.setup .el-button--primary'],
  ['/figures', '.long [role=row]'],
  ['/figures/twirl-vine', '.chart-box'],
  ['/figures/glossary', '.entry'],
  ['/figures/new', '.chart-box'],
  ['/figures/groups', '.el-table'],
  ['/voice', 'section'],
  ['/tunes', '.long [role=row]'],
  ['/tunes/lamps-along-the-staithe', 'canvas'],
  ['/calls', 'main h1'],
  ['/help', 'main h1'],
  ['/about', 'section'],
  ['/nowhere', 'main p'],
]

async function throughTabs(page: Page): Promise<void> {
  await page.locator('.block').nth(2).click()
  for (const tab of await page.getByRole('tab').all()) await tab.click()
}

let known: readonly string[] | null = null
/**
 * All texts of the data, longest first: names of dances, figures, tunes, and what is said. They are
 * asked for once.
 */
const dataTexts = async (page: Page): Promise<readonly string[]> => (known ??= await allTexts(page))

async function allTexts(page: Page): Promise<readonly string[]> {
  const texts = new Set<string>()
  const collect = (value: unknown): void => {
    if (typeof value === 'string' && value.length > 1) texts.add(value.toLowerCase())
    else if (typeof value === 'object' && value !== null) Object.values(value).forEach(collect)
  }
  for (const path of ['figures', 'sheets', 'tunes', 'groups', 'evenings', 'series', 'logbook']) {
    const answer: unknown = await (await page.request.get(`/api/${path}`)).json()
    collect(answer)
    if (path === 'sheets')
      for (const { id } of (answer as { sheets: { id: string }[] }).sheets)
        collect(await (await page.request.get(`/api/sheets/${id}`)).json())
  }
  return [...texts].toSorted((a, b) => b.length - a.length)
}

/** Small words of English that German does not have, and words of the screen. */
const ENGLISH =
  /\b(?:the|and|of|with|is|are|not|for|this|that|from|what|which|where|figure|sheet|cue|counts?|bars?|facing|weight|count|save|open|close|delete|import|export)\b/i

/** Texts that are seen or read aloud, but for what is written in another language on purpose. */
const textsOf = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found: string[] = []
    const isOther = (element: Element | null): boolean =>
      element?.closest('[lang]')?.getAttribute('lang') !== 'de'
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = walk.nextNode(); node; node = walk.nextNode()) {
      const { parentElement } = node
      if (/^(?:script|style)$/i.test(parentElement?.tagName ?? '') || isOther(parentElement))
        continue
      found.push(node.textContent ?? '')
    }
    for (const element of document.querySelectorAll('[aria-label],[title],[placeholder]'))
      if (!isOther(element))
        for (const name of ['aria-label', 'title', 'placeholder'])
          found.push(element.getAttribute(name) ?? '')
    return [...new Set(found.map((text) => text.trim()).filter(Boolean))]
  })

/** A text without what of the data stands in it as whole words. */
function without(text: string, data: readonly string[]): string {
  let rest = text
  for (const one of data)
    if (rest.includes(one))
      rest = rest.replaceAll(
        new RegExp(`(?<![a-zäöüß])${one.replaceAll(/[^\p{L}\d\s]/gu, '\\$&')}(?![a-zäöüß])`, 'g'),
        '·',
      )
  return rest
}

// The dark desk on the way: the light one is looked through in English.
test.use({ colorScheme: 'dark' })
test.beforeEach(({ page }) =>
  page.addInitScript(() => {
    if (!localStorage.getItem('dellop-language')) localStorage.setItem('dellop-language', 'de')
  }),
)

/** A few views a browser: each brought up anew would take most of the time. */
const FEW = 6
for (let first = 0; first < VIEWS.length; first += FEW) {
  const few = VIEWS.slice(first, first + FEW)
  test(`${few.map(([path]) => path).join(', ')} are German, but for the names of what is danced, and have no serious barrier`, async ({
    page,
  }) => {
    test.slow()
    const data = await dataTexts(page)
    for (const [path, there, act] of few) {
      await page.goto(path)
      await expect(page.locator(there).first()).toBeVisible()
      await act?.(page)
      // What comes beside the view has come.
      await page.waitForTimeout(500)
      expect(await page.locator('html').getAttribute('lang')).toBe('de')
      const left = (await textsOf(page)).filter(
        (text) => ENGLISH.test(text) && ENGLISH.test(without(text.toLowerCase(), data)),
      )
      expect([path, left]).toEqual([path, []])
      expect([path, await seriousIn(page)]).toEqual([path, []])
    }
  })
}

test('the language is chosen in the settings, and kept', async ({ page }) => {
  await page.goto('/sheets')
  await page.getByRole('button', { name: 'Einstellungen' }).click()
  await page.getByRole('menuitem', { name: 'English' }).click()
  await expect(page.getByRole('heading', { name: 'Sheets' })).toBeVisible()
  expect(await page.locator('html').getAttribute('lang')).toBe('en')
})
