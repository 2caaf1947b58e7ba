import { SHIPPED_FIGURES } from '../book/index.ts'
import { AS_WRITTEN } from '../model/variation.ts'
import { askFigures } from './asked.ts'
import { readSpokenVariation } from './spokenVariation.ts'

const first = (text: string, dance: string) => {
  const [one] = askFigures(SHIPPED_FIGURES, text, dance)
  return one && [one.figure.name, one.figure.family, one.variation, one.isGuess]
}

describe('a figure that is asked for', () => {
  it('is found with its dance before or behind it', () => {
    expect(first('waltz box', 'waltz')).toEqual(['Box', 'waltz', AS_WRITTEN, false])
    expect(first('box waltz', 'two-step')).toEqual(['Box', 'waltz', AS_WRITTEN, false])
    expect(first('rumba box', 'waltz')![1]).toBe('rumba')
  })
  it('is found with an amount, a side or a hold behind it', () => {
    const right = { ...AS_WRITTEN, turn: 2 }
    const box = askFigures(SHIPPED_FIGURES, 'jazz box 1/4 right', 'line dance')
    expect(box.slice(0, 2).map(({ figure, variation }) => [figure.name, variation])).toEqual([
      ['Jazz box, quarter right', AS_WRITTEN],
      ['Jazz box', right],
    ])
    expect(first('jazz box half turn to the left', 'line dance')).toEqual([
      'Jazz box',
      'line dance',
      { ...AS_WRITTEN, turn: -4 },
      false,
    ])
    expect(first('waltz box half', 'waltz')).toEqual([
      'Box',
      'waltz',
      { ...AS_WRITTEN, cut: { type: 'half' } },
      false,
    ])
    expect(first('vine three twice', 'two-step')![2]).toMatchObject({ times: 2 })
  })
  it('is guessed where nothing has that name, the dance’s own first', () => {
    expect(first('jaz bx', 'line dance')).toEqual(['Jazz box', 'line dance', AS_WRITTEN, true])
    expect(first('twinkel', 'waltz')!.slice(1)).toEqual(['waltz', AS_WRITTEN, true])
    expect(askFigures(SHIPPED_FIGURES, 'nothing like any of them', 'waltz')).toEqual([])
  })
  it('every name and alias finds its figure as it is written', () => {
    for (const figure of SHIPPED_FIGURES)
      for (const name of [figure.name, ...figure.aliases.map((alias) => alias.name)]) {
        const found = askFigures(SHIPPED_FIGURES, name, figure.family)
        expect([name, found.some((one) => one.figure.id === figure.id && !one.isGuess)]).toEqual([
          name,
          true,
        ])
      }
  })
})

describe('how a figure is to be danced', () => {
  it.each([
    ['half turn left', { turn: -4 }],
    ['3/4 right', { turn: 6 }],
    ['three quarters to the right', { turn: 6 }],
    ['1/2', { cut: { type: 'half' } }],
    ['three times', { times: 3 }],
    ['x2', { times: 2 }],
    ['other way', { reflected: true }],
    ['1/4 left to butterfly', { turn: -2, exitHold: 'butterfly' }],
    ['turning 3/8 left', { turn: -3 }],
  ])('“%s” is understood', (text, change) =>
    expect(readSpokenVariation(text)).toEqual({ ...AS_WRITTEN, ...change }),
  )
  it.each(['', 'with a smile', 'half smile', '1/3 left', 'x0', '0 times', 'x999'])(
    '“%s” says nothing of it',
    (text) => expect(readSpokenVariation(text)).toBeNull(),
  )
})
