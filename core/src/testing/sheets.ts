import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { playScore } from '../band/index.ts'
import { countingIds, expectOk } from '../document/index.ts'
import { DEFAULT_VOICES } from '../cue/index.ts'
import {
  AS_WRITTEN,
  bookOf,
  startingState,
  WALTZ_FIGURES,
  type Variation,
} from '../figure/index.ts'
import { WALL } from '../move/index.ts'
import { readAbc, readSheetFile, tuneOfScore } from '../file/index.ts'
import {
  figureContent,
  freshSlot,
  wordsContent,
  type Part,
  type Pass,
  type Routine,
  type Slot,
} from '../routine/index.ts'
import { ROUND_SCHOOL } from '../school/index.ts'
import type { SheetInput } from '../sheet/index.ts'
import type { Tune } from '../tune/index.ts'

const demo = (path: string): string => readFileSync(join(__dirname, '../../../demo', path), 'utf8')

/** The house waltz as the band plays it: 4 bars of introduction, 68 danced. */
export function houseWaltz(): Tune {
  const score = expectOk(readAbc(demo('tunes/lamps-along-the-staithe.abc')))
  const tune = tuneOfScore(
    score,
    playScore({ ...score, notes: [], chords: [] }, 1000),
    null,
    countingIds('t'),
  )
  return { ...tune, id: 'lamps-along-the-staithe' }
}

export const demoRoutine = (name: string): Routine =>
  expectOk(readSheetFile(demo(`sheets/${name}.json`))).routine

export const slot = (id: string, figureId: string, variation: Partial<Variation> = {}): Slot =>
  freshSlot(id, figureContent(figureId, { ...AS_WRITTEN, ...variation }))
export const words = (id: string, text: string, beats: number | null): Slot =>
  freshSlot(id, wordsContent(text, beats === null ? null : beats * 24))
export const part = (id: string, ...slots: Slot[]): Part => ({ id, label: id, slots })
export const pass = (id: string, partId: string, over: Partial<Pass> = {}): Pass => ({
  id,
  partId,
  kind: 'pass',
  times: 1,
  stretch: null,
  reflected: false,
  changes: [],
  ...over,
})

/** A waltz routine of these parts and passes, in butterfly facing the wall, without a tune. */
export const routineOf = (parts: readonly Part[], passes: readonly Pass[]): Routine => ({
  format: 'dellop-routine',
  version: 2,
  id: 'r',
  title: 'Test',
  by: '',
  dance: 'waltz',
  schoolId: 'round',
  tuneId: null,
  recordingId: null,
  metre: { beatsPerBar: 3, beatNote: '1/4', division: 4 },
  bpm: 96,
  language: 'en',
  start: startingState('butterfly', WALL),
  remark: '',
  parts,
  passes,
  overrules: [],
})

const BOOK = bookOf(WALTZ_FIGURES)

export const inputOf = (routine: Routine, tune: Tune | null = null): SheetInput => ({
  routine,
  book: BOOK,
  school: ROUND_SCHOOL,
  voice: DEFAULT_VOICES.en,
  tune,
})
