import { expect, test } from './helpers/dellop.ts'

interface Shown {
  key: string
  plannedAt: number
  shownAt: number
}
const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!

/** Cues from which a median says something. */
const LEAST_CUES = 5

for (const percent of [70, 100, 120]) {
  test(`20 s of real audio at ${percent} %: cues are shown when they are planned, by the audio clock`, async ({
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
      const seen: { key: string; at: number }[] = []
      const look = (): void => {
        const screen = document.querySelector<HTMLElement>('.lectern')
        const key = screen?.dataset['speak'] === 'true' ? screen.dataset['cue']! : ''
        if (key !== '' && seen.at(-1)?.key !== key)
          seen.push({ key, at: lectern.context.currentTime })
        requestAnimationFrame(look)
      }
      look()
      Object.assign(window, { seenCues: seen })
    })
    // From the first phrase, with its count-in, so that the stretch is full of cues.
    await page.keyboard.press('ArrowRight')
    await page.keyboard.press('Space')
    await page.waitForTimeout(20_000)
    // Where the machine was slow to begin, the fifth cue may come a little after.
    await page.waitForFunction(
      (least) => (window as unknown as { seenCues: unknown[] }).seenCues.length >= least,
      LEAST_CUES,
      { timeout: 20_000 },
    )
    const { shown, seen } = await page.evaluate(() => ({
      shown: (window as unknown as { dellopLectern: { shown: Shown[] } }).dellopLectern.shown,
      seen: (window as unknown as { seenCues: { key: string; at: number }[] }).seenCues,
    }))
    const late = seen.map(({ key, at }) =>
      Math.abs(at - shown.find((cue) => cue.key === key)!.plannedAt),
    )
    expect(late.length).toBeGreaterThanOrEqual(LEAST_CUES)
    expect(median(late)).toBeLessThanOrEqual(0.05)
    expect(Math.max(...late)).toBeLessThanOrEqual(0.25)
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
