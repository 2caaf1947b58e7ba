import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileLog } from './log.ts'

const linesOf = (path: string): Record<string, unknown>[] =>
  readFileSync(path, 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Record<string, unknown>)

describe('the log', () => {
  let folder: string
  let path: string
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'dellop-log-'))
    path = join(folder, 'log/dellop.jsonl')
  })
  afterEach(() => rmSync(folder, { recursive: true, force: true }))

  it('is one JSON object a line, with its time, and goes on where it was', async () => {
    const log = fileLog(folder, () => 0)
    log.write({ level: 'info', path: '/api' })
    await log.close()
    const later = fileLog(folder, () => 1000)
    later.write({ level: 'error', error: 'what was thrown' })
    await later.close()
    expect(linesOf(path)).toEqual([
      { at: '1970-01-01T00:00:00.000Z', level: 'info', path: '/api' },
      { at: '1970-01-01T00:00:01.000Z', level: 'error', error: 'what was thrown' },
    ])
  })

  it('is put aside when it has grown, three such are kept, and no line is lost between', async () => {
    let log = fileLog(folder, () => 0)
    for (let n = 0; n < 5; n++) {
      log.write({ level: 'info', n, long: 'x'.repeat(5 * 1024 * 1024) })
      await log.close()
      log = fileLog(folder, () => 0)
      log.write({ level: 'info', after: n })
      await log.close()
      log = fileLog(folder, () => 0)
    }
    expect([1, 2, 3, 4].map((n) => existsSync(`${path}.${n}`))).toEqual([true, true, true, false])
    expect(linesOf(path).at(-1)).toMatchObject({ after: 4 })
    expect(linesOf(`${path}.1`).map(({ n, after }) => [n, after])).toEqual([
      [undefined, 3],
      [4, undefined],
    ])
  })

  it('that cannot be written says so once, and fails nothing', async () => {
    const told = jest.spyOn(console, 'error').mockImplementation(() => undefined)
    mkdirSync(path, { recursive: true })
    const log = fileLog(folder, () => 0)
    for (let n = 0; n < 3; n++) log.write({ level: 'info', n })
    await new Promise((wait) => setTimeout(wait, 100))
    expect(told).toHaveBeenCalledTimes(1)
    expect(told.mock.calls[0]![0]).toMatch(/^The log cannot be written: /)
    told.mockRestore()
  })
})
