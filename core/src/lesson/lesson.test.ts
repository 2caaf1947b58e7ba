import fc from 'fast-check'
import { bookOf, SHIPPED_FIGURES } from '../figure/index.ts'
import { emptyEntry, logbookOf } from '../logbook/index.ts'
import { demoText, proved } from '../testing/typed.ts'
import {
  carriedOver,
  coverage,
  emptySeries,
  knownBefore,
  newHolds,
  orderProblems,
  proposedOrder,
  seriesSchema,
  toCatchUp,
  type Series,
  type Topic,
  requestsAbout,
  type DancerRequest,
  type RequestSubject,
} from './index.ts'

const book = bookOf(SHIPPED_FIGURES)
const composite = SHIPPED_FIGURES.find(({ parts }) => (parts?.length ?? 0) > 1)!
const PART_IDS = [...new Set(composite.parts!.map(({ figureId }) => figureId))]
const { routine } = proved(demoText('pegs-on-a-line'))
const sheets = new Map([[routine.id, routine]])
const FIGURES = routine.parts.flatMap(({ slots }) =>
  slots.flatMap(({ content }) => (content.type === 'figure' ? [content.figureId] : [])),
)

const figure = (figureId: string, over: Partial<Topic> = {}): Topic => ({
  id: `t-${figureId}`.slice(0, 60),
  kind: 'figure',
  figureId,
  text: '',
  ...over,
})
const danced: Topic = { id: 'dance', kind: 'dance', sheetId: routine.id, text: '' }
const series = (lessons: Topic[][], over: Partial<Series> = {}): Series =>
  seriesSchema.parse({
    ...emptySeries('s1', 'Beginners'),
    groupId: 'beginners',
    lessons: lessons.map((topics, i) => ({
      id: `l${i + 1}`,
      date: `2026-11-${String(3 + 7 * i).padStart(2, '0')}`,
      minutes: 60,
      topics,
    })),
    ...over,
  })
const NOBODY = (): boolean => false

describe('the order of topics', () => {
  it('has parts before their composite, and figures before the dance that uses them', () => {
    const wrong = series([[figure(composite.id)], PART_IDS.map((id) => figure(id))])
    expect(orderProblems(wrong, book, sheets, NOBODY)).toEqual([
      { lessonId: 'l1', topicId: figure(composite.id).id, figures: PART_IDS },
    ])
    const right = series([PART_IDS.map((id) => figure(id)), [figure(composite.id)]])
    expect(orderProblems(right, book, sheets, NOBODY)).toEqual([])
    const early = series([[danced], [figure(FIGURES[0]!)]])
    expect(orderProblems(early, book, sheets, NOBODY)[0]?.figures).toEqual([FIGURES[0]])
    // What the group knew before needs no teaching.
    expect(orderProblems(early, book, sheets, () => true)).toEqual([])
  })

  it('that is proposed teaches everything before it is needed, and keeps every topic', () => {
    const topics = [
      danced,
      figure(composite.id),
      ...[...PART_IDS, ...FIGURES].map((id) => figure(id)),
    ]
    const unique = [...new Map(topics.map((one) => [one.id, one])).values()]
    fc.assert(
      fc.property(fc.shuffledSubarray(unique, { minLength: 1 }), (some) => {
        const order = proposedOrder(some, book, sheets)
        expect([...order].map(({ id }) => id).sort()).toEqual(some.map(({ id }) => id).sort())
        expect(orderProblems(series([[...order]]), book, sheets, NOBODY)).toEqual([])
      }),
    )
  })

  it('has what is hard not last where it can be helped, and homework at the end', () => {
    const [a, b, c] = FIGURES.slice(0, 3) as [string, string, string]
    const homework: Topic = { id: 'h', kind: 'homework', text: 'Practise' }
    const order = proposedOrder(
      [
        homework,
        figure(a, { minutes: 5 }),
        figure(b, { minutes: 9 }),
        figure(c, { minutes: 20, hard: true }),
      ],
      book,
      sheets,
    )
    expect(order.at(-1)!.id).toBe('h')
    expect(order.at(-2)!.hard).toBeUndefined()
  })

  it('tells where a hold is asked for the first time', () => {
    const closed = SHIPPED_FIGURES.find(({ entry }) => entry.holds[0] === 'closed')!
    expect([
      ...newHolds([figure(closed.id), figure(closed.id, { id: 'again' })], book).keys(),
    ]).toEqual([figure(closed.id).id])
  })
})

describe('a series from week to week', () => {
  const [a, b] = FIGURES as [string, string]

  it('moves on what was not reached, by one key', () => {
    const before = series([
      [figure(a, { became: 'taught' }), figure(b, { became: 'not-reached' })],
      [],
    ])
    const after = carriedOver(before, 'l1')
    expect(after.lessons.map(({ topics }) => topics.map(({ figureId }) => figureId))).toEqual([
      [a],
      [b],
    ])
    expect(after.lessons[1]!.topics[0]!.became).toBeUndefined()
    expect(carriedOver(after, 'l2')).toBe(after)
  })

  it('knows what was taught before, and what somebody has to catch up', () => {
    const one = series([[figure(a)], [figure(b)], []])
    expect([...knownBefore(one, 'l3')].sort()).toEqual([a, b].sort())
    expect(toCatchUp(one, new Set(['l2'])).map(({ figureId }) => figureId)).toEqual([b])
  })

  it('covers figures by weeks, and says what is due again', () => {
    const one = series([[figure(a, { became: 'taught' })], [figure(a)], [], []])
    const at = (date: string): number => Date.parse(`${date}T19:00:00Z`)
    const entries = [
      {
        ...emptyEntry('e1', 'Pegs', at('2026-11-17')),
        groupId: 'beginners',
        figures: [{ id: a, times: 4 }],
      },
    ]
    const rows = (now: string) => coverage(one, book, logbookOf(entries), at(now))
    expect(rows('2026-11-25')[0]).toMatchObject({
      weeks: ['taught', 'repeated', 'danced', null],
      times: 4,
      due: false,
    })
    expect(rows('2027-01-05')[0]!.due).toBe(true)
    // What lies ahead counts for nothing.
    expect(rows('2026-11-04')[0]!.weeks.slice(0, 2)).toEqual(['taught', null])
  })
})

describe('what dancers asked for', () => {
  const asked = (id: string, date: string, over: Partial<DancerRequest>): DancerRequest => ({
    id,
    date,
    kind: 'again',
    who: '',
    text: '',
    ...over,
  })
  const series = [
    {
      requests: [
        asked('a', '2026-11-03', { sheetId: 'eel-pots' }),
        asked('b', '2026-11-10', { figureId: 'wrap' }),
        asked('c', '2026-11-17', { sheetId: 'eel-pots', done: true }),
      ],
    },
    { requests: [asked('d', '2026-11-24', { sheetId: 'eel-pots', figureId: 'box' })] },
  ]
  const ids = (subject: RequestSubject): string[] =>
    requestsAbout(series, subject).map(({ id }) => id)
  it('of a dance is told over all series, the newest first, until it is done', () =>
    expect(ids({ sheetId: 'eel-pots' })).toEqual(['d', 'a']))
  it('of figures is told where any of them is meant', () => {
    expect(ids({ figureIds: new Set(['wrap', 'box']) })).toEqual(['d', 'b'])
    expect(ids({ sheetId: 'eel-pots', figureIds: new Set(['wrap']) })).toEqual(['d', 'b', 'a'])
  })
  it('of nothing in particular is told nowhere', () => expect(ids({})).toEqual([]))
})
