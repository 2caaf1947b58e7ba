import type { Section } from './germanSheet.ts'

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
  speed: 'tempo',
}
/** A length of a line dance and how many walls it goes round, each with its number. */
const NUMBER = /^(?<key>counts?|walls?)\s*:\s*(?<number>\d{1,3})$/i
const NUMBER_FIRST = /^(?<number>\d{1,3})[ -](?<key>counts?|walls?)$/i

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
export function writtenOut(text: string, section: Section, hasMore: boolean): string {
  if (ORDER.test(text)) return text.replace(ORDER, 'order: ')
  if (hasMore && /^(?:part|teil) .*[^:]:$/i.test(text)) return text.slice(0, -1)
  const label = hasMore && !OPENS.test(text) ? LABEL.exec(text)?.[1] : undefined
  if (label !== undefined && label.split(/\s+/).length <= MOST_LABEL_WORDS) return `part ${label}`
  return section === 'heading' ? headingLine(text) : text
}

function headingLine(text: string): string {
  const { key, number } = (NUMBER.exec(text) ?? NUMBER_FIRST.exec(text))?.groups ?? {}
  if (key !== undefined) {
    return /^c/i.test(key)
      ? `phrase: ${number} counts`
      : `tags: "${number} ${number === '1' ? 'wall' : 'walls'}"`
  }
  const [, said = '', value = ''] = /^([^:"]+?)\s*:\s*(.*)$/s.exec(text) ?? []
  const known = Object.hasOwn(KEYS, said.toLowerCase()) ? KEYS[said.toLowerCase()]! : said
  if (known.toLowerCase() === 'tempo')
    return `tempo: ${value.replace(/\s*(?:bpm|beats?(?: (?:a|per) minute)?)\.?$/i, '')}`
  return known === said ? text : `${known}: ${value}`
}
