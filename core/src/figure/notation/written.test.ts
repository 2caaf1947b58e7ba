import { SHIPPED_FIGURES } from '../book/index.ts'
import { figureSchema } from '../model/figure.ts'
import { figureOfWritten, UNWRITTEN, writtenOfFigure, type WrittenFigure } from './written.ts'

const typed: WrittenFigure = {
  ...UNWRITTEN,
  name: 'Side, close',
  family: 'waltz',
  level: 'first',
  beats: '3',
  lead: '1 left side, 2 right close',
  holds: ['closed'],
}
const problems = (change: Partial<WrittenFigure>) =>
  figureOfWritten({ ...typed, ...change }, 'mine').problems.map(({ field, message, offset }) => [
    field,
    offset,
    message,
  ])

describe('a figure as it is typed', () => {
  it('is a figure, its words taken from its name where none are given', () => {
    const { figure } = figureOfWritten(typed, 'mine')
    expect(figureSchema.safeParse(figure).success).toBe(true)
    expect(figure).toMatchObject({
      id: 'mine',
      lengthTicks: 72,
      wordings: { en: { full: 'side, close', short: 'side, close', keyWord: 'side, close' } },
    })
  })
  it.each(SHIPPED_FIGURES.map((figure) => [figure.id, figure] as const))(
    '%s is typed and read again as it was',
    (_id, figure) => {
      expect(
        figureOfWritten(writtenOfFigure(figure, { figures: SHIPPED_FIGURES }), figure.id, {
          figures: SHIPPED_FIGURES,
        }).figure,
      ).toEqual(figure)
    },
  )
  it('has its wrong fields named, all at once, at the character', () => {
    expect(
      problems({ name: ' ', beats: 'six', lead: '1 left sid', followKind: 'own', follow: '' }),
    ).toEqual([
      ['name', null, 'A name was expected here.'],
      ['beats', null, expect.stringContaining('A number of counts')],
      ['lead', 7, expect.stringContaining('At character 8 “sid” stands')],
      ['follow', null, expect.stringContaining('Steps were expected')],
    ])
    expect(problems({ beats: '0' })).toHaveLength(1)
    expect(problems({ beats: '2.3' })).toHaveLength(1)
    expect(problems({ beats: '1,5' })).toEqual([])
  })
})
