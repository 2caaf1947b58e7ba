// Plain Node, no dependency: readies a bare machine. Every step is skipped when there is nothing to
// do.
import { spawnSync } from 'node:child_process'
import { existsSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { chromiumPath } from './chromium.mjs'

export const root = fileURLToPath(new URL('..', import.meta.url))

/** Runs a command in the project and ends with its status when it fails. */
export function run(command, args, options = {}) {
  const startMs = Date.now()
  console.log(`> ${command} ${args.join(' ')}`)
  const result = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options })
  if (result.error) {
    console.error(`${command} could not be started: ${result.error.message}`)
    process.exit(1)
  }
  if (result.status !== 0) {
    console.error(`failed (${result.status ?? result.signal}): ${command} ${args.join(' ')}`)
    process.exit(result.status || 1)
  }
  console.log(`  ${((Date.now() - startMs) / 1000).toFixed(1)} s`)
}

/** Path of a tool from the project's own packages. */
export const tool = (name) => join(root, 'node_modules/.bin', name)

/**
 * The compiler in its native form, a fifth of the time of the one that lint and the types of the web
 * app still need as a library; both call themselves `tsc`, so this one is asked for by its path.
 */
export const compiler = join(root, 'node_modules/native-typescript/bin/tsc')

const modifiedMs = (path) => (existsSync(path) ? statSync(path).mtimeMs : 0)

/**
 * Installs from the lockfile when that was never done, was left half done, or the lock is newer.
 * npm writes its hidden lock last.
 */
export function install() {
  const [major] = process.versions.node.split('.').map(Number)
  if (major < 20) {
    console.error(`Dellop needs Node 20 or newer; this is ${process.version}.`)
    process.exit(1)
  }
  if (
    modifiedMs(join(root, 'node_modules/.package-lock.json')) <
    modifiedMs(join(root, 'package-lock.json'))
  )
    run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'])
}

/** Chromium for the browser tests, from Debian's packages when it is missing and this user may. */
export function browser() {
  if (existsSync(chromiumPath())) return
  if (process.platform !== 'linux' || process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    console.error(
      'The browser tests need Chromium: install the package "chromium-headless-shell" or "chromium", or name a Chromium in the variable CHROMIUM.',
    )
    process.exit(1)
  }
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  run('apt-get', ['update', '-qq'], { env })
  const fetch = (name) => [
    '-o',
    'DPkg::Lock::Timeout=300',
    'install',
    '-y',
    '-qq',
    '--no-install-recommends',
    name,
  ]
  // An older Debian has only the whole browser.
  const { status } = spawnSync('apt-get', fetch('chromium-headless-shell'), {
    cwd: root,
    stdio: 'inherit',
    env,
  })
  if (status !== 0) run('apt-get', fetch('chromium'), { env })
}

/** The newest change below some folders or files, built output and packages left out. */
function newest(paths) {
  let latest = 0
  for (const path of paths) {
    if (!existsSync(path)) continue
    const stat = statSync(path)
    if (!stat.isDirectory()) latest = Math.max(latest, stat.mtimeMs)
    else {
      const inner = readdirSync(path).filter(
        (name) =>
          name !== 'node_modules' &&
          name !== 'dist' &&
          name !== 'components.d.ts' &&
          !name.endsWith('.test.ts'),
      )
      latest = Math.max(latest, newest(inner.map((name) => join(path, name))))
    }
  }
  return latest
}

const at = (...names) => names.map((name) => join(root, name))

/**
 * Builds what is older than its sources: the compiler knows that of its own, in a fifth of a second;
 * the bundler of the web app has no such question, and its sources are compared with its page.
 */
export function build() {
  run(compiler, ['-b', 'core', 'wire', 'server', 'cli'])
  if (
    newest(at('package-lock.json', 'tsconfig.base.json', 'core', 'wire', 'web')) >
    modifiedMs(join(root, 'web/dist/index.html'))
  ) {
    run(process.execPath, ['tools/notices.mjs'])
    run(process.execPath, ['tools/voice.mjs'])
    run(tool('vite'), ['build', '--logLevel', 'warn'], { cwd: join(root, 'web') })
    run(process.execPath, ['tools/squeeze.mjs'])
  }
}
