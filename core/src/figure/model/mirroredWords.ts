/**
 * Left and right in words, for each language in which cues are spoken. A wording belongs to a
 * figure as it is written; mirrored, its sides, hands and ways round exchange.
 */

/** Pairs of words that exchange; endings that a word may have stay behind it. */
interface SideWords {
  readonly pairs: readonly (readonly [left: string, right: string])[]
  /** Beginnings of longer words that exchange: “Linksdrehung”. */
  readonly beginnings: readonly (readonly [left: string, right: string])[]
  /** Where the word is none of a side: “right away”, “all right”. */
  readonly not: RegExp
}

const WORDS: Readonly<Record<'en' | 'de', SideWords>> = {
  en: {
    pairs: [
      ['left', 'right'],
      ['lefts', 'rights'],
      ['leftwards', 'rightwards'],
      ['lefthand', 'righthand'],
      ['anticlockwise', 'clockwise'],
      ['anti-clockwise', 'clockwise'],
      ['counterclockwise', 'clockwise'],
      ['counter-clockwise', 'clockwise'],
      ['reverse turn', 'natural turn'],
      ['reverse turns', 'natural turns'],
      ['reverse pivot', 'natural pivot'],
      ['reverse pivots', 'natural pivots'],
    ],
    beginnings: [],
    not: /\b(?:all right|that[’']s right|right (?:away|now))\b|\bleft over\b/gi,
  },
  de: {
    pairs: [
      ['links', 'rechts'],
      ['linke', 'rechte'],
      ['linker', 'rechter'],
      ['linken', 'rechten'],
      ['linkem', 'rechtem'],
      ['linkes', 'rechtes'],
      ['gegen den Uhrzeigersinn', 'im Uhrzeigersinn'],
    ],
    beginnings: [['links', 'rechts']],
    not: /(?!)/g,
  },
}

/** `Left` for `Right`, `LEFT` for `RIGHT`: the other word as the one was written. */
function writtenAs(model: string, word: string): string {
  if (model.length > 1 && model === model.toUpperCase()) return word.toUpperCase()
  return model[0] === model[0]!.toUpperCase() ? word[0]!.toUpperCase() + word.slice(1) : word
}

/** Longest first, so that no word is found within a longer one. */
const patternOf = ({ pairs, beginnings }: SideWords): RegExp => {
  const all = [...new Set(pairs.flat())].sort((a, b) => b.length - a.length)
  const begun = beginnings.flat().map((word) => `|${word}(?=\\p{L})`)
  return new RegExp(`(?<![\\p{L}])(?:(?:${all.join('|')})(?![\\p{L}])${begun.join('')})`, 'giu')
}
const PATTERNS = { en: patternOf(WORDS.en), de: patternOf(WORDS.de) } as const

/** Stretches of a text in which a word is none of a side. */
const spared = (text: string, language: 'en' | 'de'): readonly (readonly [number, number])[] =>
  [...text.matchAll(WORDS[language].not)].map(({ 0: found, index }) => [
    index,
    index + found.length,
  ])

/** The words of a figure that is danced mirrored: left for right, and the other way round. */
export function mirroredWords(text: string, language: 'en' | 'de'): string {
  const spare = spared(text, language)
  return text.replace(PATTERNS[language], (word, index: number) => {
    if (spare.some(([from, to]) => index >= from && index < to)) return word
    const plain = word.toLowerCase()
    const pair = WORDS[language].pairs.find(([left, right]) =>
      [left.toLowerCase(), right.toLowerCase()].includes(plain),
    )!
    return writtenAs(word, pair[0].toLowerCase() === plain ? pair[1] : pair[0])
  })
}

/** Whether a text names a side, so that it says which of the two mirrors is meant. */
export const namesSide = (text: string, language: 'en' | 'de'): boolean =>
  mirroredWords(text, language) !== text

/**
 * The name of a figure that is danced mirrored: “side shuffle left” of “side shuffle right”; null
 * where it names no side, and says nothing of which of the two mirrors is meant.
 */
export function mirroredName(name: string): string | null {
  const other = mirroredWords(mirroredWords(name, 'en'), 'de')
  return other === name ? null : other
}
