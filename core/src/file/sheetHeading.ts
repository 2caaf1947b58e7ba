import { problem, succeed, type Result } from '../document/index.ts'
import { LEVELS } from '../figure/index.ts'
import { FORMATIONS, UNITS, type Routine } from '../routine/index.ts'
import { metreText, readMetre, readStart, readValue, startText, valueText } from './sheetTextWords.ts'

/** The heading of a sheet's text: a key, a colon and a value on each line. */

type Heading = Partial<Routine>
type HeadingKey = (value: string) => Result<Heading>

/** What may be left out of a routine: written only where it is there. Whether it is put away, and what it is a branch of, stay out of the text. */
export const HEADING_EXTRAS = ['year', 'source', 'formation', 'couples', 'level', 'unit', 'roleLabels', 'tags'] as const

export function headingText(routine: Routine): string[] {
  const written = (text: string | undefined): string => (text === undefined || text === '' ? '' : valueText(text))
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
    ['start', startText(routine.start)],
    ['remark', written(routine.remark)],
  ]
  const { year, source, formation, couples, level, unit, roleLabels, tags } = routine
  const extra: readonly (readonly [string, string])[] = [
    ['year', year === undefined ? '' : String(year)],
    ['source', written(source)],
    ['formation', formation ?? ''],
    ['couples', couples === undefined ? '' : String(couples)],
    ['level', level ?? ''],
    ['unit', unit ?? ''],
    ['roles', roleLabels ? `${JSON.stringify(roleLabels.lead)} / ${JSON.stringify(roleLabels.follow)}` : ''],
    ['tags', tags ? tags.map((tag) => JSON.stringify(tag)).join(', ') : ''],
  ]
  return [...always, ...extra.filter(([, value]) => value !== '')].map(([key, value]) => `${key}:${value ? ` ${value}` : ''}`)
}

const refused = (message: string): Result<never> => problem('sheet-text', message)
const as = <Key extends keyof Routine>(key: Key, result: Result<Routine[Key]>): Result<Heading> => (result.ok ? succeed({ [key]: result.value } as Heading) : result)
const text =
  (key: 'title' | 'by' | 'dance' | 'remark' | 'source'): HeadingKey =>
  (value) =>
    as(key, readValue(value))
const oneOf =
  <Key extends 'formation' | 'level' | 'unit' | 'language'>(key: Key, words: readonly string[], what: string): HeadingKey =>
  (value) =>
    words.includes(value) ? succeed({ [key]: value } as Heading) : refused(`“${value}” is no ${what}; ${words.slice(0, -1).join(', ')} or ${words.at(-1)} was expected.`)
const number =
  (key: 'year' | 'couples' | 'bpm', [least, most]: readonly [number, number], what: string): HeadingKey =>
  (value) =>
    value !== '' && Number(value) >= least && Number(value) <= most ? succeed({ [key]: Number(value) }) : refused(`“${value}” is no ${what} from ${least} to ${most} were expected.`)

export const HEADING_KEYS: Readonly<Record<string, HeadingKey>> = {
  title: text('title'),
  by: text('by'),
  dance: text('dance'),
  school: (value) => succeed({ schoolId: value }),
  tune: (value) => succeed({ tuneId: value || null }),
  recording: (value) => succeed({ recordingId: value || null }),
  bar: (value) => as('metre', readMetre(value)),
  tempo: number('bpm', [20, 400], 'tempo; beats a minute'),
  language: oneOf('language', ['en', 'de'], 'language of cues'),
  start: (value) => as('start', readStart(value)),
  remark: text('remark'),
  year: number('year', [1500, 2200], 'year; a number'),
  source: text('source'),
  formation: oneOf('formation', FORMATIONS, 'formation'),
  couples: number('couples', [1, 200], 'number of couples; one'),
  level: oneOf('level', LEVELS, 'level'),
  unit: oneOf('unit', UNITS, 'way of counting'),
  roles: readRoles,
  tags: readTags,
}

function readRoles(value: string): Result<Heading> {
  const [lead, follow, ...more] = quotedIn(value)
  return lead && follow && more.length === 0 ? succeed({ roleLabels: { lead, follow } }) : refused(`“${value}” does not name the two roles; such as: roles: "gent" / "lady" was expected.`)
}

function readTags(value: string): Result<Heading> {
  const tags = value.includes('"') ? quotedIn(value) : value.split(',').flatMap((one) => (one.trim() === '' ? [] : [one.trim()]))
  return tags.length > 0 ? succeed({ tags }) : refused('a tag was expected, or several with commas between.')
}

const quotedIn = (value: string): string[] => (value.match(/"(?:[^"\\]|\\.)*"/g) ?? value.split('/').map((one) => JSON.stringify(one.trim()))).map((one) => JSON.parse(one) as string).filter((one) => one !== '')
