import {
  chmodSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  utimesSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { testServer } from '../testing/server.ts'
import { backUp } from './open.ts'
import { databasePath } from './source.ts'
import { StartProblem } from './startProblem.ts'

let folder: string
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'dellop-folder-'))))
afterEach(() => {
  chmodSync(folder, 0o700)
  rmSync(folder, { recursive: true, force: true })
})

/** The sentence with which a start on a folder ends. */
async function sentence(dataFolder = folder): Promise<string> {
  try {
    const server = await testServer(dataFolder)
    await server.stop()
    return ''
  } catch (error) {
    if (error instanceof StartProblem) return error.message
    throw error
  }
}
const begun = async (): Promise<void> => {
  const server = await testServer(folder)
  await server.ask.post('/api/sheets').send({ title: 'Mine', tuneId: null }).expect(200)
  await backUp(server.services.database.source, folder, Date.now())
  await server.stop()
}

describe('a data folder', () => {
  it('is the cuer’s alone, and so is what stands in it', async () => {
    chmodSync(folder, 0o755)
    await begun()
    expect(statSync(folder).mode & 0o777).toBe(0o700)
    for (const name of readdirSync(folder).filter((one) => one.startsWith('dellop.')))
      expect(statSync(join(folder, name)).mode & 0o077).toBe(0)
  })

  it('that is a file is told in one sentence, and stays as it is', async () => {
    const path = join(folder, 'file')
    writeFileSync(path, 'mine')
    expect(await sentence(path)).toMatch(/is a file; a folder for Dellop's data was expected/)
    expect(readFileSync(path, 'utf8')).toBe('mine')
  })

  it('with something else in the place of the database is told, and nothing is touched', async () => {
    writeFileSync(databasePath(folder), 'no database at all, but longer than a head')
    expect(await sentence()).toMatch(/is no database of Dellop\. There is no good copy/)
    expect(readFileSync(databasePath(folder), 'utf8')).toMatch(/^no database/)
  })

  it('whose database is cut in half names its newest good copy', async () => {
    await begun()
    const path = databasePath(folder)
    rmSync(`${path}-wal`, { force: true })
    truncateSync(path, Math.floor(statSync(path).size / 2))
    const size = statSync(path).size
    expect(await sentence()).toMatch(/is damaged\. The newest good copy is .*backups/)
    expect(statSync(path).size).toBe(size)
  })

  it('of a newer Dellop is left to that one', async () => {
    await begun()
    const server = await testServer(folder)
    await server.services.database.write((manager) =>
      manager.query(`INSERT INTO "migrations" ("timestamp", "name") VALUES (9, 'Later9')`),
    )
    await server.stop()
    expect(await sentence()).toMatch(/was written by a newer Dellop; open it with that one/)
  })

  it('is swept at start of what broken-off work has left, and of nothing else', async () => {
    await begun()
    mkdirSync(join(folder, 'tmp'), { recursive: true })
    writeFileSync(join(folder, 'tmp', 'draft'), 'half')
    const hash = 'ab'.repeat(32)
    mkdirSync(join(folder, 'media', 'ab'), { recursive: true })
    const orphan = join(folder, 'media', 'ab', `${hash}.wav`)
    const young = join(folder, 'media', 'ab', `${'cd'.repeat(32)}.wav`)
    writeFileSync(orphan, 'nobody’s')
    utimesSync(orphan, new Date(0), new Date(0))
    writeFileSync(young, 'just now')
    const server = await testServer(folder)
    expect(readdirSync(join(folder, 'tmp'))).toEqual([])
    expect(readdirSync(join(folder, 'media', 'ab'))).toEqual([`${'cd'.repeat(32)}.wav`])
    await server.stop()
  })

  it('keeps a copy that was made while the clock stood wrong', async () => {
    await begun()
    const server = await testServer(folder)
    for (let day = 0; day < 12; day++)
      await backUp(server.services.database.source, folder, Date.now() + day * 86_400_000)
    const old = await backUp(server.services.database.source, folder, 0)
    expect(
      readdirSync(join(folder, 'backups')).map((name) => join(folder, 'backups', name)),
    ).toContain(old)
    expect(readdirSync(join(folder, 'backups'))).toHaveLength(10)
    await server.stop()
  })
})
