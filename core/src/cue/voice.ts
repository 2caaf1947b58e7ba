import { z } from 'zod'
import { LANGUAGES, spokenText, wordsOf } from './language.ts'

/**
 * How long this cuer takes to say words. Seconds = (175 / wordsPerMinute) * (base + perLetter *
 * letters + perFunctionWord * function words), fitted to short cues spoken at 175 words a minute:
 * letters predict better than syllables or words (root mean square of the residual 138 ms in
 * English, 142 ms in German, in-sample).
 */
export const voiceSchema = z
  .strictObject({
    id: z.string().min(1).max(60),
    language: z.enum(['en', 'de']),
    wordsPerMinute: z.number().min(60).max(350),
    baseSeconds: z.number(),
    perLetterSeconds: z.number().min(0),
    perFunctionWordSeconds: z.number(),
    /** Measured voices plan without the margin for an unknown one. */
    measured: z.boolean(),
    /** Root mean square of what the formula missed in the readings it was fitted to. */
    spreadSeconds: z.number().min(0).optional(),
    /**
     * Seconds of wordings that were measured one by one: the cuer's own recording, or the spoken
     * stand-in's.
     */
    lengths: z.record(z.string().max(300), z.number().min(0).max(60)).readonly().optional(),
  })
  .readonly()
export type Voice = z.infer<typeof voiceSchema>

export const DEFAULT_VOICES: Readonly<Record<'en' | 'de', Voice>> = {
  en: {
    id: 'default-en',
    language: 'en',
    wordsPerMinute: 175,
    baseSeconds: 0.093,
    perLetterSeconds: 0.0674,
    perFunctionWordSeconds: -0.0407,
    measured: false,
  },
  de: {
    id: 'default-de',
    language: 'de',
    wordsPerMinute: 175,
    baseSeconds: 0.042,
    perLetterSeconds: 0.0572,
    perFunctionWordSeconds: 0.0858,
    measured: false,
  },
}

/** Nothing is said in less: one short syllable. */
const SHORTEST_SECONDS = 0.12

/** Lengths already worked out, by voice: the same wordings come back with every plan. */
const known = new WeakMap<Voice, Map<string, number>>()

/** Seconds this voice takes for a text, heard time, without margin. An empty text takes none. */
export function spokenSeconds(voice: Voice, text: string): number {
  const lengths = known.get(voice) ?? known.set(voice, new Map()).get(voice)!
  const before = lengths.get(text)
  if (before !== undefined) return before
  const seconds = workOut(voice, text)
  lengths.set(text, seconds)
  return seconds
}

function workOut(voice: Voice, text: string): number {
  const measured = voice.lengths?.[lengthKey(text)]
  return measured ?? byFormula(voice, text)
}

/**
 * Under what a measured length is kept: how a text is written makes no difference to how long it
 * takes.
 */
export const lengthKey = (text: string): string => wordsOf(text).join(' ')

/** Seconds by the formula alone, whatever has been measured. */
export function byFormula(voice: Voice, text: string): number {
  const words = wordsOf(spokenText(text, voice.language))
  if (words.length === 0) return 0
  const letters = words.reduce(
    (sum, word) => sum + [...word].filter((letter) => /\p{L}/u.test(letter)).length,
    0,
  )
  const functionWords = words.filter((word) =>
    LANGUAGES[voice.language].functionWords.has(word),
  ).length
  const at175 =
    voice.baseSeconds +
    voice.perLetterSeconds * letters +
    voice.perFunctionWordSeconds * functionWords
  return Math.max(SHORTEST_SECONDS, (175 / voice.wordsPerMinute) * at175)
}

/** What is planned on top of a text's length until the voice, or that text, is measured. */
export function marginSeconds(voice: Voice, text: string): number {
  return voice.measured || voice.lengths?.[lengthKey(text)] !== undefined
    ? 0
    : Math.max(0.15 * spokenSeconds(voice, text), 0.15)
}

/** Seconds to plan for a text: its length and the margin. */
export function plannedSeconds(voice: Voice, text: string): number {
  return spokenSeconds(voice, text) + marginSeconds(voice, text)
}
