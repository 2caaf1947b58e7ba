import type { Page } from '@playwright/test'
import { expect, test } from './helpers/dellop.ts'
import { choose } from './helpers/fields.ts'

interface Probe {
  clock: { advanceTo(at: number): void; now(): number }
  free: {
    taken: { value: { figureId: string; at: number; lengthTicks: number }[] }
    position: { value: number }
    shown: { plannedAt: number; shownAt: number }[]
  }
}
const probe = <Result>(page: Page, read: (probe: Probe) => Result): Promise<Result> =>
  page.evaluate(`(${String(read)})(window.dellopFree)`) as Promise<Result>
const advance = (page: Page, to: number): Promise<void> =>
  page.evaluate(
    (at) => (window as unknown as { dellopFree: Probe }).dellopFree.clock.advanceTo(at),
    to,
  )

test('four phrases are called without a sheet, by digit, by initials, by whole ways and by surprise; each closes; and become a sheet', async ({
  page,
}) => {
  await page.goto('/free?clock=manual')
  await choose(page.getByLabel('Dance'), 'waltz')
  await expect(page.getByText(/^They begin in /)).toBeVisible()
  await page.getByRole('button', { name: 'Begin' }).click()
  const offers = page.getByRole('region', { name: 'Next figure' }).getByRole('button')
  await expect(offers.first()).toBeVisible()
  await page.keyboard.press('Space')
  await advance(page, 0.3)
  const taken = () =>
    probe(page, ({ free }) =>
      free.taken.value.map(({ figureId, at, lengthTicks }) => ({
        figureId,
        at: at / 24,
        beats: lengthTicks / 24,
      })),
    )
  // By digit, then by initials, then a whole way to the end of the phrase.
  const first = (await offers.first().textContent())!
  await page.keyboard.press('1')
  expect(first).toContain('Left turning box')
  await page.keyboard.type('bo')
  await expect(offers).toHaveText([/Box/, /half a box/])
  await page.keyboard.press('Enter')
  expect((await taken()).map(({ figureId }) => figureId)).toEqual(['left-turning-box', 'box'])
  // What is not said yet is put back.
  await page.keyboard.press('Backspace')
  expect(await taken()).toHaveLength(1)
  await page.keyboard.press('7')
  const one = await taken()
  expect(one.at(-1)!.at + one.at(-1)!.beats).toBe(24)
  // The second by a whole way, third and fourth by surprise.
  await page.keyboard.press('8')
  await page.keyboard.press('0')
  for (let at = 1; at < 62; at += 0.35) await advance(page, at)
  await expect.poll(async () => (await taken()).length).toBeGreaterThan(12)
  for (let at = 62; at < 68; at += 0.35) {
    await advance(page, at)
    await page.waitForTimeout(20)
  }
  const all = (await taken()).filter(({ at }) => at < 96)
  for (const phrase of [0, 24, 48, 72]) {
    const inside = all.filter(({ at }) => at >= phrase && at < phrase + 24)
    // Nothing crosses the line, nothing is left open.
    expect(inside[0]!.at).toBe(phrase)
    expect(inside.reduce((sum, { beats }) => sum + beats, 0)).toBe(24)
  }
  // What was called last comes again only where nothing else closes the phrase.
  const twice = all.slice(1).filter(({ figureId }, i) => figureId === all[i]!.figureId)
  expect(twice.length).toBeLessThanOrEqual(1)
  expect(
    Math.max(
      ...(await probe(page, ({ free }) =>
        free.shown.map(({ shownAt, plannedAt }) => shownAt - plannedAt),
      )),
    ),
  ).toBeLessThan(0.05)
  await page.getByRole('button', { name: 'Make it a sheet' }).click()
  await expect(page.getByRole('textbox', { name: 'Name of the dance' })).toHaveValue(
    'Waltz, called freely',
  )
  const id = page.url().split('/').pop()!
  const { routine } = (await (await page.request.get(`/api/sheets/${id}`)).json()) as {
    routine: { parts: { slots: { content: { figureId: string } }[] }[]; passes: unknown[] }
  }
  expect(routine.passes.length).toBeGreaterThanOrEqual(4)
  expect(routine.parts[0]!.slots.map(({ content }) => content.figureId)).toEqual(
    all.filter(({ at }) => at < 24).map(({ figureId }) => figureId),
  )
})

test('where no phrase closes it says so and cannot begin', async ({ page }) => {
  // Five beats by five never fill eight bars of three.
  await page.route('**/api/figures', async (route) => {
    const answer = await route.fetch()
    const list = (await answer.json()) as { figures: { id: string; family: string }[] }
    const waltz = list.figures.find(({ id }) => id === 'waltz.forward-waltz')!
    const fields = { id: 'sedge.walk-five', family: 'sedge dance', lengthTicks: 5 * 24 }
    list.figures.push({ ...waltz, ...fields })
    await route.fulfill({ response: answer, json: list })
  })
  await page.goto('/free')
  await choose(page.getByLabel('Dance'), 'sedge dance')
  await expect(page.getByText('No phrase of these figures closes as it began.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeDisabled()
})
