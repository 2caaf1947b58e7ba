import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { start } from '../start.ts'
import { FolderInUse, lockFolder } from './lock.ts'

let folder: string
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'dellop-lock-'))))
afterEach(() => rmSync(folder, { recursive: true, force: true }))

const path = () => join(folder, 'dellop.lock')
const held = () => JSON.parse(readFileSync(path(), 'utf8')) as { pid: number; address: string }
/** No process has a number so large. */
const NOBODY = 2 ** 30

describe('a data folder', () => {
  it('is held by one: a second is told who has it and where', () => {
    const lock = lockFolder(folder, 0)
    lock.at('http://127.0.0.1:4477')
    expect(held()).toMatchObject({ pid: process.pid, address: 'http://127.0.0.1:4477' })
    expect(() => lockFolder(folder, 1)).toThrow(FolderInUse)
    expect(() => lockFolder(folder, 1)).toThrow(
      new RegExp(`process ${process.pid}.*at http://127.0.0.1:4477.*DELLOP_DATA`),
    )
    lock.release()
    expect(existsSync(path())).toBe(false)
    lockFolder(folder, 2).release()
  })

  it.each([
    ['a process that is gone', JSON.stringify({ pid: NOBODY, address: null })],
    ['this number, used again after a restart', JSON.stringify({ pid: process.pid })],
    ['nobody readable', 'half a li'],
  ])('that was left behind by %s is taken over', (_by, text) => {
    writeFileSync(path(), text)
    const lock = lockFolder(folder, 0)
    expect(held().pid).toBe(process.pid)
    lock.release()
  })

  it('is let go where the server cannot start, and when it stops', async () => {
    const running = await start({
      dataFolder: folder,
      webFolder: null,
      demoFolder: folder,
      port: 0,
    })
    expect(held().address).toBe(running.address)
    await expect(
      start({ dataFolder: folder, webFolder: null, demoFolder: folder, port: 0 }),
    ).rejects.toBeInstanceOf(FolderInUse)
    expect(held().address).toBe(running.address)
    const port = Number(new URL(running.address).port)
    const other = mkdtempSync(join(tmpdir(), 'dellop-lock-'))
    await expect(
      start({ dataFolder: other, webFolder: null, demoFolder: folder, port }),
    ).rejects.toMatchObject({
      code: 'EADDRINUSE',
    })
    expect(existsSync(join(other, 'dellop.lock'))).toBe(false)
    rmSync(other, { recursive: true, force: true })
    await running.stop()
    expect(existsSync(path())).toBe(false)
  })
})
