import { expect, test } from './helpers/dellop.ts'

/** Most bytes over the wire, and most questions, of a page that is opened for the first time. */
const MOST: readonly (readonly [string, string, number, number])[] = [
  ['/sheets/rushlight-waltz-first-draft', '.block', 760, 40],
  ['/sheets', '.long [role=row]', 760, 44],
]

for (const [path, there, kilobytes, requests] of MOST)
  test(`${path} comes in ${requests} questions and ${kilobytes} kB`, async ({ page }) => {
    const wire = await page.context().newCDPSession(page)
    await wire.send('Network.enable')
    let [bytes, asked] = [0, 0]
    wire.on('Network.loadingFinished', ({ encodedDataLength }) => {
      bytes += encodedDataLength
      asked++
    })
    await page.goto(path)
    await expect(page.locator(there).first()).toBeVisible()
    await page.waitForLoadState('networkidle')
    expect(asked).toBeGreaterThan(10)
    expect(asked).toBeLessThanOrEqual(requests)
    expect(bytes / 1000).toBeLessThanOrEqual(kilobytes)
  })
