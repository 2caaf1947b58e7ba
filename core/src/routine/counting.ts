import { slowQuick, type Step } from '../figure/index.ts'
import type { School } from '../school/index.ts'
import { type Metre, TICKS_PER_BEAT, type CountStyle } from '../time/index.ts'
import type { Routine, Unit } from './routine.ts'
import type { DancedSlot } from './timeline.ts'

/** How a page is counted: by numbers, by slow and quick, or not at all. */
export type Counting =
  | { readonly by: 'numbers'; readonly style: CountStyle }
  | { readonly by: 'slow-quick'; readonly slow: number; readonly quick: number }
  | { readonly by: 'nothing' }

/** How long a slow and a quick are on a sheet, in ticks: as it says, or as its dance has them. */
export const slowOf = ({
  metre,
  dance,
  slowBeats,
}: Pick<Routine, 'metre' | 'dance' | 'slowBeats'>): {
  readonly slow: number
  readonly quick: number
} =>
  slowBeats === undefined
    ? slowQuick(dance, metre.beatsPerBar)
    : { slow: slowBeats * TICKS_PER_BEAT, quick: (slowBeats * TICKS_PER_BEAT) / 2 }

/** Counted on and on: no part of a dance is longer. */
const WITHOUT_END = 100_000

/**
 * The unit a cuer counts in, as it is written above the beats. It never changes what is danced.
 * Bars that do not go into an eight or a sixteen, as bars of three beats, are counted as bars all
 * the same.
 */
export function countingOf(
  unit: Unit | undefined,
  routine: Pick<Routine, 'metre' | 'dance' | 'slowBeats'>,
  school: Pick<School, 'count'>,
): Counting {
  const { beatsPerBar, division } = routine.metre
  const { group, ones, countFrom } = school.count
  const numbers = (beatsPerGroup: number, how: CountStyle['ones'] = 'numbered'): Counting => ({
    by: 'numbers',
    style: { beatsPerGroup, ones: how, countFrom, division },
  })
  const grouped = (beats: number): Counting =>
    numbers(beats % beatsPerBar === 0 && beatsPerBar !== 3 ? beats : beatsPerBar)
  switch (unit) {
    case undefined:
      return group === 'eights' && 8 % beatsPerBar === 0
        ? numbers(8, ones)
        : numbers(beatsPerBar, ones)
    case 'bars':
      return numbers(beatsPerBar)
    case 'eights':
      return grouped(8)
    case 'sixteens':
      return grouped(16)
    case 'beats':
      return {
        by: 'numbers',
        style: { beatsPerGroup: WITHOUT_END, ones: 'plain', countFrom: 1, division },
      }
    case 'slow-quick':
      return { by: 'slow-quick', ...slowOf(routine) }
    case 'words':
      return { by: 'nothing' }
  }
}

/** Whether lengths that are counted so are told in bars; else in counts. */
export const isCountedInBars = (counting: Counting, metre: Pick<Metre, 'beatsPerBar'>): boolean =>
  counting.by === 'numbers' &&
  counting.style.ones === 'numbered' &&
  counting.style.beatsPerGroup === metre.beatsPerBar

/**
 * Slow and quick of a danced slot: each step of the one whose feet lead, with how long it lasts.
 * Ticks from the slot's start.
 */
export function slowsAndQuicks(
  { danced, lengthTicks }: Pick<DancedSlot, 'danced' | 'lengthTicks'>,
  { slow }: { readonly slow: number },
): { readonly at: number; readonly text: 'S' | 'Q' | '&' }[] {
  const steps = (danced?.steps.lead ?? []).filter(
    ({ layer, at, kind }: Step) => layer === 'feet' && kind !== 'hold' && at >= 0,
  )
  return steps.map(({ at }, i) => {
    const lasts = (steps[i + 1]?.at ?? lengthTicks) - at
    return { at, text: lasts >= slow ? 'S' : lasts * 2 >= slow ? 'Q' : '&' }
  })
}
