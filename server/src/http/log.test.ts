import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileLog } from './log.ts'

describe('the log', () => {
  const folder = mkdtempSync(join(tmpdir(), 'dellop-log-'))
  const path = join(folder, 'log/dellop.jsonl')
  afterAll(() => rmSync(folder, { recursive: true, force: true }))

  it('is one JSON object a line, with its time', () => {
    const log = fileLog(folder, () => 0)
    log.write({ level: 'info', path: '/api' })
    log.write({ level: 'error' })
    expect(
      readFileSync(path, 'utf8')
        .trim()
        .split('\n')
        .map((line) => JSON.parse(line)),
    ).toEqual([
      { at: '1970-01-01T00:00:00.000Z', level: 'info', path: '/api' },
      { at: '1970-01-01T00:00:00.000Z', level: 'error' },
    ])
  })

  it('is put aside when it has grown, and three such are kept', () => {
    const log = fileLog(folder, () => 0)
    for (let n = 0; n < 5; n++) {
      writeFileSync(path, 'x'.repeat(5 * 1024 * 1024 + 1))
      log.write({ n })
    }
    expect([1, 2, 3, 4].map((n) => existsSync(`${path}.${n}`))).toEqual([true, true, true, false])
    expect(readFileSync(path, 'utf8')).toContain('"n":4')
  })
})
