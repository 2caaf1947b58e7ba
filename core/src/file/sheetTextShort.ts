import { succeed, type Result } from '../document/index.ts'
import { bookOf, type Figure } from '../figure/index.ts'
import {
  contentLength,
  partLength,
  saysNoSteps,
  type Part,
  type Pass,
  type SlotContent,
} from '../routine/index.ts'
import { TICKS_PER_BEAT, type Metre } from '../time/index.ts'
import { passKindOf } from './germanSheet.ts'
import { problem } from './problem.ts'
import { beatsText, quoted } from './sheetTextWords.ts'

/** An order as it is jotted down: on one line, and by halves. */

/** What may stand behind the label of a part in an order. */
const BEHIND = /^(?:x ?\d{1,2}|half|mirrored)$/i

/**
 * The times through of an order that stands on one line, `Intro A B A half, Ending`: each as it
 * would stand on a line of its own. Labels of several words are taken whole.
 */
export function passesInLine(text: string, parts: readonly Part[]): string[] {
  const words = text.split(/[\s,;]+|\s+[-–]\s+/).filter((word) => word !== '')
  const labels = parts
    .map(({ label }) => ({ label, words: label.toLowerCase().split(/\s+/) }))
    .sort((a, b) => b.words.length - a.words.length)
  const passes: string[] = []
  let kind = ''
  for (let at = 0; at < words.length;) {
    if (passes.length > 0 && BEHIND.test(words[at]!)) {
      passes[passes.length - 1] += ` ${words[at]!}`
      at++
      continue
    }
    const named = labels.find((one) =>
      one.words.every((word, i) => words[at + i]?.toLowerCase() === word),
    )
    // `ending Tag`: what a time through is stands before its part.
    const isKind = !named && at + 1 < words.length && passKindOf(words[at]!) !== null
    if (!isKind) passes.push(kind + (named ? labelText(named.label) : words[at]!))
    kind = isKind ? `${passKindOf(words[at]!)} ` : ''
    at += named?.words.length ?? 1
  }
  return passes
}
const labelText = (label: string): string => (label.includes(' ') ? quoted(label) : label)

/**
 * The first half of a part by its counts. Refused where no figure ends there, or where something
 * in the part has no length of its own.
 */
export function firstHalf(part: Part, figures: readonly Figure[]): Result<Pass['stretch']> {
  const book = bookOf(figures)
  const total = partLength(part, book)
  let sum = 0
  for (const { id, content } of part.slots) {
    sum += contentLength(content, book) ?? 0
    if (2 * sum === total) return succeed({ from: part.slots[0]!.id, to: id })
  }
  return problem('sheet-text.half', {
    label: part.label,
    counts: total === null || total === 0 ? null : beatsText(total),
  })
}

/** Words of no stated length, which may say themselves how long they last. */
export function withSaidLength(content: SlotContent, metre: Metre): SlotContent {
  if (content.type !== 'words' || content.lengthTicks !== null) return content
  if (content.choices || content.until) return content
  const lengthTicks = saidLength(content.text, metre)
  return lengthTicks === null ? content : { ...content, lengthTicks }
}

/**
 * How long a wait lasts that says it itself, `wait two bars`, `hold 4 counts`, in ticks; null where
 * words say nothing of the kind.
 */
function saidLength(text: string, { beatsPerBar }: Metre): number | null {
  const [, count = '', what = ''] = saysNoSteps(text) ? (SAID_LENGTH.exec(text) ?? []) : []
  const found = NUMBERS[count.toLowerCase()] ?? Number(count)
  if (count === '' || found < 1 || found > 64) return null
  return found * TICKS_PER_BEAT * (/^(?:bar|meas|Takt)/i.test(what) ? beatsPerBar : 1)
}
const NUMBERS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  eight: 8,
  einen: 1,
  zwei: 2,
  drei: 3,
  vier: 4,
  acht: 8,
}
const SAID_LENGTH = new RegExp(
  `\\b(\\d{1,2}|${Object.keys(NUMBERS).join('|')}) (bars?|measures?|meas|counts?|beats?|Takte?|Schläge?)\\b`,
  'iu',
)
