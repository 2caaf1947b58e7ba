import type { Refused } from '../document/index.ts'
import { problem } from './problem.ts'

const IS_SPACE = /\s/
/** What a word would go on with. */
const GOES_ON = /[\p{L}\p{N}/-]/u

/** What is looked for is written in the code and in lists of words: each is compiled once. */
const compiled = new Map<string, RegExp>()
function atWordsEnd(source: string): RegExp {
  const known = compiled.get(source)
  if (known) return known
  const found = new RegExp(`(?:${source})(?![\\p{L}\\p{N}/-])`, 'iuy')
  compiled.set(source, found)
  return found
}
const sorted = new WeakMap<readonly string[], readonly string[]>()
function longestFirst(words: readonly string[]): readonly string[] {
  const known = sorted.get(words)
  if (known) return known
  const order = words.toSorted((a, b) => b.length - a.length)
  sorted.set(words, order)
  return order
}

/** Reads a text from its front, word by word, and knows at which character it is. */
export class Reader {
  private at = 0
  private readonly text: string
  private readonly base: number

  /** `base`: where this text begins in the whole that was typed. */
  constructor(text: string, base = 0) {
    this.text = text
    this.base = base
    this.skip()
  }

  /** Takes what a pattern finds here, at a word's end; null where it finds nothing. */
  take(pattern: RegExp): RegExpExecArray | null {
    const found = atWordsEnd(pattern.source)
    found.lastIndex = this.at
    const match = found.exec(this.text)
    if (!match) return null
    this.at = found.lastIndex
    this.skip()
    return match
  }

  /** Takes the longest of these words, in whichever capitals; null where none stands here. */
  word<Word extends string>(words: readonly Word[]): Word | null {
    for (const word of longestFirst(words)) {
      const end = this.endOf(word)
      if (end === null) continue
      this.at = end
      this.skip()
      return word as Word
    }
    return null
  }
  /** Where a word that stands here ends; null where it does not. Gaps may be of any width. */
  private endOf(word: string): number | null {
    let at = this.at
    for (const letter of word)
      if (letter === ' ') {
        if (!IS_SPACE.test(this.text[at] ?? '')) return null
        while (IS_SPACE.test(this.text[at] ?? '')) at++
      } else if (this.text[at]?.toLowerCase() === letter.toLowerCase()) at++
      else return null
    return GOES_ON.test(String.fromCodePoint(this.text.codePointAt(at) ?? 0x20)) ? null : at
  }

  /** Takes one sign. */
  sign(sign: string): boolean {
    if (this.text[this.at] !== sign) return false
    this.at++
    this.skip()
    return true
  }

  /** Where it is, to come back to. */
  get place(): number {
    return this.at
  }
  set place(place: number) {
    this.at = place
  }
  get isAtEnd(): boolean {
    return this.at >= this.text.length
  }
  /** Character of the whole text where it is now. */
  get offset(): number {
    return this.base + this.at
  }
  /** The word that stands here, for a sentence about it. */
  get found(): string {
    return /^\S*/.exec(this.text.slice(this.at))![0] || 'the end of the line'
  }

  /** A problem at this character. */
  expected(code: 'move.who' | 'move.verb' | 'move.more'): Refused {
    return problem(code, { found: this.found }, { offset: this.offset })
  }
  expectedWord(expected: string): Refused {
    return problem('move.word', { found: this.found, expected }, { offset: this.offset })
  }

  private skip(): void {
    while (IS_SPACE.test(this.text[this.at] ?? '')) this.at++
  }
}
