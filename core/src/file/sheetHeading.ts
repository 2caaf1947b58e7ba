import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { LEVEL_NAMES, levelNamed, LEVELS } from '../figure/index.ts'
import { placesText, readPlaces } from '../move/index.ts'
import { FORMATIONS, UNITS, usualStart, type Calling, type Routine } from '../routine/index.ts'
import { SHIPPED_SCHOOLS } from '../school/index.ts'
import { keptDanceName } from '../tune/index.ts'
import { readRelated, relatedText } from './relatedText.ts'
import { MODE_WORDS } from './sheetExtras.ts'
import {
  metreText,
  quoted,
  readMetre,
  readStart,
  readValue,
  startText,
  valueText,
} from './sheetTextWords.ts'

/** The heading of a sheet's text: a key, a colon and a value on each line. */

type Heading = Partial<Routine>
/** `so far`: what the lines above it say. */
type HeadingKey = (value: string, soFar: Routine) => Result<Heading>

/**
 * What may be left out of a routine: written only where it is there. Whether it is put away, and
 * what it is a branch of, stay out of the text.
 */
export const HEADING_EXTRAS = [
  'year',
  'source',
  'otherNames',
  'related',
  'formation',
  'couples',
  'places',
  'level',
  'unit',
  'phraseBeats',
  'countFrom',
  'slowBeats',
  'told',
  'roleLabels',
  'calling',
  'tags',
] as const

export function headingText(routine: Routine): string[] {
  const written = (text: string | undefined): string =>
    text === undefined || text === '' ? '' : valueText(text)
  const always: readonly (readonly [string, string])[] = [
    ['title', valueText(routine.title)],
    ['by', written(routine.by)],
    ['dance', written(routine.dance)],
    ['school', routine.schoolId],
    ['tune', routine.tuneId ?? ''],
    ['recording', routine.recordingId ?? ''],
    ['bar', metreText(routine.metre)],
    ['tempo', String(routine.bpm)],
    ['language', routine.language],
    ['start', startText(routine.start, routine.formation)],
    ['remark', written(routine.remark)],
  ]
  const { year, source, formation, couples, places, level, unit, slowBeats, told } = routine
  const { countFrom, roleLabels, calling, tags, otherNames, related } = routine
  const extra: readonly (readonly [string, string])[] = [
    ['year', year === undefined ? '' : String(year)],
    ['source', written(source)],
    ['other names', quotedList(otherNames)],
    ['related', related ? relatedText(related) : ''],
    ['formation', formation ?? ''],
    ['couples', couples === undefined ? '' : String(couples)],
    ['places', places ? placesText(places) : ''],
    ['level', level ? LEVEL_NAMES[level] : ''],
    ['unit', unit ?? ''],
    ['phrase', phraseText(routine)],
    ['count from', countFrom === undefined ? '' : String(countFrom)],
    ['slow', slowBeats === undefined ? '' : `${slowBeats} ${slowBeats === 1 ? 'beat' : 'beats'}`],
    ['told', written(told)],
    [
      'roles',
      roleLabels ? `${JSON.stringify(roleLabels.lead)} / ${JSON.stringify(roleLabels.follow)}` : '',
    ],
    ['calling', calling ? callingText(calling) : ''],
    ['tags', quotedList(tags)],
  ]
  return [...always, ...extra.filter(([, value]) => value !== '')].map(
    ([key, value]) => `${key}:${value ? ` ${value}` : ''}`,
  )
}

const quotedList = (list: readonly string[] = []): string => list.map(quoted).join(', ')

const as = <Key extends keyof Routine>(key: Key, result: Result<Routine[Key]>): Result<Heading> =>
  result.ok ? succeed({ [key]: result.value } as Heading) : result
const text =
  (key: 'title' | 'by' | 'remark' | 'source' | 'told'): HeadingKey =>
  (value) =>
    as(key, readValue(value))
const oneOf =
  <Key extends 'formation' | 'unit' | 'language'>(key: Key, words: readonly string[]): HeadingKey =>
  (value) =>
    words.includes(value.toLowerCase())
      ? succeed({ [key]: value.toLowerCase() } as Heading)
      : problem('sheet-text.word', { value, key, words: [...words] })
const number =
  (
    key: 'year' | 'couples' | 'bpm' | 'countFrom',
    [least, most]: readonly [number, number],
  ): HeadingKey =>
  (value) =>
    value !== '' && Number(value) >= least && Number(value) <= most
      ? succeed({ [key]: Number(value) } as Heading)
      : problem('sheet-text.number', { value, key, least, most })

/** Formations as dancers call them. */
const FORMATION_CALLED: Readonly<Record<string, string>> = {
  line: 'lines',
  circle: 'ring',
  longways: 'set',
  square: 'set',
  gasse: 'set',
  karree: 'set',
  quadrat: 'set',
  linien: 'lines',
  block: 'lines',
  paarkreis: 'couples-round',
  paarweise: 'couples-round',
}

export const HEADING_KEYS: Readonly<Record<string, HeadingKey>> = {
  title: text('title'),
  by: text('by'),
  dance: (value) => {
    const read = readValue(value)
    return read.ok ? succeed({ dance: keptDanceName(read.value) }) : read
  },
  school: (value) =>
    succeed({
      schoolId: SHIPPED_SCHOOLS.find(({ id }) => id === value.toLowerCase())?.id ?? value,
    }),
  tune: (value) => succeed({ tuneId: value || null }),
  recording: (value) => succeed({ recordingId: value || null }),
  bar: (value) => as('metre', readMetre(value)),
  tempo: readTempo,
  language: oneOf('language', ['en', 'de']),
  start: (value, { formation, dance }) =>
    as('start', readStart(value, usualStart(formation, dance))),
  remark: text('remark'),
  year: number('year', [1500, 2200]),
  source: text('source'),
  'other names': readOtherNames,
  related: (value) => as('related', readRelated(value)),
  formation: readFormation,
  couples: number('couples', [1, 200]),
  places: (value) => as('places', readPlaces(value)),
  level: readLevel,
  unit: oneOf('unit', UNITS),
  phrase: readPhrase,
  'count from': number('countFrom', [1, 4]),
  slow: readSlow,
  told: text('told'),
  roles: readRoles,
  calling: readCalling,
  tags: readTags,
}

/** `16 bars` where that is whole bars, `32 counts` where the sheet counts in beats or eights. */
function phraseText({ phraseBeats, metre, unit }: Routine): string {
  if (phraseBeats === undefined) return ''
  const bars = phraseBeats / metre.beatsPerBar
  return Number.isInteger(bars) && unit !== 'eights' && unit !== 'sixteens' && unit !== 'beats'
    ? `${bars} bars`
    : `${phraseBeats} counts`
}

/** Beats a minute; or bars a minute, as round dancers count them. */
function readTempo(value: string, soFar: Routine): Result<Heading> {
  const [, count = value, what = ''] = TEMPO.exec(value) ?? []
  const beats = /^(?:mpm|bars|measures|takte)/i.test(what) ? soFar.metre.beatsPerBar : 1
  const bpm = what === '' ? value : String(Number(count) * beats)
  return number('bpm', [20, 400])(bpm, soFar)
}
const TEMPO =
  /^(\d{1,3}(?:\.\d+)?)\s*(bpm|mpm|(?:beats?|bars?|measures?|schläge|takte)(?: (?:a|per|pro|je) (?:minute|min))?)\.?$/i

/** A longways set is for as many as will; six couples are drawn. */
const LONGWAYS = /^(?:(duple|triple)(?: minor)?,? )?(proper|improper|becket)$/

function readFormation(value: string, soFar: Routine): Result<Heading> {
  const said = value.toLowerCase()
  const [, minor = 'duple', stand] = LONGWAYS.exec(said) ?? []
  if (stand === undefined)
    return oneOf('formation', FORMATIONS)(FORMATION_CALLED[said] ?? value, soFar)
  const places = readPlaces(`longways of 6, ${minor} ${stand}`)
  return places.ok ? succeed({ formation: 'set', couples: 6, places: places.value }) : places
}

function readLevel(value: string): Result<Heading> {
  const level = levelNamed(value)
  const words = LEVELS.map((one) => LEVEL_NAMES[one])
  return level ? succeed({ level }) : problem('sheet-text.word', { value, key: 'level', words })
}

function readPhrase(value: string, { metre }: Routine): Result<Heading> {
  const [, count, what] = /^(\d{1,3}) (bar|count|beat|eight)s?$/i.exec(value) ?? []
  const beats = { bar: metre.beatsPerBar, count: 1, beat: 1, eight: 8 }
  const phraseBeats = Number(count) * (beats[what?.toLowerCase() as keyof typeof beats] ?? 0)
  return phraseBeats >= 1 && phraseBeats <= 512
    ? succeed({ phraseBeats })
    : problem('sheet-text.phrase', { value })
}

function readSlow(value: string): Result<Heading> {
  const slowBeats = Number(/^(\d(?:\.5)?)(?: (?:beat|count)s?)?$/i.exec(value)?.[1])
  return slowBeats >= 0.5 && slowBeats <= 4
    ? succeed({ slowBeats })
    : problem('sheet-text.slow', { value })
}

function readRoles(value: string): Result<Heading> {
  const [lead, follow, ...more] = quotedIn(value)
  return lead && follow && more.length === 0
    ? succeed({ roleLabels: { lead, follow } })
    : problem('sheet-text.roles', { value })
}

const MOUTH = { words: 'words only', counts: 'counts only', both: 'words and counts' } as const
const FIRST = { words: 'words first', counts: 'counts first' } as const

const callingText = ({ mode, mouth, first, halves, wholeBeats }: Calling): string =>
  [
    mode && MODE_WORDS[mode],
    mouth && MOUTH[mouth],
    first && FIRST[first],
    halves && 'half beats too',
    wholeBeats && 'on whole beats',
  ]
    .filter(Boolean)
    .join('; ') || 'as the school has it'

function readCalling(value: string): Result<Heading> {
  let calling: Calling = {}
  for (const word of value.split(';').map((one) => one.trim())) {
    const found = CALLING_WORDS.get(word)
    if (!found)
      return problem('sheet-text.calling', { word, known: [...CALLING_WORDS.keys()].join(', ') })
    calling = { ...calling, ...found }
  }
  return succeed({ calling })
}
const wordsOf = <Key extends string>(
  words: Readonly<Record<Key, string>>,
  field: string,
): [string, Calling][] =>
  Object.entries(words).map(([key, word]) => [word as string, { [field]: key }])
const CALLING_WORDS: ReadonlyMap<string, Calling> = new Map<string, Calling>([
  ...wordsOf(MODE_WORDS, 'mode'),
  ...wordsOf(MOUTH, 'mouth'),
  ...wordsOf(FIRST, 'first'),
  ['half beats too', { halves: true }],
  ['on whole beats', { wholeBeats: true }],
  ['as the school has it', {}],
])

/** In quotation marks with commas between, or bare with semicolons: a name may have a comma. */
function readOtherNames(value: string): Result<Heading> {
  const otherNames = value.includes('"')
    ? quotedIn(value)
    : value.split(';').flatMap((one) => (one.trim() === '' ? [] : [one.trim()]))
  return otherNames.length > 0 ? succeed({ otherNames }) : problem('sheet-text.other-names')
}

function readTags(value: string): Result<Heading> {
  const tags = value.includes('"')
    ? quotedIn(value)
    : value.split(',').flatMap((one) => (one.trim() === '' ? [] : [one.trim()]))
  return tags.length > 0 ? succeed({ tags }) : problem('sheet-text.tags')
}

const quotedIn = (value: string): string[] =>
  (value.match(/"(?:[^"\\]|\\.)*"/g) ?? value.split('/').map((one) => JSON.stringify(one.trim())))
    .map((one) => JSON.parse(one) as string)
    .filter((one) => one !== '')
