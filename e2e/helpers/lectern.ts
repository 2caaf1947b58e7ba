import type { Page } from '@playwright/test'
import { expect } from './dellop.ts'

export interface LecternProbe {
  clock: { advanceTo(at: number): void; now(): number }
  shown: { key: string; text: string; plannedAt: number; shownAt: number }[]
  cues: () => { key: string; text: string; startTick: number }[]
  position: () => number
}
declare global {
  interface Window {
    dellopLectern: LecternProbe
  }
}

export const advance = (page: Page, to: number): Promise<void> =>
  page.evaluate((at) => window.dellopLectern.clock.advanceTo(at), to)
/** In small steps, as the screen would see it. */
export async function run(page: Page, from: number, to: number, step = 1.3): Promise<void> {
  for (let at = from; at < to; at += step) await advance(page, at)
  await advance(page, to)
}
export const shownCues = (page: Page): Promise<string[]> =>
  page.evaluate(() => window.dellopLectern.shown.map(({ key }) => key))

/** The lectern of a sheet of the demo, on a clock that is moved by hand. */
export async function openLectern(
  page: Page,
  query = '',
  sheet = 'lanterns-at-the-weir',
): Promise<void> {
  await page.goto(`/lectern/${sheet}?clock=manual${query}`)
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
}
