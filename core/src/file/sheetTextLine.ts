import type { NewId, Refused, Result } from '../document/index.ts'
import type { Figure } from '../figure/index.ts'
import type { Routine } from '../routine/index.ts'
import { lineIn, sectionOf, type Section } from './germanSheet.ts'
import { problem } from './problem.ts'
import { withNotes, writtenOut } from './sheetTextJotted.ts'
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

/** How far a line is indented, 0 to 2; null for one with nothing on it. */
function depthOf(line: string): 0 | 1 | 2 | null {
  if (line.trim() === '') return null
  // A tab is as wide as one step of indenting.
  const width = /^\s*/.exec(line)![0].replaceAll('\t', INDENT).length
  return width === 0 ? 0 : width < 2 * INDENT.length ? 1 : 2
}

/** The lines with something on them, each with how far it is indented; German ones in English. */
export function linesOf(text: string): Line[] {
  let offset = 0
  let section: Section = 'heading'
  const lines = text.split('\n')
  const depths = lines.map(depthOf)
  const read = lines.flatMap((whole, i): Line[] => {
    const start = offset
    offset += whole.length + 1
    const jotted = whole.trim()
    if (jotted === '') return []
    const indent = /^\s*/.exec(whole)![0]
    const depth = depths[i]!
    const hasMore = (depths.slice(i + 1).find((one) => one !== null) ?? 0) > 0
    return (depth === 0 ? writtenOut(jotted, section, hasMore) : [jotted]).map((one): Line => {
      if (depth === 0) section = sectionOf(one) ?? section
      return {
        text: lineIn('en', one, section, depth),
        depth,
        number: i + 1,
        offset: start + indent.length,
      }
    })
  })
  return withNotes(read)
}
