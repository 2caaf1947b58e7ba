import { directionWords, type Facing } from '@dellop/core/figure'
import { frameOf, type Routine } from '@dellop/core/routine'
import { words } from '../words/index.ts'

const ARTICLE: readonly string[] = ['wall', 'centre']

/** Words for a facing as the formation says it: by the clock in lines, to the centre in a ring, to the wall in a hall. */
export function facingWords(routine: Pick<Routine, 'formation'>, facing: Facing): string {
  const frame = frameOf(routine)
  const told = frame === 'hall' ? null : directionWords(frame, facing)
  return told === null ? words.format.facing(facing) : ARTICLE.includes(told) ? `the ${told}` : told
}
