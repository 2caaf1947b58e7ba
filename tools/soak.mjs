// npm run soak [-- MINUTES]: whole dances in real time at 80, 100 and 110 %, in Chromium with real audio. Reported, not pass or fail.
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { browser, build, CHROMIUM, install, root } from './setup.mjs'

install()
browser()
build()
const { chromium } = await import('@playwright/test')
const data = mkdtempSync(join(tmpdir(), 'dellop-soak-'))
const server = spawn(process.execPath, ['server/dist/main.js'], { cwd: root, env: { ...process.env, PORT: '0', DELLOP_DATA: data, DELLOP_SEED: join(root, 'demo') } })
const address = await new Promise((resolve) =>
  server.stdout.on('data', (chunk) => {
    const found = /ready at (http:\S+)/.exec(String(chunk))
    if (found) resolve(found[1])
  }),
)
const chrome = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--autoplay-policy=no-user-gesture-required'] })
const quantile = (values, share) => [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))]
try {
  for (const percent of [80, 100, 110]) {
    const page = await chrome.newPage({ viewport: { width: 1280, height: 800 } })
    await page.goto(`${address}/lectern/lanterns-at-the-weir`)
    await page.getByText('Ready to call without the network').waitFor()
    for (let n = 0; n < Math.abs(percent - 100) / 5; n++) await page.keyboard.press(percent < 100 ? '-' : '+')
    await page.evaluate(() => {
      const frames = []
      const seen = []
      let last = performance.now()
      const look = () => {
        const now = performance.now()
        frames.push(now - last)
        last = now
        const screen = document.querySelector('.lectern')
        const key = screen?.dataset.speak === 'true' ? screen.dataset.cue : ''
        if (key && seen.at(-1)?.key !== key) seen.push({ key, at: window.dellopLectern.context.currentTime })
        requestAnimationFrame(look)
      }
      look()
      Object.assign(window, { soak: { frames, seen } })
    })
    await page.keyboard.press('Space')
    await page.locator('.lectern[data-state=ended]').waitFor({ timeout: 240_000 })
    const { frames, seen, shown, cues } = await page.evaluate(() => ({ ...window.soak, shown: window.dellopLectern.shown, cues: window.dellopLectern.cues().length }))
    const late = seen.map(({ key, at }) => Math.abs(at - shown.find((cue) => cue.key === key).plannedAt) * 1000)
    console.log(
      `${percent} %: ${seen.length} of ${cues} cues shown; late by median ${quantile(late, 0.5).toFixed(0)} ms, p95 ${quantile(late, 0.95).toFixed(0)} ms, most ${Math.max(...late).toFixed(0)} ms; frames median ${quantile(frames, 0.5).toFixed(1)} ms, p99 ${quantile(frames, 0.99).toFixed(1)} ms`,
    )
    await page.close()
  }
} finally {
  await chrome.close()
  server.kill('SIGTERM')
  rmSync(data, { recursive: true, force: true })
}
