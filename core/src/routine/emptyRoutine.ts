import { startingState } from '../figure/index.ts'
import { WALL } from '../move/index.ts'
import { ROUND_SCHOOL } from '../school/index.ts'
import { WALTZ_METRE } from '../time/index.ts'
import type { Routine } from './routine.ts'

/** A routine with nothing in it: what stands in a heading until something else is said. */
export const emptyRoutine = (id: string, title = 'A new dance'): Routine => ({
  format: 'dellop-routine',
  version: 2,
  id,
  title,
  by: '',
  dance: 'waltz',
  schoolId: ROUND_SCHOOL.id,
  tuneId: null,
  recordingId: null,
  metre: WALTZ_METRE,
  bpm: 90,
  language: 'en',
  start: startingState('butterfly', WALL),
  remark: '',
  parts: [],
  passes: [],
  overrules: [],
})
