import { succeed, type Result } from '../document/index.ts'
import { piecesOutsideQuotes } from '../figure/index.ts'
import type { Related } from '../routine/index.ts'
import { problem } from './problem.ts'
import { quoted } from './sheetTextWords.ts'

/** How a dance stands to others, as a sheet's text tells it. */

const BEFORE = {
  same: 'same dance as',
  version: 'version of',
  lead: 'for lead of',
  follow: 'for follow of',
} as const
type Kind = keyof typeof BEFORE

/** `same dance as "Weir Waltz"; part "B" is part "C" of "Combing the Teasels"`. */
export const relatedText = (related: readonly Related[]): string =>
  related
    .map(({ kind, title, sheetId, own, theirs }) => {
      const other = `${quoted(title)}${sheetId ? ` (${sheetId})` : ''}`
      if (kind !== 'part') return `${BEFORE[kind]} ${other}`
      return `${own === undefined ? '' : `part ${quoted(own)} `}is part ${quoted(theirs!)} of ${other}`
    })
    .join('; ')

/** What can be read back whole: nothing is left that is wrong within the quotation marks. */
const QUOTED = String.raw`("(?:[^"\\\x00-\x1f]|\\["\\/bfnrt]|\\u[\da-f]{4})*")`
const unquoted = (text: string): string => JSON.parse(text) as string
const OTHER = String.raw`${QUOTED}(?: \(([\w-]+)\))?`
const AS_A_WHOLE = new RegExp(`^(${Object.values(BEFORE).join('|')}) ${OTHER}$`, 'i')
const AS_A_PART = new RegExp(`^(?:part ${QUOTED} )?is part ${QUOTED} of ${OTHER}$`, 'i')

/** Reads what `relatedText` writes; refused with `sheet-text.related` and the piece that is unclear. */
export function readRelated(text: string): Result<readonly Related[]> {
  const related: Related[] = []
  for (const piece of piecesOutsideQuotes(text, ';').map((one) => one.text.trim())) {
    const one = readOne(piece)
    if (!one.ok) return one
    related.push(one.value)
  }
  return succeed(related)
}

function readOne(text: string): Result<Related> {
  const [, before, whole, wholeId] = AS_A_WHOLE.exec(text) ?? []
  const [, own, theirs, part, partId] = AS_A_PART.exec(text) ?? []
  const [named, sheetId] = [whole ?? part, wholeId ?? partId]
  if (named === undefined) return problem('sheet-text.related', { text })
  const other = { title: unquoted(named), ...(sheetId === undefined ? {} : { sheetId }) }
  const kind = (Object.keys(BEFORE) as Kind[]).find((one) => BEFORE[one] === before?.toLowerCase())
  if (kind) return succeed({ kind, ...other })
  return succeed({
    kind: 'part',
    ...other,
    ...(own === undefined ? {} : { own: unquoted(own) }),
    theirs: unquoted(theirs!),
  })
}
