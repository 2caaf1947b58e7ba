import { sheetMarkdown } from '../file/index.ts'
import { SHIPPED_FIGURES } from '../figure/index.ts'
import { demoText, proved } from '../testing/typed.ts'
import { phraseRows } from './rows.ts'
import { printedParts } from './printSheet.ts'

const WALTZ =
  'dance: waltz\nbar: 3 beats of 1/4\nstart: butterfly; lead faces wall, left foot free; follow faces centre, right foot free\n'

describe('a sheet on paper', () => {
  const sheet = proved(
    `${WALTZ}part A\n  Balance left and right\n  Twirl vine | hard\n  "wait" = 3 or 6\npart "A told" | version of A\n  Box\norder\n  A\n  A mirrored\n`,
  )
  const [only, ...more] = printedParts(sheet)

  it('has every part once, as it is written, and leaves out what is only told', () => {
    expect(more).toEqual([])
    expect(only!.slots.map(({ bar, danced }) => [bar, danced.figure?.name ?? null])).toEqual([
      [1, 'Balance left and right'],
      [3, 'Twirl vine'],
      [4, null],
    ])
    expect(only!.total).toEqual({ kind: 'lengths', ticks: [12 * 24, 15 * 24] })
  })
  it('has what is done on each count, roles beside each other, with the bar where it begins', () => {
    const rows = only!.slots[0]!.rows
    expect(rows.map(({ bar, count }) => [bar, count])).toEqual([
      [1, '1'],
      [null, '2'],
      [null, '3'],
      [2, '1'],
      [null, '2'],
      [null, '3'],
    ])
    expect(rows[0]!.cells).toEqual({ lead: 'left side', follow: 'right side' })
  })
  it('has one column for one role, and one for everybody where all dance alike', () => {
    expect(Object.keys(printedParts(sheet, 'follow')[0]!.slots[0]!.rows[0]!.cells)).toEqual([
      'follow',
    ])
    const alike = printedParts(proved(demoText('pegs-on-a-line')), 'lead')[0]!
    expect(Object.keys(alike.slots[0]!.rows[0]!.cells)).toEqual(['everyone'])
  })
  it('names parts of a beat, and puts a pick-up before the first count', () => {
    const { rows } = printedParts(proved(demoText('tar-barrel-steps')))[0]!.slots[0]!
    expect(rows.slice(0, 4).map(({ count }) => count)).toEqual(['&', '1', '&', '2'])
  })
})

describe('a sheet as Markdown', () => {
  const text = sheetMarkdown(
    proved(demoText('pegs-on-a-line')).routine,
    SHIPPED_FIGURES,
    'Pothook Hop',
  )
  it('has the heading, each part with where its figures begin, and the order', () => {
    expect(text).toContain('# Pegs on a Line\n')
    expect(text).toContain('- By Ottoline Frisk, 2026\n')
    expect(text).toContain('| 25 | 4 | Jazz box, quarter right |  |\n')
    expect(text).toContain('2. A, from Vine right, touch to Rocking chair\n')
  })
  it('keeps signs of its own out of the text', () => {
    const odd = proved(`${WALTZ}part A\n  "step | *and* [clap]" = 3\norder\n  A\n`)
    expect(sheetMarkdown(odd.routine, SHIPPED_FIGURES, null)).toContain(
      'step \\| \\*and\\* \\[clap\\]',
    )
  })
})

describe('the page by music', () => {
  const sheet = proved(demoText('pegs-on-a-line').replace('part A\n', 'part A\n  Coaster step\n'))
  const rows = (by: 'part' | 'music') =>
    phraseRows({
      timeline: sheet.timeline,
      plan: sheet.plan,
      phrases: sheet.phrases,
      metre: sheet.routine.metre,
      firstStep: sheet.firstStep,
      barsPerLine: 8,
      by,
      sections: sheet.music.sections,
    })
  const danced = (by: 'part' | 'music') =>
    rows(by).flatMap((row) => row.lines.flatMap((line) => line.blocks))

  it('has a row for each phrase of the tune, with its section and the passes that begin in it', () => {
    const [intro, first, second] = rows('music')
    expect(intro!.pass).toBeNull()
    expect([
      first!.music!.section,
      first!.music!.begins.map(({ ordinal }) => ordinal),
      first!.phraseTicks / 24,
    ]).toEqual(['A', [1], 16])
    expect([second!.music!.begins.length, second!.holeTicks]).toEqual([0, 0])
  })
  it('shows the same slots as by part, broken where they cross a phrase of the music', () => {
    const keys = (by: 'part' | 'music') => [...new Set(danced(by).map(({ slot }) => slot.key))]
    expect(keys('music')).toEqual(keys('part'))
    const crossing = danced('music').filter(({ toNext }) => toNext)
    expect(crossing.length).toBeGreaterThan(0)
    for (const { end } of crossing)
      expect(sheet.phrases.some((phrase) => phrase.end === end)).toBe(true)
  })
  it('keeps rows that show the same as before', () => {
    const before = rows('music')
    const again = phraseRows(
      {
        timeline: sheet.timeline,
        plan: sheet.plan,
        phrases: sheet.phrases,
        metre: sheet.routine.metre,
        firstStep: sheet.firstStep,
        barsPerLine: 8,
        by: 'music',
        sections: sheet.music.sections,
      },
      before,
    )
    expect(again.every((row, i) => row === before[i])).toBe(true)
  })
})
