import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { playScore } from '../band/index.ts'
import { countingIds, expectOk, type Result } from '../document/index.ts'
import { DEFAULT_VOICES } from '../cue/index.ts'
import { bookOf, SHIPPED_FIGURES, type Figure } from '../figure/index.ts'
import { readAbc, sheetFileOfText, tuneOfScore, type SheetFile } from '../file/index.ts'
import type { Routine } from '../routine/index.ts'
import { ROUND_SCHOOL, SHIPPED_SCHOOLS } from '../school/index.ts'
import { deriveSheet, type Sheet } from '../sheet/index.ts'
import type { Tune } from '../tune/index.ts'

const demo = (path: string): string => readFileSync(join(__dirname, '../../../demo', path), 'utf8')
const BOOK = bookOf(SHIPPED_FIGURES)
const tunes = new Map<string, Tune>()

/** A tune of the demo, with its beats as the house band plays it. */
export function demoTune(id: string): Tune {
  const known = tunes.get(id)
  if (known) return known
  const score = expectOk(readAbc(demo(`tunes/${id}.abc`)))
  const tune = {
    ...tuneOfScore(
      score,
      playScore({ ...score, notes: [], chords: [] }, 1000),
      null,
      countingIds('t'),
    ),
    id,
  }
  tunes.set(id, tune)
  return tune
}

export const demoText = (name: string): string => demo(`sheets/${name}.txt`)
/** A sheet read from its text, or the line that cannot be read. */
export const readTyped = (text: string): Result<SheetFile> =>
  sheetFileOfText(text, { id: 'typed', title: 'Typed', figures: SHIPPED_FIGURES })
const typedFile = (text: string): SheetFile => expectOk(readTyped(text))
export const typedRoutine = (text: string): Routine => typedFile(text).routine

/** A routine with all that follows from it, on its own tune of the demo where it names one. */
export const provedSheet = (
  routine: Routine,
  tune: Tune | null = routine.tuneId === null ? null : demoTune(routine.tuneId),
  own: readonly Figure[] = [],
): Sheet =>
  deriveSheet({
    routine,
    book: own.length === 0 ? BOOK : new Map([...BOOK, ...bookOf(own)]),
    school: SHIPPED_SCHOOLS.find(({ id }) => id === routine.schoolId) ?? ROUND_SCHOOL,
    voice: DEFAULT_VOICES[routine.language],
    tune,
  })

export function proved(text: string): Sheet {
  const { routine, figures } = typedFile(text)
  const isOwn = ({ id }: Figure): boolean => !BOOK.has(id)
  return provedSheet(routine, undefined, figures.filter(isOwn))
}

/** The demo's sheets that are written as text. */
export const SHEET_NAMES: readonly string[] = readdirSync(
  join(__dirname, '../../../demo/sheets'),
).flatMap((file) => (file.endsWith('.txt') ? [file.slice(0, -'.txt'.length)] : []))

/** The heading of a set dance, to which places and parts are added. */
export const SET_HEAD = `title: A set
dance: set dance
school: set
bar: 4 beats of 1/4 in quarters
tempo: 112
language: en
start: none; lead faces line of dance, right foot free; follow faces line of dance, right foot free
`
