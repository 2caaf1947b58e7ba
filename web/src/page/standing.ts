import { facingTold } from '@dellop/core/check'
import type { Facing } from '@dellop/core/move'
import { frameOf, type Routine } from '@dellop/core/routine'

/**
 * Words for a facing as the formation says it: by the clock in lines, to the centre in a ring, to
 * the wall in a hall.
 */
export const facingWords = (routine: Pick<Routine, 'formation'>, facing: Facing): string =>
  facingTold(facing, frameOf(routine))
