import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { tick } from './helpers/fields.ts'

/** What goes to the loudspeakers, heard on its way there: how loud left and right are. */
async function listenIn(page: Page): Promise<() => Promise<{ left: number; right: number }>> {
  await page.addInitScript(() => {
    const connect = Object.getOwnPropertyDescriptor(AudioNode.prototype, 'connect')!.value as (
      ...args: unknown[]
    ) => AudioNode
    const ears: AnalyserNode[] = []
    AudioNode.prototype.connect = function (this: AudioNode, ...args: unknown[]) {
      if (args[0] instanceof AudioDestinationNode && this.context instanceof AudioContext) {
        const sides = new ChannelSplitterNode(this.context, { numberOfOutputs: 2 })
        connect.call(this, sides)
        for (const side of [0, 1]) {
          const ear = new AnalyserNode(this.context, { fftSize: 8192 })
          connect.call(sides, ear, side)
          ears.push(ear)
        }
      }
      return connect.apply(this, args)
    } as typeof AudioNode.prototype.connect
    Object.assign(window, {
      loudness: () => {
        const rms = (side: number): number =>
          Math.max(
            ...ears
              .filter((_, i) => i % 2 === side)
              .map((ear) => {
                const heard = new Float32Array(ear.fftSize)
                ear.getFloatTimeDomainData(heard)
                return Math.sqrt(heard.reduce((sum, x) => sum + x * x, 0) / heard.length)
              }),
          )
        return { left: rms(0), right: rms(1) }
      },
    })
  })
  return () =>
    page.evaluate(() =>
      (window as unknown as { loudness: () => { left: number; right: number } }).loudness(),
    )
}

test('volume, sides and fading out are heard; the stand-in says cues beside the music', async ({
  page,
}) => {
  const loudness = await listenIn(page)
  await page.goto('/lectern/lanterns-at-the-weir')
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  await page.keyboard.press('Space')
  await expect.poll(async () => (await loudness()).left).toBeGreaterThan(0.01)
  await page.keyboard.press('s')
  const dialog = page.getByRole('dialog', { name: 'Sound' })
  const sides = dialog.getByRole('slider', { name: 'Left and right' })
  const volume = dialog.getByRole('slider', { name: 'Volume' })
  await sides.press('End')
  // All of it on the right.
  await expect
    .poll(async () => {
      const { left, right } = await loudness()
      return right > 0.01 && left < right / 20
    })
    .toBe(true)
  for (let n = 0; n < 25; n++) await sides.press('PageDown')
  await volume.press('Home')
  await expect
    .poll(async () => (await loudness()).left + (await loudness()).right)
    .toBeLessThan(0.002)
  // With the music silent, what is heard is the stand-in.
  await tick(dialog.getByLabel('The practice voice says the cues'))
  await expect(dialog.getByText('It says each cue at its moment.')).toBeVisible({ timeout: 60_000 })
  await expect
    .poll(async () => (await loudness()).left, { intervals: [50], timeout: 30_000 })
    .toBeGreaterThan(0.005)
  await tick(dialog.getByLabel('The practice voice says the cues'), false)
  await volume.press('End')
  await expect.poll(async () => (await loudness()).left).toBeGreaterThan(0.01)
  await dialog.getByRole('button', { name: 'Fade out over 8 seconds' }).click()
  await page.waitForTimeout(4000)
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', /running|ending/)
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', 'paused')
  // Silent it is, and silent it stays: nothing jumps up again as it stops.
  for (let look = 0; look < 8; look++) {
    expect((await loudness()).left).toBeLessThan(0.01)
    await page.waitForTimeout(60)
  }
  await page.keyboard.press('Escape')
  await expect(dialog).toBeHidden()
  await page.keyboard.press('Space')
  await expect.poll(async () => (await loudness()).left).toBeGreaterThan(0.01)
})

/** As a machine that sleeps does: the sound stands still, the time of day does not. */
const sleep = async (page: Page, ms: number): Promise<void> => {
  await page.evaluate(() =>
    (
      window as unknown as { dellopLectern: { context: AudioContext } }
    ).dellopLectern.context.suspend(),
  )
  await page.waitForTimeout(ms)
}
const position = (page: Page): Promise<number> =>
  page.evaluate(() =>
    (window as unknown as { dellopLectern: { position: () => number } }).dellopLectern.position(),
  )

test('where the system takes the sound away, one key goes on from the beat where it stopped; music from elsewhere has gone on', async ({
  page,
}) => {
  await page.goto('/lectern/lanterns-at-the-weir')
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  await page.keyboard.press('Space')
  await expect.poll(() => position(page)).toBeGreaterThan(-200)
  await sleep(page, 2500)
  await expect(page.getByTestId('told')).toContainText('The one key goes on from this beat.')
  const at = await position(page)
  await page.keyboard.press('Space')
  await expect(page.locator('.lectern')).toHaveAttribute('data-state', /running|counting-in/)
  await expect(page.getByTestId('told')).not.toContainText('The one key goes on from this beat.')
  await expect.poll(() => position(page)).toBeGreaterThan(at)
  expect((await position(page)) - at).toBeLessThan(24 * 4)

  await page.goto('/lectern/pegs-on-a-line?music=elsewhere')
  await expect(page.getByText('Ready to call without the network')).toBeVisible()
  await page.keyboard.press('l')
  await page.waitForTimeout(1200)
  const [before, wall] = [await position(page), Date.now()]
  await sleep(page, 4000)
  await page.evaluate(() =>
    (
      window as unknown as { dellopLectern: { context: AudioContext } }
    ).dellopLectern.context.resume(),
  )
  await expect(page.getByTestId('told')).toContainText('This machine slept for ')
  const off = async (): Promise<number> => {
    const beats = ((await position(page)) - before) / 24
    return Math.abs(beats - ((Date.now() - wall) / 1000) * (104.4 / 60))
  }
  // It is told a moment before it is shown.
  await expect.poll(off).toBeLessThan(1)
})
