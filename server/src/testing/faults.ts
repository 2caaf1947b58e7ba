import { LibsqlDriver } from '../database/libsqlDriver.ts'

/** What becomes of a commit: `lost` is rolled back, `unheard` is done though it says it is not. */
export type CommitFault = 'none' | 'lost' | 'unheard'

/** A storage that fails when it is told to, below everything that is tested. */
export interface Storage {
  commit: CommitFault
  /** Called before each commit. */
  before: () => void
  /** Commits that have failed. */
  readonly failed: () => number
  readonly restore: () => void
}

const full = (): Error =>
  Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' })

/** Lets commits fail as SQLite does on a full disk: it rolls back by itself and reports it. */
export function faultyStorage(): Storage {
  let failed = 0
  const prepare = LibsqlDriver.prototype.prepare
  const storage: Storage = {
    commit: 'none',
    before: () => undefined,
    failed: () => failed,
    restore: () => void (LibsqlDriver.prototype.prepare = prepare),
  }
  LibsqlDriver.prototype.prepare = function (this: LibsqlDriver, sql: string) {
    const statement = prepare.call(this, sql)
    if (sql !== 'COMMIT') return statement
    const { run } = statement
    statement.run = (...parameters) => {
      storage.before()
      if (storage.commit === 'none') return run(...parameters)
      failed++
      if (storage.commit === 'lost') prepare.call(this, 'ROLLBACK').run()
      else run(...parameters)
      throw full()
    }
    return statement
  }
  return storage
}
