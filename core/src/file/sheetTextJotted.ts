import type { Section } from './germanSheet.ts'
import { readValue } from './sheetTextWords.ts'

/** Lines of a sheet as they are jotted down, turned into the lines that are read. */

/** Keys of a heading by other words that sheets have for them. */
const KEYS: Readonly<Record<string, string>> = {
  name: 'title',
  choreographer: 'by',
  choreography: 'by',
  choreo: 'by',
  rhythm: 'dance',
  position: 'start',
  'starting position': 'start',
  bpm: 'tempo',
  choreografie: 'by',
  tanzart: 'dance',
  haltung: 'start',
  ausgangsstellung: 'start',
  geschwindigkeit: 'tempo',
  niveau: 'level',
  schwierigkeit: 'level',
  speed: 'tempo',
}
/** A length of a line dance and how many walls it goes round, each with its number. */
const NUMBER = /^(?<key>counts?|walls?|schläge|zählzeiten|wände|wand)\s*:\s*(?<number>\d{1,3})$/i
const NUMBER_FIRST = /^(?<number>\d{1,3})[ -](?<key>counts?|walls?|schläge|zählzeiten|wände|wand)$/i

/** At the margin these open something already, or are a line of the heading. */
const OPENS = /^(?:part|teil|order|ablauf|reihenfolge|left so|so gelassen|figure)\b/i
const ORDER = /^(?:sequence|reihenfolge|ablauf)\s*:\s*(?=\S)/i
/** `Part A:`, `A:`, `Intro`, `Verse 1`: what stands over a part. */
const LABEL = /^(?:(?:part|teil)\s+)?([\p{L}\p{N}"][^:|]{0,30}?)\s*:?$/iu
const MOST_LABEL_WORDS = 4

/**
 * A line at the margin as it would be written out: a part opened by its label alone, an order called
 * the sequence, keys by other words. What is written out already stays as it is.
 *
 * @param hasMore Whether lines that are indented follow it.
 */
export function writtenOut(text: string, section: Section, hasMore: boolean): string[] {
  if (ORDER.test(text)) return [text.replace(ORDER, 'order: ')]
  if (hasMore && /^(?:part|teil) .*[^:]:$/i.test(text)) return [text.slice(0, -1)]
  const label = hasMore && !OPENS.test(text) ? LABEL.exec(text)?.[1] : undefined
  if (label !== undefined && label.split(/\s+/).length <= MOST_LABEL_WORDS) return [`part ${label}`]
  return section === 'heading' ? piecesOf(text).map(headingLine) : [text]
}

/** `Count: 48 Wall: 2 Level: Improver`: several keys on one line, each with what is behind it. */
function piecesOf(text: string): string[] {
  if (!TOGETHER.test(text)) return [text]
  return text.split(/[\s,;]+(?=(?:counts?|walls?|level|bpm|speed|choreographer|music)\s*:)/i)
}
const TOGETHER = /^(?:counts?|walls?|level|choreographer)\s*:/i

/** Keys of the paper for what stays a remark. */
const NOTES =
  /^(?:footwork|music|record|artist|phase|rating|difficulty|notes?|motion|timing|date|released?|fußarbeit|notiz|hinweis|datum)\s*:\s*\S/i
/** What is noted at the margin between or behind the parts. */
const BEHIND = /^(?:restarts?|notes?)\s*:\s*\S/i

/** A heading's lines with what is noted under keys of its own gathered in the remark. */
export function withNotes<Line extends { readonly text: string; readonly depth: number }>(
  lines: readonly Line[],
): Line[] {
  const end = lines.findIndex(({ text }) => OPENS.test(text))
  const heading = end < 0 ? lines : lines.slice(0, end)
  const isRemark = ({ text }: Line): boolean => /^remark\s*:/i.test(text)
  const isRhythm = (line: Line): boolean =>
    /^dance\s*:/i.test(line.text) && line !== heading.find((one) => /^dance\s*:/i.test(one.text))
  const isNote = (line: Line): boolean => NOTES.test(line.text) || isRhythm(line)
  const rest = lines.slice(heading.length)
  const isBehind = ({ text, depth }: Line): boolean => depth === 0 && BEHIND.test(text)
  const notes = [...heading.filter(isNote), ...rest.filter(isBehind)]
  if (notes.length === 0) return [...lines]
  const others = lines.filter((line) => !notes.includes(line))
  const remark = heading.find(isRemark)
  const own = readValue(remark?.text.replace(/^remark\s*:\s*/i, '') ?? '')
  // A remark that cannot be read is told at its own line.
  if (!own.ok) return others
  const said = notes.map((line) =>
    isRhythm(line) ? line.text.replace(/^dance/i, 'Rhythm') : line.text,
  )
  const text = [own.value, ...said].filter((one) => one !== '').join('\n')
  return [
    ...heading.filter((line) => !notes.includes(line) && line !== remark),
    { ...notes[0]!, text: `remark: ${JSON.stringify(text)}` },
    ...rest.filter((line) => !notes.includes(line)),
  ]
}

function headingLine(text: string): string {
  const { key, number } = (NUMBER.exec(text) ?? NUMBER_FIRST.exec(text))?.groups ?? {}
  if (key !== undefined) {
    return /^[csz]/i.test(key)
      ? `phrase: ${number} counts`
      : `tags: "${number} ${number === '1' ? 'wall' : 'walls'}"`
  }
  const [, said = '', value = ''] = /^([^:"]+?)\s*:\s*(.*)$/s.exec(text) ?? []
  const known = Object.hasOwn(KEYS, said.toLowerCase()) ? KEYS[said.toLowerCase()]! : said
  return known === said ? text : `${known}: ${value}`
}
