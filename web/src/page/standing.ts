import { directionWords, isDancedAlike, type DirectionFrame, type Facing } from '@dellop/core/figure'
import type { Routine, Timeline } from '@dellop/core/routine'
import { words } from '../words/index.ts'

/** Frames in which a formation says its directions. */
const FRAME: Partial<Record<NonNullable<Routine['formation']>, DirectionFrame>> = { lines: 'walls', solo: 'walls', ring: 'ring', set: 'set' }
const ARTICLE: readonly string[] = ['wall', 'centre']

/** Words for a facing as the formation says it: by the clock in lines, to the centre in a ring, to the wall in a hall. */
export function facingWords(routine: Pick<Routine, 'formation'>, facing: Facing): string {
  const frame = routine.formation ? FRAME[routine.formation] : undefined
  const told = frame ? directionWords(frame, facing) : null
  return told === null ? words.format.facing(facing) : ARTICLE.includes(told) ? `the ${told}` : told
}

/** Whether all who dance do the same, so that there is one column for everybody. */
export const isAlike = (timeline: Timeline): boolean => timeline.slots.some(({ figure }) => figure) && timeline.slots.every(({ figure }) => !figure || isDancedAlike(figure))
