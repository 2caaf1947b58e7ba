import { randomUUID } from 'node:crypto'
import { expectOk } from '@dellop/core/document'
import { sheetFileOfText } from '@dellop/core/file'
import type { Figure } from '@dellop/core/figure'
import type { Locator, Page } from '@playwright/test'
import { expect } from './dellop.ts'

/**
 * Puts a sheet written as text among the sheets and opens it. It goes in through the API: bringing
 * in by hand has tests of its own.
 */
export async function bringText(page: Page, title: string, text: string): Promise<void> {
  const id = randomUUID()
  const { figures } = (await (await page.request.get('/api/figures')).json()) as {
    figures: Figure[]
  }
  const file = expectOk(sheetFileOfText(`title: ${title}\n${text}`, { id, title, figures }))
  const answer = await page.request.post('/api/sheets/import', { data: { file } })
  expect(answer.ok(), await answer.text()).toBe(true)
  await page.goto(`/sheets/${((await answer.json()) as { id: string }).id}`)
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
export async function beside(
  page: Page,
  what: 'Music' | 'About' | 'History' | 'Hand on',
): Promise<void> {
  await page.getByRole('button', { name: 'Music, heading, history, handing on' }).click()
  await page.getByRole('menuitem', { name: what }).click()
  await expect(page.getByRole('tab', { name: what, selected: true })).toBeVisible()
}

/** Adds a figure through the picker, which stays open for the next one. */
export async function add(page: Page, typed: string): Promise<void> {
  const box = page.getByLabel('Figure name, alias or initials')
  await box.fill(typed)
  await expect(page.locator('.el-autocomplete-suggestion li').first()).toBeVisible()
  await box.press('Enter')
}
