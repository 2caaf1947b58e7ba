import { countingIds, expectOk } from '../../document/index.ts'
import { SHIPPED_FIGURES } from '../book/index.ts'
import { figureCsv, readFigureCsv } from './figureCsv.ts'
import { AS_WRITTEN } from '../model/variation.ts'
import { importPreview } from '../library/importPreview.ts'

const waltz = SHIPPED_FIGURES[0]!
const read = (text: string) => readFigureCsv(text, countingIds('n'), 'book.csv')
const refusal = (text: string) => {
  const result = read(text)
  return result.ok ? null : result.problem.message
}
const HEAD = 'name,family,beats,lead'

describe('figures as a table', () => {
  it('are written and read again as they were, all of the book', () =>
    expect(expectOk(read(figureCsv(SHIPPED_FIGURES)))).toEqual(SHIPPED_FIGURES))
  it('give a spreadsheet nothing to run, and come back without the apostrophe', () => {
    const sly = { ...waltz, remarks: '=1+1', name: 'So-called "box", -ish' }
    expect(figureCsv([sly])).toContain(`,'=1+1\r\n`)
    expect(expectOk(read(figureCsv([sly])))).toEqual([sly])
  })
  it('need no more than a name, a dance, counts and steps', () => {
    expect(
      expectOk(read(`${HEAD}\nSide close,waltz,3,"1 left side, 2 right close"\n`))[0],
    ).toMatchObject({
      id: 'n1',
      follow: 'opposite',
      level: 'easy',
      wordings: { en: { full: 'side close' } },
    })
  })
  it('may be ten thousand', () => {
    const rows = Array.from({ length: 10_000 }, (_, i) => `Step ${i},waltz,1,1 left side`).join(
      '\n',
    )
    expect(expectOk(read(`${HEAD}\n${rows}`))).toHaveLength(10_000)
  })
  it.each([
    [
      'a column that is not known',
      `${HEAD},colour\nA,waltz,1,1 left side,red`,
      'book.csv has a column “colour”; the columns may be id, name,',
    ],
    [
      'a column that is needed',
      'name,family,beats\nA,waltz,1',
      'book.csv has no column “lead”; at least name, family, beats, lead were expected.',
    ],
    [
      'a formula',
      `${HEAD}\n=HYPERLINK(1),waltz,1,1 left side`,
      'book.csv, row 2: “=HYPERLINK(1)” in column name looks like a formula; a text was expected.',
    ],
    [
      'a step that cannot be read',
      `${HEAD}\nA,waltz,1,1 left side\nB,waltz,1,1 lefft`,
      'book.csv, row 3: column lead: At character 3 “lefft” stands',
    ],
    [
      'an unknown hold',
      `${HEAD},holds\nA,waltz,1,1 left side,bear hug`,
      'book.csv, row 2: entry.holds.0: one of the holds was expected',
    ],
    ['an unknown level', `${HEAD},level\nA,waltz,1,1 left side,mighty`, 'book.csv, row 2: level:'],
    [
      'a caution of no kind',
      `${HEAD},cautions\nA,waltz,1,1 left side,careful`,
      'book.csv, row 2: a caution such as “spin: give room” was expected',
    ],
    [
      'an id twice',
      `id,${HEAD}\nx,A,waltz,1,1 left side\nx,B,waltz,1,1 left side`,
      'book.csv, row 3: the id “x” is there a second time',
    ],
    [
      'a quotation mark left open',
      `${HEAD}\nA,waltz,1,"1 left side`,
      'has a quotation mark that is not closed',
    ],
  ])('with %s are refused, in one sentence', (_what, text, sentence) =>
    expect(refusal(text)).toContain(sentence),
  )
})

describe('what bringing figures in would do', () => {
  it('is told row by row: new, the same, changed, or another figure of that name', () => {
    const incoming = [
      { ...waltz, id: 'fresh', name: 'Marsh step' },
      waltz,
      { ...waltz, remarks: 'otherwise' },
      { ...waltz, id: 'other' },
    ]
    expect(
      importPreview(SHIPPED_FIGURES, incoming).map(({ state, against }) => [
        state,
        against?.id ?? null,
      ]),
    ).toEqual([
      ['new', null],
      ['same', waltz.id],
      ['changed', waltz.id],
      ['conflict', waltz.id],
    ])
  })
  it('is the same whatever order the fields stand in', () => {
    const turned = Object.fromEntries(Object.entries(waltz).reverse()) as typeof waltz
    expect(importPreview(SHIPPED_FIGURES, [turned])[0]!.state).toBe('same')
  })
  it('says what is made of itself, or of what neither the file nor the book has', () => {
    const part = (figureId: string) => [{ figureId, variation: AS_WRITTEN }]
    const incoming = [
      { ...waltz, id: 'a', name: 'A', parts: part('b') },
      { ...waltz, id: 'b', name: 'B', parts: part('a') },
      { ...waltz, id: 'c', name: 'C', parts: part('nowhere') },
      { ...waltz, id: 'd', name: 'D', parts: part(waltz.id) },
    ]
    const told = importPreview(SHIPPED_FIGURES, incoming).map(({ findings }) =>
      findings.map(({ code, severity, message }) => `${severity} ${code} ${message}`),
    )
    expect(told).toEqual([
      [expect.stringMatching(/stop figure.parts “A” is part of itself/)],
      [expect.stringMatching(/“B” is part of itself/)],
      [expect.stringMatching(/“C” is made of a figure that the book does not hold/)],
      [],
    ])
  })
  it('says what cannot be danced', () => {
    expect(
      importPreview([], [{ ...waltz, lead: [...waltz.lead, waltz.lead.at(-1)!] }])[0]!.findings.map(
        ({ severity }) => severity,
      ),
    ).toContain('stop')
  })
})
