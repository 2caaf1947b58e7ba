import { utterancesOf, wordsOf } from '../../cue/index.ts'
import { setHeading, type Routine } from '../../routine/index.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import { aboutSlot, slotsByKey } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { shorter } from './voiceTiming.ts'

/** What it finds, with the values of their sentences. */
export interface HardToSayFindings {
  readonly 'voice.hard': {
    readonly text: string
    readonly words: string
    readonly seconds: number
  }
  readonly 'voice.numbers': { readonly text: string; readonly number: string }
}
type Found = FindingOf<HardToSayFindings>

/** So many words in a row that begin with sounds alike trip the tongue. */
const IN_A_ROW = 3
/** Consonants that meet between two words and cannot be said apart quickly. */
const MEETING = 6
const NUMBER: Readonly<Record<'en' | 'de', RegExp>> = {
  en: /^(?:one|two|three|four|five|six|seven|eight)$/,
  de: /^(?:eins|zwei|drei|vier|fünf|sechs|sieben|acht)$/,
}

/** Words that are hard to say fast, and numbers in a cue that sound together with the count. */
export const hardToSay = (derived: Derived): Found[] => [
  ...tongueTwisters(derived),
  ...numbersInCounts(derived),
]

function tongueTwisters({ plan, timeline }: Derived): Found[] {
  const slots = slotsByKey(timeline)
  const seen = new Set<string>()
  return utterancesOf(plan).flatMap(({ slot, said }): Found[] => {
    if (seen.has(said.wording.text)) return []
    seen.add(said.wording.text)
    const hard = hardWords(said.wording.text)
    return hard.length === 0
      ? []
      : [
          {
            ...aboutSlot(slots.get(slot.slotKey)!),
            code: 'voice.hard',
            severity: 'note',
            params: {
              text: said.wording.text,
              words: hard.join(' '),
              seconds: Math.round(said.spokenSeconds * 100) / 100,
            },
            repairs: shorter(
              slots.get(slot.slotKey)!,
              slot.wordings,
              said,
              (text) => hardWords(text).length === 0,
            ),
          },
        ]
  })
}

/**
 * The words of a text that trip the tongue: three in a row with the same onset or the two hisses in
 * turn, or a knot of consonants between two.
 */
export function hardWords(text: string): readonly string[] {
  const words = wordsOf(text)
  for (let i = 0; i + IN_A_ROW <= words.length; i++) {
    const row = words.slice(i, i + IN_A_ROW)
    const onsets = row.map(onset)
    // The same word again is no twister: “step, step, step” says itself.
    if (new Set(row).size === IN_A_ROW && new Set(onsets.map(hiss)).size === 1 && onsets[0] !== '')
      return row
  }
  const k = words.findIndex((word, i) => i > 0 && knot(words[i - 1]!, word) >= MEETING)
  return k > 0 ? words.slice(k - 1, k + 1) : []
}

const onset = (word: string): string => /^[^aeiouyäöü]*/.exec(word)![0]
/** “s” and “sh” in turn are harder than either alone. */
const hiss = (sound: string): string => (/^(?:s|sh|sch)/.test(sound) ? 's' : sound)
const SOUND: readonly (readonly [RegExp, string])[] = [
  [/ght/g, 't'],
  [/sch|sh|ch|th|ph|ck|ng/g, 'x'],
  [/(.)\1/g, '$1'],
]
/**
 * Consonants that meet where one word ends and the next begins, digraphs as one. A mute e at the
 * end leaves its consonants.
 */
function knot(before: string, after: string): number {
  const plain = (word: string): string =>
    SOUND.reduce((now, [from, to]) => now.replace(from, to), word)
  const end = /[^aeiouyäöü’']*$/.exec(plain(before))![0].length
  return end === 0 || onset(plain(after)).length === 0 ? 0 : end + onset(plain(after)).length
}

/** Where counts are spoken too, a number in a cue is taken for the count that sounds beside it. */
function numbersInCounts({ plan, timeline, routine, voice }: Derived): Found[] {
  if (routine.calling?.mouth !== 'both') return []
  const slots = slotsByKey(timeline)
  const seen = new Set<string>()
  const isNumber = (word: string): boolean => NUMBER[voice.language].test(word)
  const isWithout = (text: string): boolean => !wordsOf(text).some(isNumber)
  return utterancesOf(plan).flatMap(({ slot, said }): Found[] => {
    const number = wordsOf(said.wording.text).find(isNumber)
    const after = said.endTick % TICKS_PER_BEAT
    if (number === undefined || seen.has(said.wording.text) || after === 0) return []
    seen.add(said.wording.text)
    return [
      {
        ...aboutSlot(slots.get(slot.slotKey)!),
        code: 'voice.numbers',
        severity: 'note',
        params: { text: said.wording.text, number },
        repairs: [
          ...shorter(slots.get(slot.slotKey)!, slot.wordings, said, isWithout),
          ...wordsOnly(routine),
        ],
      },
    ]
  })
}

function wordsOnly(routine: Routine): Repair[] {
  const edits = setHeading(routine, 'calling', { ...routine.calling, mouth: 'words' })
  return edits ? [{ code: 'words-only', params: {}, edits }] : []
}
