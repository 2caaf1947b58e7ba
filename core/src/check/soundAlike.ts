import { wordsOf } from '../cue/index.ts'
import { aboutSlot, slotsByKey } from './aboutSlot.ts'
import type { Derived } from './derived.ts'
import type { Finding } from './finding.ts'

/** How many cues further on a name that sounds the same can still be taken for the other. */
const NEAR = 2
/** Share of their sounds in which two names may differ and still be mixed up in a loud hall. */
const ALIKE = 0.25
const SHORTEST = 3

/** Cues close to each other whose words sound alike though other things are danced. */
export function soundAlike({ plan, timeline }: Derived): Finding[] {
  const slots = slotsByKey(timeline)
  const said = plan.planned.flatMap((planned) => (planned.said ? [{ slot: slots.get(planned.slot.key)!, text: planned.said.wording.text }] : []))
  const seen = new Set<string>()
  const unlike = new Set<string>()
  const sounds = memo(soundOf)
  const split = memo(wordsOf)
  return said.flatMap((one, i) =>
    said.slice(i + 1, i + 1 + NEAR).flatMap((other): Finding[] => {
      if (one.slot.figure?.id === other.slot.figure?.id || one.text === other.text) return []
      // The same two cues come near each other again and again: they are compared once.
      const texts = `${one.text}\n${other.text}`
      if (unlike.has(texts)) return []
      const [a, b] = apart(split(one.text), split(other.text)).map(sounds) as [string, string]
      if (!soundsLike(a, b)) {
        unlike.add(texts)
        return []
      }
      const pair = [one.slot.slot.id, other.slot.slot.id].sort().join(' ')
      if (seen.has(pair)) return []
      seen.add(pair)
      return [{ ...aboutSlot(other.slot), code: 'voice.sound-alike', severity: 'note', params: { first: one.text, second: other.text, differ: distance(a, b), sounds: Math.max(a.length, b.length) }, repairs: [] }]
    }),
  )
}

/** What is left of two texts without the words they share: “left” and “right” are told apart however much stands round them. */
function apart(left: readonly string[], right: readonly string[]): [string, string] {
  return [left.filter((word) => !right.includes(word)).join(' '), right.filter((word) => !left.includes(word)).join(' ')]
}

/** A word's sound, roughly: what is heard alike is written alike, vowels fall together. */
export function soundOf(text: string): string {
  return text
    .toLowerCase()
    .replace(/[^\p{L}]/gu, '')
    .replace(/ght/g, 't')
    .replace(/kn|gn/g, 'n')
    .replace(/ph/g, 'f')
    .replace(/ck|q|c(?![eiy])/g, 'k')
    .replace(/c|z/g, 's')
    .replace(/wh/g, 'w')
    .replace(/[aeiouyäöü]+/g, 'a')
    .replace(/[bp]/g, 'p')
    .replace(/[dt]/g, 't')
    .replace(/[vf]/g, 'f')
    .replace(/(.)\1+/g, '$1')
}

/** What was worked out for a text is kept: a cue comes again and again. */
function memo<Result>(work: (text: string) => Result): (text: string) => Result {
  const kept = new Map<string, Result>()
  return (text) => {
    const before = kept.get(text)
    if (before !== undefined) return before
    const result = work(text)
    kept.set(text, result)
    return result
  }
}

const soundsLike = (a: string, b: string): boolean => Math.min(a.length, b.length) >= SHORTEST && distance(a, b) <= ALIKE * Math.max(a.length, b.length)

/** Least number of sounds to change, add or leave out (Levenshtein, 1966). */
function distance(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, j) => j)
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    for (let j = 1; j <= b.length; j++) next[j] = Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1))
    row = next
  }
  return row[b.length]!
}
