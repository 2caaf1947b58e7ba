import { succeed, type Problem, type Refused, type Result } from '../document/index.ts'
import { readSheetText, type SheetTextRead } from './sheetText.ts'
import type { SheetTextOptions } from './sheetTextLine.ts'

/** A line that could not be read, and why. Characters of the text, from 0. */
export interface UnreadLine {
  readonly from: number
  readonly to: number
  readonly problem: Problem
}

export interface ReadAsFar {
  readonly read: SheetTextRead
  /** In the order of the text. */
  readonly unread: readonly UnreadLine[]
  /** The text as it was read: what unread lines were read as stands in their place. */
  readonly readText: string
}

/** More unread lines than this, and the text is not a sheet. */
const MOST_UNREAD = 40

/**
 * Reads a sheet's text line by line as far as it can be read: for a line that cannot, what stood
 * there before is kept, and a line that is new is left out. Lines keep their numbers.
 *
 * @param before The text as it was last read; null where there is none.
 * @returns A refusal where even so it is no sheet.
 */
export function readSheetTextAsFar(
  text: string,
  before: string | null,
  options: SheetTextOptions,
): Result<ReadAsFar> {
  const typed = text.split('\n')
  const old = before === null ? [] : before.split('\n')
  const readable = [...typed]
  const unread = new Map<number, Problem>()
  let refused: Refused | null = null
  for (;;) {
    const readText = readable.join('\n')
    const read = readSheetText(readText, options)
    if (read.ok)
      return succeed({
        read: read.value,
        readText,
        unread: [...unread]
          .sort(([a], [b]) => a - b)
          .map(([line, problem]) => ({ ...rangeOf(typed, line), problem })),
      })
    // What is told of a text that is no sheet is told of the text as it was typed.
    refused ??= read
    const line = lineAt(readable, read.problem.offset)
    if (line === null || readable[line] === '' || unread.size > MOST_UNREAD) return refused
    const kept = unread.has(line) ? '' : standIn(typed, old, line)
    if (!unread.has(line)) unread.set(line, read.problem)
    readable[line] = kept === readable[line] ? '' : kept
  }
}

/** What stood where a line stands, as long as no line was added or taken away. */
function standIn(typed: readonly string[], old: readonly string[], line: number): string {
  return old.length === typed.length ? (old[line] ?? '') : ''
}

function lineAt(lines: readonly string[], offset: number | undefined): number | null {
  if (offset === undefined) return null
  let start = 0
  for (const [i, line] of lines.entries()) {
    if (offset <= start + line.length) return i
    start += line.length + 1
  }
  return null
}

function rangeOf(lines: readonly string[], line: number): { from: number; to: number } {
  const start = lines.slice(0, line).reduce((sum, one) => sum + one.length + 1, 0)
  const text = lines[line]!
  return { from: start + /^\s*/.exec(text)![0].length, to: start + text.length }
}
