import { succeed, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import { PICK_UP } from '../model/exits.ts'
import { heldAs, isHold } from '../model/hold.ts'
import { AS_WRITTEN, type Variation } from '../model/variation.ts'

const beats = (ticks: number): string =>
  ticks % TICKS_PER_BEAT === 0 ? String(ticks / TICKS_PER_BEAT) : `${ticks}t`
const ticksOf = (text: string): number =>
  text.endsWith('t') ? Number(text.slice(0, -1)) : Number(text) * TICKS_PER_BEAT
/** Eighths as they are written: `3/8 left`. */
const eighths = (n: number): string => `${Math.abs(n)}/8 ${n < 0 ? 'left' : 'right'}`
const signed = (amount: string, side: string): number =>
  side === 'left' ? -Number(amount) : Number(amount)

/**
 * A variation as it is typed: `half, x2, mirrored, to butterfly`; empty for none. `readVariation`
 * reads it back the same.
 */
export function variationText(variation: Variation): string {
  const {
    cut,
    times,
    reflected,
    exitHold,
    rotate,
    turn,
    ending,
    options,
    withoutPause,
    countFrom,
  } = variation
  return [
    ending === undefined ? '' : ending === PICK_UP ? PICK_UP : `ending = ${ending}`,
    ...(options ?? []).map((name) => `with = ${name}`),
    cut === null
      ? ''
      : cut.type === 'half'
        ? 'half'
        : cut.type === 'first'
          ? `first ${beats(cut.ticks)}`
          : `after ${beats(cut.ticks)}`,
    withoutPause ? 'no pause' : '',
    turn === undefined ? '' : `turning ${eighths(turn)}`,
    times === 1 ? '' : `x${times}`,
    reflected ? 'mirrored' : '',
    rotate === undefined ? '' : `rotated ${eighths(rotate)}`,
    exitHold === null ? '' : `to ${exitHold}`,
    countFrom === undefined ? '' : `on count ${countFrom}`,
  ]
    .filter(Boolean)
    .join(', ')
}

type Change = (found: RegExpExecArray, before: Variation) => Variation
const WORDS: readonly (readonly [RegExp, Change])[] = [
  [/^half$/, (_, before) => ({ ...before, cut: { type: 'half' } })],
  [
    /^first (\d+(?:\.\d+)?t?)(?: counts?)?$/,
    ([, text], before) => ({ ...before, cut: { type: 'first', ticks: ticksOf(text!) } }),
  ],
  [
    /^after (\d+(?:\.\d+)?t?)(?: counts?)?$/,
    ([, text], before) => ({ ...before, cut: { type: 'from', ticks: ticksOf(text!) } }),
  ],
  [/^x ?(\d+)$/, ([, times], before) => ({ ...before, times: Number(times) })],
  [/^mirrored$/, (_, before) => ({ ...before, reflected: true })],
  [/^no pause$/, (_, before) => ({ ...before, withoutPause: true })],
  [
    /^turning (\d+)\/8 (left|right)$/,
    ([, amount, side], before) => ({ ...before, turn: signed(amount!, side!) }),
  ],
  [
    /^rotated (\d+)\/8 (left|right)$/,
    ([, amount, side], before) => ({ ...before, rotate: signed(amount!, side!) }),
  ],
  [/^pick up$/, (_, before) => ({ ...before, ending: PICK_UP })],
  [/^to (face|semi|reverse semi)$/, ([, said], before) => ({ ...before, exitHold: heldAs(said!) })],
  [/^on count (\d+)$/, ([, count], before) => ({ ...before, countFrom: Number(count) })],
  [/^ending ?= ?(.+)$/, ([, name], before) => ({ ...before, ending: name! })],
  [
    /^with ?= ?(.+)$/,
    ([, name], before) => ({ ...before, options: [...(before.options ?? []), name!] }),
  ],
]

/**
 * Reads a variation as it is typed; the problem names the word that says nothing and what was
 * expected.
 */
export function readVariation(text: string): Result<Variation> {
  let variation = AS_WRITTEN
  for (const word of text
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean)) {
    // prettier-ignore
    const hold = /^to (.+)$/.exec(word)?.[1]
    if (hold !== undefined && isHold(hold)) {
      variation = { ...variation, exitHold: hold }
      continue
    }
    const change = WORDS.flatMap(([pattern, apply]) => {
      const found = pattern.exec(word)
      return found ? [apply(found, variation)] : []
    })[0]
    if (!change) return problem('variation', { word })
    variation = change
  }
  return succeed(variation)
}
