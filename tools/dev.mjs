// npm run dev: the server from its source on the demo data, and Vite in front of it on port 5173.
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { build, install, root, tool } from './setup.mjs'

install()
build()
const server = spawn(
  process.execPath,
  ['--watch', '--import', 'tsx', '--conditions=source', 'src/main.ts'],
  {
    cwd: join(root, 'server'),
    stdio: 'inherit',
    env: { ...process.env, DELLOP_DATA: join(root, 'demo-data'), DELLOP_SEED: join(root, 'demo') },
  },
)
const vite = spawn(tool('vite'), [], { cwd: join(root, 'web'), stdio: 'inherit' })
const stop = () => [server, vite].forEach((child) => child.kill())
process.on('SIGINT', stop)
process.on('SIGTERM', stop)
