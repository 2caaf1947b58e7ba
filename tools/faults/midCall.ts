import { chromium, type Page } from '@playwright/test'
import { chromiumPath } from '../chromium.mjs'
import type { Attack } from './attacks.ts'
import { ask, begun, inFolder } from './server.ts'

const SHEET = 'lanterns-at-the-weir'

interface Probe {
  readonly clock: { advanceTo(at: number): void }
  readonly shown: readonly { readonly key: string }[]
  readonly position: () => number
}
const probe = <Value>(page: Page, read: (lectern: Probe) => Value): Promise<Value> =>
  page.evaluate(`(${read.toString()})(window.dellopLectern)`)

async function run(page: Page, from: number, to: number): Promise<void> {
  for (let at = from; at <= to; at += 1.3)
    await page.evaluate(`window.dellopLectern.clock.advanceTo(${at})`)
}

/** The server is killed in the middle of a call, and comes back: nothing of the call is lost. */
export function midCall(rounds: number): Promise<Attack> {
  return inFolder(async (data) => {
    const broken: string[] = []
    let server = await begun(data, { demo: true })
    const port = Number(new URL(server.address).port)
    const browser = await chromium.launch({
      executablePath: chromiumPath(),
      args: ['--no-sandbox'],
    })
    const context = await browser.newContext()
    const page = await context.newPage()
    for (let round = 0; round < rounds; round++) {
      const wrong = await oneRound(page, server.address, async () => {
        await server.kill()
        return async () => void (server = await begun(data, { port }))
      })
      const { calls } = (await ask(server, `/api/calls?sheet=${SHEET}`))!.body as {
        calls: unknown[]
      }
      if (calls.length !== round + 1) broken.push(`round ${round}: ${calls.length} calls are kept`)
      if (wrong) broken.push(`round ${round}: ${wrong}`)
    }
    await browser.close()
    await server.kill()
    return { tried: `${rounds} calls whose server was killed and came back`, broken }
  })
}

/** One call, with its server killed at a third of it; what went wrong, in words. */
async function oneRound(
  page: Page,
  address: string,
  kill: () => Promise<() => Promise<void>>,
): Promise<string | null> {
  await page.goto(`${address}/lectern/${SHEET}?clock=manual`)
  await page.getByText('Ready to call without the network').waitFor()
  await page.keyboard.press('Space')
  await run(page, 0.5, 20)
  const comeBack = await kill()
  const before = await probe(page, ({ shown }) => shown.length)
  await run(page, 21, 40)
  const meanwhile = await probe(page, ({ shown }) => shown.length)
  await comeBack()
  await run(page, 41, 200)
  await page.getByText('The dance is over.').waitFor()
  await page.waitForTimeout(300)
  await page.evaluate(`window.dispatchEvent(new Event('online'))`)
  await page.waitForTimeout(700)
  const keys = await probe(page, ({ shown }) => shown.map(({ key }) => key))
  if (meanwhile <= before) return 'no cue was given while the server was away'
  if (new Set(keys).size !== keys.length) return 'a cue was given twice'
  return null
}
