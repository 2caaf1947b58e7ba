import type { HeldTo } from '../../sums/passSums.ts'
import type { SUMS as ENGLISH } from '../en/sums.ts'
import { counts, countsDative, number, often } from './counts.ts'

const WHOLE: Readonly<Record<HeldTo, string>> = {
  phrase: 'die Phrase',
  bar: 'ganze Takte',
  eight: 'ganze Achter',
  sixteen: 'ganze Sechzehner',
  count: 'ganze Schläge',
}
const ifOften = (times: number): string => (times === 1 ? '' : `, ${often(times)}`)
const terms = (list: readonly number[]): string => list.map(number).join(' + ')

/** German sentences about sums: counts against phrases, parts and music. */
export const SUMS: typeof ENGLISH = {
  'sums.phrase': {
    message: ({ part, missing, to, times }) =>
      `${part} ist ${counts(Math.abs(missing))} zu ${missing > 0 ? 'kurz' : 'lang'} für ${WHOLE[to]}${ifOften(times)}.`,
    sum: ({ terms: list, total, wanted, to }) =>
      `${list.length > 1 ? `${terms(list)} = ` : ''}${number(total)}, ${to === 'phrase' ? `die Phrase hat ${number(wanted)}` : `ganz wären ${number(wanted)}`}`,
  },
  'sums.no-phrase': {
    message: ({ part, bars }) => `${part} hat ${number(bars)} Takte: nicht durch vier teilbar.`,
    sum: ({ terms: list, bars }) =>
      list.length > 1 ? `${terms(list)} = ${number(bars)}` : number(bars),
  },
  'sums.across-phrase': {
    message: ({ figure }) => `${figure} liegt über der Phrasengrenze.`,
    sum: ({ before, after, total }) =>
      `${number(before)} vor der Grenze + ${number(after)} danach = ${number(total)}`,
  },
  'sums.said': {
    message: ({ figure, words, takes }) =>
      `${figure ? `„${figure}“ sagt` : 'Es heißt'} „${words}“, und es dauert ${counts(takes)}.`,
    sum: ({ words, said, takes }) => `${words} = ${number(said)}, nicht ${number(takes)}`,
  },
  'sums.addition': {
    message: ({ words }) => `„${words}“ geht nicht auf.`,
    sum: ({ words, sum }) => `${words.split('=')[0]!.trim()} = ${number(sum)}`,
  },
  'missing.section': {
    message: ({ part, to, label }) =>
      `${part} gehört zu „${label}“, und die Musik hat ${to === 'section' ? 'keinen Abschnitt' : 'keine Merkstelle'} dieses Namens.`,
    sum: ({ known, to }) =>
      known.length > 0
        ? `sie hat ${known.join(', ')}`
        : to === 'section'
          ? 'kein Abschnitt ist bezeichnet'
          : 'keine Merkstelle ist bezeichnet',
  },
  'sums.tie': {
    message: ({ part, label, difference, early }) =>
      `${part} beginnt ${counts(difference)} ${early ? 'vor' : 'nach'} „${label}“, wo es hingehört.`,
    sum: ({ label, wanted, begins, difference, early }) =>
      `„${label}“ ist auf Schlag ${number(wanted)}; ${early ? `${number(wanted)} − ${number(begins)}` : `${number(begins)} − ${number(wanted)}`} = ${number(difference)}`,
  },
  'sums.count-from': {
    message: ({ later, count, first, from }) =>
      `${later.slice(0, 3).join(', ')} ${later.length === 1 ? 'zählt' : 'zählen'} ab ${count}, und ${first.slice(0, 3).join(', ')} ab ${from}.`,
    sum: ({ later, first }) =>
      `${later.length} der einen und ${first.length} der anderen Art auf einem Blatt`,
  },
  'sums.fill': {
    message: ({ part, left, gap, times }) =>
      left > 0
        ? `${part} passt ${often(times)}; ${counts(left)} Musik bleiben leer, ehe es weitergeht.`
        : `${part} braucht ${counts(-left)} mehr als die ${number(gap)}, die zu füllen sind.`,
    sum: ({ gap, unit, times, left }) =>
      `${number(gap)} durch ${number(unit)}: ${times} × ${number(unit)} = ${number(times * unit)}, ${left > 0 ? `${number(left)} bleiben` : `${number(-left)} zu viel`}`,
  },
  'sums.metre': {
    message: ({ tune, music, sheet }) =>
      `${tune} hat ${number(music)} Schläge im Takt, und das Blatt zählt ${number(sheet)}.`,
    sum: ({ music, sheet }) => `${number(music)} ≠ ${number(sheet)}`,
  },
  'sums.music-over': {
    message: ({ difference, part }) =>
      `Der Tanz ist ${counts(difference)} länger als die Musik${part ? `; sie endet in ${part}` : ''}.`,
    sum: ({ dance, music, difference, danceSeconds, musicSeconds }) =>
      `${number(dance)} getanzt − ${number(music)} Musik = ${number(difference)} zu viel (${number(danceSeconds)} s in ${number(musicSeconds)} s)`,
  },
  'sums.music-short': {
    message: ({ difference }) =>
      `Nach dem Ende des Tanzes geht die Musik noch mit ${countsDative(difference)} weiter.`,
    sum: ({ dance, music, difference, danceSeconds, musicSeconds }) =>
      `${number(music)} Musik − ${number(dance)} getanzt = ${number(difference)} bleiben (${number(danceSeconds)} s von ${number(musicSeconds)} s)`,
  },
}
