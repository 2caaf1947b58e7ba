import type { HallWords } from '../en/hall.ts'

/** German of the second screens: they load nothing but this. */
export const hall: HallWords = {
  display: 'Eine Anzeige für den Saal',
  remote: 'Eine Fernbedienung für den Ansagebildschirm',
  code: 'Die sechs Ziffern auf dem Ansagebildschirm',
  enter: 'Verbinden',
  coming: 'Einen Moment',
  away: '· der Ansagebildschirm ist weg, er wird gesucht',
  intro: 'Einleitung',
  after: 'Die Musik geht weiter',
  next: (text) => `dann: ${text}`,
  floor: (figure) => `Die Tanzfläche von oben: ${figure}`,
  onlySee: 'Dieser Bildschirm kann nur zeigen.',
  done: (what) => `Gesendet: ${what}.`,
  refused: 'Der Ansagebildschirm ist nicht erreichbar.',
  commands: {
    main: 'Start, Pause, die erste nehmen',
    hold: 'Ansagen anhalten',
    lost: 'Sie sind heraus',
    'take-back': 'Falsche Taste',
    mark: 'Diese Stelle merken',
    first: 'Die erste',
    second: 'Die zweite',
    third: 'Die dritte',
  },
}
