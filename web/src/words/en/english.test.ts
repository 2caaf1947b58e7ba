import { AS_WRITTEN, type Variation } from '@dellop/core/figure'
import type { SlotContent } from '@dellop/core/routine'
import { clock, counts, eighths, minutes, ordinal, passName, plural, slotName } from './english.ts'

const danced = (variation: Partial<Variation>): SlotContent => ({
  type: 'figure',
  figureId: 'vine',
  variation: { ...AS_WRITTEN, ...variation },
})

describe('English on the screen', () => {
  it.each([
    [1, '1 count'],
    [0, '0 counts'],
    [2.499999, '2.5 counts'],
    [-4, '-4 counts'],
  ])('%d: %s', (n, told) => expect(counts(n)).toBe(told))
  it('has a plural of its own where a word wants one', () =>
    expect([plural(1, 'dance'), plural(3, 'thing to fix', 'things to fix')]).toEqual([
      '1 dance',
      '3 things to fix',
    ]))
  it('tells time as a clock and as a length', () => {
    expect([clock(0), clock(65.9), clock(600)]).toEqual(['0:00', '1:05', '10:00'])
    expect([minutes(59.4), minutes(60), minutes(185)]).toEqual(['59 s', '1 min 0 s', '3 min 5 s'])
  })
  it.each([
    [0, ''],
    [1, '1/8'],
    [2, '1/4'],
    [6, '3/4'],
    [8, '1'],
    [10, '1 1/4'],
    [16, '2'],
  ])('%d eighths of a turn are written “%s”', (n, told) => expect(eighths(n)).toBe(told))
  it.each([
    [1, 1, 'once'],
    [1, 3, 'first time'],
    [2, 3, 'second time'],
    [3, 3, 'last time'],
    [9, 12, '9th time'],
  ])('the %dth of %d is the “%s”', (n, of, told) => expect(ordinal(n, of)).toBe(told))
  it('names a time through a part by its number only where the part comes again', () => {
    const part = { label: 'B' } as Parameters<typeof passName>[0]['part']
    expect(passName({ part, ordinal: 1, ordinals: 1 })).toBe('B')
    expect(passName({ part, ordinal: 2, ordinals: 4 })).toBe('B, second time')
  })
  it.each([
    [{}, 'Vine'],
    [{ cut: { type: 'half' } as const }, 'Vine, half'],
    [{ cut: { type: 'first', ticks: 48 } as const }, 'Vine, first 2'],
    [{ cut: { type: 'from', ticks: 48 } as const }, 'Vine, from 3'],
    [{ times: 2 }, 'Vine, twice'],
    [{ times: 3, reflected: true }, 'Vine, 3 times, other way'],
    [{ turn: -6 }, 'Vine, turning 3/4 left'],
    [{ turn: 0 }, 'Vine, turning nothing'],
    [{ withoutPause: true as const }, 'Vine, no pause'],
    [{ ending: 'to open', options: ['look'] }, 'Vine, look, to open'],
    [{ exitHold: 'none' }, 'Vine, letting go'],
    [{ exitHold: 'butterfly' }, 'Vine, to butterfly'],
  ])('a figure danced as %j is “%s”', (variation, told) =>
    expect(slotName(danced(variation), 'Vine')).toBe(told),
  )
  it('a figure whose name says its side has the name of the other side where it is mirrored', () => {
    expect(slotName(danced({ reflected: true }), 'Vine right, scuff')).toBe('Vine left, scuff')
    expect(slotName(danced({ reflected: true, times: 2 }), 'Wechsel links')).toBe(
      'Wechsel rechts, twice',
    )
  })
  it('words are themselves, open counts are said to be open, an unknown figure has its id', () => {
    const open = { type: 'words', text: '', lengthTicks: 24 } as const
    expect(slotName({ ...open, text: 'wave' }, null)).toBe('wave')
    expect(slotName(open, null)).toBe('open counts')
    expect(slotName(danced({}), null)).toBe('vine')
  })
})
