import type { Metre } from '../time/index.ts'

/**
 * What a kind of dance is usually danced to: beats a minute and the beats of its bar. General
 * knowledge of the field.
 */
export interface DanceTempo {
  readonly dance: string
  readonly range: readonly [number, number]
  readonly metre: Metre
}

const THREE: Metre = { beatsPerBar: 3, beatNote: '1/4', division: 4 }
const FOUR: Metre = { beatsPerBar: 4, beatNote: '1/4', division: 4 }
const TWO: Metre = { beatsPerBar: 2, beatNote: '1/4', division: 4 }
const CUT: Metre = { beatsPerBar: 2, beatNote: '1/2', division: 4 }
const JIG: Metre = { beatsPerBar: 2, beatNote: '3/8', division: 3 }

/** Wide on purpose: a range that is too narrow would talk the ear out of what it hears. */
export const DANCE_TEMPI: readonly DanceTempo[] = [
  { dance: 'waltz', range: [78, 126], metre: THREE },
  { dance: 'quick waltz', range: [140, 200], metre: THREE },
  { dance: 'two-step', range: [84, 124], metre: TWO },
  { dance: 'march', range: [96, 128], metre: TWO },
  { dance: 'polka', range: [100, 136], metre: TWO },
  { dance: 'slow foxtrot', range: [100, 128], metre: FOUR },
  { dance: 'quickstep', range: [176, 212], metre: FOUR },
  { dance: 'tango', range: [108, 136], metre: FOUR },
  { dance: 'rumba', range: [84, 120], metre: FOUR },
  { dance: 'cha-cha', range: [104, 132], metre: FOUR },
  { dance: 'jive', range: [128, 184], metre: FOUR },
  { dance: 'salsa', range: [150, 212], metre: FOUR },
  { dance: 'paso doble', range: [108, 128], metre: TWO },
  { dance: 'line dance', range: [88, 140], metre: FOUR },
  { dance: 'ring dance', range: [84, 150], metre: FOUR },
  { dance: 'jig', range: [98, 132], metre: JIG },
  { dance: 'reel', range: [92, 128], metre: CUT },
]

/**
 * The usual tempo and metre of a dance by its name, or null where the name says nothing. The
 * longest name that is in it wins.
 */
export function danceTempo(dance: string): DanceTempo | null {
  const wanted = dance.trim().toLowerCase()
  return (
    DANCE_TEMPI.filter((one) => wanted.includes(one.dance)).sort(
      (a, b) => b.dance.length - a.dance.length,
    )[0] ?? null
  )
}
