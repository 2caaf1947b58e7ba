import type { Facing } from '@dellop/core/move'
import { frameOf, type Routine } from '@dellop/core/routine'
import { words } from '../words/index.ts'

/**
 * Words for a facing as the formation says it: by the clock in lines, to the centre in a ring, to
 * the wall in a hall.
 */
export const facingWords = (routine: Pick<Routine, 'formation'>, facing: Facing): string =>
  words.format.towards(facing, frameOf(routine))
