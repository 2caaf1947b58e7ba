import { existsSync, mkdirSync, readdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import type { DataSource } from 'typeorm'
import { databasePath, databaseSource } from './source.ts'
import { WriterQueue, type Write } from './writer.ts'

/** Copies kept in `backups/`, the newest ones. */
const KEPT_BACKUPS = 10

/** An open database: read through `source`, write through `write`, one at a time. */
export interface Database {
  readonly source: DataSource
  readonly write: Write
  readonly close: () => Promise<void>
}

/**
 * Opens the database of a data folder, brings it up to date, after a backup when there is anything
 * to lose.
 */
export async function openDatabase(dataFolder: string, nowMs: number): Promise<Database> {
  const existed = existsSync(databasePath(dataFolder))
  const source = await databaseSource(dataFolder).initialize()
  await source.query('PRAGMA synchronous = FULL')
  await source.query('PRAGMA foreign_keys = ON')
  if (existed && (await source.showMigrations())) await backUp(source, dataFolder, nowMs)
  await source.runMigrations({ transaction: 'each' })
  const queue = new WriterQueue(source)
  return {
    source,
    write: (work) => queue.write(work),
    close: async () => {
      await queue.settled()
      await source.destroy()
    },
  }
}

/**
 * A whole copy of the database beside it. Made with `VACUUM INTO`, so it is consistent while others
 * read.
 */
export async function backUp(
  source: DataSource,
  dataFolder: string,
  nowMs: number,
): Promise<string> {
  const folder = join(dataFolder, 'backups')
  mkdirSync(folder, { recursive: true })
  const path = join(folder, `dellop-${new Date(nowMs).toISOString().replace(/[:.]/g, '-')}.sqlite`)
  await source.query('VACUUM INTO ?', [path])
  for (const old of readdirSync(folder).sort().slice(0, -KEPT_BACKUPS)) rmSync(join(folder, old))
  return path
}
