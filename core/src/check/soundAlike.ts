import { wordsOf } from '../cue/index.ts'
import { aboutSlot } from './aboutSlot.ts'
import type { Derived } from './derived.ts'
import type { Finding } from './finding.ts'

/** How many cues further on a name that sounds the same can still be taken for the other. */
const NEAR = 2
/** Share of their sounds in which two names may differ and still be mixed up in a loud hall. */
const ALIKE = 0.25
const SHORTEST = 3

/** Cues close to each other whose words sound alike though other things are danced. */
export function soundAlike({ plan, timeline }: Derived): Finding[] {
  const slots = new Map(timeline.slots.map((slot) => [slot.key, slot]))
  const said = plan.planned.flatMap((planned) => (planned.said ? [{ slot: slots.get(planned.slot.key)!, text: planned.said.wording.text }] : []))
  const seen = new Set<string>()
  return said.flatMap((one, i) =>
    said.slice(i + 1, i + 1 + NEAR).flatMap((other): Finding[] => {
      const pair = [one.slot.slot.id, other.slot.slot.id].sort().join(' ')
      const isSame = one.slot.figure?.id === other.slot.figure?.id
      const [a, b] = apart(one.text, other.text).map(soundOf) as [string, string]
      if (isSame || seen.has(pair) || !soundsLike(a, b)) return []
      seen.add(pair)
      return [{ ...aboutSlot(other.slot), code: 'voice.sound-alike', severity: 'note', params: { first: one.text, second: other.text, differ: distance(a, b), sounds: Math.max(a.length, b.length) }, repairs: [] }]
    }),
  )
}

/** What is left of two texts without the words they share: “left” and “right” are told apart however much stands round them. */
function apart(a: string, b: string): [string, string] {
  const [left, right] = [wordsOf(a), wordsOf(b)]
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
