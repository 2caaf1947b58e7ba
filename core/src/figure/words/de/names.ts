import type { Level } from '../../model/figure.ts'

/** The eight directions of the hall in German, from the line of dance clockwise. */
export const HALL_FACINGS_DE: readonly string[] = [
  'in Tanzrichtung',
  'diagonal zur Wand',
  'zur Wand',
  'rückwärts diagonal zur Wand',
  'gegen die Tanzrichtung',
  'rückwärts diagonal zur Mitte',
  'zur Mitte',
  'diagonal zur Mitte',
]

/** Roles in German, where a style calls them in English. */
export const ROLE_NAMES: Readonly<Record<string, string>> = {
  lead: 'führend',
  follow: 'folgend',
  man: 'Herr',
  lady: 'Dame',
}

/** What holds are called in German; what dancers call by its English name keeps it. */
export const HOLD_NAMES: Readonly<Record<string, string>> = {
  none: 'ohne Fassung',
  closed: 'geschlossen',
  'semi-closed': 'Promenade',
  'reverse semi-closed': 'Gegenpromenade',
  butterfly: 'Butterfly',
  'two hands': 'beide Hände',
  'open facing': 'offen gegenüber',
  open: 'offen',
  'left open': 'offen links',
  'half open': 'halboffen',
  'left half open': 'halboffen links',
  fan: 'Fächer',
  'left fan': 'Fächer links',
  banjo: 'Banjo',
  sidecar: 'Sidecar',
  shadow: 'Schattenposition',
  'left shadow': 'Schattenposition links',
  tandem: 'hintereinander',
  wrap: 'Wickelfassung',
  'left wrap': 'Wickelfassung links',
  hammerlock: 'Hammerlock',
  'left hammerlock': 'Hammerlock links',
  skaters: 'Skaters',
  'left skaters': 'Skaters links',
  varsouvienne: 'Varsovienne',
  'left varsouvienne': 'Varsovienne links',
  cuddle: 'Kuschelhaltung',
  'left cuddle': 'Kuschelhaltung links',
  handshake: 'rechte Hände',
  'left hands': 'linke Hände',
  'crossed hands': 'Kreuzhandfassung',
  'crossed promenade': 'Kreuzhandfassung nebeneinander',
  'right arms': 'rechte Arme',
  'left arms': 'linke Arme',
  'right elbows': 'rechts eingehakt',
  'left elbows': 'links eingehakt',
  'knee hold': 'Kniefassung',
  'left knee hold': 'Kniefassung links',
  'waist hold': 'Hüftfassung',
  'back to back': 'Rücken an Rücken',
  ring: 'Kreis',
  star: 'Mühle',
  'left-hand star': 'Mühle links',
}

/** What levels are called in German. */
export const LEVEL_NAMES_DE: Readonly<Record<Level, string>> = {
  first: 'ganz neu',
  easy: 'Anfänger',
  improver: 'Aufbau',
  steady: 'Mittelstufe',
  advanced: 'Fortgeschrittene',
}
