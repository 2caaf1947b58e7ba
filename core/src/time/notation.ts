import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { readSlowQuick } from './notationSlowQuick.ts'
import { readNumbers } from './notationNumbers.ts'
import type { NotationEvent, NotationOptions, NotationToken, ReadOptions } from './notationToken.ts'
import { TICKS_PER_BEAT, type Tick } from './units.ts'

/**
 * A line of counts, read. `lengthTicks` leaves the pick-up out: the pick-up sounds in the end of
 * the slot before. Printing and reading again must give the same tokens.
 */
export interface Notation {
  readonly kind: 'numbers' | 'slow-quick'
  readonly tokens: readonly NotationToken[]
  readonly events: readonly NotationEvent[]
  readonly lengthTicks: Tick
}

const TOKEN = /\d{1,2}|[&eaSQ-]/y
const GAP = /[\s,]+/y

/** Cuts the text into tokens, or points at the first character that is none. */
function cut(text: string): Result<NotationToken[]> {
  const tokens: NotationToken[] = []
  let at = 0
  while (at < text.length) {
    GAP.lastIndex = TOKEN.lastIndex = at
    const gap = GAP.exec(text)
    if (gap) {
      at += gap[0].length
      continue
    }
    const token = TOKEN.exec(text)
    if (!token)
      return problem('notation.letter', { character: at + 1, text: text[at]! }, { offset: at })
    tokens.push({ text: token[0], offset: at })
    at += token[0].length
  }
  return succeed(tokens)
}

/**
 * Reads one line of counts such as `1 & 2 3`, `&a1 &a2 &3 &4`, `2 3 4 & 1` or `S Q & Q`.
 * The problem carries the offset of the token that does not fit and says what was expected there.
 */
export function parseNotation(text: string, options: NotationOptions = {}): Result<Notation> {
  const settled: ReadOptions = {
    ...options,
    division: options.division ?? 4,
    slowTicks: options.slowTicks ?? 2 * TICKS_PER_BEAT,
    quickTicks: options.quickTicks ?? TICKS_PER_BEAT,
  }
  const tokens = cut(text)
  if (!tokens.ok) return tokens
  const first = tokens.value.find((token) => /[\dSQ]/.test(token.text))
  if (!first) return problem('notation.empty', {}, { offset: 0 })
  const slowQuick = /[SQ]/.test(first.text)
  const stray = tokens.value.find((token) => (slowQuick ? /\d/ : /[SQ]/).test(token.text))
  if (stray)
    return problem(
      'notation.mixed',
      { character: stray.offset + 1, text: stray.text },
      { offset: stray.offset },
    )
  const read = slowQuick ? readSlowQuick(tokens.value, settled) : readNumbers(tokens.value, settled)
  if (!read.ok) return read
  const events = read.value.events
  const back = events.findIndex((event, i) => i > 0 && event.at <= events[i - 1]!.at)
  if (back > 0)
    return problem('notation.order', {
      token: events[back]!.token,
      token2: events[back - 1]!.token,
    })
  return succeed({
    kind: slowQuick ? 'slow-quick' : 'numbers',
    tokens: tokens.value,
    ...read.value,
  })
}

/** Writes a reading back: the same syllables, one space between them. */
export const printNotation = (notation: Pick<Notation, 'tokens'>): string =>
  notation.tokens.map((token) => token.text).join(' ')

/** Lengths of the readings and their total in ticks, for the sum under a finding. */
export function notationSum(notations: readonly Notation[]): {
  readonly lengths: readonly Tick[]
  readonly total: Tick
} {
  const lengths = notations.map((notation) => notation.lengthTicks)
  return { lengths, total: lengths.reduce((sum, length) => sum + length, 0) as Tick }
}
