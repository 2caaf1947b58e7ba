import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { playScore } from '@dellop/core/band'
import { DEFAULT_VOICES } from '@dellop/core/cue'
import { countingIds } from '@dellop/core/document'
import { bookOf } from '@dellop/core/figure'
import { readAbc, readSheetFile, tuneOfScore } from '@dellop/core/file'
import { ROUND_SCHOOL } from '@dellop/core/school'
import { deriveSheet } from '@dellop/core/sheet'

const demo = (path: string): string => readFileSync(join(__dirname, '../../../demo', path), 'utf8')
const score = readAbc(demo('tunes/lamps-along-the-staithe.abc'))
const file = readSheetFile(demo('sheets/lanterns-at-the-weir.json'))
if (!score.ok || !file.ok) throw new Error('the demo does not read')
const tune = tuneOfScore(
  score.value,
  playScore({ ...score.value, notes: [], chords: [] }, 1000),
  null,
  countingIds('t'),
)
/** The waltz of the demo on its tune, with all that follows from it. */
export const WALTZ = deriveSheet({
  routine: file.value.routine,
  book: bookOf(file.value.figures),
  school: ROUND_SCHOOL,
  voice: DEFAULT_VOICES.en,
  tune,
})
