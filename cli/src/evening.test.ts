import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { emptyEntry } from '@dellop/core/logbook'
import { evening } from './evening.ts'
import { log } from './log.ts'
import type { Outcome } from './outcome.ts'

const demo = (path: string): string => join(__dirname, '../../demo', path)
let folder: string
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'dellop-evening-'))
  process.env['DELLOP_CWD'] = folder
})
afterAll(() => {
  delete process.env['DELLOP_CWD']
  rmSync(folder, { recursive: true, force: true })
})
const written = (json: unknown): string => {
  writeFileSync(join(folder, 'evening.json'), JSON.stringify(json))
  return 'evening.json'
}
const jsonOf = (outcome: Outcome) =>
  ('json' in outcome ? outcome.json : {}) as {
    ends: string
    items: { title: string; starts: string; walk: number }[]
    warnings: { code: string; message: string }[]
    entries: { title: string }[]
  }

describe('dellop evening', () => {
  const programme = {
    title: 'Saltmarsh Social',
    date: '2026-12-02',
    startsAt: '19:30',
    endsAt: '19:50',
    present: 19,
    items: [
      { sheetId: 'pegs-on-a-line', walkMinutes: 8 },
      { kind: 'break', title: 'Tea', minutes: 10 },
      { sheetId: 'four-lamps-square' },
    ],
  }

  it('tells the times of a programme and what is worth a look, with sheets, group and logbook', () => {
    writeFileSync(
      join(folder, 'log.json'),
      JSON.stringify([
        {
          ...emptyEntry('one', 'Pegs', Date.parse('2026-11-25T19:00:00Z')),
          sheetId: 'pegs-on-a-line',
        },
      ]),
    )
    const told = jsonOf(
      evening([
        written(programme),
        '--sheets',
        demo('sheets'),
        '--group',
        demo('groups/wednesdays-in-the-tar-loft.json'),
        '--log',
        'log.json',
      ]),
    )
    expect(told.items.map(({ title }) => title)).toEqual(['Pegs on a Line', 'Tea', 'Four Lamps'])
    expect(told.items[0]).toMatchObject({ starts: '19:30', walk: 8 })
    const codes = told.warnings.map(({ code }) => code)
    expect(codes).toEqual(expect.arrayContaining(['overrun', 'odd', 'lately', 'to-teach']))
    expect(told.warnings.find(({ code }) => code === 'odd')!.message).toMatch(
      /^Four Lamps: 3 dancers left over/,
    )
  })

  it('refuses what is no programme, and a folder that is not there, with a sentence', () => {
    const sentence = (...line: string[]): string => {
      const outcome = evening(line)
      return 'sentence' in outcome ? outcome.sentence : ''
    }
    expect(sentence()).toBe('One programme was expected, as the application takes it along.')
    expect(sentence(written({ ...programme, startsAt: 'late' }))).toMatch(/startsAt.*19:30/)
    expect(sentence(written([1]))).toMatch(/is no programme/)
    expect(sentence(written(programme), '--sheets', 'nowhere')).toMatch(/There is no file/)
  })
})

describe('dellop log export', () => {
  let server: Server
  let address: string
  beforeAll(async () => {
    const entries = [emptyEntry('b', 'Later', 2e12), emptyEntry('a', 'Earlier', 1e12)]
    server = createServer((_, answer) => answer.end(JSON.stringify({ entries })))
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
    address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
  })
  afterAll(() => new Promise((resolve) => server.close(resolve)))

  it('gives what was danced, the oldest first, since a day too, and as a table', async () => {
    const titles = jsonOf(await log(['export', '--from', address])).entries
    expect(titles.map(({ title }) => title)).toEqual(['Earlier', 'Later'])
    const since = jsonOf(await log(['export', '--from', address, '--since', '2020-01-01'])).entries
    expect(since.map(({ title }) => title)).toEqual(['Later'])
    const table = await log(['export', '--from', address, '--csv'])
    expect('text' in table && table.text.split('\r\n')[1]).toMatch(/^a,2001-09-09/)
  })

  it('says so where nobody answers, or the day is none', async () => {
    const sentence = async (...line: string[]): Promise<string> => {
      const outcome = await log(line)
      return 'sentence' in outcome ? outcome.sentence : ''
    }
    expect(await sentence('export', '--from', 'http://127.0.0.1:1')).toMatch(/^No Dellop answered/)
    expect(await sentence('export', '--since', 'soon')).toMatch(/takes a day such as/)
    expect(await sentence('burn')).toMatch(/export/)
  })
})
