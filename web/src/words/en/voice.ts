import { plural } from './english.ts'

/** English of the cuer's voice: whose speed cues are planned for, and how it is measured. */
const s = (seconds: number): string => `${seconds.toFixed(2)} s`
const ms = (seconds: number): string => `${Math.round(seconds * 1000)} ms`

export const voice = {
  title: 'Your voice',
  lead: 'Every cue is planned by how long its words take to say. Choose whose speed that is, and measure your own.',
  whose: 'Cues are planned for',
  choices: { usual: 'the usual voice', mine: 'my own voice', 'stand-in': 'the practice voice' },
  about: {
    usual: (wpm: number, spread: number) =>
      `By the number of letters at ${wpm} words a minute. It misses single cues by about ${ms(spread)}, so that a margin of at least 0.15 s is planned on top.`,
    mine: (wpm: number, spread: number) =>
      `Measured: about ${Math.round(wpm)} words a minute; it misses what you read by about ${ms(spread)}. No margin is planned on top.`,
    mineTimed: 'The usual voice, with the wordings that you have timed by yourself.',
    mineMissing: 'It is not measured yet in this language: the usual voice is used until it is.',
    'stand-in':
      'As the computer’s voice says them, to the millisecond, for hearing a sheet before saying it. Words it has not said yet are taken from the usual voice.',
  },
  language: 'Language',
  languages: { en: 'English', de: 'German' },
  pace: 'Words a minute, of the usual voice and the practice voice',
  measure: 'Measure your voice',
  how: (n: number) =>
    `Read ${n} short cues aloud, one after the other, as you would in the hall. Each is measured until you are quiet again; your hands stay free. Nothing is sent anywhere, and the sound is not kept.`,
  start: 'Read them aloud',
  again: 'Read them again',
  stop: 'Stop',
  bring: 'Bring a recording',
  bringHow: 'One sound file with all of them in this order, and a pause of half a second between.',
  asking: 'Waiting for the microphone …',
  now: (i: number, n: number) => `${i} of ${n}: say`,
  listening: 'listening …',
  hears: 'heard, go on …',
  trouble: {
    refused:
      'The microphone was refused. Allow it in the browser’s bar and try again, or bring a recording.',
    missing: 'No microphone was found. Plug one in and try again, or bring a recording.',
    other:
      'The microphone could not be opened. Another program may be using it; or bring a recording.',
    silent:
      'Nothing was heard for ten seconds. Is the microphone on, and the right one chosen? The usual voice is used until yours is measured.',
  },
  fileTrouble:
    'This is no sound that can be read here. WAV, MP3, M4A, OGG, FLAC or Opus was expected.',
  fileSpans: (expected: number, heard: number) =>
    `${expected} readings were expected, ${heard === 0 ? 'none was' : heard === 1 ? 'one was' : `${heard} were`} heard. Leave a pause of half a second between them, and none within one.`,
  fileLong: 'A recording of at most three minutes was expected.',
  reading: 'Cue',
  measured: 'Measured',
  predicted: 'By the fit',
  residual: 'Off by',
  seconds: s,
  off: (seconds: number) => `${seconds >= 0 ? '+' : '−'}${ms(Math.abs(seconds))}`,
  fit: 'How well it fits',
  fitTold: (spread: number, usual: number) =>
    `Your readings are off the line by about ${ms(spread)}; the usual voice would be off by ${ms(usual)}.`,
  fitPoints: 'your readings',
  fitLine: 'as fitted',
  axisPredicted: 'by the fit, in seconds',
  axisMeasured: 'measured, in seconds',
  leads: 'What follows for your cues',
  leadsTold: (bpm: number) =>
    `How many beats before its step each begins, to end one beat before it, at ${bpm} a minute.`,
  leadUsual: 'Usual voice',
  leadMine: 'Your voice',
  beats: (n: number) => (Math.round(n * 10) / 10).toFixed(1),
  keep: 'Keep this voice',
  drop: 'Cancel',
  saved: 'Kept.',
  kept: 'Kept. Cues are planned for your own voice now.',
  forget: 'Delete my voice',
  single: 'Wordings measured one by one',
  singleNone:
    'None. Beside each wording on a sheet, “time it” measures how long you take for just that.',
  singleForget: (text: string) => `Delete “${text}”`,
  timeIt: 'Time it',
  timeItLabel: (text: string) => `Time it: “${text}”`,
  timeItSay: (text: string) => `Say “${text}” now.`,
  timeItDone: (text: string, seconds: number) =>
    `“${text}” takes you ${s(seconds)}; cues are planned for your own voice now.`,
  timedAs: (text: string, seconds: number) => `“${text}” takes you ${s(seconds)}.`,
  hall: 'The hall',
  hallHow:
    'Echo and a noisy floor make words slow to understand. So much is added to every lead, and said in its sum.',
  hallSeconds: 'Seconds more before each step',
  hallNow: (seconds: number) => (seconds === 0 ? 'nothing added' : `${s(seconds)} added`),
  file: 'As a file',
  fileTake: 'Take this voice along',
  fileUse: 'The command plans for such a file with',
  usedOn: (n: number) => plural(n, 'sheet'),
}
