import { existsSync, mkdirSync, readdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import type { DataSource } from 'typeorm'
import { forgetAnswers } from './once.ts'
import { checkDatabase } from './check.ts'
import { reserveIn } from './reserve.ts'
import { databasePath, databaseSource } from './source.ts'
import { settleConnection, WriterQueue, type Write } from './writer.ts'

/** Copies kept in `backups/`, the newest ones. */
const KEPT_BACKUPS = 10

/**
 * An open database: read through `source`, which sees only what is committed; write through
 * `write`, one at a time, on a connection of its own.
 */
export interface Database {
  readonly source: DataSource
  readonly write: Write
  /** The disk is full but for what little is kept back. */
  readonly isLow: () => boolean
  readonly close: () => Promise<void>
}

/**
 * Opens the database of a data folder, brings it up to date, after a backup when there is anything
 * to lose.
 *
 * @param sleep How to wait between two tries of a change; the clock's own way where left out.
 */
export async function openDatabase(
  dataFolder: string,
  nowMs: () => number,
  sleep?: (ms: number) => Promise<void>,
): Promise<Database> {
  const existed = existsSync(databasePath(dataFolder))
  if (existed) checkDatabase(dataFolder)
  const writing = await opened(dataFolder)
  if (existed && (await writing.showMigrations())) await backUp(writing, dataFolder, nowMs())
  else if (existed && !hasCopyOfToday(dataFolder, nowMs()))
    await backUp(writing, dataFolder, nowMs())
  await writing.runMigrations({ transaction: 'each' })
  const source = await opened(dataFolder)
  const reserve = reserveIn(dataFolder)
  const queue = new WriterQueue(writing, { nowMs, reserve, ...(sleep ? { sleep } : {}) })
  await queue.write((manager) => forgetAnswers(manager, nowMs()))
  return {
    source,
    write: (work, once) => queue.write(work, once),
    isLow: reserve.isSpent,
    close: async () => {
      await queue.settled()
      await source.destroy()
      await writing.destroy()
    },
  }
}

/** Every day of use has a copy of how it began. */
function hasCopyOfToday(dataFolder: string, nowMs: number): boolean {
  const folder = join(dataFolder, 'backups')
  const day = new Date(nowMs).toISOString().slice(0, 10)
  return existsSync(folder) && readdirSync(folder).some((name) => name.startsWith(`dellop-${day}`))
}

async function opened(dataFolder: string): Promise<DataSource> {
  const source = await databaseSource(dataFolder).initialize()
  await settleConnection(source)
  return source
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
  // Where the clock stands wrong, the copy just made may seem the oldest: it stays.
  const others = readdirSync(folder)
    .sort()
    .filter((name) => join(folder, name) !== path)
  for (const old of others.slice(0, Math.max(0, others.length + 1 - KEPT_BACKUPS)))
    rmSync(join(folder, old))
  return path
}
