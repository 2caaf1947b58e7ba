import { figureSchema } from '@dellop/core/figure'
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { FigureEntity, FigureVersionEntity } from '../figure/figureEntity.ts'
import { LibsqlDriver } from './libsqlDriver.ts'
import { backUp, openDatabase } from './open.ts'
import { databaseSource, MIGRATIONS } from './source.ts'

let folder: string
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'dellop-db-'))))
afterEach(() => rmSync(folder, { recursive: true, force: true }))

describe('the driver', () => {
  it('takes a lone buffer, boolean, null and undefined, and gives plain rows back', () => {
    const db = new LibsqlDriver(join(folder, 'raw.sqlite'))
    db.prepare('CREATE TABLE t (v)').run()
    for (const value of [Buffer.from([1, 2, 3]), true, false, null, undefined, 'text', 7])
      db.prepare('INSERT INTO t VALUES (?)').run(value)
    const rows = db.prepare('SELECT v FROM t').all() as { v: unknown }[]
    expect(rows.map((row) => row.v)).toEqual([Buffer.from([1, 2, 3]), 1, 0, null, null, 'text', 7])
    expect(Object.keys(db.prepare('SELECT v FROM t LIMIT 1').get() as object)).toEqual(['v'])
  })
})

describe('the migrations', () => {
  it('make exactly what the entities ask for', async () => {
    const database = await openDatabase(folder, () => 0)
    const { upQueries } = await database.source.driver.createSchemaBuilder().log()
    expect(upQueries.map((query) => query.query)).toEqual([])
    await database.close()
  })

  it('go down to nothing and up again', async () => {
    const database = await openDatabase(folder, () => 0)
    for (let left = MIGRATIONS.length; left > 0; left--) await database.source.undoLastMigration()
    const tables = (await database.source.query(
      `SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite%'`,
    )) as { name: string }[]
    expect(tables.map((table) => table.name)).toEqual(['migrations'])
    await database.source.runMigrations()
    await database.close()
  })

  it('bring the figures of an older Dellop up to today’s form, and keep what they were', async () => {
    const old = JSON.stringify({
      ...JSON.parse(
        readFileSync(join(__dirname, '../../../core/src/testing/fixtures/figures-1.json'), 'utf8'),
      ).figures[0],
      id: 'old',
    })
    const source = await databaseSource(folder).initialize()
    await source.runMigrations()
    for (let left = MIGRATIONS.length; left > 1; left--) await source.undoLastMigration()
    await source.query(`INSERT INTO "figure" VALUES ('old', 'Box', ?, 7)`, [old])
    await source.runMigrations()
    const [row] = await source.manager.find(FigureEntity)
    expect(figureSchema.safeParse(JSON.parse(row!.document)).error).toBeUndefined()
    expect(
      (await source.manager.find(FigureVersionEntity)).map(({ figureId, version, how, atMs }) => [
        figureId,
        version,
        how,
        atMs,
      ]),
    ).toEqual([['old', 1, 'written', 7]])
    await source.destroy()
  })

  it('are preceded by a backup when there is anything to lose', async () => {
    await (await openDatabase(folder, () => 0)).close()
    expect(existsSync(join(folder, 'backups'))).toBe(false)
    const source = await databaseSource(folder).initialize()
    await source.undoLastMigration()
    await source.destroy()
    await (await openDatabase(folder, () => 0)).close()
    expect(readdirSync(join(folder, 'backups'))).toHaveLength(1)
  })
})

describe('writing', () => {
  const figure = (id: string) => ({ id, name: id, document: '{}', updatedAtMs: 0 })

  it('runs one transaction after the other, and a failing one stops none behind it', async () => {
    const database = await openDatabase(folder, () => 0)
    const order: number[] = []
    const writes = [1, 2, 3, 4].map((n) =>
      database.write(async (manager) => {
        order.push(n)
        await manager.insert(FigureEntity, figure(`f${n}`))
        if (n === 2) throw new Error('no')
        await new Promise((resolve) => setTimeout(resolve, 5))
        order.push(n)
      }),
    )
    const settled = await Promise.allSettled(writes)
    expect(settled.map((one) => one.status)).toEqual([
      'fulfilled',
      'rejected',
      'fulfilled',
      'fulfilled',
    ])
    expect(order).toEqual([1, 1, 2, 3, 3, 4, 4])
    expect((await database.source.manager.find(FigureEntity)).map((one) => one.id)).toEqual([
      'f1',
      'f3',
      'f4',
    ])
    await database.close()
  })

  it('is copied whole by a backup', async () => {
    const database = await openDatabase(folder, () => 0)
    await database.write((manager) => manager.insert(FigureEntity, figure('kept')))
    const copy = await backUp(database.source, folder, 1_700_000_000_000)
    await database.close()
    const rows = new LibsqlDriver(copy).prepare('SELECT id FROM figure').all()
    expect(rows).toEqual([{ id: 'kept' }])
  })
})
