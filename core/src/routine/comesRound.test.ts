import fc from 'fast-check'
import { HOLD_IDS, SHIPPED_FIGURES, bookOf, startingState } from '../figure/index.ts'
import { type Facing } from '../move/index.ts'
import { part, pass, routineOf, slot } from '../testing/sheets.ts'
import { comesRoundTo } from './comesRound.ts'
import { unfold } from './unfold.ts'

const book = bookOf(SHIPPED_FIGURES)
const ends = (...slots: Parameters<typeof part>[1][]) => {
  const routine = routineOf([part('A', ...slots)], [pass('1', 'A')])
  return comesRoundTo(routine.start, unfold(routine, book).slots.at(-1)!.after)
}

describe('whether a routine comes round', () => {
  it('does where it ends as it began, from any start', () => {
    expect(ends(slot('a', 'balance-left-right'))).toEqual([])
    fc.assert(
      fc.property(fc.constantFrom(...HOLD_IDS), fc.integer({ min: 0, max: 7 }), (hold, facing) =>
        expect(
          comesRoundTo(
            startingState(hold, facing as Facing),
            startingState(hold, facing as Facing),
          ),
        ).toEqual([]),
      ),
    )
  })
  it('tells the feet, the facings and the hold that are other', () => {
    expect(ends(slot('a', 'side-draw-touch'))).toEqual([
      { what: 'foot', role: 'lead', now: 'right', wanted: 'left' },
      { what: 'foot', role: 'follow', now: 'left', wanted: 'right' },
    ])
    expect(ends(slot('a', 'box', { turn: -2, exitHold: 'none' }))).toEqual([
      { what: 'facing', role: 'lead', now: 0, wanted: 2 },
      { what: 'facing', role: 'follow', now: 4, wanted: 6 },
      { what: 'hold', now: 'none', wanted: 'butterfly' },
    ])
  })
})
