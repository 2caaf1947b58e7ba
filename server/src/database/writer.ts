import type { DataSource, EntityManager, QueryRunner } from 'typeorm'
import { HttpProblem } from '../http/problem.ts'
import { answeredBefore, keepAnswer, type Once } from './once.ts'
import type { Reserve } from './reserve.ts'
import { isFull, isStorageFault, storageProblem } from './storageFault.ts'

/**
 * Makes a change to the database. With `once` it is made once however often it is sent: what comes
 * again gets the first answer, which `work` then has to give as plain JSON.
 */
export type Write = <Value>(
  work: (manager: EntityManager) => Promise<Value>,
  once?: Once | null,
) => Promise<Value>

/** Waits between tries; another program's lock of a moment, or a full disk, may pass meanwhile. */
export const RETRY_AFTER_MS = [50, 150, 400, 800, 1600, 3000] as const

export interface WriterOptions {
  readonly nowMs: () => number
  readonly sleep?: (ms: number) => Promise<void>
  /** Room that is kept for when the disk is full. */
  readonly reserve?: Reserve | null
}

/**
 * One writer at a time, on a connection of its own, each change in a transaction of its own.
 *
 * - What is answered as done must be on the disk: a commit that fails is looked up in the database
 *   before anything is said, by the number that every transaction leaves there.
 * - After a fault of the storage the connection is opened anew and proved by a read, and the change
 *   is tried again; TypeORM's own count of open transactions is never relied on.
 * - On a full disk the reserve is spent first. Once that is gone too, changes are not waited with:
 *   each is tried once until one succeeds, so that nobody stands behind a queue of refusals.
 * - A failing change does not stop those behind it.
 */
export class WriterQueue {
  private tail: Promise<unknown> = Promise.resolve()
  private readonly nowMs: () => number
  private readonly sleep: (ms: number) => Promise<void>
  private readonly reserve: Reserve | null
  private isRefusing = false

  constructor(
    private readonly source: DataSource,
    {
      nowMs,
      sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
      reserve = null,
    }: WriterOptions,
  ) {
    this.nowMs = nowMs
    this.sleep = sleep
    this.reserve = reserve
  }

  write<Value>(
    work: (manager: EntityManager) => Promise<Value>,
    once: Once | null = null,
  ): Promise<Value> {
    const turn = this.tail.then(() => this.persist(work, once))
    this.tail = turn.catch(() => undefined)
    return turn
  }

  async settled(): Promise<void> {
    await this.tail
  }

  private async persist<Value>(
    work: (manager: EntityManager) => Promise<Value>,
    once: Once | null,
  ): Promise<Value> {
    for (let tries = 0; ;) {
      try {
        const value = await this.transaction(work, once)
        this.isRefusing = false
        this.reserve?.refill(this.nowMs())
        return value
      } catch (error) {
        if (!isStorageFault(error)) throw error
        const noRoom = isFull(error)
        if (noRoom && this.reserve?.spend()) continue
        const waitMs = this.isRefusing ? undefined : RETRY_AFTER_MS[tries++]
        if (waitMs === undefined) {
          this.isRefusing = noRoom
          throw storageProblem(error)
        }
        await this.sleep(waitMs)
      }
    }
  }

  private async transaction<Value>(
    work: (manager: EntityManager) => Promise<Value>,
    once: Once | null,
  ): Promise<Value> {
    const runner = await this.begin()
    let done: { readonly value: Value; readonly mark: number }
    try {
      done = await this.inside(runner, work, once)
    } catch (error) {
      await this.rollBack(runner)
      throw error
    }
    try {
      await runner.query('COMMIT')
    } catch (error) {
      // Whether it was committed all the same is for the database to say.
      if ((await this.reopen()) !== done.mark) throw error
    }
    return done.value
  }

  private async inside<Value>(
    runner: QueryRunner,
    work: (manager: EntityManager) => Promise<Value>,
    once: Once | null,
  ): Promise<{ readonly value: Value; readonly mark: number }> {
    const { manager } = runner
    const mark = (await readMark(runner)) + 1
    const before = once && (await answeredBefore(manager, once))
    const value = before ? (before.answer as Value) : await work(manager)
    if (once && !before) await keepAnswer(manager, once, value, this.nowMs())
    await runner.query('UPDATE "writer_mark" SET "mark" = ? WHERE "id" = 1', [mark])
    return { value, mark }
  }

  /** At once for writing: a reader that becomes a writer later would not be let wait for a lock. */
  private async begin(): Promise<QueryRunner> {
    const runner = this.source.createQueryRunner()
    try {
      await runner.query('BEGIN IMMEDIATE')
    } catch (error) {
      await this.reopen()
      throw error
    }
    return runner
  }

  private async rollBack(runner: QueryRunner): Promise<void> {
    try {
      await runner.query('ROLLBACK')
    } catch {
      // SQLite has rolled back by itself, or the connection is of no more use.
      await this.reopen()
    }
  }

  /** A connection as new, proved by a read: the mark of the last change that is on the disk. */
  private async reopen(): Promise<number> {
    for (let tries = 0; ; tries++) {
      try {
        await this.source.driver.disconnect().catch(() => undefined)
        await this.source.driver.connect()
        const runner = this.source.createQueryRunner()
        await settleConnection(runner)
        return await readMark(runner)
      } catch (error) {
        const waitMs = RETRY_AFTER_MS[tries]
        if (waitMs === undefined) throw storageProblem(error)
        await this.sleep(waitMs)
      }
    }
  }
}

async function readMark(runner: Pick<QueryRunner, 'query'>): Promise<number> {
  const rows = (await runner.query('SELECT "mark" FROM "writer_mark" WHERE "id" = 1')) as {
    mark: number
  }[]
  if (rows.length === 0) throw new HttpProblem('server.failed', 'The database has no writer mark.')
  return rows[0]!.mark
}

/**
 * Milliseconds for which SQLite itself waits for another program's lock. Short, because nothing
 * else runs meanwhile; the writer then tries again without holding anybody up.
 */
const BUSY_MS = 100

/** What every connection is set to. */
export async function settleConnection(runner: {
  query(sql: string): Promise<unknown>
}): Promise<void> {
  await runner.query(`PRAGMA busy_timeout = ${BUSY_MS}`)
  await runner.query('PRAGMA synchronous = FULL')
  await runner.query('PRAGMA foreign_keys = ON')
}
