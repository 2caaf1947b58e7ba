import { TICKS_PER_BEAT } from '../../time/index.ts'
import { figureFamily, usualTempo, type DanceTempo } from '../../tune/index.ts'

/** The usual tempo and bar of a family of figures; null for a family nobody here knows. */
export const familyTempo = (family: string): DanceTempo | null => usualTempo(family)

/** The family of figures that a dance by this name is danced with. */
export const familyOf = (dance: string): string => figureFamily(dance)

/** Beats of a counted bar: eights where the music has no usual bar. */
const EIGHT = 8
/** How a family is counted: the beats of its bar and the parts of its beat. */
export function countedBar(family: string): {
  readonly beatsPerBar: number
  readonly division: 4 | 3
} {
  const metre = familyTempo(family)?.metre
  return { beatsPerBar: metre?.beatsPerBar ?? EIGHT, division: metre?.division === 3 ? 3 : 4 }
}

/** Dances in two, in which a slow is one beat and a quick half of one. */
const IN_TWO = new Set(['two-step', 'march', 'polka'])
/** Dances that are written in two or in four: in two a slow is one beat, in four it is two. */
const IN_EITHER = new Set(['tango'])
const usualBar = (family: string): number => familyTempo(family)?.metre.beatsPerBar ?? EIGHT

/**
 * How long a slow and a quick are in a family, in ticks: two beats and one, unless the dance or the
 * sheet says otherwise.
 *
 * @param beatsPerBar Beats in a bar, 2 to 12; the family's usual bar where left out.
 */
export function slowQuick(
  family: string,
  beatsPerBar = usualBar(family),
): { readonly slow: number; readonly quick: number } {
  const known = figureFamily(family)
  const inTwo = IN_TWO.has(known) || (IN_EITHER.has(known) && beatsPerBar === 2)
  const beats = inTwo ? 1 : 2
  return { slow: beats * TICKS_PER_BEAT, quick: (beats * TICKS_PER_BEAT) / 2 }
}
