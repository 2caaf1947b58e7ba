import { nameOfHold } from '../../../figure/index.ts'
import type { Facing } from '../../../move/index.ts'
import type { SAID as ENGLISH } from '../en/said.ts'
import { often } from './counts.ts'
import { facingTold, turn } from './facing.ts'

const WAYS: Readonly<Record<string, string>> = {
  left: 'nach links',
  right: 'nach rechts',
  forward: 'vorwärts',
  back: 'zurück',
  clockwise: 'im Uhrzeigersinn',
  anticlockwise: 'gegen den Uhrzeigersinn',
}
const way = (word: string | null): string => (word === null ? '' : (WAYS[word] ?? word))
const SIDES: Readonly<Record<string, string>> = { left: 'links', right: 'rechts' }
const side = (word: string): string => SIDES[word] ?? word
const HANDS: Readonly<Record<string, string>> = { left: 'linke', right: 'rechte' }
const hand = (word: string): string => HANDS[word] ?? word
const WHO: Readonly<Record<string, string>> = {
  partners: 'Partner',
  neighbours: 'Nachbarn',
  corners: 'Ecken',
  opposites: 'Gegenüber',
  heads: 'Kopfpaare',
  sides: 'Seitpaare',
  leads: 'Führende',
  follows: 'Folgende',
  ones: 'Einser',
  twos: 'Zweier',
}
const who = (word: string): string => WHO[word] ?? word
/** An amount of turn to whichever side. */
const amount = (eighths: number): string => turn(eighths).replace(/ nach rechts$/, '')
const hold = (id: string): string => nameOfHold('de', id)

/** German sentences about words that say something else than is danced. */
export const SAID: typeof ENGLISH = {
  'facing.contradiction': {
    message: ({ text, side: said, sense }) => `„${text}“ sagt ${side(said)} und ${way(sense)}.`,
    sum: () => 'eine Drehung nach rechts geht im Uhrzeigersinn, nach links dagegen',
  },
  'facing.said-other-way': {
    message: ({ figure, text, side: said, turned }) =>
      `Die Worte für ${figure} sagen ${side(said)} („${text}“), und hier ${turned ? `dreht sie ${way(turned)}` : 'dreht niemand'}.`,
    sum: ({ side: said, turned }) =>
      `gesagt: ${side(said)}; getanzt: ${turned ? side(turned) : 'keine Drehung'}`,
  },
  'said.way': {
    message: ({ figure, text, said, danced }) =>
      `Die Worte für ${figure} sagen ${way(said)} („${text}“), und hier geht es ${way(danced)}.`,
    sum: ({ said, danced }) => `gesagt: ${way(said)}; getanzt: ${way(danced)}`,
  },
  'said.amount': {
    message: ({ figure, text, said, danced }) =>
      `Die Worte für ${figure} sagen ${amount(said)} („${text}“), getanzt wird ${amount(danced)}.`,
    sum: ({ said, danced }) => `gesagt: ${said} Achtel; getanzt: ${danced} Achtel`,
  },
  'said.hand': {
    message: ({ figure, text, said, danced }) =>
      `Die Worte für ${figure} sagen die ${hand(said)} Hand („${text}“), und es geht um die ${hand(danced)}.`,
    sum: ({ said, danced }) => `gesagt: ${side(said)}; getanzt: ${side(danced)}`,
  },
  'said.times': {
    message: ({ figure, text, said, danced }) =>
      `Die Worte für ${figure} sagen ${often(said)} („${text}“), getanzt wird ${often(danced)}.`,
    sum: ({ said, danced }) => `gesagt: ${often(said)}; getanzt: ${often(danced)}`,
  },
  'said.other-figure': {
    message: ({ figure, text, other }) =>
      `Die Worte für ${figure} („${text}“) sind der Name von ${other}.`,
    sum: ({ figure, other }) => `gesagt: ${other}; getanzt: ${figure}`,
  },
  'said.who': {
    message: ({ figure, text, said, danced }) =>
      `Die Worte für ${figure} sagen ${who(said)} („${text}“), getanzt wird es von: ${who(danced)}.`,
    sum: ({ said, danced }) => `gesagt: ${who(said)}; getanzt: ${who(danced)}`,
  },
  'said.exit': {
    message: ({ figure, text, said, danced }) =>
      `Die Worte für ${figure} sagen am Ende: ${hold(said)} („${text}“); es endet in: ${hold(danced)}.`,
    sum: ({ said, danced }) => `gesagt: ${hold(said)}; getanzt: ${hold(danced)}`,
  },
  'said.facing': {
    message: ({ figure, text, said, danced, frame }) =>
      `Die Worte für ${figure} sagen Blick ${facingTold(said as Facing, frame)} („${text}“), und sie endet mit Blick ${facingTold(danced as Facing, frame)}.`,
    sum: ({ said, danced, frame }) =>
      `gesagt: ${facingTold(said as Facing, frame)}; getanzt: ${facingTold(danced as Facing, frame)}`,
  },
}
