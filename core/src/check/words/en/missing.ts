import { levelName } from '../../../figure/index.ts'
import type { MissingFamily } from '../../findings.ts'
import type { Sentences } from '../../sentences.ts'
import { counts, often } from './counts.ts'

/** English sentences about what a sheet leaves open. */
export const MISSING: Sentences<MissingFamily> = {
  'missing.figure': {
    message: ({ id }) => `The figure “${id}” is not in the book.`,
    sum: () => 'its length and steps are not known',
  },
  'missing.length': {
    message: ({ text }) =>
      text ? `How many counts does “${text}” take?` : 'How many counts does this line take?',
    sum: () => 'everything after it stands at an open place',
  },
  'figure.cut': {
    message: ({ figure }) => `${figure} cannot be danced as it is written here.`,
    sum: ({ why }) => why,
  },
  'missing.unknown': {
    message: ({ text }) => `“${text}” is no figure of the book: its steps are not known.`,
    sum: () => 'feet, facing and hold are taken to stay as they are',
  },
  'missing.wording': {
    message: ({ open, beats, figure }) =>
      open ? `${counts(beats)} without a figure.` : `${figure ?? 'This line'} has nothing to say.`,
    sum: ({ beats }) => counts(beats),
  },
  'missing.part': {
    message: ({ part }) => `${part} is danced, and there is nothing in it.`,
    sum: () => '0 counts',
  },
  'missing.pass': {
    message: ({ part }) => `${part} is written and never danced.`,
    sum: () => 'it stands nowhere in the order',
  },
  'missing.told': {
    message: ({ told, danced, place }) =>
      `The order is told as ${told.join(' ')}; from time ${place} on it is danced otherwise: ${danced.slice(place - 1, place + 5).join(' ') || 'it is over there'}.`,
    sum: ({ told, danced }) => `told: ${told.join(' ')}; danced: ${danced.join(' ')}`,
  },
  'missing.told-part': {
    message: ({ label }) => `The order is told with “${label}”, and no part is called so.`,
    sum: ({ known }) => `parts: ${known.join(', ')}`,
  },
  'sums.versions': {
    message: ({ part, other, difference, told, total }) =>
      part === other
        ? `Two parts are called ${part}, and one is ${counts(difference)} longer.`
        : `${other} is ${counts(difference)} ${told > total ? 'longer' : 'shorter'} than ${part}, of which it is meant to be another version.`,
    sum: ({ part, total, told, other, differs, fits }) =>
      [
        `${part} ${total}, ${part === other ? 'the other' : other} ${told}`,
        ...differs.map(
          ({ line, one, other: second }) =>
            `line ${line}: ${one || 'nothing'} / ${second || 'nothing'}`,
        ),
        ...(fits === null || part === other ? [] : [`${fits} fills whole phrases`]),
      ].join('; '),
  },
  'missing.teach': {
    message: ({ figure, group, beyond }) =>
      `${figure} is ${beyond ? 'above the level of' : 'new to'} ${group}: teach it first.`,
    sum: ({ times, beats, level, reach }) =>
      `danced ${often(times)} in this sheet, ${counts(beats)} each; its level is ${levelName(level)}, the group’s ${levelName(reach)}`,
  },
}
