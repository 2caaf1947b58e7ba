import { expect, test } from './helpers/dellop.ts'

interface Shown {
  key: string
  plannedAt: number
  shownAt: number
}
/** A cue that was first seen at `at`, and the audio clock two frames before. */
interface Seen {
  key: string
  at: number
  before: number
}
/** Two clocks are read one after the other; in seconds. */
const SLACK_SECONDS = 0.05

/** So many cues come in the stretch. */
const LEAST_CUES = 5

for (const percent of [70, 100, 120]) {
  test(`12 s of real audio at ${percent} %: cues are shown when they are planned, by the audio clock`, async ({
    page,
  }) => {
    await page.goto('/lectern/lanterns-at-the-weir')
    await expect(page.getByText('Ready to call without the network')).toBeVisible()
    for (let n = 0; n < Math.abs(percent - 100) / 5; n++)
      await page.keyboard.press(percent < 100 ? '-' : '+')
    // What a dancer could read, when: the words on the screen at each frame, against the audio
    // clock.
    await page.evaluate(() => {
      const lectern = (window as unknown as { dellopLectern: { context: AudioContext } })
        .dellopLectern
      const seen: Seen[] = []
      const frames = [0, 0]
      const look = (): void => {
        const at = lectern.context.currentTime
        const screen = document.querySelector<HTMLElement>('.lectern')
        const key = screen?.dataset['speak'] === 'true' ? screen.dataset['cue']! : ''
        if (key !== '' && seen.at(-1)?.key !== key) seen.push({ key, at, before: frames[0]! })
        frames.push(at)
        frames.shift()
        requestAnimationFrame(look)
      }
      look()
      Object.assign(window, { seenCues: seen })
    })
    // From the first phrase, with its count-in, so that the stretch is full of cues.
    await page.keyboard.press('ArrowRight')
    await page.keyboard.press('Space')
    await page.waitForTimeout(12_000)
    // Where the machine was slow to begin, the fifth cue may come a little after; and what a frame
    // shows first is noted by the clock a moment later.
    await page.waitForFunction(
      (least) => {
        const { seenCues, dellopLectern } = window as unknown as {
          seenCues: Seen[]
          dellopLectern: { shown: Shown[] }
        }
        const noted = new Set(dellopLectern.shown.map(({ key }) => key))
        const wanted = seenCues.filter(({ key }) => !key.startsWith('opening#'))
        return seenCues.length >= least && wanted.every(({ key }) => noted.has(key))
      },
      LEAST_CUES + 2,
      { timeout: 20_000 },
    )
    const { shown, seen: all } = await page.evaluate(() => ({
      shown: (window as unknown as { dellopLectern: { shown: Shown[] } }).dellopLectern.shown,
      seen: (window as unknown as { seenCues: Seen[] }).seenCues,
    }))
    // The count-in may begin in the middle of what is said in the introduction: that stands there
    // for its second half and is not given again.
    const seen = all.filter(({ key }) => !key.startsWith('opening#'))
    // How late a frame is depends on the machine (`npm run soak` measures it); that a cue is on the
    // first frames after its moment, and on none before it, does not.
    const planned = (key: string): number => shown.find((cue) => cue.key === key)!.plannedAt
    expect(seen.length).toBeGreaterThanOrEqual(LEAST_CUES)
    for (const { key, at, before } of seen) {
      expect(at - planned(key)).toBeGreaterThan(-SLACK_SECONDS)
      expect(planned(key) - before).toBeGreaterThan(-SLACK_SECONDS)
    }
    const places = seen.map(({ key }) => shown.findIndex((cue) => cue.key === key))
    expect(places).toEqual([...places].sort((a, b) => a - b))
  })
}

test('the call goes on when the server is stopped, and can be opened again without it', async ({
  page,
  server,
}) => {
  await page.goto('/lectern/lanterns-at-the-weir')
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  await page.evaluate(() => navigator.serviceWorker.ready)
  await page.keyboard.press('Space')
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'running')
  await server.stop()
  await expect(page.getByTestId('next-cue')).toHaveText('twirl vine, three', { timeout: 40_000 })
  await page.reload()
  await expect(page.getByText('Ready to call without the network')).toBeVisible({ timeout: 15_000 })
  await page.keyboard.press('Space')
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'running')
  await server.startAgain()
})
