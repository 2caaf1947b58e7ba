import { TICKS_PER_BEAT, type TickPosition } from './units.ts'

/**
 * How a school counts: groups of `beatsPerGroup` (a bar, an eight), `firstNumber` in place of a 1
 * from the second group on.
 */
export interface CountStyle {
  /** Beats in one counted group: the bar's beats, or 8. */
  readonly beatsPerGroup: number
  /** `plain`: 1 2 3, 1 2 3. `numbered`: 1 2 3, 2 2 3, 3 2 3. */
  readonly ones: 'plain' | 'numbered'
  /** The number said on the first beat: 1, or 2 where a dance counts from two. */
  readonly countFrom: number
  readonly division: 3 | 4
}

export interface CountLabel {
  /** The number spoken, `3`, or the syllable between numbers, `&`. */
  readonly text: string
  /** Whole beat in its group, from 0. */
  readonly beatInGroup: number
  /** Group counted from 0 at tick 0. */
  readonly group: number
}

const SYLLABLES: Record<3 | 4, Record<number, string>> = {
  3: { 8: '&', 16: 'a' },
  4: { 6: 'e', 12: '&', 18: 'a' },
}

/**
 * The count said at a position that lies on a beat or on a named part of one, counted from tick 0.
 * Returns null between the named parts: nobody says anything there.
 */
export function countLabel(style: CountStyle, at: TickPosition): CountLabel | null {
  const beat = Math.floor(at / TICKS_PER_BEAT)
  const within = at - beat * TICKS_PER_BEAT
  const shifted = beat + style.countFrom - 1
  const group = Math.floor(shifted / style.beatsPerGroup)
  const beatInGroup = shifted - group * style.beatsPerGroup
  if (within === 0) {
    const text =
      beatInGroup === 0 && style.ones === 'numbered' && group >= 0
        ? String(group + 1)
        : String(beatInGroup + 1)
    return { text, beatInGroup, group }
  }
  const syllable = SYLLABLES[style.division][within]
  return syllable === undefined ? null : { text: syllable, beatInGroup, group }
}
