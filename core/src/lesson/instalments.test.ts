import { countingIds } from '../document/index.ts'
import { bookOf, SHIPPED_FIGURES } from '../figure/index.ts'
import { lessonsMarked, type Routine } from '../routine/index.ts'
import { proved } from '../testing/typed.ts'
import { emptySeries, instalmentsOf, spreadOverWeeks, type Series, type Topic } from './index.ts'

const HEAD = `title: Sluice
dance: two-step
school: round
bar: 4 beats of 1/4 in quarters
tempo: 124
language: en
start: butterfly; lead faces wall, left foot free; follow faces centre, right foot free
`
const sheet = (marks: readonly string[]): Routine =>
  proved(
    `${HEAD}part A${marks[0]}\n  Limp four\n  Two-step box\npart B${marks[1]}\n  Turning two-steps (x2)\n  Limp four\npart Tag${marks[2]}\n  Limp four\norder\n  A\n  B\n  A\n  Tag\n`,
  ).routine
const taught = sheet([' | lesson 1', ' | lesson 2', ' | lesson 3'])
const book = bookOf(SHIPPED_FIGURES)
const topic = (id: string, over: Partial<Topic> = {}): Topic => ({
  id,
  kind: 'dance',
  sheetId: taught.id,
  text: '',
  ...over,
})
const series = (...weeks: Topic[][]): Series => ({
  ...emptySeries('s', 'Beginners'),
  lessons: weeks.map((topics, i) => ({
    id: `w${i}`,
    date: `2026-12-${String(2 + 7 * i).padStart(2, '0')}`,
    minutes: 60,
    topics,
  })),
})

describe('a dance taught in instalments', () => {
  it('is spread over the weeks, each part first of its week, and weeks are added for the rest', () => {
    const remark: Topic = { id: 'r', kind: 'remark', text: 'shoes' }
    const spread = spreadOverWeeks(
      series([remark, topic('t')], [{ ...remark, id: 'q' }]),
      't',
      taught,
      countingIds('n'),
    )
    expect(
      spread.lessons.map(({ date, topics }) => [
        date,
        ...topics.map(({ kind, lesson }) => (lesson === undefined ? kind : `${kind} ${lesson}`)),
      ]),
    ).toEqual([
      ['2026-12-02', 'remark', 'part 1'],
      ['2026-12-09', 'part 2', 'remark'],
      ['2026-12-16', 'part 3'],
    ])
    const ids = spread.lessons.flatMap(({ id, topics }) => [id, ...topics.map((one) => one.id)])
    expect(new Set(ids).size).toBe(ids.length)
  })
  it('the end of one is the start of the next, and the last runs them all', () => {
    const spread = spreadOverWeeks(series([topic('t')]), 't', taught, countingIds('n'))
    const found = [...instalmentsOf(spread, new Map([[taught.id, taught]]), book).values()]
    expect(
      found.map(({ parts, count, danced }) => [parts.join(), count, danced.join(' ')]),
    ).toEqual([
      ['A', 1, 'A A'],
      ['B', 9, 'A B A'],
      ['Tag', 29, 'A B A Tag'],
    ])
    const [first, second] = found
    expect(first!.startsIn!.hold).toBe('butterfly')
    expect(second!.startsIn!.lead).toEqual(
      expect.objectContaining({ weight: expect.any(String), facing: expect.any(Number) }),
    )
  })
  it('a dance without marks, or with one lesson, is taught whole', () => {
    const one = sheet([' | lesson 1', '', ''])
    expect(lessonsMarked(one)).toMatchObject([{ lesson: 1, parts: [{ label: 'A' }] }])
    const before = series([topic('t')])
    expect(spreadOverWeeks(before, 't', one, countingIds('n'))).toBe(before)
    expect(spreadOverWeeks(before, 'gone', taught, countingIds('n'))).toBe(before)
    expect(instalmentsOf(before, new Map([[taught.id, taught]]), book).size).toBe(0)
  })
})
