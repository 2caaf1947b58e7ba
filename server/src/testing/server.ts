import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { readSheetFile, type SheetFile } from '@dellop/core/file'
import request from 'supertest'
import { diff } from '@dellop/core/document'
import { settingsShape, type Settings } from '@dellop/wire'
import { start, type Running } from '../start.ts'

/** A real server on a data folder of its own, on any free port of this machine. */
export interface TestServer extends Running {
  readonly dataFolder: string
  /** A request to it, as a browser on this machine would send one. */
  readonly ask: ReturnType<typeof request>
  readonly remove: () => Promise<void>
}

export async function testServer(
  dataFolder = mkdtempSync(join(tmpdir(), 'dellop-test-')),
): Promise<TestServer> {
  const running = await start({ dataFolder, webFolder: null, demoFolder: demo('.'), port: 0 })
  return {
    ...running,
    dataFolder,
    ask: request(running.address),
    remove: async () => {
      await running.stop()
      rmSync(dataFolder, { recursive: true, force: true })
    },
  }
}

let batches = 0
/** Changes settings as a page does: by edits from the revision it has read. */
export async function changeSettings({ ask }: TestServer, change: Partial<Settings>) {
  const { settings, revision } = (await ask.get('/api/settings')).body as {
    settings: Settings
    revision: number
  }
  const edits = diff(settingsShape, settings, { ...settings, ...change })
  const batch = { clientId: 'a-client', batchId: String(++batches), base: revision, edits }
  return ask.post('/api/settings/edits').send(batch)
}

const demo = (path: string): string => join(__dirname, '../../../demo', path)
export const demoAbc = (): string => readFileSync(demo('tunes/lamps-along-the-staithe.abc'), 'utf8')

export function demoSheet(): SheetFile {
  const read = readSheetFile(readFileSync(demo('sheets/lanterns-at-the-weir.json'), 'utf8'))
  if (!read.ok) throw new Error(read.problem.message)
  return read.value
}
