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
const IN_TWO = new Set(['two-step', 'tango', 'march', 'polka'])

/**
 * How long a slow and a quick are in a family, in ticks: two beats and one, unless the dance says
 * otherwise.
 */
export function slowQuick(family: string): { readonly slow: number; readonly quick: number } {
  const beats = IN_TWO.has(figureFamily(family)) ? 1 : 2
  return { slow: beats * TICKS_PER_BEAT, quick: (beats * TICKS_PER_BEAT) / 2 }
}
