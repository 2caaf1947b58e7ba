import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { expectOk } from '@dellop/core/document'
import { readSheetFile } from '@dellop/core/file'
// The built one: what decorates its tables is not understood by what runs this.
import { start } from '../server/dist/start.js'
import type { Measured } from './calibrate.ts'

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url))
const SHEETS = 10_000

/** A library of years: its shelf asked for the first time and again, and what waits meanwhile. */
export async function measureShelf(): Promise<Measured[]> {
  const dataFolder = mkdtempSync(join(tmpdir(), 'dellop-shelf-'))
  const demoFolder = here('../demo')
  const { routine } = expectOk(
    readSheetFile(readFileSync(join(demoFolder, 'sheets/lanterns-at-the-weir.json'), 'utf8')),
  )
  const { services, address, stop } = await start({
    dataFolder,
    webFolder: null,
    demoFolder,
    port: 0,
  })
  const rows = Array.from({ length: SHEETS }, (_, i) => ({
    id: `sheet-${i}`,
    title: `Dance ${i}`,
    document: JSON.stringify({ ...routine, id: `sheet-${i}`, title: `Dance ${i}` }),
    revision: 0,
    createdAtMs: 0,
    updatedAtMs: 0,
  }))
  for (let i = 0; i < rows.length; i += 250)
    await services.database.write(async (manager) => {
      await manager.insert('SheetEntity', rows.slice(i, i + 250))
    })
  const timed = async (path: string): Promise<number> => {
    const since = performance.now()
    await (await fetch(address + path)).text()
    return performance.now() - since
  }
  const first = timed('/api/sheets')
  let isOver = false
  void first.then(() => (isOver = true))
  let waited = 0
  while (!isOver) waited = Math.max(waited, await timed('/api/health'))
  const again = [await timed('/api/sheets'), await timed('/api/sheets'), await timed('/api/sheets')]
  const measured = [
    { what: `shelf of ${SHEETS} sheets, the first time`, ms: await first },
    { what: 'another question meanwhile, the longest wait', ms: waited },
    { what: `shelf of ${SHEETS} sheets again`, ms: again.toSorted((a, b) => a - b)[1]! },
  ]
  await stop()
  rmSync(dataFolder, { recursive: true, force: true })
  return measured
}
