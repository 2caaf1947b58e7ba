import type { Language } from '../document/index.ts'

/** Dances and families of figures as German dancers name them; loans keep their own names. */
export const GERMAN_DANCES: Readonly<Record<string, string>> = {
  waltz: 'Walzer',
  'quick waltz': 'Wiener Walzer',
  'viennese waltz': 'Wiener Walzer',
  'two-step': 'Two-Step',
  march: 'Marsch',
  polka: 'Polka',
  'slow foxtrot': 'Slowfox',
  quickstep: 'Quickstep',
  tango: 'Tango',
  rumba: 'Rumba',
  'cha-cha': 'Cha-Cha-Cha',
  jive: 'Jive',
  salsa: 'Salsa',
  'paso doble': 'Paso doble',
  'line dance': 'Line Dance',
  'ring dance': 'Kreistanz',
  jig: 'Jig',
  reel: 'Reel',
  clog: 'Clogging',
  'set dance': 'Settanz',
  'square dance': 'Square Dance',
  longways: 'Gassentanz',
  schottische: 'Schottisch',
  'sequence dance': 'Sequenztanz',
  bolero: 'Bolero',
  mambo: 'Mambo',
  samba: 'Samba',
  bachata: 'Bachata',
  merengue: 'Merengue',
  'west coast swing': 'West Coast Swing',
  'night club two-step': 'Nightclub Two-Step',
  'modern jive': 'Modern Jive',
  mixer: 'Mixer',
  'openings and endings': 'Anfänge und Schlüsse',
}

/**
 * A dance or family of figures as it is named in a language. What the cuer wrote in words of their
 * own stays as it is written.
 */
export const danceName = (name: string, language: Language): string =>
  language === 'de' ? (GERMAN_DANCES[name] ?? name) : name
