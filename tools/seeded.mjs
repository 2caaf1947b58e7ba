// A data folder with the demo in it, made once for all browser tests: each server under test gets a
// copy.
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { root } from './setup.mjs'

/** Makes it with the built server, and says where. */
export async function seededData() {
  const data = mkdtempSync(join(tmpdir(), 'dellop-seeded-'))
  const server = spawn(process.execPath, ['server/dist/main.js'], {
    cwd: root,
    env: { ...process.env, PORT: '0', DELLOP_DATA: data, DELLOP_SEED: join(root, 'demo') },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  await new Promise((resolve, reject) => {
    server.stdout.on('data', (chunk) => String(chunk).includes('ready at') && resolve())
    server.once('exit', (status) =>
      reject(new Error(`the server that fills the demo ended with ${status}`)),
    )
  })
  const ended = new Promise((resolve) => server.once('exit', resolve))
  server.kill('SIGTERM')
  await ended
  return data
}

/**
 * Where tests find it; made before they begin where nobody has made it yet. Playwright removes it
 * again then.
 */
export default async function globalSetup() {
  if (process.env.DELLOP_SEEDED) return undefined
  process.env.DELLOP_SEEDED = await seededData()
  return () => rmSync(process.env.DELLOP_SEEDED, { recursive: true, force: true })
}
