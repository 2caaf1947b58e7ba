import type { NewId, Refused, Result } from '../document/index.ts'
import type { Figure } from '../figure/index.ts'
import type { Routine } from '../routine/index.ts'
import { lineIn, sectionOf, type Section } from './germanSheet.ts'
import { problem } from './problem.ts'
import { INDENT } from './sheetTextPrint.ts'

/**
 * What a text is read with: the book its names are looked up in, the routine whose heading stands
 * where the text leaves it out, and ids for all that is new.
 */
export interface SheetTextOptions {
  readonly figures: readonly Figure[]
  readonly base: Routine
  readonly newId: NewId
}

/** Where reading is: which line, for the sentence. */
export interface Line {
  readonly text: string
  readonly depth: number
  readonly number: number
  readonly offset: number
}

/** The problem of a line, told with its number. */
export const refuse = (line: Line, { problem: why }: Refused): Result<never> =>
  problem('sheet-text.line', { line: line.number, why }, { offset: line.offset })
/** What was read, or its problem told at its line. */
export const on = <Value>(line: Line, result: Result<Value>): Result<Value> =>
  result.ok ? result : refuse(line, result)

/** The lines with something on them, each with how far it is indented; German ones in English. */
export function linesOf(text: string): Line[] {
  let offset = 0
  let section: Section = 'heading'
  return text.split('\n').flatMap((whole, i): Line[] => {
    const start = offset
    offset += whole.length + 1
    const trimmed = whole.trim()
    if (trimmed === '') return []
    const indent = /^\s*/.exec(whole)![0]
    // A tab is as wide as one step of indenting.
    const width = indent.replaceAll('\t', INDENT).length
    const depth = width === 0 ? 0 : width < 2 * INDENT.length ? 1 : 2
    if (depth === 0) section = sectionOf(trimmed) ?? section
    return [
      {
        text: lineIn('en', trimmed, section, depth),
        depth,
        number: i + 1,
        offset: start + indent.length,
      },
    ]
  })
}
