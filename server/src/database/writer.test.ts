import { existsSync, mkdtempSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { HttpProblem } from '../http/problem.ts'
import { FigureEntity } from '../figure/figureEntity.ts'
import { faultyStorage, type Storage } from '../testing/faults.ts'
import { LibsqlDriver } from './libsqlDriver.ts'
import { openDatabase, type Database } from './open.ts'
import { databasePath } from './source.ts'
import { RETRY_AFTER_MS } from './writer.ts'

let folder: string
let storage: Storage
let database: Database
/** What happens while the writer waits between two tries. */
let whileWaiting: () => void
let waits: number[]
let now = 0
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'dellop-writer-'))
  storage = faultyStorage()
  whileWaiting = () => undefined
  waits = []
  database = await openDatabase(
    folder,
    () => now,
    async (ms) => {
      waits.push(ms)
      whileWaiting()
    },
  )
})
afterEach(async () => {
  storage.commit = 'none'
  await database.close()
  storage.restore()
  rmSync(folder, { recursive: true, force: true })
})

const add = (id: string) =>
  database.write(async (manager) => {
    await manager.insert(FigureEntity, { id, name: id, document: '{}', updatedAtMs: 0 })
    return id
  })
/** What another program finds on the disk. */
const onDisk = (): string[] =>
  (
    new LibsqlDriver(databasePath(folder)).prepare('SELECT id FROM figure ORDER BY id').all() as {
      id: string
    }[]
  ).map(({ id }) => id)

describe('a commit that fails', () => {
  it('is tried again, and every write that was acknowledged after it is on the disk', async () => {
    storage.commit = 'lost'
    whileWaiting = () => void (storage.commit = 'none')
    expect(await add('first')).toBe('first')
    // Once with the reserve, once without it.
    expect(storage.failed()).toBe(2)
    const later = Array.from({ length: 30 }, (_, i) => `later-${String(i).padStart(2, '0')}`)
    await Promise.all(later.map(add))
    expect(onDisk()).toEqual(['first', ...later])
  })

  it('all the same did what it was to do is answered so, and is not done again', async () => {
    storage.commit = 'unheard'
    expect(await add('once')).toBe('once')
    storage.commit = 'none'
    expect([storage.failed(), waits]).toEqual([1, []])
    expect(onDisk()).toEqual(['once'])
  })

  it('for want of room finds it in the reserve at once; that is put back when there is room again', async () => {
    const reserve = join(folder, 'reserve')
    expect([statSync(reserve).size, database.isLow()]).toEqual([4 * 1024 * 1024, false])
    storage.commit = 'lost'
    whileWaiting = () => {
      throw new Error('it waited')
    }
    now += 60_000
    // The disk has room as soon as the reserve is gone.
    storage.before = () => void (storage.commit = existsSync(reserve) ? 'lost' : 'none')
    expect(await add('first')).toBe('first')
    expect([existsSync(reserve), storage.failed()]).toEqual([true, 1])
    expect(onDisk()).toEqual(['first'])
  })

  it('on a disk that stays full is refused without delay after the first, until one goes through', async () => {
    storage.commit = 'lost'
    await expect(add('one')).rejects.toMatchObject({ code: 'storage.full' })
    expect(database.isLow()).toBe(true)
    waits.length = 0
    await expect(add('two')).rejects.toMatchObject({ code: 'storage.full' })
    expect(waits).toEqual([])
    storage.commit = 'none'
    expect(await add('three')).toBe('three')
    storage.commit = 'lost'
    whileWaiting = () => void (storage.commit = 'none')
    expect(await add('four')).toBe('four')
    expect(onDisk()).toEqual(['four', 'three'])
  })

  it('for as long as it is waited for is told in a sentence, with nothing kept and the next one whole', async () => {
    storage.commit = 'lost'
    await expect(add('never')).rejects.toMatchObject({ code: 'storage.full', status: 507 })
    expect(waits).toEqual([...RETRY_AFTER_MS])
    storage.commit = 'none'
    await add('next')
    expect(onDisk()).toEqual(['next'])
    expect((await database.source.manager.find(FigureEntity)).map(({ id }) => id)).toEqual(['next'])
  })

  it('shows its change to nobody', async () => {
    storage.commit = 'lost'
    const seen: number[] = []
    whileWaiting = () => void (storage.commit = 'none')
    const writing = database.write(async (manager) => {
      await manager.insert(FigureEntity, { id: 'a', name: 'a', document: '{}', updatedAtMs: 0 })
      seen.push(await database.source.manager.count(FigureEntity))
    })
    await writing
    expect(seen).toEqual([0, 0, 0])
    expect(await database.source.manager.count(FigureEntity)).toBe(1)
  })
})

describe('another program', () => {
  it('that holds the data for a moment is waited for', async () => {
    const other = new LibsqlDriver(databasePath(folder))
    other.prepare('BEGIN IMMEDIATE').run()
    whileWaiting = () => {
      if (waits.length === 2) other.prepare('COMMIT').run()
    }
    expect(await add('patient')).toBe('patient')
    expect(waits.length).toBeGreaterThanOrEqual(2)
    expect(onDisk()).toEqual(['patient'])
    await add('after')
    expect(onDisk()).toEqual(['after', 'patient'])
  })

  it('that holds on to it is named, and reading goes on meanwhile', async () => {
    await add('there')
    const other = new LibsqlDriver(databasePath(folder))
    other.prepare('BEGIN IMMEDIATE').run()
    await expect(add('blocked')).rejects.toMatchObject({ code: 'storage.busy', status: 503 })
    expect(await database.source.manager.count(FigureEntity)).toBe(1)
    other.prepare('ROLLBACK').run()
    await add('free again')
    expect(onDisk()).toEqual(['free again', 'there'])
  })
})

describe('a change that is sent twice', () => {
  const once = { key: 'page-1-request-1', digest: 'd' }
  const count = (of = once) =>
    database.write(async (manager) => {
      const n = await manager.count(FigureEntity)
      await manager.insert(FigureEntity, { id: `f${n}`, name: 'f', document: '{}', updatedAtMs: 0 })
      return { made: n }
    }, of)

  it('is made once and gets its first answer again, also in another process', async () => {
    expect(await count()).toEqual({ made: 0 })
    expect(await count()).toEqual({ made: 0 })
    await database.close()
    database = await openDatabase(folder, () => 0)
    expect(await count()).toEqual({ made: 0 })
    expect(onDisk()).toEqual(['f0'])
  })

  it('under the name of another is refused', async () => {
    await count()
    await expect(count({ ...once, digest: 'other' })).rejects.toBeInstanceOf(HttpProblem)
    expect(onDisk()).toEqual(['f0'])
  })

  it('is not remembered where it failed', async () => {
    const failing = database.write(async () => {
      throw new HttpProblem('input.invalid', 'no')
    }, once)
    await expect(failing).rejects.toMatchObject({ code: 'input.invalid' })
    expect(await count()).toEqual({ made: 0 })
  })

  it('long ago is forgotten', async () => {
    await count()
    await database.close()
    database = await openDatabase(folder, () => 30 * 24 * 3600_000)
    expect(await count()).toEqual({ made: 1 })
  })
})
