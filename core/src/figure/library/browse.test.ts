import { SHIPPED_FIGURES } from '../book/index.ts'
import { browseFigures, isOfDance, NO_WISH, startFoot, type FigureWish } from './browse.ts'
import { cover, emptyGroup, knownFigures } from '../../group/index.ts'

const names = (wish: Partial<FigureWish>) =>
  browseFigures(SHIPPED_FIGURES, { ...NO_WISH, ...wish }).map(
    ({ family, name }) => `${family}: ${name}`,
  )
const named = (family: string, name: string) =>
  SHIPPED_FIGURES.find((figure) => figure.family === family && figure.name === name)!

describe('looking through the book', () => {
  it('finds all of it for no wish, and by each wish only what has it', () => {
    expect(names({})).toHaveLength(SHIPPED_FIGURES.length)
    expect(names({ family: 'tango' }).every((name) => name.startsWith('tango: '))).toBe(true)
    expect(names({ family: 'cha-cha', startFoot: 'right' })).toEqual([
      'cha-cha: Aida',
      'cha-cha: Fan',
      'cha-cha: New yorker',
      'cha-cha: Spot turn',
      'cha-cha: Underarm turn',
      'cha-cha: Whip',
    ])
    expect(names({ family: 'slow foxtrot', endHold: 'semi-closed' })).toEqual([
      'slow foxtrot: Hover',
      'slow foxtrot: Hover fallaway',
      'slow foxtrot: Hover telemark',
      'slow foxtrot: Impetus',
      'slow foxtrot: In and out runs',
      'slow foxtrot: Open telemark',
      'slow foxtrot: Outside swivel',
      'slow foxtrot: Promenade sway',
      'slow foxtrot: Whisk',
    ])
    expect(names({ family: 'two-step', level: 'first', lengthTicks: 48 })).toEqual([
      'two-step: Apart, point',
      'two-step: Forward two-step',
      'two-step: Heel and toe',
      'two-step: Pick up, touch',
      'two-step: Rock apart, recover',
      'two-step: Rock forward, recover',
      'two-step: Side two-step',
      'two-step: Side, close, twice',
      'two-step: Side, touch',
      'two-step: Skate left and right',
      'two-step: Vine two',
      'two-step: Walk and face',
      'two-step: Walk two',
    ])
    expect(names({ text: 'rumba box' })).toEqual(['rumba: Box', 'line dance: Rumba box'])
    expect(names({ text: 'gibberish' })).toEqual([])
  })
  it('finds what may follow another, and what a group has been taught or could be', () => {
    expect(names({ family: 'slow foxtrot', after: named('slow foxtrot', 'Three step') })).toEqual([
      'slow foxtrot: Back, side, close',
      'slow foxtrot: Feather',
      'slow foxtrot: Feather finish',
      'slow foxtrot: Forward, side, close',
      'slow foxtrot: Natural turn, first half',
      'slow foxtrot: Natural weave',
      'slow foxtrot: Side, draw, close',
      'slow foxtrot: Three step',
      'slow foxtrot: Walk two',
      'slow foxtrot: Weave',
    ])
    const group = cover(
      cover(emptyGroup('mondays', 'Mondays', 'first'), named('tango', 'Walk four').id, true),
      named('tango', 'Doble cruz').id,
      true,
    )
    const known = knownFigures(group)
    expect(names({ family: 'tango', group: { known, only: 'covered' } })).toEqual([
      'tango: Doble cruz',
      'tango: Walk four',
    ])
    expect(names({ family: 'tango', group: { known, only: 'within' } })).toEqual([
      'tango: Doble cruz',
      'tango: Walk four',
      'tango: Walk two',
    ])
  })
  it('tells the foot to begin with', () => {
    expect([
      startFoot(named('line dance', 'Jazz box')),
      startFoot(named('mixer', 'Clap pattern')),
    ]).toEqual(['right', null])
  })
  it('knows a dance’s own figures by the name of its kind', () => {
    const waltz = named('waltz', 'Box')
    expect([
      isOfDance(waltz, 'Waltz'),
      isOfDance(waltz, 'slow waltz'),
      isOfDance(waltz, 'rumba'),
      isOfDance(waltz, ''),
    ]).toEqual([true, true, false, false])
  })
})
