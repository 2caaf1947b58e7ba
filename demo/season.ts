// Writes demo/season.json: a season of the made-up world, by days from today, the same each time. Run by
// `node --import tsx --conditions=source demo/season.ts`.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { expectOk } from '@dellop/core/document'
import { danceFacts, type DanceFacts, type EveningItem } from '@dellop/core/evening'
import { bookOf, SHIPPED_FIGURES } from '@dellop/core/figure'
import { readSheetFile, sheetFileOfText } from '@dellop/core/file'
import type { Topic } from '@dellop/core/lesson'
import { emptyEntry, type LogEntry } from '@dellop/core/logbook'
import type { Routine } from '@dellop/core/routine'

const folder = import.meta.dirname
const WEEKS = 12
const HALLS = ['Tar loft', 'Net loft']
const GROUP = { groupId: 'wednesdays', groupName: 'Wednesdays in the Tar Loft' }
const NOW_MS = 0

let state = 7
/** From 0 to below 1, the same each time. */
function drawn(): number {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0
  return state / 2 ** 32
}

const routines: readonly Routine[] = readdirSync(join(folder, 'sheets'))
  .sort()
  .map((name) => {
    const text = readFileSync(join(folder, 'sheets', name), 'utf8')
    const id = name.replace(/\.(txt|json)$/, '')
    const file = name.endsWith('.txt')
      ? sheetFileOfText(text, { id, title: id, figures: SHIPPED_FIGURES })
      : readSheetFile(text, name)
    return expectOk(file).routine
  })
const book = bookOf(SHIPPED_FIGURES)
const dances: readonly DanceFacts[] = routines
  .filter(({ id }) => !id.includes('draft'))
  .map((routine) => danceFacts(routine, book, null))

type Dated<Value> = Omit<Value, 'date' | 'atMs'> & { readonly day: number }

function programme(week: number, day: number) {
  const order = dances
    .map((one) => ({ one, lot: drawn() }))
    .sort((a, b) => a.lot - b.lot)
    .slice(0, 7 + Math.floor(drawn() * 2))
    .map(({ one }) => one)
  const items: EveningItem[] = order.flatMap((one, i): EveningItem[] => {
    const walk = drawn() < 0.4 ? 4 + Math.floor(drawn() * 8) : 0
    const dance: EveningItem = {
      id: `w${week}-${i}`,
      kind: 'dance',
      title: '',
      sheetId: one.sheetId,
      ...(walk > 0 ? { walkMinutes: walk } : {}),
    }
    return i === 4
      ? [{ id: `w${week}-tea`, kind: 'break', title: 'Tea and cake', minutes: 20 }, dance]
      : [dance]
  })
  const evening = {
    id: `social-${week}`,
    title: 'Saltmarsh Social',
    day,
    startsAt: '19:30',
    endsAt: '22:00',
    hall: HALLS[week % 2]!,
    groupId: GROUP.groupId,
    present: 16 + Math.floor(drawn() * 10),
    changeoverSeconds: 90,
    items: [
      { id: `w${week}-hello`, kind: 'announcement' as const, title: 'Welcome', minutes: 5 },
      ...items,
    ],
  }
  return { evening, order }
}

/** The fifth evening went wrong; on the eighth a waltz was forgotten, and called by heart. */
const WENT_WRONG = 4
const FORGOTTEN = 7

function entriesOf(week: number, day: number, order: readonly DanceFacts[], present: number) {
  let minute = 19 * 60 + 38
  return order.map((one, i): Dated<LogEntry> & { minute: number } => {
    const { atMs: _, ...entry } = emptyEntry(`log-${week}-${i}`, one.title, NOW_MS)
    const isBroken = week === WENT_WRONG && i % 2 === 1
    const slips = (week === WENT_WRONG ? 2 : 0) + (drawn() < 0.25 ? 1 : 0)
    const routine = routines.find(({ id }) => id === one.sheetId)!
    const named = routine.parts.flatMap((part) =>
      part.slots.flatMap((slot) => {
        const { content } = slot
        const figure = content.type === 'figure' ? book.get(content.figureId) : null
        return figure ? [{ slotId: slot.id, name: figure.name, pass: `${part.label} 2` }] : []
      }),
    )
    const begun = minute
    minute += Math.round(one.seconds / 60) + 6
    return {
      ...entry,
      ...GROUP,
      sheetId: one.sheetId,
      revision: 0,
      day,
      minute: begun,
      minutes: Math.round((one.seconds / 60) * 10) / 10,
      hall: HALLS[week % 2]!,
      present,
      bpm: one.bpm,
      speed: 1,
      passesDanced: isBroken ? Math.max(1, routine.passes.length - 2) : routine.passes.length,
      passesWritten: routine.passes.length,
      finished: !isBroken,
      slips: Array.from({ length: named.length === 0 ? 0 : slips }, () => ({
        what: 'lost' as const,
        ...named[Math.floor(drawn() * Math.min(3, named.length))]!,
      })),
      figures: one.figures.map(({ id, times }) => ({ id, times })),
      remarks: isBroken ? 'The floor stopped; music too loud at the back.' : '',
    }
  })
}

const weeks = Array.from({ length: WEEKS + 1 }, (_, week) => ({ week, day: 7 * (week - WEEKS) }))
const planned = weeks.map(({ week, day }) => ({ week, day, ...programme(week, day) }))
const entries = planned
  .filter(({ day }) => day < 0)
  .flatMap(({ week, day, order, evening }) => entriesOf(week, day, order, evening.present))
const { atMs: _, ...waltz } = emptyEntry('log-forgotten', 'Rushlight Waltz', NOW_MS)
entries.push({
  ...waltz,
  ...GROUP,
  day: 7 * (FORGOTTEN - WEEKS),
  minute: 21 * 60 + 52,
  minutes: 3,
  hall: HALLS[FORGOTTEN % 2]!,
  remarks: 'Asked for at the end and called by heart: the middle part was forgotten.',
})

const topic = (id: string, figureId: string, over: Partial<Topic> = {}): Topic => ({
  id,
  kind: 'figure',
  figureId,
  text: '',
  minutes: 10,
  ...over,
})
const COURSE = [
  ['balance-left-right', 'box'],
  ['left-turning-box', 'twirl-vine'],
  ['vine-three', 'through-face-close'],
  ['hover', 'manoeuvre'],
  ['two-right-turns', 'twirl-vine'],
  ['waltz.wrap', 'box'],
  ['waltz-away', 'left-turning-box'],
  ['box', 'hover'],
]
const taught = new Set(SHIPPED_FIGURES.map(({ id }) => id))
const series = {
  id: 'beginners',
  title: 'Waltz for beginners',
  ...{ groupId: GROUP.groupId },
  dueWeeks: 6,
  lessons: COURSE.map((figures, week) => ({
    id: `lesson-${week + 1}`,
    // The fourth week is this one.
    day: 7 * (week - 3),
    minutes: 45,
    topics: figures
      .filter((figure) => taught.has(figure))
      .map((figure, i) =>
        topic(`lesson-${week + 1}-${i}`, figure, {
          ...(week < 3 ? { became: week === 2 && i === 1 ? 'not-reached' : 'taught' } : {}),
          ...(figure === 'manoeuvre' ? { hard: true as const } : {}),
        }),
      ),
  })),
  requests: [
    {
      id: 'r1',
      day: -7,
      kind: 'again',
      who: 'Table four',
      text: 'Once more, slower',
      sheetId: 'eel-pots',
    },
    {
      id: 'r2',
      day: -14,
      kind: 'hard',
      who: '',
      text: 'The turn comes too fast',
      figureId: 'waltz.wrap',
    },
    {
      id: 'r3',
      day: -20,
      kind: 'video',
      who: 'The Tuesday crew',
      text: 'A video from the pier',
      link: 'videos/pier.mp4',
    },
  ],
}
writeFileSync(
  join(folder, 'season.json'),
  `${JSON.stringify({ evenings: planned.map(({ evening }) => evening), entries, series: [series] }, null, 1)}\n`,
)
