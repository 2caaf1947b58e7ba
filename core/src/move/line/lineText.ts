import { succeed, type Refused, type Result } from '../../document/index.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import { problem } from '../problem.ts'
import { Reader } from '../reader.ts'
import { doText, readDo } from '../verb/verbs.ts'
import { EVERYBODY, type Who } from '../who/who.ts'
import { readWho, whoText } from '../who/whoText.ts'
import type { Line } from './line.ts'

type Unlaid = Omit<Line, 'from' | 'to'> & {
  readonly from: number | null
  readonly to: number | null
}

/**
 * Reads lines such as `1-8 leads: cast in file; 9-16 in fours: star right 4`. Those without counts
 * follow one another and share what is left of the length.
 *
 * @param lengthTicks How long it all lasts.
 */
export function readLines(text: string, lengthTicks: number): Result<readonly Line[]> {
  const lines: Unlaid[] = []
  let at = 0
  for (const piece of text.split(/[;\n]/)) {
    if (piece.trim() !== '') {
      const line = readLine(piece, at, lengthTicks)
      if (!line.ok) return line
      lines.push(line.value)
    }
    at += piece.length + 1
  }
  return succeed(laid(lines, lengthTicks))
}

function readLine(text: string, offset: number, lengthTicks: number): Result<Unlaid> {
  const reader = new Reader(text, offset)
  const counts = readCounts(reader, text, lengthTicks)
  if (!counts.ok) return counts
  const who = text.includes(':') ? readWho(reader) : succeed<Who>(EVERYBODY)
  if (!who.ok) return who
  if (text.includes(':') && !reader.sign(':'))
    return reader.expectedWord('a colon and what they do')
  const what = readDo(reader)
  if (!what.ok) return what
  if (!reader.isAtEnd) return reader.expected('move.more')
  return succeed({ ...counts.value, who: who.value, do: what.value })
}

/** `1-8` is from the beginning of count 1 to the end of count 8; halves may be said as 4.5. */
function readCounts(
  reader: Reader,
  text: string,
  lengthTicks: number,
): Result<{ from: number | null; to: number | null }> {
  const found = reader.take(/(\d{1,3}(?:\.\d+)?) ?- ?(\d{1,3}(?:\.\d+)?)/)
  if (!found) return succeed({ from: null, to: null })
  const from = Math.round((Number(found[1]) - 1) * TICKS_PER_BEAT)
  const to = Math.round(Number(found[2]) * TICKS_PER_BEAT)
  if (from < 0 || to <= from || (lengthTicks > 0 && to > lengthTicks))
    return problem(
      'move.counts',
      { text: text.trim(), counts: lengthTicks / TICKS_PER_BEAT },
      { offset: reader.offset },
    )
  return succeed({ from, to })
}

/**
 * Lines that go on longer than what is danced.
 *
 * @param counts How many counts that lasts.
 */
export const movesTooLong = (text: string, counts: number): Refused =>
  problem('move.counts', { text, counts })

function laid(lines: readonly Unlaid[], lengthTicks: number): readonly Line[] {
  const open = lines.filter(({ from }) => from === null).length
  const settled = Math.max(0, ...lines.map(({ to }) => to ?? 0))
  const each = open > 0 ? Math.floor((lengthTicks - settled) / open) : 0
  let at = settled
  return lines.map((line, i) => {
    if (line.from !== null && line.to !== null) return line as Line
    const from = at
    const isLast = lines.slice(i + 1).every((later) => later.from !== null)
    at = isLast ? lengthTicks : from + each
    return { ...line, from, to: Math.max(from + 1, at) }
  })
}

const countText = (ticks: number): string => {
  const count = ticks / TICKS_PER_BEAT
  return String(Math.round(count * 1000) / 1000)
}

/** What is said before the colon, and what behind it. */
export function deedText({ who, do: what }: Pick<Line, 'who' | 'do'>): string {
  const told = whoText(who)
  // `with partners: grand chain 4`: the pairs say whom the first change is with.
  const isWith = who.pairs !== null && who.pick === null && what.verb === 'grand chain'
  return told === '' ? doText(what) : `${isWith ? 'with ' : ''}${told}: ${doText(what)}`
}

/** Lines as they are written, with their counts; what is read back from them is the same. */
export const linesText = (lines: readonly Line[]): string => lines.map(lineText).join('; ')
/** One line as it is written, with its counts. */
export const lineText = (line: Line): string =>
  `${countText(line.from + TICKS_PER_BEAT)}-${countText(line.to)} ${deedText(line)}`
