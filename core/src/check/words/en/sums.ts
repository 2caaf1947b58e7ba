import type { SumsFamily } from '../../findings.ts'
import type { Sentences } from '../../sentences.ts'
import type { HeldTo } from '../../sums/passSums.ts'
import { counts, often } from './counts.ts'

const WHOLE: Readonly<Record<HeldTo, string>> = {
  phrase: 'the phrase',
  bar: 'a whole bar',
  eight: 'a whole eight',
  sixteen: 'a whole sixteen',
  count: 'a whole count',
}
const ifOften = (times: number): string => (times === 1 ? '' : `, ${often(times)}`)

/** English sentences about sums: counts against phrases, parts and music. */
export const SUMS: Sentences<SumsFamily> = {
  'sums.phrase': {
    message: ({ part, missing, to, times }) =>
      `${part} is ${counts(Math.abs(missing))} ${missing > 0 ? 'short of' : 'past'} ${WHOLE[to]}${ifOften(times)}.`,
    sum: ({ terms, total, wanted, to }) =>
      `${terms.length > 1 ? `${terms.join(' + ')} = ` : ''}${total}, ${to === 'phrase' ? `the phrase has ${wanted}` : `whole would be ${wanted}`}`,
  },
  'sums.no-phrase': {
    message: ({ part, bars }) => `${part} takes ${bars} bars: no whole number of fours.`,
    sum: ({ terms, bars }) => (terms.length > 1 ? `${terms.join(' + ')} = ${bars}` : `${bars}`),
  },
  'sums.across-phrase': {
    message: ({ figure }) => `${figure} lies over the phrase line.`,
    sum: ({ before, after, total }) => `${before} before the line + ${after} after it = ${total}`,
  },
  'sums.said': {
    message: ({ figure, words, takes }) =>
      `${figure ? `“${figure}” says` : 'It says'} “${words}”, and it takes ${counts(takes)}.`,
    sum: ({ words, said, takes }) => `${words} = ${said}, not ${takes}`,
  },
  'sums.addition': {
    message: ({ words }) => `“${words}” does not add up.`,
    sum: ({ words, sum }) => `${words.split('=')[0]!.trim()} = ${sum}`,
  },
  'missing.section': {
    message: ({ part, to, label }) =>
      `${part} belongs at “${label}”, and the music has no ${to} of that name.`,
    sum: ({ known, to }) =>
      known.length > 0 ? `it has ${known.join(', ')}` : `no ${to} is marked`,
  },
  'sums.tie': {
    message: ({ part, label, difference, early }) =>
      `${part} begins ${counts(difference)} ${early ? 'before' : 'after'} “${label}”, where it belongs.`,
    sum: ({ label, wanted, begins, difference, early }) =>
      `“${label}” is at count ${wanted}; ${early ? `${wanted} − ${begins}` : `${begins} − ${wanted}`} = ${difference}`,
  },
  'sums.count-from': {
    message: ({ later, count, first, from }) =>
      `${later.slice(0, 3).join(', ')} ${later.length === 1 ? 'is' : 'are'} counted from ${count}, and ${first.slice(0, 3).join(', ')} from ${from}.`,
    sum: ({ later, first }) =>
      `${later.length} of one kind and ${first.length} of the other on one sheet`,
  },
  'sums.fill': {
    message: ({ part, left, gap, times }) =>
      left > 0
        ? `${part} fits ${often(times)}; ${counts(left)} of music stay empty before what comes next.`
        : `${part} takes ${counts(-left)} more than the ${gap} there are to fill.`,
    sum: ({ gap, unit, times, left }) =>
      `${gap} by ${unit}: ${times} × ${unit} = ${times * unit}, ${left > 0 ? `${left} left over` : `${-left} too many`}`,
  },
  'sums.metre': {
    message: ({ tune, music, sheet }) =>
      `${tune} has ${music} beats in a bar, and the sheet counts ${sheet}.`,
    sum: ({ music, sheet }) => `${music} ≠ ${sheet}`,
  },
  'sums.music-over': {
    message: ({ difference, part }) =>
      `The dance is ${counts(difference)} longer than the music${part ? `, which stops in ${part}` : ''}.`,
    sum: ({ dance, music, difference, danceSeconds, musicSeconds }) =>
      `${dance} danced − ${music} of music = ${difference} too many (${danceSeconds} s in ${musicSeconds} s)`,
  },
  'sums.music-short': {
    message: ({ difference }) =>
      `The music goes on for ${counts(difference)} after the dance ends.`,
    sum: ({ dance, music, difference, danceSeconds, musicSeconds }) =>
      `${music} of music − ${dance} danced = ${difference} left (${danceSeconds} s of ${musicSeconds} s)`,
  },
}
