import type { Formation, Timeline } from '../routine/index.ts'
import type { School } from '../school/index.ts'
import { TICKS_PER_BEAT, type Tick } from '../time/index.ts'
import { AROUND } from './aroundWords.ts'
import type { CueSlot } from './cueSlot.ts'
import { gapSlot } from './gapSlot.ts'
import { LANGUAGES, wordsOf } from './language.ts'
import { wording, wordingsOf } from './wording.ts'

export interface ClosingWish {
  readonly language: 'en' | 'de'
  readonly school: Pick<School, 'prompts'>
  readonly formation: Formation | undefined
  /** Ticks of the dance's end to the end of the music; null where that is not known. */
  readonly musicLeft: number | null
}

/** Beats after the last in which thanks are said, where the music does not last longer. */
const THANKS_BEATS = 16
/** Beats between the last step and thanks: the end is danced out first. */
const AFTER_BEATS = 1

/**
 * What is said of the end: ahead of it how it is left ("and hold", "and pose"), and after it, in
 * the music that is left, what partners do. Nothing that the last figure's own words say already.
 */
export function closingSlots(timeline: Timeline, wish: ClosingWish): CueSlot[] {
  const last = timeline.slots.at(-1)
  const finish = timeline.passes.at(-1)?.pass.finish?.how
  if (!last || timeline.openFrom !== null) return []
  const { school, language, formation, musicLeft } = wish
  const around = AROUND[language]
  const said = new Set(wordingsOf(last, LANGUAGES[language]).flatMap(({ text }) => wordsOf(text)))
  const isSaid = (text: string): boolean => said.has(wordsOf(text).at(-1)!)
  const end = timeline.lengthTicks
  const found: CueSlot[] = []
  if (school.prompts.includes('finish') && finish && finish !== 'music') {
    const text = around.finish[finish]
    if (!isSaid(text)) {
      const slot = gapSlot({
        key: 'closing#0',
        slotKey: last.key,
        wordings: [wording('full', text)],
        from: last.start,
        to: end,
        tells: 'around',
      })
      found.push({ ...slot, mode: 'ahead' })
    }
  }
  const thanks = formation === 'set' ? around.bow : around.thanks
  if (school.prompts.includes('thanks') && !ALONE.has(formation)) {
    const until = end + Math.max(musicLeft ?? 0, THANKS_BEATS * TICKS_PER_BEAT)
    const from = (end + AFTER_BEATS * TICKS_PER_BEAT) as Tick
    found.push(
      gapSlot({
        key: 'closing#1',
        slotKey: last.key,
        wordings: [wording('full', thanks)],
        from,
        to: until as Tick,
        tells: 'around',
      }),
    )
  }
  return found
}

/** Formations without partners. */
const ALONE: ReadonlySet<Formation | undefined> = new Set(['lines', 'solo', 'ring'])
