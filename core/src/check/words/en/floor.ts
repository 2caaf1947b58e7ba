import type { FloorFamily } from '../../findings.ts'
import type { Sentences } from '../../sentences.ts'

const listed = (all: readonly string[]): string =>
  all.length < 2 ? all.join('') : `${all.slice(0, -1).join(', ')} and ${all.at(-1)}`
const written = ({ line }: { readonly line: string }): string => `written: ${line}`
/** Dancers as they are told: “L1, F2 and L3”. */
const all = (ids: readonly string[]): string =>
  ids.length < 2 ? ids.join('') : `${ids.slice(0, -1).join(', ')} and ${ids.at(-1)}`
const both = ({
  line,
  otherLine,
}: {
  readonly line: string
  readonly otherLine: string
}): string => (otherLine === '' ? `written: ${line}` : `${otherLine}; ${line}`)

/** English sentences about who stands where. */
export const FLOOR: Sentences<FloorFamily> = {
  'set.nobody': {
    message: ({ figure, line }) => `${figure}, “${line}”: nobody here is meant by that.`,
    sum: written,
  },
  'set.number': {
    message: ({ figure, line, count }) =>
      `${figure}, “${line}”: ${count} stand there, and it takes another number.`,
    sum: written,
  },
  'set.pairs': {
    message: ({ figure, line, count }) =>
      `${figure}, “${line}”: who dances with whom? ${count} are meant, and only two need no word for it, such as with partners or with opposites.`,
    sum: written,
  },
  'set.amount': {
    message: ({ figure, line }) =>
      `${figure}, “${line}”: so much of it ends between places, or in the middle of a change.`,
    sum: written,
  },
  'set.facing': {
    message: ({ figure, line }) =>
      `${figure}, “${line}”: side by side on those two places they cannot look there.`,
    sum: written,
  },
  'set.no-place': {
    message: ({ figure, line }) => `${figure}, “${line}”: there is no place there.`,
    sum: written,
  },
  'set.told-twice': {
    message: ({ figure, dancers }) =>
      `${figure}: ${all(dancers)} ${dancers.length > 1 ? 'are' : 'is'} told two things at the same time.`,
    sum: both,
  },
  'set.hand-taken': {
    message: ({ figure, dancers }) =>
      `${figure}: ${all(dancers)} ${dancers.length > 1 ? 'have' : 'has'} one hand for two things.`,
    sum: both,
  },
  'set.facing-away': {
    message: ({ figure, dancers }) =>
      `${figure}: ${all(dancers)} ${dancers.length > 1 ? 'look' : 'looks'} away from whom it is danced with as it begins.`,
    sum: both,
  },
  'missing.move': {
    message: ({ figure }) => `Nothing says where anybody stands after ${figure}.`,
    sum: () => 'places are open from here; lines or “net home” say where all stand',
  },
  'set.two-in-one': {
    message: ({ figure, dancer, otherDancer, place }) =>
      `${figure}: ${dancer} and ${otherDancer} both stand in ${place}.`,
    sum: ({ place }) => `place ${place}: two dancers`,
  },
  'set.empty': {
    message: ({ part, place }) => `At the end of ${part} nobody stands in ${place}.`,
    sum: ({ place }) => `place ${place}: let the others move up, or bring somebody there`,
  },
  'set.not-home': {
    message: ({ away }) =>
      `As the dance ends, ${listed(away)} ${away.length === 1 ? 'is' : 'are'} not home.`,
    sum: ({ away }) => `${away.length} away from where they began`,
  },
  'set.neighbour': {
    message: ({ part, dancer, met }) =>
      `${part}: ${dancer} meets couples ${met.join(', ')}: the same one again before the others.`,
    sum: ({ met }) => `couples met: ${met.join(', ')}`,
  },
  'set.progress': {
    message: ({ part, by, becket }) =>
      by === 0
        ? `${part} leaves everybody in the same minor set: nobody goes on.`
        : becket
          ? `${part}: couples go on by ${by}, not by 1.`
          : `${part}: ones go on by ${by}, not by 1.`,
    sum: ({ by }) => `${by} instead of 1 in a time through`,
  },
  'set.path': {
    message: ({ figure, dancer, otherDancer, beat, centimetres }) =>
      `${figure}: ${dancer} and ${otherDancer} run into each other after ${beat} beats, ${centimetres} cm apart.`,
    sum: ({ centimetres }) => `${centimetres} cm; 25 cm is the least for two who are no pair`,
  },
  'set.side': {
    message: ({ figure, dancer, otherDancer }) =>
      `${figure}: ${dancer} and ${otherDancer} pass each other by the left, and nothing says so.`,
    sum: ({ centimetres }) => `${centimetres} cm apart; without a word dancers pass by the right`,
  },
  'set.pace': {
    message: ({ figure, dancer, strides }) =>
      `${figure}: ${dancer} has ${strides} strides to go in each count.`,
    sum: ({ line, needed }) => `${line}: ${needed} counts would do`,
  },
}
