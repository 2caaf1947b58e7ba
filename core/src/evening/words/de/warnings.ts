import type { LeftOut, Unmet } from '../../fill.ts'
import type { WARNINGS as ENGLISH } from '../en/warnings.ts'
import { clockOfMinutes } from '../../../time/index.ts'

const count = (n: number, one: string, more: string): string => `${n} ${n === 1 ? one : more}`
const LEVELS: Readonly<Record<string, string>> = {
  first: 'erste Schritte',
  easy: 'Leichtes',
  improver: 'Geübtere',
  steady: 'Sichere',
  advanced: 'Fortgeschrittene',
}

/** Was an einem Programm einen Blick wert ist. */
export const WARNINGS: typeof ENGLISH = {
  overrun: ({ minutes, until }) =>
    `Es ist ${count(minutes, 'Minute', 'Minuten')} zu lang: Um ${clockOfMinutes(until)} soll es aus sein.`,
  gap: ({ minutes, until }) =>
    `${count(minutes, 'Minute bleibt', 'Minuten bleiben')} übrig bis ${clockOfMinutes(until)}.`,
  'no-sheet': ({ title }) =>
    `„${title || 'Ein Tanz'}“ hat hier kein Blatt; gerechnet sind vier Minuten.`,
  'no-sound': ({ title }) => `${title} hat keine Aufnahme.`,
  twice: ({ title }) => `${title} wird mehr als einmal getanzt.`,
  dancers: ({ title, asks, came }) => `${title} braucht ${asks} Tanzende; da sind ${came}.`,
  odd: ({ title, left }) =>
    `${title}: ${count(left, 'Person bleibt', 'Personen bleiben')} übrig; lassen Sie einwechseln oder daneben tanzen.`,
  crowded: ({ title, fits, came }) =>
    fits === 0
      ? `${title} hat in diesem Saal, wie er gezeichnet ist, keinen Platz.`
      : `${title}: Platz ist für etwa ${fits} zugleich, und ${came} werden erwartet. Lassen Sie abwechselnd oder kleiner tanzen; die Grenzen des Saals gelten.`,
  lately: ({ title, evenings }) =>
    evenings === 1
      ? `${title} wurde beim letzten Mal getanzt.`
      : `${title} wurde vor ${evenings} Abenden getanzt.`,
  'tune-twice': ({ titles }) => `${titles.join(' und ')} werden zur selben Musik getanzt.`,
  'tune-lately': ({ title, other, evenings }) =>
    `${title} geht zur Musik von ${other}; das wurde ${evenings === 1 ? 'beim letzten Mal' : `vor ${evenings} Abenden`} getanzt.`,
  'figure-often': ({ name, dances }) => `${name} kommt in ${dances} der Tänze vor.`,
  'to-teach': ({ title, names }) =>
    `${title} hat Figuren, die hier noch niemand gelernt hat: ${names.join(', ')}. Planen Sie einen Trockenlauf.`,
  level: ({ title, level }) =>
    `${title} ist für ${LEVELS[level] ?? level}: mehr, als diese Gruppe kann.`,
  'no-rest': ({ dances, minutes }) =>
    `${count(dances, 'schneller oder drehender Tanz', 'schnelle oder drehende Tänze')} hintereinander, ${minutes} Minuten ohne Ruhe: Setzen Sie etwas Ruhiges dazwischen.`,
  'no-break': ({ minutes }) =>
    `${minutes} Minuten ohne Pause: Alle brauchen Wasser, Luft und einen Stuhl; beachten Sie die Regeln des Saals.`,
}

const WHY: Readonly<Record<LeftOut | 'no-room' | 'no-sheet', string>> = {
  'must-not': 'er ist nicht gewünscht',
  level: 'er ist zu schwer',
  known: 'zu wenig davon ist bekannt',
  lately: 'er wurde kürzlich getanzt',
  dancers: 'zu wenige sind da',
  'no-length': 'seine Länge ist nicht bekannt',
  'no-room': 'dafür ist keine Zeit',
  'no-sheet': 'es gibt kein solches Blatt',
}
export const leftOutWhy = (why: LeftOut): string => WHY[why]
/** Ein Wunsch, der sich nicht erfüllen ließ. */
export function unmetTold(unmet: Unmet): string {
  if (unmet.what === 'must') return `${unmet.title} ließ sich nicht halten: ${WHY[unmet.why]}.`
  if (unmet.what === 'kind')
    return `${unmet.wanted} × ${unmet.dance} waren gewünscht; ${unmet.found} passen.`
  return `${unmet.wanted} Minuten waren gewünscht; was passt, hat ${unmet.found}.`
}
