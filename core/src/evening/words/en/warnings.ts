import type { LeftOut, Unmet } from '../../fill.ts'
import type { Warning, WarningCode } from '../../warnings.ts'
import { LEVEL_NAMES, type Level } from '../../../figure/index.ts'
import { clockOfMinutes } from '../../../time/index.ts'

type Of<Code extends WarningCode> = Extract<Warning, { readonly code: Code }>
const count = (n: number, one: string): string => `${n} ${n === 1 ? one : `${one}s`}`
const level = (id: string): string => LEVEL_NAMES[id as Level] ?? id

/** What is worth a look in a programme. */
export const WARNINGS: { readonly [Code in WarningCode]: (warning: Of<Code>) => string } = {
  overrun: ({ minutes, until }) =>
    `It is ${count(minutes, 'minute')} too long: it should be over at ${clockOfMinutes(until)}.`,
  gap: ({ minutes, until }) =>
    `${count(minutes, 'minute')} are left over until ${clockOfMinutes(until)}.`,
  'no-sheet': ({ title }) => `“${title || 'A dance'}” has no sheet here; four minutes are counted.`,
  'no-sound': ({ title }) => `${title} has no recording.`,
  twice: ({ title }) => `${title} is danced more than once.`,
  dancers: ({ title, asks, came }) => `${title} asks for ${asks} dancers; ${came} are here.`,
  odd: ({ title, left }) =>
    `${title}: ${count(left, 'dancer')} left over; let them change in, or dance beside.`,
  crowded: ({ title, fits, came }) =>
    fits === 0
      ? `${title} has no room in this hall as it is drawn.`
      : `${title}: there is room for about ${fits} at once, and ${came} are expected. Dance it in turns, or smaller; mind the hall’s own limits.`,
  lately: ({ title, evenings }) =>
    evenings === 1
      ? `${title} was danced last time.`
      : `${title} was danced ${evenings} evenings ago.`,
  'tune-twice': ({ titles }) => `${titles.join(' and ')} are danced to the same tune.`,
  'tune-lately': ({ title, other, evenings }) =>
    `${title} goes to the tune of ${other}, which was danced ${evenings === 1 ? 'last time' : `${evenings} evenings ago`}.`,
  'figure-often': ({ name, dances }) => `${name} comes in ${dances} of the dances.`,
  'to-teach': ({ title, names }) =>
    `${title} has figures that nobody here was taught: ${names.join(', ')}. Plan a walk-through.`,
  level: ({ title, level: id }) => `${title} is for ${level(id)} dancers: beyond this group.`,
  'no-rest': ({ dances, minutes }) =>
    `${count(dances, 'fast or turning dance')} in a row, ${minutes} minutes without rest: put something calm between them.`,
  'no-break': ({ minutes }) =>
    `${minutes} minutes without a break: people need water, air and a seat; mind the hall’s rules.`,
}

const WHY: Readonly<Record<LeftOut | 'no-room' | 'no-sheet', string>> = {
  'must-not': 'it is not wanted',
  level: 'it is beyond the level',
  known: 'too little of it is known',
  lately: 'it was danced lately',
  dancers: 'too few dancers are here',
  'no-length': 'its length is not known',
  'no-room': 'there is no time for it',
  'no-sheet': 'there is no such sheet',
}
export const leftOutWhy = (why: LeftOut): string => WHY[why]
/** A wish that could not be met. */
export function unmetTold(unmet: Unmet): string {
  if (unmet.what === 'must') return `${unmet.title} could not be kept: ${WHY[unmet.why]}.`
  if (unmet.what === 'kind')
    return `${unmet.wanted} × ${unmet.dance} were wished for; ${unmet.found} fit.`
  return `${unmet.wanted} minutes were wished for; what fits has ${unmet.found}.`
}
