import { bookOf, SHIPPED_FIGURES } from '../figure/index.ts'
import { ROUND_SCHOOL } from '../school/index.ts'
import { countLabel, WALTZ_METRE, type Metre, type TickPosition } from '../time/index.ts'
import { typedRoutine } from '../testing/typed.ts'
import { countingOf, slowsAndQuicks } from './counting.ts'
import type { Unit } from './routine.ts'
import { unfold } from './unfold.ts'

const FOUR: Metre = { beatsPerBar: 4, beatNote: '1/4', division: 4 }
const labels = (unit: Unit | undefined, metre: Metre, beats: number): string => {
  const counting = countingOf(unit, { metre, dance: 'waltz' }, ROUND_SCHOOL)
  return counting.by === 'numbers'
    ? Array.from(
        { length: beats },
        (_, i) => countLabel(counting.style, (i * 24) as TickPosition)!.text,
      ).join(' ')
    : counting.by
}

describe('the unit that is counted in', () => {
  it.each([
    ['bars', FOUR, 9, '1 2 3 4 2 2 3 4 3'],
    ['eights', FOUR, 10, '1 2 3 4 5 6 7 8 2 2'],
    ['sixteens', FOUR, 18, '1 2 3 4 5 6 7 8 9 10 11 12 13 14 15 16 2 2'],
    ['beats', FOUR, 10, '1 2 3 4 5 6 7 8 9 10'],
    ['eights', WALTZ_METRE, 7, '1 2 3 2 2 3 3'],
    ['sixteens', WALTZ_METRE, 4, '1 2 3 2'],
    [undefined, WALTZ_METRE, 4, '1 2 3 2'],
    ['words', FOUR, 4, 'nothing'],
  ] as const)('%s in bars like these is counted so', (unit, metre, beats, text) =>
    expect(labels(unit, metre, beats)).toBe(text),
  )

  it('slow and quick are as long as the dance has them', () => {
    const { slots } = unfold(
      typedRoutine('dance: two-step\npart A\n  Side two-step\n  Walk two\norder\n  A\n'),
      bookOf(SHIPPED_FIGURES),
    )
    const counting = countingOf('slow-quick', { metre: FOUR, dance: 'two-step' }, ROUND_SCHOOL)
    expect(counting).toEqual({ by: 'slow-quick', slow: 24, quick: 12 })
    expect(
      slots.map((slot) =>
        slowsAndQuicks(slot, { slow: 24 })
          .map(({ text }) => text)
          .join(' '),
      ),
    ).toEqual(['Q Q S', 'S S'])
  })
})
