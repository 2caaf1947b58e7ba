import { DEFAULT_VOICES, lengthKey, type Voice } from '@dellop/core/cue'
import type { Settings } from '@dellop/wire'
import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { keptLengths, prepareStandIn, secondsOf } from '../sound/standIn.ts'
import type { Said } from '../sound/speech.ts'

/** Seconds of wordings by the stand-in, by their words, in each language. */
export type StandInLengths = Readonly<Record<'en' | 'de', Readonly<Record<string, number>>>>
export const NO_LENGTHS: StandInLengths = { en: {}, de: {} }

/**
 * The voice that cues are planned for: what the cuer has chosen, with the usual one where the
 * chosen one is not there. Page and lectern go by this alone.
 */
export function voiceChosen(
  { voice, ownVoices, wordsPerMinute }: Settings,
  language: 'en' | 'de',
  standIn: StandInLengths,
): Voice {
  const usual: Voice = { ...DEFAULT_VOICES[language], wordsPerMinute }
  if (voice === 'mine') return ownVoices[language] ?? usual
  if (voice === 'stand-in')
    return { ...usual, id: `stand-in-${language}`, lengths: standIn[language] }
  return usual
}

const byWords = (lengths: Readonly<Record<string, number>>): Record<string, number> =>
  Object.fromEntries(Object.entries(lengths).map(([text, seconds]) => [lengthKey(text), seconds]))

/** Lengths of all that the stand-in has said at this pace, from what the browser kept. */
export async function readStandInLengths(wordsPerMinute: number): Promise<StandInLengths> {
  const [en, de] = await Promise.all(
    (['en', 'de'] as const).map((language) => keptLengths({ language, wordsPerMinute })),
  )
  return { en: byWords(en!), de: byWords(de!) }
}

/** The spoken stand-in: what it has said, and the saying of more. */
export const useStandIn = defineStore('stand-in', () => {
  const lengths = shallowRef<StandInLengths>(NO_LENGTHS)

  async function load(wordsPerMinute: number): Promise<void> {
    lengths.value = await readStandInLengths(wordsPerMinute)
  }

  /** Has texts said, and knows their lengths from then on. */
  async function prepare(
    language: 'en' | 'de',
    wordsPerMinute: number,
    texts: readonly string[],
    signal: AbortSignal,
    progress?: (share: number) => void,
  ): Promise<ReadonlyMap<string, Said>> {
    const said = await prepareStandIn({ language, wordsPerMinute }, texts, signal, progress)
    const more = byWords(Object.fromEntries([...said].map(([text, one]) => [text, secondsOf(one)])))
    if (Object.keys(more).some((key) => lengths.value[language][key] === undefined))
      lengths.value = { ...lengths.value, [language]: { ...lengths.value[language], ...more } }
    return said
  }

  return { lengths, load, prepare }
})
