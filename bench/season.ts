import { prepareCall } from '@dellop/core/call'
import { DEFAULT_VOICES } from '@dellop/core/cue'
import { expectOk } from '@dellop/core/document'
import { fillEvening, type DanceFacts, type FillWish } from '@dellop/core/evening'
import { bookOf, SHIPPED_FIGURES } from '@dellop/core/figure'
import { sheetFileOfText } from '@dellop/core/file'
import {
  dancedEvenings,
  emptyEntry,
  figuresByWeek,
  kindsByEvening,
  logbookOf,
  usualChangeover,
  type LogEntry,
} from '@dellop/core/logbook'
import { simulateFloor, USUAL_FLOOR, utterancesOf } from '@dellop/core/rehearse'
import { SHIPPED_SCHOOLS } from '@dellop/core/school'
import { deriveSheet } from '@dellop/core/sheet'
import { readFileSync } from 'node:fs'
import { medianMs, type Measured } from './calibrate.ts'

const WEEK_MS = 7 * 24 * 3600_000
const EVENINGS = 520
const CALLS = 9000

/** Ten years of weekly evenings. */
const entries = (): LogEntry[] =>
  Array.from({ length: CALLS }, (_, i) => ({
    ...emptyEntry(`e${i}`, `Dance ${i % 200}`, Math.floor((i / CALLS) * EVENINGS) * WEEK_MS),
    sheetId: `d${i % 200}`,
    groupId: `g${i % 3}`,
    recordingId: 'r',
    figures: Array.from({ length: 12 }, (__, k) => ({ id: `f${(i + k) % 150}`, times: 2 })),
    slips: i % 7 === 0 ? [{ what: 'lost' as const, slotId: 's', name: 'Wrap', pass: 'A 2' }] : [],
    fills: [{ passId: 'p', times: 3 }],
  }))

const KINDS = ['waltz', 'two-step', 'rumba', 'line dance', 'set dance']
const facts = (i: number): DanceFacts => ({
  sheetId: `d${i}`,
  title: `Dance ${i}`,
  by: '',
  dance: KINDS[i % KINDS.length]!,
  formation: 'couple',
  level: 'easy',
  tuneId: `t${i % 120}`,
  hasSound: true,
  recordings: [],
  archived: false,
  bpm: 90 + (i % 40),
  seconds: 130 + ((i * 37) % 160),
  stepsASecond: 1 + ((i * 13) % 15) / 10,
  turnsAMinute: (i * 7) % 14,
  floor: null,
  sameAs: [],
  dancers: 2,
  figures: Array.from({ length: 8 }, (_, k) => ({
    id: `f${(i * 5 + k) % 150}`,
    name: 'Figure',
    times: 2,
  })),
})
const WISH: FillWish = {
  minutes: 80,
  changeoverMinutes: 1.5,
  kinds: { waltz: 5, 'two-step': 4 },
  level: null,
  knownShare: 0.3,
  notLately: 1,
  must: ['d3', 'd40'],
  mustNot: ['d7'],
  present: 24,
  hardInARow: 2,
}

/** Ten years of a logbook, a shelf of 200 dances, and a floor of 64. */
export function measureSeason(): readonly Measured[] {
  const all = entries()
  const book = logbookOf(all)
  const dances = Array.from({ length: 200 }, (_, i) => facts(i))
  const knows = (id: string): boolean => Number(id.slice(1)) % 3 !== 0
  const text = readFileSync(new URL('../demo/sheets/pegs-on-a-line.txt', import.meta.url), 'utf8')
  const file = expectOk(
    sheetFileOfText(text, { id: 'pegs', title: 'Pegs', figures: SHIPPED_FIGURES }),
  )
  const call = prepareCall(
    deriveSheet({
      routine: file.routine,
      book: bookOf(SHIPPED_FIGURES),
      school: SHIPPED_SCHOOLS.find(({ id }) => id === file.routine.schoolId)!,
      voice: DEFAULT_VOICES.en,
      tune: null,
    }),
    1,
  )
  const heard = utterancesOf(call).map(({ slotKey, end }) => ({ slotKey, end }))
  return [
    { what: '9,000 entries made ready to be asked', ms: medianMs(5, () => logbookOf(all)) },
    { what: '9,000 entries: where a dance went wrong', ms: medianMs(9, () => book.slipsOf('d5')) },
    {
      what: '9,000 entries: what a group has danced',
      ms: medianMs(5, () => logbookOf(all).danced('g1')),
    },
    {
      what: '9,000 entries: how often each figure was called',
      ms: medianMs(5, () => book.figureTimes(0, EVENINGS * WEEK_MS)),
    },
    {
      what: '9,000 entries: the evenings and their kinds, as a chart',
      ms: medianMs(5, () => kindsByEvening(dancedEvenings(all), ({ sheetId }) => sheetId)),
    },
    {
      what: '9,000 entries: a group’s figures by week, as a chart',
      ms: medianMs(5, () => figuresByWeek(book.ofGroup('g1'))),
    },
    { what: '9,000 entries: the usual changeover', ms: medianMs(5, () => usualChangeover(all)) },
    {
      what: 'a programme of 80 minutes filled from 200 dances',
      ms: medianMs(3, () =>
        fillEvening(WISH, {
          facts: dances,
          knows,
          before: book.entries.slice(0, 200),
          date: '2026-12-02',
        }),
      ),
    },
    {
      what: 'a floor of 64 for a whole line dance',
      ms: medianMs(15, () =>
        simulateFloor(call, heard, { settings: { ...USUAL_FLOOR, dancers: 64 }, seed: 3 }),
      ),
    },
  ]
}
