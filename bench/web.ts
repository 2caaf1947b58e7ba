import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { playScore, wavBytes } from '@dellop/core/band'
import { expectOk } from '@dellop/core/document'
import { readAbc } from '@dellop/core/file'
import { chromium, type Page } from '@playwright/test'
import { chromiumPath } from '../tools/chromium.mjs'
import type { Measured } from './calibrate.ts'

const root = fileURLToPath(new URL('..', import.meta.url))

/** The built server with the demo; measured in Chromium as a user would have it. */
export async function measureWeb(): Promise<Measured[]> {
  const data = mkdtempSync(join(tmpdir(), 'dellop-bench-'))
  const server = spawn(process.execPath, ['server/dist/main.js'], {
    cwd: root,
    env: { ...process.env, PORT: '0', DELLOP_DATA: data, DELLOP_SEED: join(root, 'demo') },
  })
  const address = await new Promise<string>((resolve) =>
    server.stdout.on('data', (chunk: Buffer) => {
      const found = /ready at (http:\S+)/.exec(chunk.toString())
      if (found) resolve(found[1]!)
    }),
  )
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox'] })
  try {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      serviceWorkers: 'block',
    })
    const page = await context.newPage()
    const long = await bringIn(page, address, 600)
    const middling = await bringIn(page, address, 204)
    return [
      ...(await firstLoad(page, address)),
      ...(await keystrokes(page, address, '/sheets/lanterns-at-the-weir', 'the demo sheet')),
      ...(await keystrokes(page, address, long, '600 slots')),
      ...(await repairing(page, address + middling)),
      ...(await scrolling(page, address, long)),
      ...(await hearing(page, address)),
      ...(await tuneIn(page, address, data)),
    ]
  } finally {
    await browser.close()
    server.kill('SIGTERM')
    rmSync(data, { recursive: true, force: true })
  }
}

async function firstLoad(page: Page, address: string): Promise<Measured[]> {
  await page.goto(`${address}/sheets`)
  await page.locator('.el-table-v2__row').first().waitFor()
  const { kilobytes, ms } = await page.evaluate(() => {
    const files = performance.getEntriesByType('resource') as PerformanceResourceTiming[]
    const [navigation] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[]
    return {
      kilobytes:
        files.reduce((sum, file) => sum + file.encodedBodySize, navigation!.encodedBodySize) / 1024,
      ms: performance.now(),
    }
  })
  console.log(`first load of the shelf: ${kilobytes.toFixed(0)} kB as sent`)
  return [{ what: 'first load to the shelf shown', ms }]
}

const ROUND = [
  'Balance left and right',
  'Twirl vine',
  'Through, face, close',
  'Box',
  'Canter',
  'Canter',
]

/** A sheet of so many slots in parts of eight bars, brought in as text; its address. */
async function bringIn(page: Page, address: string, slots: number): Promise<string> {
  const title = `${slots} slots`
  const parts = Array.from(
    { length: slots / ROUND.length },
    (_, i) => `part P${i + 1}\n${ROUND.map((name) => `  ${name}\n`).join('')}`,
  )
  const text = `title: ${title}\ndance: waltz\nbar: 3 beats of 1/4\nstart: butterfly; lead faces wall, left foot free; follow faces centre, right foot free\n${parts.join('')}order\n${parts.map((_, i) => `  P${i + 1}\n`).join('')}`
  await page.goto(`${address}/sheets`)
  await page.setInputFiles('input[type=file]', {
    name: 'slots.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from(text),
  })
  await page.getByRole('link', { name: title, exact: true }).click()
  await page.locator('.block').first().waitFor()
  return new URL(page.url()).pathname
}

/**
 * A figure in the middle danced mirrored by a key: from the key to the finding on the page, and in
 * the worker from the question to its first and its last answer. The page has stood still before;
 * then the same without standing still.
 */
async function repairing(page: Page, path: string): Promise<Measured[]> {
  await page.addInitScript(() => {
    const at: number[] = []
    Object.assign(window, { benchAsked: at })
    const post = Worker.prototype.postMessage
    Worker.prototype.postMessage = function (...sent: [message: unknown]) {
      if ((sent[0] as { changed?: unknown }).changed) {
        at.length = 0
        at.push(performance.now())
        this.addEventListener('message', () => at.push(performance.now()))
      }
      return post.apply(this, sent)
    }
  })
  const measured: Measured[] = []
  for (const [how, stillMs] of [
    ['a page that stood still', 5000],
    ['a page just opened', 0],
  ] as const) {
    await page.goto(path)
    await page.locator('.block').nth(4).click()
    await page.waitForTimeout(stillMs)
    const toFix = page.getByRole('button', { name: /[1-9]\d* to fix/ })
    const start = Date.now()
    await page.keyboard.press('o')
    await toFix.waitFor()
    measured.push({ what: `204 slots: from a key to its finding, ${how}`, ms: Date.now() - start })
    await page.waitForTimeout(4000)
    const at = (await page.evaluate(
      () => (window as unknown as { benchAsked: number[] }).benchAsked,
    )) as number[]
    measured.push(
      { what: `204 slots: first repair searched, ${how}`, ms: at[1]! - at[0]! },
      { what: `204 slots: all ${at.length - 1} searched, ${how}`, ms: at.at(-1)! - at[0]! },
    )
    await page.keyboard.press('Control+z')
    await page.waitForTimeout(1000)
  }
  return measured
}

/** Twenty screens of scrolling through a long sheet: the longest the page did not answer. */
async function scrolling(page: Page, address: string, path: string): Promise<Measured[]> {
  await page.goto(address + path)
  await page.locator('.block').first().waitFor()
  await page.waitForTimeout(1500)
  await page.evaluate(() => {
    const tasks: number[] = []
    new PerformanceObserver((list) =>
      tasks.push(...list.getEntries().map(({ duration }) => duration)),
    ).observe({ type: 'longtask' })
    Object.assign(window, { benchTasks: tasks })
  })
  const paper = page.locator('.paper')
  const top = async (): Promise<number> => (await paper.boundingBox())!.y
  const before = await top()
  await paper.hover({ position: { x: 300, y: 300 } })
  for (let screen = 0; screen < 20; screen++) {
    await page.mouse.wheel(0, 800)
    await page.waitForTimeout(150)
  }
  const tasks = (await page.evaluate(
    () => (window as unknown as { benchTasks: number[] }).benchTasks,
  )) as number[]
  console.log(`scrolled ${Math.round(before - (await top()))} px`)
  return [
    {
      what: `20 screens of scrolling: longest of ${tasks.length} tasks over 50 ms`,
      ms: Math.max(0, ...tasks),
    },
  ]
}

/** From a key in a wording to the next painted frame. */
async function keystrokes(
  page: Page,
  address: string,
  path: string,
  of: string,
): Promise<Measured[]> {
  await page.goto(address + path)
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
  await page.keyboard.type('manoeuvre and turn to close, then once more around and gently on', {
    delay: 40,
  })
  await page.waitForTimeout(200)
  const times = (
    (await page.evaluate(
      () => (window as unknown as { benchTimes: number[] }).benchTimes,
    )) as number[]
  ).sort((a, b) => a - b)
  const at = (share: number): number =>
    times[Math.min(times.length - 1, Math.floor(times.length * share))]!
  return [
    { what: `keystroke to repainted page, ${of}, median of ${times.length}`, ms: at(0.5) },
    { what: `keystroke to repainted page, ${of}, p95`, ms: at(0.95) },
  ]
}

/**
 * The demo's sheet with the most cues, said by the stand-in for the first time, and made into a
 * practice recording with its music.
 */
async function hearing(page: Page, address: string): Promise<Measured[]> {
  await page.goto(`${address}/sheets/eight-for-the-geese`)
  await page.getByRole('tab', { name: 'Cues' }).click()
  const took = async (button: string, until: () => Promise<unknown>): Promise<number> => {
    const start = Date.now()
    const done = until()
    await page.getByRole('button', { name: button, exact: true }).click()
    await done
    return Date.now() - start
  }
  const said = await took('Hear it', () =>
    page.getByTestId('heard-now').waitFor({ timeout: 60_000 }),
  )
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  const made = await took('Export as WAV', () =>
    page.waitForEvent('download', { timeout: 120_000 }),
  )
  return [
    { what: 'stand-in ready to be heard, first time, 64 cues', ms: said },
    { what: 'practice recording of it made, music and voice', ms: made },
  ]
}

/**
 * A four-minute recording, from the choice of the file to beats that can be mended; and the longest
 * the page did not answer meanwhile.
 */
async function tuneIn(page: Page, address: string, folder: string): Promise<Measured[]> {
  const abc = readFileSync(join(root, 'demo/tunes/lamps-along-the-staithe.abc'), 'utf8').replace(
    'P:IAABALAABAT',
    'P:IAABALAABALAABALAAT',
  )
  const score = expectOk(readAbc(abc))
  const { samples, sampleRate, durationSeconds } = playScore(score)
  const path = join(folder, 'four_minutes.wav')
  writeFileSync(path, wavBytes(samples, sampleRate))
  console.log(`recording of ${Math.round(durationSeconds)} s`)
  await page.goto(`${address}/tunes`)
  await page.locator('.el-table-v2__row').first().waitFor()
  await page.evaluate(() => {
    const tasks: number[] = []
    new PerformanceObserver((list) =>
      tasks.push(...list.getEntries().map(({ duration }) => duration)),
    ).observe({ type: 'longtask', buffered: false })
    Object.assign(window, { benchTasks: tasks })
  })
  const startMs = Date.now()
  await page.locator('input[type=file]').setInputFiles(path)
  await page.getByText(/is ready/).waitFor({ timeout: 120_000 })
  await page.getByRole('link', { name: /^Open/ }).click()
  const play = page.getByRole('button', { name: 'Play', exact: true }).first()
  await play.click({ trial: true, timeout: 60_000 })
  const readyMs = Date.now() - startMs
  await page.waitForTimeout(300)
  const tasks = (await page.evaluate(
    () => (window as unknown as { benchTasks: number[] }).benchTasks,
  )) as number[]
  return [
    { what: 'recording of four minutes ready to be mended', ms: readyMs },
    { what: 'longest task on the page meanwhile (0: none over 50)', ms: Math.max(0, ...tasks) },
  ]
}
