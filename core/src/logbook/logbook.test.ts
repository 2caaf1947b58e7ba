import { callLogSchema, type CallLog } from '../call/index.ts'
import { demoText, proved } from '../testing/typed.ts'
import {
  correct,
  emptyEntry,
  entryOfCall,
  entrySchema,
  idleDances,
  isDueAgain,
  logbookCsv,
  logbookJson,
  logbookOf,
  readLogbookCsv,
  readLogbookJson,
  slipsBySlot,
  weeksUntilDue,
  type LogEntry,
} from './index.ts'

const DAY = 24 * 3600_000
const WEEK = 7 * DAY
const sheet = proved(demoText('pegs-on-a-line'))
const { slots, passes } = sheet.timeline
const log = (events: CallLog['events']): CallLog =>
  callLogSchema.parse({
    format: 'dellop-call',
    version: 2,
    id: 'c1',
    sheetId: 'pegs-on-a-line',
    revision: 1,
    title: 'Pegs on a Line',
    startedAtMs: 5 * DAY,
    clockZeroMs: 5 * DAY,
    endedAtMs: 5 * DAY + 60_000,
    groupId: 'wednesdays',
    where: 'Tar loft',
    caller: '',
    music: 'recording',
    from: 0,
    speed: 1,
    bpm: 100,
    events,
  })
const facts = { groupName: 'Wednesdays', present: 17 }
const entry = (sheetId: string, atMs: number, over: Partial<LogEntry> = {}): LogEntry => ({
  ...emptyEntry(`${sheetId}-${atMs}`, sheetId, atMs),
  sheetId,
  groupId: 'wednesdays',
  ...over,
})

describe('the entry of a call', () => {
  const start = { type: 'start', at: 0, countInSeconds: 0 } as const
  const cue = (i: number) =>
    ({ type: 'cue', at: i, key: slots[i]!.key, text: 'x', tick: slots[i]!.start }) as const

  it('tells how far it came, what was danced and what went wrong', () => {
    const lost = {
      type: 'lose',
      at: 20,
      from: slots[5]!.start,
      couple: slots[5]!.before,
      until: slots[6]!.start,
    } as const
    const mark = { type: 'mark', at: 21, tick: slots[6]!.start } as const
    const one = entryOfCall(log([start, cue(1), cue(5), lost, mark]), sheet, facts)
    expect(entrySchema.safeParse(one).success).toBe(true)
    expect(one).toMatchObject({ finished: false, present: 17, hall: 'Tar loft', bpm: 100 })
    expect(one.passesDanced).toBeLessThan(passes.length)
    expect(one.slips.map(({ what }) => what)).toEqual(['lost', 'marked'])
    const danced = one.figures.reduce((sum, { times }) => sum + times, 0)
    expect(danced).toBeGreaterThan(3)
    expect(danced).toBeLessThan(slots.length)
  })

  it('that came to its end danced all of it, and is the same each time', () => {
    const whole = log([start, cue(1), { type: 'end', at: 90 }])
    const one = entryOfCall(whole, sheet, facts)
    expect(one).toEqual(entryOfCall(whole, sheet, facts))
    expect(one).toMatchObject({ finished: true, passesDanced: passes.length, minutes: 1.5 })
  })

  it('marks where it went wrong on the dance as it stands, and nowhere else', () => {
    const at = slots[6]!
    const mark = { type: 'mark', at: 21, tick: at.start } as const
    const one = entryOfCall(log([start, mark]), sheet, facts)
    const places = logbookOf([one, { ...one, id: 'again' }]).slipsOf('pegs-on-a-line')
    expect([...slipsBySlot(passes, places)]).toEqual([[at.key, 2]])
    const elsewhere = places.map((place) => ({ ...place, slotId: 'gone' }))
    expect(slipsBySlot(passes, elsewhere).size).toBe(0)
  })

  it('without its sheet says what the log alone knows', () => {
    const one = entryOfCall(log([start]), null, facts)
    expect(one).toMatchObject({ title: 'Pegs on a Line', figures: [], passesDanced: 0 })
  })
})

describe('a correction', () => {
  it('keeps what was said before, and does nothing where nothing changes', () => {
    const one = entry('a', 0, { hall: 'Tar loft' })
    const two = correct(one, 'hall', 'Net loft', 7)
    expect(two.hall).toBe('Net loft')
    expect(two.corrected).toEqual([
      { atMs: 7, field: 'hall', before: 'Tar loft', after: 'Net loft' },
    ])
    expect(correct(two, 'hall', 'Net loft', 8)).toBe(two)
  })
})

describe('what a logbook answers', () => {
  const slip = (slotId: string) => ({ what: 'lost' as const, slotId, name: 'Wrap', pass: 'A 2' })
  const book = logbookOf([
    entry('a', 1 * WEEK, {
      slips: [slip('s1'), slip('s2')],
      figures: [{ id: 'wrap', times: 3 }],
      recordingId: 'r',
      fills: [{ passId: 'p', times: 7 }],
    }),
    entry('a', 3 * WEEK, {
      slips: [slip('s1')],
      figures: [{ id: 'wrap', times: 2 }],
      groupId: 'x',
    }),
    entry('b', 2 * WEEK, { figures: [{ id: 'box', times: 1 }] }),
  ])

  it('when it was last danced, and by whom', () => {
    expect(book.last('a')?.groupId).toBe('x')
    expect(book.last('a', 'wednesdays')?.atMs).toBe(WEEK)
    expect(book.last('c')).toBeNull()
  })

  it('what went wrong and where, the worst first; how often a fill went round on this music', () => {
    expect(book.slipsOf('a').map(({ slotId, times }) => [slotId, times])).toEqual([
      ['s1', 2],
      ['s2', 1],
    ])
    expect(book.fill('a', 'p', 'r')).toBe(7)
    expect(book.fill('a', 'p', 'other')).toBeNull()
  })

  it('what a group has danced, since when, and what is due again', () => {
    const [first, second] = book.danced('wednesdays')
    expect([first!.id, second!.id].sort()).toEqual(['box', 'wrap'])
    const wrap = book.danced('wednesdays').find(({ id }) => id === 'wrap')!
    expect(wrap).toMatchObject({ times: 3, firstMs: WEEK, days: 1 })
    expect(isDueAgain(wrap, 7 * WEEK, 6)).toBe(true)
    expect(isDueAgain(wrap, 6 * WEEK, 6)).toBe(false)
  })

  it('which dances lie idle, and how often each figure was called', () => {
    const idle = idleDances(book, [{ id: 'a' }, { id: 'b' }, { id: 'c' }], 10 * WEEK, 8)
    expect(idle.map(({ dance }) => dance.id)).toEqual(['b', 'c'])
    const same = new Map([['b', ['a']]])
    const left = idleDances(book, [{ id: 'b' }, { id: 'c' }], 10 * WEEK, 8, same)
    expect(left.map(({ dance }) => dance.id)).toEqual(['c'])
    expect(book.figureTimes(0, 10 * WEEK)).toEqual([
      { id: 'wrap', times: 5 },
      { id: 'box', times: 1 },
    ])
  })
})

describe('a logbook as a table', () => {
  it('is read back as it was', () => {
    const entries = [
      entry('a', WEEK, { remarks: 'A "quoted", long\nremark', present: 12, hall: '=Hall' }),
    ]
    const read = readLogbookCsv(logbookCsv(entries), () => 'new')
    const [one] = entries as [LogEntry]
    expect(read.ok && read.value).toEqual([
      expect.objectContaining({
        id: one.id,
        atMs: one.atMs,
        remarks: one.remarks,
        present: 12,
        hall: '=Hall',
      }),
    ])
  })

  it('with a row that cannot be read is refused whole, with the row', () => {
    const read = readLogbookCsv('date,title\n2026-01-01,A\nnever,B', () => 'new')
    expect(read.ok ? '' : read.problem.message).toMatch(/^Row 3: /)
  })
})

describe('a logbook as JSON', () => {
  const entries = [
    entry('b', 2 * WEEK, { figures: [{ id: 'box', times: 2 }], fills: [] }),
    entry('a', WEEK, { remarks: 'again', corrected: [] }),
  ]
  it('is read back whole, the oldest first', () => {
    expect(readLogbookJson(logbookJson(entries))).toEqual({
      ok: true,
      value: [entries[1], entries[0]],
    })
  })
  it.each([
    ['{', /line 1/],
    ['{"format": "dellop-sheet"}', /no list of entries/],
    [JSON.stringify([entries[0], { ...entries[1], minutes: -1 }]), /entry 2.*minutes/],
    [JSON.stringify([{ ...entries[0], version: 2 }]), /entry 1.*version/],
  ])('that says %s is refused whole, with the place', (text, where) => {
    const read = readLogbookJson(text)
    expect(read.ok ? '' : read.problem.message).toMatch(where)
  })
})

describe('how well a group knows a dance', () => {
  const danced = (id: string, day: number, groupId: string | null = 'g') => ({
    ...emptyEntry(id, 'Pegs on a Line', day * DAY),
    sheetId: 'pegs',
    groupId,
  })
  const known = (entries: readonly LogEntry[], today: number, groupId: string | null = 'g') =>
    logbookOf(entries).known('pegs', groupId, today * DAY)
  it('is the evenings on which it was danced, however often on each', () => {
    const entries = [danced('a', 100), danced('b', 100.1), danced('c', 107), danced('d', 114)]
    expect(known(entries, 120)).toBe(3)
    expect(known(entries, 108)).toBe(2)
    expect(known([], 120)).toBe(0)
  })
  it('begins anew after six weeks without it', () => {
    const entries = [danced('a', 10), danced('b', 17), danced('c', 100), danced('d', 107)]
    expect(known(entries, 110)).toBe(2)
    expect(known(entries, 107 + 41)).toBe(2)
    expect(known(entries, 107 + 42)).toBe(0)
  })
  it('begins anew after as many weeks as are set', () => {
    const entries = [danced('a', 93), danced('b', 100)]
    const after = (weeks: number) => logbookOf(entries).known('pegs', 'g', 121 * DAY, weeks)
    expect([after(3), after(4), after(12)]).toEqual([0, 2, 2])
  })
  it('goes by the weeks of the group’s own lessons, those that go on longest', () => {
    const lessons = (groupId: string, dueWeeks: number, date: string) => ({
      groupId,
      dueWeeks,
      lessons: [{ date }],
    })
    const all = [
      lessons('g', 4, '2026-03-01'),
      lessons('g', 8, '2026-09-01'),
      lessons('other', 3, '2026-10-01'),
    ]
    expect(weeksUntilDue(all, 'g')).toBe(8)
    expect(weeksUntilDue([...all].reverse(), 'g')).toBe(8)
    expect(weeksUntilDue(all, 'nobody')).toBeNull()
  })
  it('is that of the group that is named, or of whoever danced it', () => {
    const entries = [danced('a', 100), danced('b', 107, 'other'), danced('c', 108, null)]
    expect([known(entries, 110), known(entries, 110, 'other'), known(entries, 110, null)]).toEqual([
      1, 1, 3,
    ])
  })
})
