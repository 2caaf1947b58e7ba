import type { PROBLEMS as ENGLISH } from '../en/problems.ts'

/** German sentences for what can be wrong with a voice. */
export const PROBLEMS: typeof ENGLISH = {
  'voice.few': ({ least, readings }) =>
    `Mindestens ${least} Ansagen wurden erwartet; da ${readings === 1 ? 'ist 1' : `sind ${readings}`}.`,
  'voice.odd': ({ text, seconds, usual }) =>
    `„${text}“ in ${seconds} s kann nicht stimmen: Etwa ${usual} s wurden erwartet. Lesen Sie es noch einmal.`,
}
