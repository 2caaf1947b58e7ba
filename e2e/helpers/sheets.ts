import type { Locator, Page } from '@playwright/test'
import { expect } from './dellop.ts'

/** Brings in a sheet typed as text and opens it, so that a test has one of its own. */
export async function bringText(page: Page, title: string, text: string): Promise<void> {
  await page.goto('/sheets')
  await page.setInputFiles('input[type=file]', {
    name: 'typed.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from(`title: ${title}\n${text}`),
  })
  await expect(page.getByText(`“${title}” is among your sheets`)).toBeVisible()
  await page.getByRole('link', { name: `Open “${title}”` }).click()
  await expect(page.getByRole('textbox', { name: 'Name of the dance' })).toHaveValue(title)
  await expect(page.locator('.page')).toBeVisible()
}

/** Four boxes in waltz, the part that is written over and over; an order comes after it. */
export const BOXES = `dance: waltz
school: round
tempo: 96
start: butterfly; lead faces wall, left foot free; follow faces centre, right foot free

part A
  Box
  Box
  Box
  Box
`

export const TWO_STEP = `dance: two-step
bar: 2 beats of 1/4
tempo: 104
start: butterfly; lead faces wall, left foot free; follow faces centre, right foot free
tune: thimble-bridge
`

export const blocks = (page: Page) => page.locator('.page .block')
export const names = async (page: Page): Promise<string[]> =>
  (await blocks(page).allTextContents()).map((text) =>
    text.replace(/only this time|hard spot|may be left out|[!…◆]/g, '').trim(),
  )
export const chips = (page: Page) => page.locator('.chip')

/** Where it stands on the screen; waits where it is drawn anew just now. */
export async function boxOf(
  one: Locator,
): Promise<{ x: number; y: number; width: number; height: number }> {
  let box = await one.boundingBox()
  for (const endMs = Date.now() + 10_000; box === null && Date.now() < endMs;)
    box = await one.boundingBox()
  return box ?? Promise.reject(new Error('it is not on the screen'))
}

/** Opens what has no tab of its own beside the page. */
export async function beside(page: Page, what: 'Music' | 'About' | 'History'): Promise<void> {
  await page.getByRole('button', { name: 'Music, heading, history' }).click()
  await page.getByRole('menuitem', { name: what }).click()
  await expect(page.getByRole('tab', { name: what, selected: true })).toBeVisible()
}
