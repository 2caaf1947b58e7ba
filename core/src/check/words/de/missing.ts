import { levelsIn, type Level } from '../../../figure/index.ts'
import type { MISSING as ENGLISH } from '../en/missing.ts'
import { counts, number, often } from './counts.ts'

const level = (id: string): string => levelsIn('de')[id as Level] ?? id

/** German sentences about what a sheet leaves open. */
export const MISSING: typeof ENGLISH = {
  'missing.figure': {
    message: ({ id }) => `Die Figur „${id}“ ist nicht im Buch.`,
    sum: () => 'ihre Länge und Schritte sind nicht bekannt',
  },
  'missing.length': {
    message: ({ text }) =>
      text ? `Wie viele Schläge dauert „${text}“?` : 'Wie viele Schläge dauert diese Zeile?',
    sum: () => 'alles danach steht an einer offenen Stelle',
  },
  'figure.cut': {
    message: ({ figure }) => `${figure} lässt sich so, wie es hier steht, nicht tanzen.`,
    sum: ({ why }) => why,
  },
  'missing.unknown': {
    message: ({ text }) => `„${text}“ ist keine Figur des Buchs: Ihre Schritte sind nicht bekannt.`,
    sum: () => 'Füße, Blick und Haltung gelten als unverändert',
  },
  'missing.wording': {
    message: ({ open, beats, figure }) =>
      open ? `${counts(beats)} ohne Figur.` : `${figure ?? 'Diese Zeile'} hat nichts zu sagen.`,
    sum: ({ beats }) => counts(beats),
  },
  'missing.part': {
    message: ({ part }) => `${part} wird getanzt, und es steht nichts darin.`,
    sum: () => '0 Schläge',
  },
  'missing.pass': {
    message: ({ part }) => `${part} ist geschrieben und wird nie getanzt.`,
    sum: () => 'es steht nirgends im Ablauf',
  },
  'missing.told': {
    message: ({ told, danced, place }) =>
      `Erzählt wird der Ablauf als ${told.join(' ')}; ab dem ${place}. Durchgang wird anders getanzt: ${danced.slice(place - 1, place + 5).join(' ') || 'dort ist er zu Ende'}.`,
    sum: ({ told, danced }) => `erzählt: ${told.join(' ')}; getanzt: ${danced.join(' ')}`,
  },
  'missing.told-part': {
    message: ({ label }) => `Im erzählten Ablauf steht „${label}“, und kein Teil heißt so.`,
    sum: ({ known }) => `Teile: ${known.join(', ')}`,
  },
  'sums.versions': {
    message: ({ part, other, difference, told, total }) =>
      part === other
        ? `Zwei Teile heißen ${part}, und einer ist ${counts(difference)} länger.`
        : `${other} ist ${counts(difference)} ${told > total ? 'länger' : 'kürzer'} als ${part}, wovon es eine andere Fassung sein soll.`,
    sum: ({ part, total, told, other, differs, fits }) =>
      [
        `${part} ${number(total)}, ${part === other ? 'der andere' : other} ${number(told)}`,
        ...differs.map(
          ({ line, one, other: second }) =>
            `Zeile ${line}: ${one || 'nichts'} / ${second || 'nichts'}`,
        ),
        ...(fits === null || part === other ? [] : [`${fits} füllt ganze Phrasen`]),
      ].join('; '),
  },
  'missing.teach': {
    message: ({ figure, group, beyond }) =>
      `${figure} ist ${beyond ? 'über der Stufe von' : 'neu für'} ${group}: zuerst lehren.`,
    sum: ({ times, beats, level: own, reach }) =>
      `in diesem Blatt ${often(times)} getanzt, je ${counts(beats)}; Stufe ${level(own)}, die der Gruppe ${level(reach)}`,
  },
}
