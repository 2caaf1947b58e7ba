import { spawn } from 'node:child_process'
import { root } from './setup.mjs'

/** Runs the built server until it ends; Ctrl-C is passed on and waited for. */
export function serve(env) {
  const child = spawn(process.execPath, ['server/dist/main.js'], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  })
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal))
  child.on('exit', (code, signal) => process.exit(signal ? 0 : (code ?? 1)))
}
