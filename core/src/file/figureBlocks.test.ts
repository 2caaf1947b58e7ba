import { SHIPPED_FIGURES } from '../figure/index.ts'
import { findingMessage } from '../check/index.ts'
import { countingIds } from '../document/index.ts'
import { emptyRoutine } from '../routine/index.ts'
import { proved } from '../testing/typed.ts'
import { figureBlocks, readSheetText, sheetFileOfText, sheetText } from './index.ts'

const read = (text: string) =>
  sheetFileOfText(text, { id: 's', title: 'Typed', figures: SHIPPED_FIGURES })
const heron = `dance: line dance
school: line
formation: lines
figure Heron turn
  dancers: solo
  counts: 4
  lead: 1 right side, 2 left behind, 3 right side turn 1/4 right, 4 left touch
  follow: same
  full: heron turn, quarter right
  full de: Reiherdrehung, Viertel rechts
  cautions: knees: turn the foot before the knee

start: all face 12 o'clock, right foot free
part A
  Heron turn
  heron turn (mirrored)
order
  A x2
`

describe('figures of one’s own in the text of a sheet', () => {
  it('are danced, and travel with it', () => {
    const file = read(heron)
    if (!file.ok) throw new Error(file.problem.message)
    const { routine, figures } = file.value
    expect(figures.map(({ name, family, cautions }) => [name, family, cautions.length])).toEqual([
      ['Heron turn', 'line dance', 1],
    ])
    const again = figureBlocks(routine, figures) + sheetText(routine, figures)
    const back = read(again)
    if (!back.ok) throw new Error(back.problem.message)
    expect(back.value.figures).toEqual(figures)
    expect(sheetText(back.value.routine, figures)).toBe(sheetText(routine, figures))
    expect(figureBlocks(routine, SHIPPED_FIGURES)).toBe('')
  })
  it.each([
    ['  counts: 4\n', '  count: 4\n', 'Line 6: “count: 4” is no line of a figure'],
    ['right side turn', 'right sidle turn', 'Line 7: '],
    ['  counts: 4\n', '  counts: 4\n  counts: 4\n', 'Line 7: the figure has “beats” already'],
    ['  counts: 4\n', '  counts: 4\n  ends: a heap\n', 'Line 7: “a heap” is no hold'],
    ['  counts: 4\n', '  counts: 4\n  level: hard\n', 'Line 7: “hard” is no level'],
    ['  counts: 4\n', '  counts: four\n', 'Line 6: '],
    ['figure Heron turn\n', 'figure Heron turn\n  beats: 2\n\nfigure Heron turn\n', 'Line 4: '],
  ])('%j as %j is told at its line', (from, to, told) => {
    const file = read(heron.replace(from, to))
    expect(file.ok ? '' : file.problem.message).toContain(told)
  })
  it('are refused on the page, where the book is', () => {
    const options = {
      figures: SHIPPED_FIGURES,
      base: emptyRoutine('s', 'S'),
      newId: countingIds('n'),
    }
    const onPage = readSheetText(heron, options)
    expect(onPage.ok ? '' : onPage.problem.message).toMatch(/^Line 4: figures are read where/)
  })
})

describe('what a person types', () => {
  it.each([
    ['start: ring; all face clockwise', { weight: 'both', facing: 4 }],
    ['start: all face up', { weight: 'both', facing: 0 }],
    ['start: all face the centre, left foot free', { weight: 'right', facing: 6 }],
    ['start: closed; lead faces diagonal to the wall', { weight: 'both', facing: 1 }],
    ['start: closed; lead faces DLC, left foot free', { weight: 'right', facing: 7 }],
    ['start: butterfly; lead faces COH, right foot free', { weight: 'left', facing: 6 }],
  ])('%s', (start, lead) => {
    const file = read(`${start}\npart A\n  "go" = 4\norder\n  A\n`)
    if (!file.ok) throw new Error(file.problem.message)
    expect(file.value.routine.start.lead).toEqual(lead)
  })
  it('a start that tells only the lead has the follow as the hold has it', () => {
    const file = read(
      'start: butterfly; lead faces wall, left foot free\npart A\n  "go" = 4\norder\n  A\n',
    )
    expect(file.ok && file.value.routine.start.follow).toEqual({ weight: 'left', facing: 6 })
  })
  it('figures answer to their aliases and to other spelling, of their own dance only', () => {
    const names = (dance: string, line: string) => {
      const file = read(`dance: ${dance}\npart A\n  ${line}\norder\n  A\n`)
      if (!file.ok) throw new Error(file.problem.message)
      return file.value.figures.map(({ name }) => name)
    }
    expect(names('set dance', 'do si do')).toEqual(['Do-si-do'])
    expect(names('waltz', 'left-turning box')).toEqual(['Left turning box'])
    for (const figure of SHIPPED_FIGURES.filter(({ family }) => family === 'waltz'))
      for (const { name } of figure.aliases)
        if (!SHIPPED_FIGURES.some((one) => one.name.toLowerCase() === name.toLowerCase()))
          expect(names('waltz', name)).toEqual([figure.name])
  })
  it('what is too long is told at its line, in words', () => {
    const long = read(`dance: waltz\npart A\n  Box | note "${'x'.repeat(700)}"\norder\n  A\n`)
    expect(long.ok ? '' : long.problem.message).toMatch(/^Line 3: .*at most 500 characters/)
    const title = read(`title: ${'x'.repeat(700)}\npart A\n  Box\norder\n  A\n`)
    expect(title.ok ? '' : title.problem.message).toMatch(/^Line 1: /)
  })
  it('remarks for one role are written for one role', () => {
    const file = read('part A\n  "go" = 4 | for follow "small steps"\norder\n  A\n')
    if (!file.ok) throw new Error(file.problem.message)
    const text = sheetText(file.value.routine, [])
    expect(text).toContain('for follow "small steps"')
    expect(text).not.toContain('for lead')
  })
})

describe('the order as it is told', () => {
  const told = (order: string, passes: string): string[] =>
    proved(
      `dance: waltz\nschool: round\nunit: words\ntold: ${order}\nstart: closed; lead faces wall, left foot free\npart A\n  Box\npart B\n  Box\npart Tag\n  Box\norder\n${passes}`,
    )
      .findings.filter(({ code }) => code.startsWith('missing.told'))
      .map((one) => findingMessage(one))
  it.each([
    ['A A B A', '  A x2\n  B\n  A\n'],
    ['AABA', '  A x2\n  B\n  A\n'],
    ['A x2, B, A – Tag', '  A x2\n  B\n  A\n  ending Tag\n'],
    ['A twice, B', '  A\n  A\n  B\n'],
  ])('%s is danced so', (order, passes) => expect(told(order, passes)).toEqual([]))
  it.each([
    ['A A B A', '  A x2\n  B x2\n  A\n', 'from time 4 on'],
    ['A B', '  A\n  B\n  A\n', 'from time 3 on'],
    ['A B A', '  A\n  B\n', 'it is over there'],
    ['A C', '  A\n  B\n', 'no part is called so'],
  ])('%s is not', (order, passes, said) => {
    expect(told(order, passes)).toEqual([expect.stringContaining(said)])
  })
})
