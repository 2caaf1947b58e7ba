import { plural } from './english.ts'

/** English of the schools. */
export const schools = {
  title: 'Schools',
  lead: 'Ways of counting, naming and cueing. None is the right one: choose one for each sheet, under About.',
  open: 'The schools, explained',
  known: 'The floor',
  knownLeast: 'new to all',
  knownMost: 'known',
  knownTimes: (n: number) => (n === 0 ? 'new to all' : `danced ${plural(n, 'time')} before`),
  count: (group: string, ones: string) => `counted in ${group}${ones === 'numbered' ? ', the number of the group in place of its one' : ''}`,
  countIn: (text: string) => `count-in ${text}`,
  leadTime: (beats: number, seconds: number) => `a cue ends ${beats === 1 ? 'one beat' : beats === 0.5 ? 'half a beat' : `${beats} beats`} before its step, never less than ${seconds} s`,
  roles: (lead: string, follow: string) => `${lead} and ${follow}`,
  fading: (full: number, short: number, phrases: number) =>
    `in full ${full === 1 ? 'the first time' : `the first ${full} times`}, then short ${short === 1 ? 'once' : short === 2 ? 'twice' : `${short} times`}, then prompts; new again after ${phrases} phrases without the part`,
  noFading: 'always in full',
  density: (words: number) => `at most ${words} words in 20 seconds`,
  compare: 'Two schools on one sheet',
  compareSheet: 'Sheet',
  choose: 'Choose a sheet',
  first: 'First school',
  second: 'Second school',
  slot: 'Danced',
  nothing: 'nothing',
  leadOf: (beats: number) => `${Math.round(beats * 10) / 10} beats ahead`,
  sum: (words: number, cues: number, silent: number) => `${words} words in ${cues} cues${silent > 0 ? `, ${plural(silent, 'figure')} without one` : ''}`,
}
