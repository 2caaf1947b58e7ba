import type { VoiceFamily } from '../../findings.ts'
import type { Sentences } from '../../sentences.ts'

/** English sentences about what is said and when. */
export const VOICE: Sentences<VoiceFamily> = {
  'voice.no-room': {
    message: ({ figure, text }) =>
      `There is no time to say “${text}” before ${figure || 'its step'}.`,
    sum: ({ needs, room, lead }) =>
      `needs ${needs} s; ${room} s are free once ${lead} s are kept before the step`,
  },
  'voice.crowded': {
    message: ({ figure, text }) =>
      `“${text}” for ${figure || 'this step'} collides with the cues beside it.`,
    sum: ({ needs, room, lead }) =>
      `needs ${needs} s; ${room} s are free after the cue before, once ${lead} s are kept before the step`,
  },
  'voice.own-words': {
    message: ({ text, instead }) => `“${text}” never fits here: “${instead}” is said.`,
    sum: ({ needs }) => `it needs ${needs} s, more than there are at any time through`,
  },
  'voice.step': {
    message: ({ text, figure }) =>
      `There is no time for “${text}” on its step${figure ? ` in ${figure}` : ''}.`,
    sum: () => 'the words of the steps beside it take all of it',
  },
  'voice.pin': {
    message: ({ text, beats, wording }) =>
      beats === null
        ? `The ${wording} wording that you pinned does not fit; “${text}” is said.`
        : `“${text}” cannot be said where you pinned it.`,
    sum: ({ beats, wording }) =>
      beats === null
        ? `no moment keeps the rules with the ${wording} wording`
        : `pinned ${beats} beats before its step`,
  },
  'voice.role': {
    message: ({ text, figure }) =>
      `There is no time to say “${text}” to one role before ${figure || 'the step'}.`,
    sum: () => 'what is said to both comes first',
  },
  'voice.no-gap': {
    message: ({ text, figure }) =>
      `There is no gap for “${text}”${figure ? ` while ${figure} is danced` : ''}.`,
    sum: () => 'the cues beside it take all of it',
  },
  'voice.early': {
    message: ({ text, lead }) =>
      `“${text}” ends ${lead} beats before the step: dancers may start early.`,
    sum: ({ lead, most }) => `${lead} beats before its step, ${most} at most`,
  },
  'voice.late': {
    message: ({ text }) => `“${text}” comes late.`,
    sum: ({ lead, target }) => `${lead} beats before its step, ${target} are aimed at`,
  },
  'voice.breath': {
    message: ({ phrases }) => `No breath for ${phrases} phrases from here.`,
    sum: ({ words, seconds, most }) =>
      `${words} words without a pause of ${seconds} s; after ${most} phrases a cuer needs one`,
  },
  'voice.hard': {
    message: ({ words }) => `“${words}” is hard to say fast.`,
    sum: ({ text, seconds }) => `“${text}” in ${seconds} s`,
  },
  'voice.numbers': {
    message: ({ number, text }) => `“${number}” in “${text}” is heard as a count.`,
    sum: () => 'counts are spoken right beside it',
  },
  'voice.same-words': {
    message: ({ text, first, second }) => `“${text}” is said for ${first} and for ${second}.`,
    sum: ({ first, second }) => `${first} ≠ ${second}; the words are the same`,
  },
  'voice.sound-alike': {
    message: ({ first, second }) =>
      `“${second}” comes soon after “${first}”, and they sound alike.`,
    sum: ({ differ, sounds }) => `${differ} of ${sounds} sounds differ`,
  },
  'voice.over-called': {
    message: ({ words, seconds }) =>
      `${words} words in ${seconds} seconds: more than a floor takes in.`,
    sum: ({ words, most }) => `${words} said, ${most} are enough`,
  },
}
