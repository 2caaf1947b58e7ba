import {
  dancedEvenings,
  emptyEntry,
  figuresByWeek,
  kindsByEvening,
  usualChangeover,
  type LogEntry,
} from './index.ts'

const MINUTE = 60_000
const HOUR = 60 * MINUTE
const DAY = 24 * HOUR
const WEEK = 7 * DAY
/** A Tuesday at half past seven in the evening. */
const EVENING = 19.5 * HOUR

const entry = (title: string, atMs: number, over: Partial<LogEntry> = {}): LogEntry => ({
  ...emptyEntry(`${title}-${atMs}`, title, atMs),
  minutes: 4,
  ...over,
})
const titles = (evenings: readonly (readonly LogEntry[])[]): string[] =>
  evenings.map((list) => list.map(({ title }) => title).join(' '))

describe('evenings of the logbook', () => {
  const entries = [
    entry('c', WEEK + EVENING),
    entry('b', EVENING + 4.9 * HOUR),
    entry('a', EVENING),
    entry('d', WEEK + EVENING + 6 * HOUR + 1),
  ]
  it('go on past midnight, and end where nothing was danced for six hours', () => {
    expect(titles(dancedEvenings(entries))).toEqual(['a b', 'c', 'd'])
  })
  it('are none before the season, nor without entries', () => {
    expect(titles(dancedEvenings(entries, WEEK))).toEqual(['c', 'd'])
    expect(dancedEvenings([])).toEqual([])
  })
  it('say how many of each kind they had, the most danced first, unknown ones left out', () => {
    const kinds: Readonly<Record<string, string>> = { a: 'waltz', b: 'mixer', c: 'mixer' }
    const found = kindsByEvening(dancedEvenings(entries), ({ title }) => kinds[title] ?? null)
    expect(found).toEqual([
      { kind: 'mixer', times: [1, 1, 0] },
      { kind: 'waltz', times: [1, 0, 0] },
    ])
  })
})

describe('a group’s figures by week', () => {
  const of = (...ids: string[]) => ids.map((id) => ({ id, times: 3 }))
  it('are counted once a week, add up, and weeks without a dance are there', () => {
    const entries = [
      entry('x', EVENING + 2 * WEEK, { figures: of('box', 'hover') }),
      entry('y', EVENING, { figures: of('box', 'vine') }),
      entry('z', EVENING + HOUR, { figures: of('box') }),
    ]
    expect(figuresByWeek(entries)).toEqual([
      { week: 0, danced: 2, known: 2 },
      { week: 1, danced: 0, known: 2 },
      { week: 2, danced: 2, known: 3 },
    ])
  })
  it('are none where nothing was danced', () => expect(figuresByWeek([])).toEqual([]))
})

describe('the usual changeover', () => {
  /** Dances of four minutes, with so many seconds between one’s end and the next one’s beginning. */
  const evening = (at: number, gaps: readonly number[], walkMinutes: number | null = null) => {
    let begin = at
    return [0, ...gaps].map((gap, i) => {
      if (i > 0) begin += 4 * MINUTE + gap * 1000 + (walkMinutes ?? 0) * MINUTE
      return entry(`d${i}`, begin, { walkMinutes })
    })
  }
  it('is the middle of those between dances, to five seconds; breaks are none', () => {
    expect(usualChangeover(evening(EVENING, [60, 62, 1200, 75, 91, 295]))).toBe(75)
  })
  it('leaves the walk-through out', () => {
    expect(usualChangeover(evening(EVENING, [80, 80, 80, 80, 80], 5))).toBe(80)
  })
  it('is not guessed from a few, nor carried over to the next evening', () => {
    expect(usualChangeover(evening(EVENING, [60, 60, 60, 60]))).toBeNull()
    const weeks = [0, 1, 2, 3, 4, 5].flatMap((n) => evening(n * WEEK + EVENING, []))
    expect(usualChangeover(weeks)).toBeNull()
  })
  it('goes by the last twelve evenings', () => {
    const long = Array.from({ length: 20 }, (_, n) => evening(n * WEEK, [n < 8 ? 240 : 60, 60]))
    expect(usualChangeover(long.flat())).toBe(60)
  })
})
