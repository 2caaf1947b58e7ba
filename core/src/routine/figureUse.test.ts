import { AS_WRITTEN } from '../figure/index.ts'
import { part, pass, routineOf, slot, words } from '../testing/sheets.ts'
import { figureContent, freshSlot } from './edits.ts'
import { figureUse } from './figureUse.ts'

describe('where figures are used', () => {
  const one = {
    ...routineOf(
      [
        part(
          'A',
          slot('a', 'box'),
          slot('b', 'hover'),
          slot('c', 'box'),
          slot('d', 'hover'),
          words('e', 'free', 6),
          slot('f', 'canter'),
        ),
      ],
      [pass('1', 'A', { times: 4 })],
    ),
    id: 'one',
    title: 'One',
  }
  const change = {
    ...freshSlot('x', figureContent('dip', AS_WRITTEN)),
    type: 'replace' as const,
    slotId: 'c',
  }
  const two = {
    ...routineOf(
      [part('A', slot('a', 'box'), slot('b', 'canter'))],
      [pass('1', 'A', { changes: [change] })],
    ),
    id: 'two',
    title: 'Two',
  }
  const uses = new Map(figureUse([one, two]).map((use) => [use.figureId, use]))

  it('is counted by slots, over all sheets, most often first', () => {
    expect(uses.get('box')!.sheets).toEqual([
      { id: 'one', title: 'One', times: 2 },
      { id: 'two', title: 'Two', times: 1 },
    ])
    expect(uses.get('hover')!.sheets.map(({ id }) => id)).toEqual(['one'])
    expect(uses.get('dip')!.sheets).toEqual([{ id: 'two', title: 'Two', times: 1 }])
    expect(uses.has('twirl-vine')).toBe(false)
  })
  it('tells what the cuer lets follow, and not over plain words or the end of a part', () => {
    expect(uses.get('box')!.next).toEqual([
      { figureId: 'hover', times: 2 },
      { figureId: 'canter', times: 1 },
    ])
    expect(uses.get('hover')!.next).toEqual([{ figureId: 'box', times: 1 }])
    expect(uses.get('canter')!.next).toEqual([])
  })
})
