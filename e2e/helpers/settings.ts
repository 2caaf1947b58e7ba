import type { Page } from '@playwright/test'
import { expect } from './dellop.ts'

let batches = 0

/** Sets something for this machine, as a page does: by edits from the revision it has read. */
export async function changeSettings(page: Page, change: Record<string, unknown>): Promise<void> {
  const { settings, revision } = (await (await page.request.get('/api/settings')).json()) as {
    settings: Record<string, unknown>
    revision: number
  }
  const edits = Object.entries(change).flatMap(([field, to]) =>
    settings[field] === to ? [] : [{ type: 'set', id: '', field, from: settings[field], to }],
  )
  if (edits.length === 0) return
  const data = {
    clientId: 'a-browser-test',
    batchId: `${Date.now()}-${++batches}`,
    base: revision,
    edits,
  }
  expect((await page.request.post('/api/settings/edits', { data })).status()).toBe(200)
}
