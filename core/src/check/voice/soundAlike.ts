import {
  LANGUAGES,
  wordingsOf,
  soundDistance,
  soundOf,
  soundsLike,
  wordsOf,
} from '../../cue/index.ts'
import type { DancedSlot } from '../../routine/index.ts'
import { aboutSlot, slotsByKey } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface SoundAlikeFindings {
  readonly 'voice.sound-alike': {
    readonly first: string
    readonly second: string
    readonly differ: number
    readonly sounds: number
  }
  /** Two figures of one sheet that are said in the very same words. */
  readonly 'voice.same-words': {
    readonly text: string
    readonly first: string
    readonly second: string
  }
}
type Found = FindingOf<SoundAlikeFindings>

/** How many cues further on a name that sounds the same can still be taken for the other. */
const NEAR = 2

/** Cues whose words are the same, or sound alike close to each other, though others are danced. */
export const soundAlike = (derived: Derived): Found[] => [
  ...sameWords(derived),
  ...alikeNearby(derived),
]

function sameWords({ plan, timeline, routine }: Derived): Found[] {
  const slots = slotsByKey(timeline)
  // “Again” is said for whatever was danced before: only words of the slot itself count.
  const isOwn = (slot: DancedSlot, text: string): boolean =>
    wordingsOf(slot, LANGUAGES[routine.language]).some((one) => one.text === text)
  const known = new Map<string, DancedSlot>()
  const told = new Set<string>()
  return plan.planned.flatMap((planned): Found[] => {
    const slot = slots.get(planned.slot.key)
    if (!planned.said || !slot?.figure) return []
    const { text } = planned.said.wording
    const first = known.get(text)
    if (!first) known.set(text, slot)
    if (!first?.figure || first.figure.id === slot.figure.id || told.has(text)) return []
    if (!isOwn(first, text)) known.set(text, slot)
    if (!isOwn(first, text) || !isOwn(slot, text)) return []
    told.add(text)
    return [
      {
        ...aboutSlot(slot),
        code: 'voice.same-words',
        severity: 'note',
        params: { text, first: first.figure.name, second: slot.figure.name },
        repairs: [],
      },
    ]
  })
}

function alikeNearby({ plan, timeline }: Derived): Found[] {
  const slots = slotsByKey(timeline)
  const said = plan.planned.flatMap((planned) =>
    planned.said ? [{ slot: slots.get(planned.slot.key)!, text: planned.said.wording.text }] : [],
  )
  const seen = new Set<string>()
  const unlike = new Map<string, Set<string>>()
  const sounds = memo(soundOf)
  const split = memo(wordsOf)
  return said.flatMap((one, i) =>
    said.slice(i + 1, i + 1 + NEAR).flatMap((other): Found[] => {
      if (one.slot.figure?.id === other.slot.figure?.id || one.text === other.text) return []
      // The same two cues come near each other again and again: they are compared once.
      if (unlike.get(one.text)?.has(other.text)) return []
      const [a, b] = apart(split(one.text), split(other.text)).map(sounds) as [string, string]
      if (!soundsLike(a, b)) {
        unlike.set(one.text, (unlike.get(one.text) ?? new Set()).add(other.text))
        return []
      }
      const pair = [one.slot.slot.id, other.slot.slot.id].sort().join(' ')
      if (seen.has(pair)) return []
      seen.add(pair)
      return [
        {
          ...aboutSlot(other.slot),
          code: 'voice.sound-alike',
          severity: 'note',
          params: {
            first: one.text,
            second: other.text,
            differ: soundDistance(a, b),
            sounds: Math.max(a.length, b.length),
          },
          repairs: [],
        },
      ]
    }),
  )
}

/**
 * What is left of two texts without the words they share: “left” and “right” are told apart however
 * much stands round them.
 */
function apart(left: readonly string[], right: readonly string[]): [string, string] {
  return [
    left.filter((word) => !right.includes(word)).join(' '),
    right.filter((word) => !left.includes(word)).join(' '),
  ]
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
