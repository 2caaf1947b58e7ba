import { clockOfMinutes } from '../time/index.ts'
import ICAL from 'ical.js'
import { expectOk } from '../document/index.ts'
import { readHall } from '../floor/index.ts'
import { demoText, proved, SHEET_NAMES } from '../testing/typed.ts'
import {
  danceFacts,
  dancersThatFit,
  eveningCsv,
  eveningMarkdown,
  eveningSchema,
  eveningsCalendar,
  eveningsSince,
  lateOffers,
  leftToCall,
  momentOf,
  readCalendar,
  setsFor,
  tempoFor,
  timesOf,
  tonightAt,
  warningsOf,
  type Evening,
  type EveningItem,
  type WarningContext,
} from './index.ts'
import { dance, entry, evening, facts, of } from '../testing/evenings.ts'

const SMALL_HALL = expectOk(readHall('6 x 8 m'))
const NOBODY: Omit<WarningContext, 'facts'> = { knows: null, level: null, before: [] }

describe('the times of an evening', () => {
  const known = of(facts('a', { seconds: 180 }), facts('b', { seconds: 240 }))

  it('are computed from music at its speed, walk-throughs and changeovers', () => {
    const one = evening([
      dance('a', { walkMinutes: 6 }),
      dance('b', { speed: 0.8, times: 2 }),
      { id: 'p', kind: 'break', title: 'Tea', minutes: 15 },
    ])
    const times = timesOf(one, known)
    expect(times.items.map(({ starts }) => clockOfMinutes(starts))).toEqual([
      '19:30',
      '19:40',
      '19:52',
    ])
    expect(times.items.map(({ minutes }) => minutes)).toEqual([9, 10.5, 15])
    expect(clockOfMinutes(times.ends)).toBe('20:07')
  })

  it('go by the recording of an item, where it has one of its own that is still there', () => {
    const live = { id: 'live', name: 'Live', seconds: 300, bpm: 80, hasSound: false }
    const one = facts('a', { bpm: 100, recordings: [{ ...live, id: 'own', seconds: 180 }, live] })
    const items = [
      dance('a'),
      dance('a', { recordingId: 'live' }),
      dance('a', { recordingId: 'gone' }),
    ]
    const known = of(one)
    expect(timesOf(evening(items), known).items.map(({ minutes }) => minutes)).toEqual([3, 5, 3])
    expect(items.map((item) => tempoFor(one, { ...item, speed: 1.1 }))).toEqual([110, 88, 110])
    const warned = warningsOf(evening(items), { facts: known, ...NOBODY })
    expect(warned.filter(({ code }) => code === 'no-sound')).toHaveLength(1)
  })

  it('hold past midnight, and leave out what is dropped', () => {
    const one = evening([dance('a'), dance('b', { dropped: true })], {
      startsAt: '23:30',
      endsAt: '00:30',
    })
    const times = timesOf(one, known)
    expect(times.until - times.starts).toBe(60)
    expect(times.items[1]!.minutes).toBe(0)
  })
})

describe('room in a hall', () => {
  const hall = (text: string) => expectOk(readHall(text))
  const factsOf = (name: string) => {
    const { routine, book } = proved(demoText(name))
    return danceFacts(routine, book, null)
  }
  it('is for fewer in a smaller hall, and for fewer where something stands, whatever is danced', () => {
    for (const name of SHEET_NAMES) {
      const { floor } = factsOf(name)
      if (!floor) continue
      const [wide, narrow, full] = ['14 x 20 m', '9 x 12 m', '14 x 20 m; stage 0,0 14x6'].map(
        (text) => dancersThatFit(hall(text), floor),
      )
      expect(narrow).toBeLessThan(wide!)
      expect(full).toBeLessThanOrEqual(wide!)
    }
  })
  it('is for whole sets', () => {
    const { floor } = factsOf('four-lamps-square')
    expect(floor).toMatchObject({ kind: 'set', dancers: 8 })
    expect(dancersThatFit(hall('14 x 20 m'), floor!) % 8).toBe(0)
    const square = of(facts('a', { floor }))
    const small = { facts: square, knows: null, level: null, before: [], hall: hall('5 x 5 m') }
    const told = (present: number) =>
      warningsOf(evening([dance('a')], { present }), small).flatMap((one) =>
        one.code === 'crowded' ? [[one.fits, one.came]] : [],
      )
    // Three left over sit out anyhow; eight more have no room.
    expect([told(8), told(11), told(16)]).toEqual([[], [], [[8, 16]]])
  })
})

describe('warnings of a programme', () => {
  const codes = (one: Evening, context: Partial<WarningContext>): string[] =>
    warningsOf(one, { ...NOBODY, facts: new Map(), ...context }).map(({ code }) => code)

  it('say by how many minutes it is too long, or leaves a gap', () => {
    const short = { startsAt: '19:30', endsAt: '19:40' }
    const known = of(facts('a', { seconds: 600 }))
    const [found] = warningsOf(evening([dance('a'), dance('a')], short), {
      ...NOBODY,
      facts: known,
    })
    expect(found).toMatchObject({ code: 'overrun', minutes: 11 })
    expect(codes(evening([dance('a')]), { facts: known })).toContain('gap')
  })

  it.each<[string, EveningItem[], Partial<WarningContext>, Partial<Evening>]>([
    ['no-sheet', [dance('x')], {}, {}],
    ['no-sound', [dance('a')], { facts: of(facts('a', { hasSound: false })) }, {}],
    ['twice', [dance('a'), dance('a', { id: 'again' })], { facts: of(facts('a')) }, {}],
    [
      'twice',
      [dance('a'), dance('b')],
      { facts: of(facts('a', { sameAs: ['b'] }), facts('b', { sameAs: ['a'] })) },
      {},
    ],
    ['dancers', [dance('a')], { facts: of(facts('a', { dancers: 8 })) }, { present: 6 }],
    ['odd', [dance('a')], { facts: of(facts('a', { dancers: 8 })) }, { present: 19 }],
    [
      'crowded',
      [dance('a')],
      { facts: of(facts('a', { floor: { kind: 'ring' } })), hall: SMALL_HALL },
      { present: 30 },
    ],
    [
      'lately',
      [dance('a')],
      { facts: of(facts('a')), before: [entry('b', '2026-11-25'), entry('a', '2026-11-18')] },
      {},
    ],
    [
      'tune-twice',
      [dance('a'), dance('b')],
      { facts: of(facts('a', { tuneId: 't' }), facts('b', { tuneId: 't' })) },
      {},
    ],
    [
      'tune-lately',
      [dance('a')],
      {
        facts: of(facts('a', { tuneId: 't' }), facts('b', { tuneId: 't' })),
        before: [entry('c', '2026-11-25'), entry('b', '2026-11-18')],
      },
      {},
    ],
    [
      'to-teach',
      [dance('a')],
      {
        facts: of(facts('a', { figures: [{ id: 'wrap', name: 'Wrap', times: 2 }] })),
        knows: () => false,
      },
      {},
    ],
    ['level', [dance('a')], { facts: of(facts('a', { level: 'advanced' })), level: 'easy' }, {}],
    [
      'no-rest',
      ['a', 'b', 'c'].map((id) => dance(id)),
      { facts: of(...['a', 'b', 'c'].map((id) => facts(id, { stepsASecond: 2.5 }))) },
      {},
    ],
    ['no-break', [dance('a'), dance('b')], { facts: of(facts('a', { seconds: 4800 })) }, {}],
  ])('%s', (code, items, context, over) => {
    expect(codes(evening(items, over), context)).toContain(code)
  })

  it('say nothing of rests that are there', () => {
    const hard = ['a', 'b', 'c'].map((id) => facts(id, { stepsASecond: 2.5 }))
    const rested = [
      dance('a'),
      dance('b'),
      { id: 'p', kind: 'break' as const, title: '' },
      dance('c'),
    ]
    expect(codes(evening(rested), { facts: of(...hard) })).not.toContain('no-rest')
  })

  it('count evenings back by the days on which anything was danced', () => {
    const before = [entry('a', '2026-11-25'), entry('b', '2026-11-25'), entry('c', '2026-11-18')]
    const since = (id: string, sameAs: string[] = []) =>
      eveningsSince({ sheetId: id, sameAs }, before, '2026-12-02')
    expect(since('b')).toBe(1)
    expect(since('c')).toBe(2)
    expect(since('d')).toBeNull()
    expect(since('d', ['x', 'c'])).toBe(2)
  })
})

describe('tonight', () => {
  const known = of(facts('a'), facts('b'), facts('c'))
  const at = (clock: number) => clock
  const minutesOf = (ms: number): number => ms / 60_000
  const begun = (id: string, began: number, ended?: number): EveningItem =>
    dance(id, {
      beganMs: began * 60_000,
      ...(ended === undefined ? {} : { endedMs: ended * 60_000 }),
    })

  it('is in time before it begins, and late by what has taken longer', () => {
    const start = 19 * 60 + 30
    const planned = evening([dance('a'), dance('b')])
    expect(tonightAt(planned, known, at(start - 20), minutesOf)).toMatchObject({
      now: null,
      next: { sheetId: 'a' },
      lateMinutes: 0,
    })
    const late = evening([begun('a', start + 6, start + 9), dance('b')])
    const now = tonightAt(late, known, at(start + 10), minutesOf)
    expect(now.next?.sheetId).toBe('b')
    expect(now.lateMinutes).toBeCloseTo(6, 5)
    const running = evening([begun('a', start), dance('b')])
    expect(tonightAt(running, known, at(start + 8), minutesOf)).toMatchObject({
      now: { sheetId: 'a' },
      lateMinutes: 5,
    })
  })

  it('offers to shorten first and to leave out last, each with what it wins, and does it', () => {
    const items = [
      dance('a', { walkMinutes: 8, times: 2 }),
      { id: 'tea', kind: 'break' as const, title: 'Tea', minutes: 20 },
      dance('b', { must: true }),
      dance('c'),
    ]
    const one = evening(items)
    const offers = lateOffers(one, known)
    expect(offers.map(({ how }) => how)).toEqual(['walk', 'times', 'shorter', 'drop', 'drop'])
    expect(offers.map(({ item }) => item.id)).not.toContain(undefined)
    expect(offers.filter(({ how }) => how === 'drop').map(({ item }) => item.id)).toEqual([
      'i-c',
      'i-a',
    ])
    for (const { item, becomes, wins, how } of offers) {
      const after = evening(items.map((other) => (other.id === item.id ? becomes : other)))
      const won = timesOf(one, known).ends - timesOf(after, known).ends
      expect(won).toBeCloseTo(wins, 1)
      expect(how === 'drop').toBe(becomes.dropped === true)
    }
  })

  it('counts sets, and who is left over', () => {
    expect(setsFor(facts('a', { dancers: 8 }), 19)).toEqual({ sets: 2, left: 3 })
  })
})

describe('what is still to be called', () => {
  it('is each dance on each recording once, but for what is over or left out', () => {
    const one = evening([
      dance('over', { beganMs: 1, endedMs: 2 }),
      dance('now', { beganMs: 2 }),
      dance('out', { dropped: true }),
      { id: 'tea', kind: 'break', title: 'Tea' },
      dance('now'),
      dance('now', { recordingId: 'live' }),
    ])
    expect(leftToCall(one)).toEqual([
      { sheetId: 'now', recordingId: null },
      { sheetId: 'now', recordingId: 'live' },
    ])
  })
})

describe('calendars', () => {
  const known = of(facts('a'))

  it('say the same times to another reader, over changes of summer time, and keep their UID', () => {
    for (const [date, offset] of [
      ['2026-03-28', 1],
      ['2026-03-29', 2],
      ['2026-10-24', 2],
      ['2026-10-25', 1],
    ] as const) {
      const one = evening([dance('a')], { date, startsAt: '19:30', endsAt: '00:15' })
      const read = new ICAL.Component(ICAL.parse(eveningsCalendar([one], known, 0)) as string)
      const event = new ICAL.Event(read.getFirstSubcomponent('vevent')!)
      expect(event.startDate.toJSDate().getTime()).toBe(
        Date.parse(`${date}T19:30:00Z`) - offset * 3600_000,
      )
      expect(event.endDate.toJSDate().getTime() - event.startDate.toJSDate().getTime()).toBe(
        4.75 * 3600_000,
      )
      expect(event.uid).toBe('e1@evenings.dellop')
      expect(event.description).toContain('19:30 A')
    }
  })

  it('are read back: the same evening, day, times and hall, however often', () => {
    const one = evening([dance('a')], { hall: 'Tar loft', date: '2026-10-25' })
    const read = readCalendar(eveningsCalendar([one], known, 0), 'Europe/Berlin', () => 'new')
    expect(read.ok && read.value[0]).toMatchObject({
      id: 'e1',
      title: 'Saltmarsh Social',
      date: '2026-10-25',
      startsAt: '19:30',
      endsAt: '22:00',
      hall: 'Tar loft',
    })
    expect(read.ok && eveningSchema.safeParse(read.value[0]).success).toBe(true)
  })

  it('that are none are refused with a sentence', () => {
    const message = (text: string): string => {
      const read = readCalendar(text, 'Europe/Berlin', () => 'new')
      return read.ok ? '' : read.problem.message
    }
    expect(message('nonsense')).toMatch(/^A calendar .* was expected/)
    expect(message('BEGIN:VCALENDAR\nEND:VCALENDAR')).toMatch(/at least one event/)
  })

  it('know that past midnight is the next day', () => {
    expect(momentOf(evening([]), 24 * 60 + 15).toISOString()).toBe('2026-12-02T23:15:00.000Z')
  })
})

describe('a programme as a text', () => {
  it('is a table that no spreadsheet takes for formulas, and Markdown whose cells stay whole', () => {
    const items = [{ id: 'x', kind: 'announcement' as const, title: '=1+1|a' }]
    expect(eveningCsv(evening(items), new Map())).toContain("'=1+1|a")
    expect(eveningMarkdown(evening(items), new Map())).toContain('| 19:30 | =1+1\\|a | 3 |')
  })
})

describe('the facts of a dance', () => {
  it('are had on each recording of its tune, where there is a choice', () => {
    const { routine, book, tune } = proved(demoText('combing-the-teasels'))
    const [first] = tune!.recordings
    expect(danceFacts(routine, book, tune).recordings).toEqual([])
    const live = { ...first!, id: 'live', name: 'Live', durationSeconds: 301, media: null }
    const two = { ...tune!, recordings: [first!, live] }
    const one = danceFacts({ ...routine, recordingId: first!.id }, book, two)
    expect(one.recordings.map(({ id, seconds }) => [id, seconds])).toEqual([
      [first!.id, first!.durationSeconds],
      ['live', 301],
    ])
    expect(one.seconds).toBe(first!.durationSeconds)
    expect(danceFacts({ ...routine, recordingId: 'live' }, book, two)).toMatchObject({
      seconds: 301,
      hasSound: false,
    })
  })

  it('are had from every sheet of the demo, as it is danced', () => {
    for (const name of SHEET_NAMES) {
      const { routine, book, tune, timeline } = proved(demoText(name))
      const one = danceFacts(routine, book, tune)
      expect(one.seconds).toBeGreaterThan(20)
      expect(one.stepsASecond).toBeGreaterThanOrEqual(0)
      expect(one.figures.reduce((sum, { times }) => sum + times, 0)).toBe(
        timeline.slots.filter(({ figure }) => figure).length,
      )
    }
  })
})
