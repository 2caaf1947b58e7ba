#!/usr/bin/env node
// Runs the built command, or its source through tsx when there is no build or the build is stale.
import { spawnSync } from 'node:child_process'
import { existsSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'

const here = fileURLToPath(new URL('.', import.meta.url))
const built = join(here, 'dist/main.js')

/** The newest change among TypeScript sources, in milliseconds. */
function newest(folder) {
  let latest = 0
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) latest = Math.max(latest, newest(path))
    else if (entry.name.endsWith('.ts') && !entry.name.endsWith('.test.ts'))
      latest = Math.max(latest, statSync(path).mtimeMs)
  }
  return latest
}

/** The compiler writes down what it has built, and marks it when there was nothing to build. */
const isFresh = (part) => {
  const [sources, mark] = [join(part, 'src'), join(part, 'dist/.tsbuildinfo')]
  return existsSync(mark) && (!existsSync(sources) || newest(sources) <= statSync(mark).mtimeMs)
}
const fresh = existsSync(built) && [here, join(here, '../core')].every(isFresh)
// Paths are the caller's, whatever folder the command itself runs in.
process.env.DELLOP_CWD ??= process.cwd()
if (fresh) {
  await import(pathToFileURL(built).href)
} else {
  // tsx is found, and reads its settings, from this folder.
  const args = ['--import', 'tsx', '--conditions=source', join(here, 'src/main.ts')]
  const result = spawnSync(process.execPath, [...args, ...process.argv.slice(2)], {
    cwd: here,
    stdio: 'inherit',
  })
  process.exitCode = result.status ?? 2
}
