// npm run soak [-- MINUTES]: the lectern for long, in Chromium with real audio. Reported, not pass
// or fail: 20 s stretches at 70, 100 and 120 %, MINUTES (10) of dances one after the other, and an
// evening of three hours on a clock moved by hand.
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromiumPath } from './chromium.mjs'
import { browser, build, install, root } from './setup.mjs'

install()
browser()
build()
const { chromium } = await import('@playwright/test')
const minutes = Number(process.argv[2] ?? 10)
const data = mkdtempSync(join(tmpdir(), 'dellop-soak-'))
const server = spawn(process.execPath, ['server/dist/main.js'], {
  cwd: root,
  env: { ...process.env, PORT: '0', DELLOP_DATA: data, DELLOP_SEED: join(root, 'demo') },
})
const address = await new Promise((resolve) =>
  server.stdout.on('data', (chunk) => {
    const found = /ready at (http:\S+)/.exec(String(chunk))
    if (found) resolve(found[1])
  }),
)
const chrome = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--autoplay-policy=no-user-gesture-required'],
})
const quantile = (values, share) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))]
const MB = 1024 * 1024

async function lectern(query = '') {
  const page = await chrome.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${address}/lectern/lanterns-at-the-weir${query}`)
  await page.getByText('Ready to call without the network').waitFor()
  return page
}

/** Megabytes in use after everything that can be forgotten has been. */
async function heapOf(session) {
  await session.send('HeapProfiler.collectGarbage')
  return (await session.send('Runtime.getHeapUsage')).usedSize / MB
}

/** What a dancer could read, when: words and frames as they come, against the audio clock. */
const watch = (page) =>
  page.evaluate(() => {
    const frames = []
    const seen = []
    let last = performance.now()
    const look = () => {
      const now = performance.now()
      if (frames.length < 20_000) frames.push(now - last)
      last = now
      const screen = document.querySelector('.lectern')
      const key = screen?.dataset.speak === 'true' ? screen.dataset.cue : ''
      if (key && seen.at(-1)?.key !== key) seen.push({ key, at: window.dellopLectern.clock.now() })
      requestAnimationFrame(look)
    }
    look()
    Object.assign(window, { soak: { frames, seen } })
  })

/**
 * How late cues were on the screen, in milliseconds: each look against the giving of that cue that
 * is nearest.
 */
const lateness = (page) =>
  page.evaluate(() => {
    const { shown } = window.dellopLectern
    const { frames, seen } = window.soak
    const late = seen.flatMap(({ key, at }) => {
      const given = shown
        .filter((cue) => cue.key === key)
        .map((cue) => Math.abs(at - cue.plannedAt) * 1000)
      return given.length > 0 ? [Math.min(...given)] : []
    })
    return { late, frames: frames.slice(0) }
  })

async function stretch(percent) {
  const page = await lectern()
  for (let n = 0; n < Math.abs(percent - 100) / 5; n++)
    await page.keyboard.press(percent < 100 ? '-' : '+')
  await watch(page)
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Space')
  await page.waitForTimeout(20_000)
  const { late, frames } = await lateness(page)
  console.log(
    `${percent} %: ${late.length} cues in 20 s; late by median ${quantile(late, 0.5).toFixed(0)} ms, p95 ${quantile(late, 0.95).toFixed(0)} ms, most ${Math.max(...late).toFixed(0)} ms; frames median ${quantile(frames, 0.5).toFixed(1)} ms, p95 ${quantile(frames, 0.95).toFixed(1)} ms, p99 ${quantile(frames, 0.99).toFixed(1)} ms`,
  )
  await page.close()
}

async function real() {
  const page = await lectern()
  const session = await page.context().newCDPSession(page)
  await session.send('HeapProfiler.enable')
  await watch(page)
  await page.keyboard.press('Space')
  const heaps = []
  for (let minute = 1; minute <= minutes; minute++) {
    const until = Date.now() + 60_000
    while (Date.now() < until) {
      await page.waitForTimeout(500)
      // One dance after the other.
      if ((await page.locator('.lectern').getAttribute('data-state')) === 'ended')
        await page.keyboard.press('Space')
    }
    heaps.push(await heapOf(session))
    console.log(`minute ${minute}: ${heaps.at(-1).toFixed(2)} MB`)
  }
  const { late } = await lateness(page)
  console.log(
    `${minutes} minutes: heap from minute 2 on grew by ${(heaps.at(-1) - (heaps[1] ?? heaps[0])).toFixed(2)} MB; ${late.length} cues, late by median ${quantile(late, 0.5).toFixed(0)} ms, most ${Math.max(...late).toFixed(0)} ms`,
  )
  await page.close()
}

async function evening() {
  const page = await lectern('?clock=manual')
  const session = await page.context().newCDPSession(page)
  await session.send('HeapProfiler.enable')
  await page.keyboard.press('Space')
  const heaps = []
  let dances = 1
  let worst = 0
  for (let minute = 1; minute <= 180; minute++) {
    const ended = await page.evaluate(
      async (from) => {
        const { clock } = window.dellopLectern
        for (let n = 1; n <= 120; n++) {
          clock.advanceTo(from + n / 2)
          if (n % 6 === 0) await new Promise((resolve) => requestAnimationFrame(resolve))
        }
        return document.querySelector('.lectern').dataset.state === 'ended'
      },
      (minute - 1) * 60,
    )
    if (ended) {
      await page.keyboard.press('Space')
      dances++
    }
    if (minute === 2 || minute % 30 === 0) {
      heaps.push(await heapOf(session))
      worst = await page.evaluate(() =>
        Math.max(...window.dellopLectern.shown.map((cue) => Math.abs(cue.shownAt - cue.plannedAt))),
      )
      console.log(`evening, minute ${minute}: ${heaps.at(-1).toFixed(2)} MB, ${dances} dances`)
    }
  }
  console.log(
    `three hours on a clock moved by hand: ${dances} dances; heap from minute 2 on grew by ${(heaps.at(-1) - heaps[0]).toFixed(2)} MB; no cue further than ${(worst * 1000).toFixed(3)} ms from its plan`,
  )
  await page.close()
}

try {
  for (const percent of [70, 100, 120]) await stretch(percent)
  await evening()
  await real()
} finally {
  await chrome.close()
  server.kill('SIGTERM')
  rmSync(data, { recursive: true, force: true })
}

// How exactly the microphone measures a reading, which on a busy machine says little.
const heard = spawn(
  join(root, 'node_modules/.bin/playwright'),
  [
    'test',
    '--project=sound',
    'e2e/voice.sound.e2e.ts',
    '--grep',
    'a dozen cues',
    '--reporter=line',
  ],
  { cwd: root, env: { ...process.env, DELLOP_REPORT: '1' } },
)
heard.stdout.on('data', (chunk) => {
  for (const line of String(chunk).split('\n'))
    if (line.includes('read to the microphone:')) console.log(line.trim())
})
await new Promise((resolve) => heard.on('close', resolve))
