// npm run dev: the server from its source on the demo data, and Vite in front of it on port 5173.
import { spawn } from 'node:child_process'
import { watch } from 'node:fs'
import { join } from 'node:path'
import { build, install, root, tool } from './setup.mjs'

/** A change is often several files at once. */
const SETTLE_MS = 500

install()
build()
const serve = () =>
  spawn(process.execPath, ['--import', 'tsx', '--conditions=source', 'src/main.ts'], {
    cwd: join(root, 'server'),
    stdio: 'inherit',
    env: { ...process.env, DELLOP_DATA: join(root, 'demo-data'), DELLOP_SEED: join(root, 'demo') },
  })
let server = serve()
const vite = spawn(tool('vite'), [], { cwd: join(root, 'web'), stdio: 'inherit' })

/** The next server begins once the one before has let go of the data. */
async function serveAnew() {
  const before = server
  const ended =
    before.exitCode === null
      ? new Promise((resolve) => before.once('exit', resolve))
      : Promise.resolve()
  before.kill('SIGTERM')
  await ended
  server = serve()
}
// A change of the core is seen on the page at once: that is loaded anew, and would not find a server
// that just begins. What the server itself works out by it follows when this is started anew.
let timer
for (const part of ['wire', 'server'])
  watch(join(root, part, 'src'), { recursive: true }, (_, name) => {
    if (!name?.endsWith('.ts') || name.endsWith('.test.ts')) return
    clearTimeout(timer)
    timer = setTimeout(serveAnew, SETTLE_MS)
  })
const stop = () => {
  clearTimeout(timer)
  for (const child of [server, vite]) child.kill()
  process.exit()
}
process.on('SIGINT', stop)
process.on('SIGTERM', stop)
