import type { Refused } from '../document/index.ts'
import { problem } from './problem.ts'

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
    const found = new RegExp(`(?:${pattern.source})(?![\\p{L}\\p{N}/-])`, 'iuy')
    found.lastIndex = this.at
    const match = found.exec(this.text)
    if (!match) return null
    this.at = found.lastIndex
    this.skip()
    return match
  }

  /** Takes the longest of these words, in whichever capitals; null where none stands here. */
  word<Word extends string>(words: readonly Word[]): Word | null {
    for (const word of [...words].sort((a, b) => b.length - a.length))
      if (this.take(new RegExp(word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/ /g, '\\s+'))))
        return word
    return null
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
    while (/\s/.test(this.text[this.at] ?? '')) this.at++
  }
}
