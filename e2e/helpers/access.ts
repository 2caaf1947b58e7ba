import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'

/**
 * Serious and critical barriers on a page, or in a part of it, each with the first places it stands
 * in. The pages have no frames.
 */
export async function seriousIn(page: Page, part: string | null = null): Promise<string[]> {
  const builder = new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'] })
  const { violations } = await (part === null ? builder : builder.include(part)).analyze()
  const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')
  return serious.map(
    ({ id, nodes }) =>
      `${id}: ${nodes
        .slice(0, 3)
        .map(({ target }) => target.join(' '))
        .join(' | ')}`,
  )
}

/** Texts that stand less than seven to one from what is behind them, or four and a half if large. */
export async function fadedIn(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode(true)
    .withRules(['color-contrast-enhanced'])
    .analyze()
  return violations.flatMap(({ nodes }) => nodes.map(({ target }) => target.join(' ')))
}
