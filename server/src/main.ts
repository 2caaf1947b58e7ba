import { existsSync } from 'node:fs'
import { resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { StartProblem } from './database/startProblem.ts'
import { FolderInUse } from './database/lock.ts'
import { fillDemo, isBegun } from './demo/fill.ts'
import { listSheets } from './sheet/shelf.ts'
import { start } from './start.ts'

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url))
const DEFAULT_PORT = 4477
const port = Number(process.env['PORT'] ?? DEFAULT_PORT)
const dataFolder = resolve(process.env['DELLOP_DATA'] ?? './data')
const webFolder = here('../../web/dist')

if (!Number.isInteger(port) || port < 0 || port > 65_535)
  fail(`PORT is "${process.env['PORT']}"; a port number from 0 to 65535 was expected.`)
if (!existsSync(webFolder)) fail('The web app is not built yet: npm run build')

try {
  const demoFolder = resolve(process.env['DELLOP_SEED'] ?? here('../../demo'))
  // Run from its source there is no built worker: music is read in this thread then.
  const musicScript = new URL('./tune/scoreWorker.js', import.meta.url)
  const reading = existsSync(musicScript) ? { musicScript } : {}
  const running = await start({ dataFolder, webFolder, demoFolder, port, ...reading })
  if (process.env['DELLOP_SEED'] || isBegun(running.services)) await fillDemo(running.services)
  console.log(`Dellop is ready at ${running.address}`)
  console.log('Stop it with Ctrl-C.')
  // A shelf of years is read beforehand, in slices, so that the first who asks need not wait.
  listSheets(running.services).catch(() => undefined)
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => void running.stop().then(() => process.exit(0)))
} catch (error) {
  if (error instanceof FolderInUse || error instanceof StartProblem) fail(error.message)
  if ((error as { code?: string }).code === 'EADDRINUSE')
    fail(
      `Port ${port} is in use by another program, or by a Dellop on other data. Choose another: PORT=${port + 1} npm run ${process.env['DELLOP_SEED'] ? 'demo' : 'start'}`,
    )
  throw error
}

function fail(sentence: string): never {
  console.error(sentence)
  process.exit(1)
}
