import type { Take } from '@dellop/core/rehearse'
import { chromiumPath } from '../tools/chromium.mjs'
import { expect, test as base } from './helpers/dellop.ts'
import { choose } from './helpers/fields.ts'
import { spokenByStandIn } from './helpers/standIn.ts'

type Spoken = Awaited<ReturnType<typeof spokenByStandIn>>
const SAID = [
  'vine right, touch',
  'vine left, touch',
  'rocking chair',
  'jazz box, quarter right',
  'through, face, close',
]

/** A browser whose microphone hears the stand-in call, again and again. */
const test = base.extend<object, { spoken: Spoken }>({
  spoken: [async ({}, use) => use(await spokenByStandIn(SAID)), { scope: 'worker' }],
  launchOptions: [
    async ({ spoken }, use) =>
      use({
        executablePath: chromiumPath(),
        args: [
          '--no-sandbox',
          '--autoplay-policy=no-user-gesture-required',
          '--disable-background-networking',
          '--no-first-run',
          '--use-fake-device-for-media-stream',
          '--use-fake-ui-for-media-stream',
          `--use-file-for-fake-audio-capture=${spoken.path}%noloop`,
        ],
      }),
    { scope: 'worker' },
  ],
})

test('a take into the microphone: what was said is heard where it ended, and nothing else', async ({
  page,
  spoken,
}) => {
  test.setTimeout(180_000)
  await page.goto('/sheets/pegs-on-a-line/rehearse')
  await choose(page.getByLabel('Who speaks'), 'I do, into the microphone')
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Stop (Esc)' })).toBeVisible({ timeout: 30_000 })
  await expect(page.getByText('Level')).toBeVisible()
  await page.waitForTimeout(1000 * (spoken.ends.at(-1)! + 3))
  await page.keyboard.press('Escape')
  await expect(page.getByRole('heading', { name: 'How it went' })).toBeVisible()
  await expect
    .poll(async () => {
      const { practice } = (await (await page.request.get('/api/practice')).json()) as {
        practice: Take[]
      }
      return practice.filter((one) => one.speaker === 'microphone').length
    })
    .toBe(1)
  const { practice } = (await (await page.request.get('/api/practice')).json()) as {
    practice: Take[]
  }
  const { spans, delaySeconds } = practice.find((one) => one.speaker === 'microphone')!
  // Nobody knows when the file began: the middle of all differences says so.
  const pairs = spoken.ends.flatMap((end) => spans.map((span) => span.end - end))
  const shift = pairs
    .map((one) => ({ one, near: pairs.filter((other) => Math.abs(other - one) < 0.08).length }))
    .sort((a, b) => b.near - a.near)[0]!.one
  const off = spoken.ends.map((end) =>
    Math.min(...spans.map((span) => Math.abs(span.end - shift - end))),
  )
  const found = off.filter((one) => one < 0.25).length
  if (process.env['DELLOP_REPORT'])
    console.log(
      `heard ${found} of ${off.length} from the browser's microphone, ${off.filter((one) => one <= 0.06).length} within 60 ms, ${spans.length} spans, delay ${delaySeconds}`,
    )
  // On a busy machine the browser's own microphone loses pieces of what it hears.
  expect(found).toBeGreaterThanOrEqual(Math.ceil(off.length / 2))
  expect(spans.length).toBeLessThanOrEqual(2 * off.length)
})
