import { variationText, type Variation } from '../../figure/index.ts'

/** What a language says of edits: one sentence each, in the cuer's words. */
export interface ChangeSentences {
  readonly often: (text: string, times: number) => string
  readonly something: string
  readonly became: (was: string, is: string) => string
  readonly times: (name: string, now: string, before: string) => string
  readonly label: (before: string, now: string) => string
  readonly mirrored: (name: string, isSo: boolean) => string
  readonly field: (field: string, what: 'taken' | 'given' | 'changed') => string
  readonly putIn: (name: string) => string
  readonly takenOut: (name: string) => string
  readonly moved: (name: string) => string
  readonly renamed: (before: string, now: string) => string
  readonly archived: (isSo: boolean) => string
  /** Fields of the heading. */
  readonly heading: Readonly<Record<string, string>>
  readonly headingChanged: (name: string) => string
  readonly headingSet: (name: string, now: string, before: string) => string
  readonly passOf: (part: string | null) => string
  readonly part: (label: string) => string
  readonly aPart: string
  readonly overruled: string
  readonly words: (text: string) => string
  readonly variation: (variation: Variation) => string
  readonly onlyIn: (part: string | null) => string
}

const HEADING: Readonly<Record<string, string>> = {
  by: 'who made it',
  dance: 'dance',
  schoolId: 'calling style',
  tuneId: 'tune',
  recordingId: 'recording',
  metre: 'bar',
  bpm: 'tempo',
  language: 'language of cues',
  start: 'start',
  remark: 'remark',
  roleLabels: 'names of the roles',
  calling: 'way of calling',
  year: 'year',
  level: 'level',
  formation: 'formation',
  couples: 'couples',
  unit: 'what it is counted in',
  phraseBeats: 'counts of a phrase',
  source: 'where it was written down',
  tags: 'tags',
}
const FIELD: Readonly<Record<string, string>> = {
  wordings: 'words',
  say: 'silence',
  remark: 'remark',
  hard: 'hard spot',
  optional: 'optional',
  caution: 'caution',
  roleRemarks: 'remarks for one role',
  swap: 'change of roles',
  mode: 'when it is said',
  pin: 'pin of its cue',
  roleCues: 'cues for one role',
  announce: 'announcement',
  exitHold: 'hold at its end',
  tie: 'place in the music',
  fill: 'fill',
  finish: 'way to end',
  shift: 'moving on',
  rotate: 'facing',
  stretch: 'stretch',
}

/** English of edits. */
export const CHANGES: ChangeSentences = {
  often: (text, times) => `${text} (${times} times)`,
  something: 'something',
  became: (was, is) => `${was} became ${is}`,
  times: (name, now, before) => `${name} is danced ${now} times instead of ${before}`,
  label: (before, now) => `Part ${before} is called ${now}`,
  mirrored: (name, isSo) => `${name} is ${isSo ? 'mirrored' : 'no longer mirrored'}`,
  field: (field, what) =>
    `${FIELD[field] ?? field} ${{ taken: 'taken away', given: 'given', changed: 'changed' }[what]}`,
  putIn: (name) => `${name} put in`,
  takenOut: (name) => `${name} taken out`,
  moved: (name) => `${name} moved`,
  renamed: (before, now) => `Renamed from “${before}” to “${now}”`,
  archived: (isSo) => (isSo ? 'Archived' : 'Restored from the archive'),
  heading: HEADING,
  headingChanged: (name) => `${name}: changed`,
  headingSet: (name, now, before) =>
    `${name}: ${now || 'nothing'}${before ? ` instead of ${before}` : ''}`,
  passOf: (part) => `A pass of ${part ?? 'a part'}`,
  part: (label) => `Part ${label}`,
  aPart: 'a part',
  overruled: 'A finding left so',
  words: (text) => (text === '' ? 'open counts' : `“${text}”`),
  variation: variationText,
  onlyIn: (part) => `only in one ${part ?? 'pass'}`,
}
