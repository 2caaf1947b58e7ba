import { LANGUAGES, type CueLanguage } from '../../cue/index.ts'
import type { CueLanguageId } from '../../figure/index.ts'
import { beatsOfTicks, parseNotation } from '../../time/index.ts'

/** A length that words give, in beats, with the words that give it. */
export interface LengthSaid {
  readonly beats: number
  readonly words: string
}

interface LengthWords {
  /** Numbers by their words, longest first; a half of one is added by `half`. */
  readonly numbers: readonly (readonly [word: string, number: number])[]
  /** Words for units; the bar's beats come from the sheet. */
  readonly units: readonly (readonly [RegExp, number | 'bar'])[]
  readonly unit: string
  /** Words before a number that make it say where, not how long. */
  readonly notBefore: RegExp
  readonly and: string
  /** What may stand before and behind where a text says nothing but its length. */
  readonly lead: string
  readonly end: string
}

/** A language's own words for 1 to 32, and others that stand before a unit. */
const numbersOf = (
  { number }: CueLanguage,
  others: Readonly<Record<string, number>>,
): LengthWords['numbers'] =>
  [
    ...Object.entries(others),
    ...Array.from({ length: 32 }, (_, i) => [number(i + 1), i + 1] as const),
  ].sort(([a], [b]) => b.length - a.length)

const EN: LengthWords = {
  numbers: numbersOf(LANGUAGES.en, { 'half a': 0.5, 'half an': 0.5, a: 1, an: 1 }),
  units: [
    [/^(?:counts?|beats?)$/, 1],
    [/^(?:bars?|measures?)$/, 'bar'],
    [/^eights?$/, 8],
    [/^sixteens?$/, 16],
  ],
  unit: 'counts?|beats?|bars?|measures?|eights?|sixteens?',
  notBefore: /^(?:after|last|first|next|on|before|within|every|until|from|by|in|at|count)$/,
  and: 'and',
  lead: '(?:it )?(?:takes|lasts|is)',
  end: 'in all|altogether|long',
}
const DE: LengthWords = {
  numbers: numbersOf(LANGUAGES.de, {
    anderthalb: 1.5,
    eineinhalb: 1.5,
    zweieinhalb: 2.5,
    dreieinhalb: 3.5,
    viereinhalb: 4.5,
    'ein halber': 0.5,
    'einen halben': 0.5,
    'ein halbes': 0.5,
    halber: 0.5,
    halben: 0.5,
    ein: 1,
    eine: 1,
    einen: 1,
    einem: 1,
    einer: 1,
  }),
  units: [
    [/^(?:zählzeiten?|schlag|schläge|schlägen|zeiten)$/, 1],
    [/^takte?n?$/, 'bar'],
    [/^achter$/, 8],
    [/^sechzehner$/, 16],
  ],
  unit: 'zählzeiten?|schlägen?|schläge|schlag|zeiten|takte?n?|achter|sechzehner',
  notBefore:
    /^(?:nach|letzten?|ersten?|nächsten?|auf|vor|in|bis|von|ab|jeden?|alle|den|die|der|zählzeit)$/,
  and: 'und',
  lead: '(?:das )?(?:dauert|braucht|sind)',
  end: 'insgesamt|lang',
}
const WORDS: Readonly<Record<CueLanguageId, LengthWords>> = { en: EN, de: DE }

const half = { en: '(?: and a half)', de: '(?: und eine? halbe[nrs]?)' } as const
const lengthPattern = (language: CueLanguageId): string => {
  const { numbers, unit } = WORDS[language]
  const number = numbers.map(([word]) => word).join('|')
  return `(?<number>\\d+(?:[.,]\\d+)?|${number})(?<half>${half[language]})?[ -]+(?<unit>${unit})(?![\\p{L}])`
}
const plain = (pattern: string): string => pattern.replaceAll(/\?<\w+>/g, '?:')
const PATTERNS = {
  en: new RegExp(`(?<before>[\\p{L}]+\\s+)?(?<![\\p{L}\\d.])${lengthPattern('en')}`, 'giu'),
  de: new RegExp(`(?<before>[\\p{L}]+\\s+)?(?<![\\p{L}\\d.])${lengthPattern('de')}`, 'giu'),
}
const onlyPattern = (language: CueLanguageId): RegExp => {
  const { and, lead, end } = WORDS[language]
  const one = plain(lengthPattern(language))
  return new RegExp(
    `^(?:${lead}\\s+)?(?:(?:${and}\\s+|,\\s*|\\+\\s*)?${one}\\s*)+(?:${end})?[.!]?$`,
    'iu',
  )
}
const ONLY = { en: onlyPattern('en'), de: onlyPattern('de') }
const AT_END = {
  en: new RegExp(`(?:,|\\bfor)\\s*(?<length>${plain(lengthPattern('en'))})$`, 'iu'),
  de: new RegExp(`(?:,|für)\\s*(?<length>${plain(lengthPattern('de'))})$`, 'iu'),
}

/** A row of counts: numbers or slow and quick, nothing else. */
const COUNT_LINE = /^(?:[SQ&a\d][\s,]*){3,}$/
/** From one count to another: “1-8”, “counts 9-16”. */
const COUNT_RANGE = /^(?:counts?|beats?|Zählzeiten)?\s*(\d{1,3})\s*[-–]\s*(\d{1,3})[.:]?$/i

/**
 * Whether a text is about nothing but how long something is: “hold the dip for two counts” is about
 * a part of it.
 */
export const saysOnlyALength = (text: string, language: CueLanguageId): boolean =>
  ONLY[language].test(text.trim()) || COUNT_RANGE.test(text.trim()) || COUNT_LINE.test(text.trim())

/**
 * What a text says of its own length, lengths that stand in it added up; null where it says nothing
 * of it.
 *
 * @param beatsPerBar Beats in a bar, 2 to 12.
 */
export function lengthSaid(
  text: string,
  language: CueLanguageId,
  beatsPerBar: number,
): LengthSaid | null {
  const { numbers, units, notBefore } = WORDS[language]
  const found = [...text.matchAll(PATTERNS[language])].filter(
    ({ groups }) => !notBefore.test((groups!.before ?? '').trim().toLowerCase()),
  )
  if (found.length === 0) return null
  const beats = found.reduce((sum, { groups }) => {
    const word = groups!.number!.toLowerCase()
    const number = /^\d/.test(word)
      ? Number(word.replace(',', '.'))
      : numbers.find(([one]) => one === word)![1]
    const unit = units.find(([pattern]) => pattern.test(groups!.unit!.toLowerCase()))![1]
    return sum + (number + (groups!.half ? 0.5 : 0)) * (unit === 'bar' ? beatsPerBar : unit)
  }, 0)
  const words = found.map(({ 0: all, groups }) => all.slice((groups!.before ?? '').length).trim())
  return { beats, words: words.join(` ${WORDS[language].and} `) }
}

/**
 * A length that ends what is said of a figure: “rocking chair, eight counts”.
 *
 * @param beatsPerBar Beats in a bar, 2 to 12.
 */
export function lengthAtEnd(
  text: string,
  language: CueLanguageId,
  beatsPerBar: number,
): LengthSaid | null {
  const length = AT_END[language].exec(text.trim())?.groups?.length
  return length ? lengthSaid(length, language, beatsPerBar) : null
}

/**
 * The length of a row of counts (“1 2 3 & 4”, “S Q Q”), or from one count to another (“1-8”).
 *
 * @param slow How long a slow and a quick are, in ticks.
 */
export function countLine(
  text: string,
  { slow, quick }: { readonly slow: number; readonly quick: number },
): LengthSaid | null {
  const words = text.trim()
  const [, from, to] = COUNT_RANGE.exec(words) ?? []
  if (from && to)
    return Number(to) > Number(from) ? { beats: Number(to) - Number(from) + 1, words } : null
  if (!COUNT_LINE.test(words)) return null
  const read = parseNotation(words.replaceAll(',', ' '), { slowTicks: slow, quickTicks: quick })
  return read.ok ? { beats: beatsOfTicks(read.value.lengthTicks), words } : null
}
