import { TICKS_PER_BEAT } from '../../time/index.ts'
import type { Facing } from '../../move/index.ts'
import type { Step } from '../model/step.ts'

/** Words of the step line, shared by the reading and the writing of it. */

/** Where a foot goes, in the body's frame, and how far, in strides. */
export type Travel = NonNullable<Step['travel']>
const way = (direction: Facing, strides = 1): Travel => ({ direction, strides })

/**
 * Ways that are plain directions; longer names first, as they are looked for in this order. `side`
 * goes to the foot's own side.
 */
export const DIRECTIONS: readonly (readonly [string, Facing])[] = [
  ['forward left', 7],
  ['forward right', 1],
  ['back left', 5],
  ['back right', 3],
  ['side left', 6],
  ['side right', 2],
  ['forward', 0],
  ['back', 4],
]

/**
 * Ways with a name of their own: how far the foot goes to the other foot's side, which it crosses;
 * null where it stays under the body.
 */
const MANNERS: ReadonlyMap<string, number | null> = new Map([
  ['in place', null],
  ['close', null],
  ['recover', null],
  ['together', null],
  ['across in front', 0.5],
  ['across behind', 0.5],
  ['across', 0.5],
  ['behind', 0.5],
  ['through', 1],
])

/** The ways with a name of their own, as a foot goes them: the left crosses to the right. */
const mannersOf = (direction: Facing): ReadonlyMap<string, Travel | null> =>
  new Map([...MANNERS].map(([name, size]) => [name, size === null ? null : way(direction, size)]))
const OF_LEFT = mannersOf(2)
const OF_RIGHT = mannersOf(6)
/** Ways under the body alone: without a foot nothing crosses. */
const OF_NONE = new Map([...OF_LEFT].filter(([, travel]) => travel === null))
export const manners = (foot: Step['foot']): ReadonlyMap<string, Travel | null> =>
  foot === 'left' ? OF_LEFT : foot === 'right' ? OF_RIGHT : OF_NONE

/** Kinds that take the weight unless it is said otherwise. */
const TAKES_WEIGHT: ReadonlySet<Step['kind']> = new Set(['step', 'leap', 'jump', 'stamp'])
export const usualWeight = (kind: Step['kind']): Step['weight'] =>
  TAKES_WEIGHT.has(kind) ? 'full' : 'none'
export const WEIGHT_WORDS: readonly (readonly [string, Step['weight']])[] = [
  ['full weight', 'full'],
  ['part weight', 'part'],
  ['split weight', 'split'],
  ['no weight', 'none'],
]

/**
 * Parts of a beat by their syllable, for beats in four and beats in three; shares of a beat after
 * its number.
 */
export const SYLLABLES: Readonly<Record<4 | 3, readonly (readonly [string, number])[]>> = {
  4: [
    ['e', TICKS_PER_BEAT / 4],
    ['&', TICKS_PER_BEAT / 2],
    ['a', (3 * TICKS_PER_BEAT) / 4],
  ],
  3: [
    ['&', TICKS_PER_BEAT / 3],
    ['a', (2 * TICKS_PER_BEAT) / 3],
  ],
}

/**
 * The words that a step has where none are given in quotes: foot, kind where it is more than a
 * step, and way.
 */
export const usualText = (foot: Step['foot'], kind: Step['kind'], wayText: string): string =>
  [foot, kind === 'step' ? '' : kind, wayText].filter(Boolean).join(' ')
