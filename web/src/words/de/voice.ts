import type { Catalogue } from '../en/index.ts'
import { number, plural } from './german.ts'

/** German of the cuer's voice: whose speed cues are planned for, and how it is measured. */
const s = (seconds: number): string => `${seconds.toFixed(2).replace('.', ',')} s`
const ms = (seconds: number): string => `${Math.round(seconds * 1000)} ms`

export const voice: Catalogue['voice'] = {
  title: 'Ihre Stimme',
  lead: 'Jede Ansage wird danach geplant, wie lange ihre Worte dauern. Wählen Sie, wessen Tempo das ist, und messen Sie Ihr eigenes.',
  whose: 'Geplant wird für',
  choices: {
    usual: 'die übliche Stimme',
    mine: 'meine eigene Stimme',
    'stand-in': 'die Übungsstimme',
  },
  about: {
    usual: (wpm, spread) =>
      `Nach der Zahl der Buchstaben bei ${wpm} Wörtern in der Minute. Bei einzelnen Ansagen liegt sie um etwa ${ms(spread)} daneben; darum kommen mindestens 0,15 s dazu.`,
    mine: (wpm, spread) =>
      `Gemessen: etwa ${Math.round(wpm)} Wörter in der Minute; was Sie lasen, trifft sie auf etwa ${ms(spread)}. Es kommt nichts dazu.`,
    mineTimed: 'Die übliche Stimme, mit den Wortlauten, die Sie selbst gestoppt haben.',
    mineMissing:
      'In dieser Sprache ist sie noch nicht gemessen: Bis dahin gilt die übliche Stimme.',
    'stand-in':
      'Wie die Stimme des Rechners sie spricht, auf die Millisekunde, um ein Blatt zu hören, ehe man es sagt. Was sie noch nicht gesprochen hat, kommt von der üblichen Stimme.',
  },
  language: 'Sprache',
  languages: { en: 'Englisch', de: 'Deutsch' },
  pace: 'Wörter in der Minute, für die übliche und die Übungsstimme',
  measure: 'Die eigene Stimme messen',
  how: (n) =>
    `Lesen Sie ${n} kurze Ansagen laut vor, eine nach der anderen, wie im Saal. Jede wird gemessen, bis Sie wieder still sind; Ihre Hände bleiben frei. Nichts wird gesendet, und der Ton wird nicht behalten.`,
  start: 'Vorlesen',
  again: 'Noch einmal vorlesen',
  stop: 'Anhalten',
  bring: 'Aufnahme hereinholen',
  bringHow: 'Eine Klangdatei mit allen in dieser Reihenfolge, dazwischen eine halbe Sekunde Pause.',
  asking: 'Warten auf das Mikrofon …',
  now: (i, n) => `${i} von ${n}: sagen Sie`,
  listening: 'es wird gehört …',
  hears: 'gehört, weiter …',
  trouble: {
    refused:
      'Das Mikrofon wurde verweigert. Erlauben Sie es in der Leiste des Browsers und versuchen Sie es noch einmal, oder holen Sie eine Aufnahme herein.',
    missing:
      'Kein Mikrofon gefunden. Stecken Sie eines an und versuchen Sie es noch einmal, oder holen Sie eine Aufnahme herein.',
    other:
      'Das Mikrofon ließ sich nicht öffnen. Vielleicht benutzt es ein anderes Programm; oder holen Sie eine Aufnahme herein.',
    silent:
      'Zehn Sekunden lang war nichts zu hören. Ist das Mikrofon an, und das richtige gewählt? Bis Ihre Stimme gemessen ist, gilt die übliche.',
  },
  fileTrouble:
    'Das ist kein Klang, der sich hier lesen lässt. Erwartet wurde WAV, MP3, M4A, OGG, FLAC oder Opus.',
  fileSpans: (expected, heard) =>
    `Erwartet wurden ${expected} Ansagen, gehört ${heard === 0 ? 'keine' : heard === 1 ? 'eine' : heard}. Lassen Sie dazwischen eine halbe Sekunde Pause, und keine innerhalb.`,
  fileLong: 'Erwartet wurde eine Aufnahme von höchstens drei Minuten.',
  reading: 'Ansage',
  measured: 'Gemessen',
  predicted: 'Nach der Kurve',
  residual: 'Abweichung',
  seconds: s,
  off: (seconds) => `${seconds >= 0 ? '+' : '−'}${ms(Math.abs(seconds))}`,
  fit: 'Wie gut es passt',
  fitTold: (spread, usual) =>
    `Was Sie lasen, weicht um etwa ${ms(spread)} von der Linie ab; bei der üblichen Stimme wären es ${ms(usual)}.`,
  fitPoints: 'was Sie lasen',
  fitLine: 'die Kurve',
  axisPredicted: 'nach der Kurve, in Sekunden',
  axisMeasured: 'gemessen, in Sekunden',
  leads: 'Was für Ihre Ansagen folgt',
  leadsTold: (bpm) =>
    `Wie viele Schläge vor dem Schritt jede beginnt, um einen Schlag davor zu enden, bei ${number(bpm)} in der Minute.`,
  leadUsual: 'Übliche Stimme',
  leadMine: 'Ihre Stimme',
  beats: (n) => (Math.round(n * 10) / 10).toFixed(1).replace('.', ','),
  keep: 'Diese Stimme behalten',
  drop: 'Abbrechen',
  saved: 'Behalten.',
  kept: 'Behalten. Die Ansagen sind jetzt für Ihre eigene Stimme geplant.',
  forget: 'Meine Stimme löschen',
  single: 'Einzeln gemessene Wortlaute',
  singleNone:
    'Keine. Neben jedem Wortlaut auf einem Blatt misst „Stoppen“, wie lange Sie für gerade diesen brauchen.',
  singleForget: (text) => `„${text}“ löschen`,
  timeIt: 'Stoppen',
  timeItLabel: (text) => `Stoppen: „${text}“`,
  timeItSay: (text) => `Sagen Sie jetzt „${text}“.`,
  timeItDone: (text, seconds) =>
    `Für „${text}“ brauchen Sie ${s(seconds)}; die Ansagen sind jetzt für Ihre eigene Stimme geplant.`,
  timedAs: (text, seconds) => `Für „${text}“ brauchen Sie ${s(seconds)}.`,
  hall: 'Der Saal',
  hallHow:
    'Hall und Lärm machen Worte langsam verständlich. So viel kommt zu jedem Vorlauf dazu und steht in seiner Rechnung.',
  hallSeconds: 'Sekunden mehr vor jedem Schritt',
  hallNow: (seconds) => (seconds === 0 ? 'nichts dazu' : `${s(seconds)} dazu`),
  file: 'Als Datei',
  fileTake: 'Diese Stimme mitnehmen',
  fileUse: 'Der Befehl plant für eine solche Datei mit',
  usedOn: (n) => plural(n, 'Blatt', 'Blätter'),
}
