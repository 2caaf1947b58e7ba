import type { Locator } from '@playwright/test'
import { expect } from './dellop.ts'

/**
 * Chooses from a list as a person does: opens it, and takes the line that says so. The exact line
 * goes before one that only begins so.
 */
export async function choose(field: Locator, text: string): Promise<void> {
  // What is chosen lies over the field itself.
  await field.locator('xpath=ancestor::*[contains(@class,"el-select__wrapper")]').click()
  const list = field.page().locator(`#${await field.getAttribute('aria-controls')}`)
  const lines = list.getByRole('option', { includeHidden: false })
  const exact = lines.filter({ has: field.page().getByText(text, { exact: true }) })
  const line = ((await exact.count()) > 0 ? exact : lines.filter({ hasText: text })).first()
  // A line that is still sliding into its place lets the first press go by.
  await expect(async () => {
    if ((await field.getAttribute('aria-expanded')) === 'true') await line.click({ timeout: 2000 })
    await expect(field).toHaveAttribute('aria-expanded', 'false', { timeout: 2000 })
  }).toPass({ timeout: 20_000 })
}

/** What a list stands at. */
export const chosen = (field: Locator): Locator =>
  field.locator('xpath=ancestor::*[contains(@class,"el-select__selection")]')

/** Ticks a box, or takes the tick away, by its words. */
export async function tick(field: Locator, on = true): Promise<void> {
  if ((await field.isChecked()) !== on) await field.locator('xpath=ancestor-or-self::label').click()
  await expect(field).toBeChecked({ checked: on })
}
