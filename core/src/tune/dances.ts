import type { Metre } from '../time/index.ts'
import { GERMAN_DANCES } from './danceNames.ts'

/**
 * What a kind of dance is usually danced to: beats a minute and the beats of its bar. General
 * knowledge of the field.
 */
export interface DanceTempo {
  readonly dance: string
  readonly range: readonly [number, number]
  readonly metre: Metre
}

/** A dance with its other names. */
interface NamedDance extends DanceTempo {
  readonly aliases: readonly string[]
  /**
   * The family of figures it is danced with, where that goes by another name than the dance, or has
   * no music of its own that an ear could listen for.
   */
  readonly family?: string
}

const THREE: Metre = { beatsPerBar: 3, beatNote: '1/4', division: 4 }
const FOUR: Metre = { beatsPerBar: 4, beatNote: '1/4', division: 4 }
const TWO: Metre = { beatsPerBar: 2, beatNote: '1/4', division: 4 }
const CUT: Metre = { beatsPerBar: 2, beatNote: '1/2', division: 4 }
const JIG: Metre = { beatsPerBar: 2, beatNote: '3/8', division: 3 }

const dance = (
  name: string,
  range: readonly [number, number],
  metre: Metre,
  aliases: string,
  family?: string,
): NamedDance => ({
  dance: name,
  range,
  metre,
  aliases: aliases.split(', ').filter(Boolean),
  ...(family === undefined ? {} : { family }),
})

/**
 * The dances that Dellop knows, in the order in which they are offered. A dance is found by its name
 * or by one of its other names, whole, never by a word that happens to be in it. Ranges are wide on
 * purpose: one that is too narrow would talk the ear out of what it hears.
 */
const DANCES: readonly NamedDance[] = [
  dance(
    'waltz',
    [78, 126],
    THREE,
    'slow waltz, easy waltz, old-time waltz, langsamer Walzer, Walzer',
  ),
  dance(
    'quick waltz',
    [140, 200],
    THREE,
    'fast waltz, Viennese waltz, Wiener Walzer',
    'viennese waltz',
  ),
  dance('two-step', [84, 124], TWO, 'twostep, progressive two-step, round two-step'),
  dance('march', [96, 128], TWO, 'one-step, marching'),
  dance('polka', [100, 136], TWO, ''),
  dance('slow foxtrot', [100, 128], FOUR, 'foxtrot, slowfox, social foxtrot'),
  dance('quickstep', [176, 212], FOUR, 'quick step'),
  dance('tango', [108, 136], FOUR, 'ballroom tango'),
  dance('rumba', [84, 120], FOUR, 'slow rumba'),
  dance('cha-cha', [104, 132], FOUR, 'cha-cha-cha, chacha'),
  dance('jive', [128, 184], FOUR, 'swing, single swing, rock and roll'),
  dance('salsa', [150, 212], FOUR, ''),
  dance('paso doble', [108, 128], TWO, 'paso'),
  dance('line dance', [88, 140], FOUR, 'line, line dancing, linedance, solo line dance'),
  dance('ring dance', [84, 150], FOUR, 'ring, circle dance, round ring, Kreistanz'),
  dance('jig', [98, 132], JIG, 'jig for sets', 'set dance'),
  dance('reel', [92, 128], CUT, 'reel for sets', 'set dance'),
]

/** Dances to music of many kinds, which the ear does not listen for by their name. */
const TO_ANY_MUSIC: readonly NamedDance[] = [
  dance('clog', [100, 140], FOUR, 'clogging, step dance, clog dance'),
  dance('set dance', [104, 128], TWO, 'set'),
  dance('square dance', [108, 128], TWO, 'square, quadrille, Square Dance'),
  dance(
    'longways',
    [100, 124],
    TWO,
    'longways set, longways dance, contra line, contra, contra dance',
  ),
  dance('schottische', [120, 160], FOUR, 'Schottisch, schottish'),
  dance('sequence dance', [96, 140], FOUR, 'sequence, old-time sequence, old time'),
  dance('bolero', [84, 104], FOUR, ''),
  dance('mambo', [160, 212], FOUR, ''),
  dance('samba', [96, 110], TWO, ''),
  dance('bachata', [108, 144], FOUR, ''),
  dance('merengue', [112, 144], FOUR, ''),
  dance('west coast swing', [90, 126], FOUR, 'west coast'),
  dance(
    'night club two-step',
    [56, 80],
    FOUR,
    'nightclub, night club, nightclub two-step, slow two-step',
  ),
  dance('modern jive', [110, 150], FOUR, ''),
  dance('mixer', [96, 128], FOUR, 'round mixer, ring mixer, circle mixer'),
]

/** Families of figures that are danced in many dances, and are none themselves. */
const FAMILIES_ONLY: readonly NamedDance[] = [dance('openings and endings', [84, 136], FOUR, '')]

export const DANCE_TEMPI: readonly DanceTempo[] = DANCES
/** Every dance that Dellop knows, by its name, in the order in which they are offered. */
export const DANCE_NAMES: readonly string[] = [...DANCES, ...TO_ANY_MUSIC].map((one) => one.dance)

/** Hyphens, spaces and capitals are written many ways. */
const plain = (name: string): string =>
  name
    .trim()
    .toLowerCase()
    .replace(/[\s-]+/g, ' ')

const named = new Map<string, NamedDance>()
for (const one of [...DANCES, ...TO_ANY_MUSIC, ...FAMILIES_ONLY])
  for (const name of [one.dance, GERMAN_DANCES[one.dance] ?? one.dance, ...one.aliases])
    named.set(plain(name), one)

/** A dance by its name or one of its other names; null for one that nobody here knows. */
const danceNamed = (name: string): NamedDance | null => named.get(plain(name)) ?? null

const written = new Map<string, string>()
for (const { dance: name } of [...DANCES, ...TO_ANY_MUSIC])
  for (const one of [name, GERMAN_DANCES[name] ?? name])
    if (!written.has(plain(one))) written.set(plain(one), name)

/**
 * A dance’s name as it is kept, whatever its capitals and hyphens and in whichever language it is
 * written: “Rumba”, “Two Step” and “Walzer” are rumba, two-step and waltz. Another name of a dance
 * stays as somebody wrote it, as does one that nobody here knows.
 */
export const keptDanceName = (name: string): string => written.get(plain(name)) ?? name.trim()

/**
 * The usual tempo and metre of a dance that an ear can listen for by its name; null where the name
 * says nothing of the music.
 */
export function danceTempo(name: string): DanceTempo | null {
  const found = danceNamed(name)
  return found && DANCES.includes(found) ? found : null
}

/** The usual tempo and metre of a dance or a family of figures; null for one nobody here knows. */
export const usualTempo = (name: string): DanceTempo | null => danceNamed(name)

/** The family of figures that a dance is danced with; for one nobody knows, its own name. */
export function figureFamily(name: string): string {
  const found = danceNamed(name)
  return found ? (found.family ?? found.dance) : name.trim().toLowerCase()
}
