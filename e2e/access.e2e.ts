import AxeBuilder from '@axe-core/playwright'
import { expect, test } from './helpers/dellop.ts'

const views: readonly (readonly [string, string, string])[] = [
  ['the shelf', '/sheets', '.shelf'],
  ['the page of phrases', '/sheets/rushlight-waltz-first-draft', '.finding'],
  ['a sheet on paper', '/sheets/combing-the-teasels/print', 'article'],
  ['the schools', '/schools', 'article'],
  ['the lectern', '/lectern/lanterns-at-the-weir?clock=manual', '.lectern'],
  ['the figures', '/figures', 'table'],
  ['a figure', '/figures/twirl-vine', '.chart-box'],
  ['the glossary', '/figures/glossary', '.entry'],
  ['a figure being written', '/figures/new', '.chart-box'],
  ['a figure of a set', '/figures/set-dance.cast-off', '.chart-box'],
  ['the floors', '/figures/floors', 'table'],
  ['the voice', '/voice', 'section'],
  ['the tunes', '/tunes', 'main li'],
  ['a tune', '/tunes/lamps-along-the-staithe', 'canvas'],
  ['about', '/about', 'section'],
]
for (const [name, path, there] of views) {
  test(`${name} has no serious barrier`, async ({ page }) => {
    await page.goto(path)
    await expect(page.locator(there).first()).toBeVisible()
    if (path.includes('rushlight')) await page.locator('.block').first().click()
    const { violations } = await new AxeBuilder({ page }).analyze()
    const serious = violations.filter((violation) => violation.impact === 'serious' || violation.impact === 'critical')
    expect(
      serious.map(
        (violation) =>
          `${violation.id}: ${violation.nodes
            .slice(0, 3)
            .map((node) => node.target.join(' '))
            .join(' | ')}`,
      ),
    ).toEqual([])
  })

  test(`${name} fits a phone without scrolling sideways`, async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 })
    await page.goto(path)
    await expect(page.locator(there).first()).toBeVisible()
    expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBeLessThanOrEqual(1)
  })
}
