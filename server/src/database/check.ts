import { closeSync, existsSync, openSync, readdirSync, readSync } from 'node:fs'
import { join } from 'node:path'
import { LibsqlDriver } from './libsqlDriver.ts'
import { databasePath, MIGRATIONS } from './source.ts'
import { StartProblem } from './startProblem.ts'

const HEAD = 'SQLite format 3\0'

/**
 * Looks at the database before anything is done with it: that it is one, that it is whole, and that
 * no newer Dellop wrote it. What is wrong is said in one sentence, with the newest good copy.
 */
export function checkDatabase(dataFolder: string): void {
  const path = databasePath(dataFolder)
  const state = stateOf(path)
  if (state === 'good') return
  if (state === 'newer')
    throw new StartProblem(
      `${path} was written by a newer Dellop; open it with that one. Nothing was changed.`,
    )
  const copy = newestGoodBackup(dataFolder)
  const way = copy
    ? `The newest good copy is ${copy}: put it in its place under that name, and start again.`
    : 'There is no good copy of it in backups.'
  throw new StartProblem(
    `${path} is ${state === 'none' ? 'no database of Dellop' : 'damaged'}. ${way} Nothing was changed.`,
  )
}

type State = 'good' | 'none' | 'damaged' | 'newer'

/** What a file is, without changing anything of it. */
export function stateOf(path: string): State {
  if (headOf(path) !== HEAD) return 'none'
  try {
    const database = new LibsqlDriver(path, { readonly: true }) as LibsqlDriver & {
      close: () => void
    }
    try {
      const checked = database.prepare('PRAGMA quick_check(1)').get() as {
        quick_check?: string
      } | null
      if (checked?.quick_check !== 'ok') return 'damaged'
      const known = new Set(MIGRATIONS.map((migration) => new migration().name))
      const done = database.prepare('SELECT "name" FROM "migrations"').all() as { name: string }[]
      return done.every(({ name }) => known.has(name)) ? 'good' : 'newer'
    } finally {
      database.close()
    }
  } catch {
    return 'damaged'
  }
}

function headOf(path: string): string {
  const file = openSync(path, 'r')
  try {
    const head = Buffer.alloc(HEAD.length)
    readSync(file, head, 0, HEAD.length, 0)
    return head.toString('latin1')
  } finally {
    closeSync(file)
  }
}

function newestGoodBackup(dataFolder: string): string | null {
  const folder = join(dataFolder, 'backups')
  if (!existsSync(folder)) return null
  const copies = readdirSync(folder).sort().reverse()
  for (const name of copies) {
    const path = join(folder, name)
    if (stateOf(path) === 'good') return path
  }
  return null
}
