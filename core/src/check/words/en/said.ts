import type { Facing } from '../../../move/index.ts'
import type { SaidFamily } from '../../findings.ts'
import type { Sentences } from '../../sentences.ts'
import { often } from './counts.ts'
import { facingTold, turn } from './facing.ts'

const to = (way: 'left' | 'right' | 'forward' | 'back'): string =>
  way === 'left' || way === 'right' ? `to the ${way}` : way
/** An amount of turn to whichever side. */
const amount = (eighths: number): string =>
  eighths === 0 ? 'no turn' : turn(eighths).replace(/ to the right$/, ' turn')

/** English sentences about words that say something else than is danced. */
export const SAID: Sentences<SaidFamily> = {
  'facing.contradiction': {
    message: ({ text, side, sense }) => `“${text}” says ${side} and ${sense}.`,
    sum: () => 'a turn to the right is clockwise, to the left anticlockwise',
  },
  'facing.said-other-way': {
    message: ({ figure, text, side, turned }) =>
      `The words for ${figure} say ${side} (“${text}”), and ${turned ? `it turns to the ${turned}` : 'nobody turns'} here.`,
    sum: ({ side, turned }) => `said: ${side}; danced: ${turned ?? 'no turn'}`,
  },
  'said.way': {
    message: ({ figure, text, said, danced }) =>
      `The words for ${figure} say ${to(said)} (“${text}”), and it goes ${to(danced)} here.`,
    sum: ({ said, danced }) => `said: ${said}; danced: ${danced}`,
  },
  'said.amount': {
    message: ({ figure, text, said, danced }) =>
      `The words for ${figure} say ${amount(said)} (“${text}”), and it makes ${amount(danced)}.`,
    sum: ({ said, danced }) => `said: ${said} eighths; danced: ${danced} eighths`,
  },
  'said.hand': {
    message: ({ figure, text, said, danced }) =>
      `The words for ${figure} say the ${said} hand (“${text}”), and it goes round the ${danced}.`,
    sum: ({ said, danced }) => `said: ${said}; danced: ${danced}`,
  },
  'said.times': {
    message: ({ figure, text, said, danced }) =>
      `The words for ${figure} say ${often(said)} (“${text}”), and it is danced ${often(danced)}.`,
    sum: ({ said, danced }) => `said: ${often(said)}; danced: ${often(danced)}`,
  },
  'said.other-figure': {
    message: ({ figure, text, other }) =>
      `The words for ${figure} (“${text}”) are what ${other} is called.`,
    sum: ({ figure, other }) => `said: ${other}; danced: ${figure}`,
  },
  'said.who': {
    message: ({ figure, text, said, danced }) =>
      `The words for ${figure} say ${said} (“${text}”), and ${danced} dance it.`,
    sum: ({ said, danced }) => `said: ${said}; danced: ${danced}`,
  },
  'said.exit': {
    message: ({ figure, text, said, danced }) =>
      `The words for ${figure} say to ${said} (“${text}”), and it ends in ${danced}.`,
    sum: ({ said, danced }) => `said: ${said}; danced: ${danced}`,
  },
  'said.facing': {
    message: ({ figure, text, said, danced, frame }) =>
      `The words for ${figure} say to face ${facingTold(said as Facing, frame)} (“${text}”), and it ends facing ${facingTold(danced as Facing, frame)}.`,
    sum: ({ said, danced, frame }) =>
      `said: ${facingTold(said as Facing, frame)}; danced: ${facingTold(danced as Facing, frame)}`,
  },
}
