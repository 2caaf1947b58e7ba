import { spawn, type ChildProcess } from 'node:child_process'
import { cpSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { test as base, expect } from '@playwright/test'

const root = fileURLToPath(new URL('../..', import.meta.url))

/** The built server with the demo, on a data folder and a port of its own. */
export interface Server {
  readonly address: string
  readonly stop: () => Promise<void>
  readonly startAgain: () => Promise<void>
}

async function launch(
  data: string,
  port: number,
): Promise<{ child: ChildProcess; address: string }> {
  const child = spawn(process.execPath, ['server/dist/main.js'], {
    cwd: root,
    env: { ...process.env, PORT: String(port), DELLOP_DATA: data, DELLOP_SEED: join(root, 'demo') },
  })
  const address = await new Promise<string>((resolve, reject) => {
    let said = ''
    const listen = (chunk: Buffer): void => {
      said += chunk.toString()
      const found = /ready at (http:\S+)/.exec(said)
      if (found) resolve(found[1]!)
    }
    child.stdout.on('data', listen)
    child.stderr.on('data', listen)
    child.once('exit', () => reject(new Error(`the server ended: ${said}`)))
  })
  return { child, address }
}

async function serverFixture(use: (server: Server) => Promise<void>): Promise<void> {
  const data = mkdtempSync(join(tmpdir(), 'dellop-e2e-'))
  cpSync(process.env['DELLOP_SEEDED']!, data, { recursive: true })
  let running = await launch(data, 0)
  const { address } = running
  const stop = async (): Promise<void> => {
    if (running.child.exitCode !== null) return
    const ended = new Promise((resolve) => running.child.once('exit', resolve))
    running.child.kill('SIGTERM')
    await ended
  }
  await use({
    address,
    stop,
    startAgain: async () => void (running = await launch(data, Number(new URL(address).port))),
  })
  await stop()
  rmSync(data, { recursive: true, force: true })
}

/**
 * Tests get a server per worker, and fail on anything the content security policy refuses and on
 * any uncaught error.
 */
export const test = base.extend<{ watched: void }, { server: Server }>({
  server: [async ({}, use) => serverFixture(use), { scope: 'worker' }],
  baseURL: async ({ server }, use) => use(server.address),
  watched: [
    async ({ page }, use) => {
      const trouble: string[] = []
      await page.addInitScript(() =>
        document.addEventListener('securitypolicyviolation', (event) =>
          console.error(`policy: ${event.violatedDirective} ${event.blockedURI}`),
        ),
      )
      page.on('console', (message) => {
        if (message.text().startsWith('policy:')) trouble.push(message.text())
      })
      page.on('pageerror', (error) => trouble.push(error.message))
      await use()
      expect(trouble).toEqual([])
    },
    { auto: true },
  ],
})
export { expect }
