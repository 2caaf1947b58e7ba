import { isAroundTheDance, utterancesOf } from '../../cue/index.ts'
import { slotsByKey } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'
import type { Tick } from '../../time/index.ts'

/** What it finds, with the values of their sentences. */
export interface OverCalledFindings {
  readonly 'voice.over-called': {
    readonly words: number
    readonly seconds: number
    readonly most: number
  }
}
type Found = FindingOf<OverCalledFindings>

/** Words as they are heard: "two-step" is one. */
export const wordsHeard = (text: string): number =>
  text.match(/[\p{L}\p{M}\p{N}'’-]+/gu)?.length ?? 0

/** Seconds over which words are counted. */
export const WINDOW_SECONDS = 20

/**
 * Stretches in which more is said than a floor can take in by its school's measure, each once.
 * Before the first step and after the last the floor has nothing else to do than to listen.
 */
export function overCalled({ plan, timeline, school }: Derived): Found[] {
  const slots = slotsByKey(timeline)
  const said = utterancesOf(plan)
    .filter(({ slot }) => !isAroundTheDance(slot))
    .map(({ slot, said: { start, end, wording } }) => ({
      key: slot.slotKey,
      start,
      end,
      words: wordsHeard(wording.text),
    }))
  const found: Found[] = []
  let from = 0
  let words = 0
  let quietFrom = -Infinity
  said.forEach((one, i) => {
    words += one.words
    while (said[from]!.start < one.end - WINDOW_SECONDS) words -= said[from++]!.words
    if (words <= school.mostWordsIn20Seconds || said[from]!.start < quietFrom) return
    const keys = said.slice(from, i + 1).map(({ key }) => key)
    const slot = slots.get(keys[0]!)!
    quietFrom = one.start + WINDOW_SECONDS
    found.push({
      code: 'voice.over-called',
      severity: 'note',
      subject: slot.slot.id,
      slotKeys: keys,
      at: slot.start as Tick,
      params: { words, seconds: WINDOW_SECONDS, most: school.mostWordsIn20Seconds },
      repairs: [],
    })
  })
  return found
}
