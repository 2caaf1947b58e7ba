import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { chromium, type Page } from '@playwright/test'
import type { Measured } from './calibrate.ts'

const root = fileURLToPath(new URL('..', import.meta.url))

/** The built server with the demo; measured in Chromium as a user would have it. */
export async function measureWeb(): Promise<Measured[]> {
  const data = mkdtempSync(join(tmpdir(), 'dellop-bench-'))
  const server = spawn(process.execPath, ['server/dist/main.js'], { cwd: root, env: { ...process.env, PORT: '0', DELLOP_DATA: data, DELLOP_SEED: join(root, 'demo') } })
  const address = await new Promise<string>((resolve) =>
    server.stdout.on('data', (chunk: Buffer) => {
      const found = /ready at (http:\S+)/.exec(chunk.toString())
      if (found) resolve(found[1]!)
    }),
  )
  const browser = await chromium.launch({ executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium', args: ['--no-sandbox'] })
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
    const page = await context.newPage()
    return [...(await firstLoad(page, address)), ...(await keystrokes(page, address))]
  } finally {
    await browser.close()
    server.kill('SIGTERM')
    rmSync(data, { recursive: true, force: true })
  }
}

async function firstLoad(page: Page, address: string): Promise<Measured[]> {
  await page.goto(`${address}/sheets`)
  await page.locator('.shelf li').first().waitFor()
  const { kilobytes, ms } = await page.evaluate(() => {
    const files = performance.getEntriesByType('resource') as PerformanceResourceTiming[]
    const [navigation] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[]
    return { kilobytes: files.reduce((sum, file) => sum + file.encodedBodySize, navigation!.encodedBodySize) / 1024, ms: performance.now() }
  })
  console.log(`first load of the shelf: ${kilobytes.toFixed(0)} kB as sent`)
  return [{ what: 'first load to the shelf shown', ms }]
}

/** From a key in a wording to the next painted frame, on the demo sheet. */
async function keystrokes(page: Page, address: string): Promise<Measured[]> {
  await page.goto(`${address}/sheets/lanterns-at-the-weir`)
  await page.locator('.block').nth(4).click()
  await page.evaluate(() => {
    const times: number[] = []
    document.addEventListener(
      'keydown',
      () => {
        const start = performance.now()
        requestAnimationFrame(() => setTimeout(() => times.push(performance.now() - start)))
      },
      true,
    )
    Object.assign(window, { benchTimes: times })
  })
  await page.getByLabel('full').focus()
  await page.keyboard.type('manoeuvre and turn to close, then once more around and gently on', { delay: 40 })
  await page.waitForTimeout(200)
  const times = ((await page.evaluate(() => (window as unknown as { benchTimes: number[] }).benchTimes)) as number[]).sort((a, b) => a - b)
  const at = (share: number): number => times[Math.min(times.length - 1, Math.floor(times.length * share))]!
  return [
    { what: `keystroke to repainted page, median of ${times.length}`, ms: at(0.5) },
    { what: 'keystroke to repainted page, p95', ms: at(0.95) },
  ]
}
