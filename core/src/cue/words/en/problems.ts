/** English sentences for what can be wrong with a voice. */
export const PROBLEMS = {
  'voice.few': ({ least, readings }: { least: number; readings: number }) =>
    `At least ${least} readings were expected; there ${readings === 1 ? 'is 1' : `are ${readings}`}.`,
  'voice.odd': ({ text, seconds, usual }: { text: string; seconds: string; usual: string }) =>
    `“${text}” in ${seconds} s cannot be right: about ${usual} s were expected. Read it again.`,
}
