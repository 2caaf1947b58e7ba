import { isDancedAlike, type DirectionFrame, type Role } from '../figure/index.ts'
import type { School } from '../school/index.ts'
import { rolesOf } from './roles.ts'
import type { Formation, Routine } from './routine.ts'
import type { Timeline } from './timeline.ts'

const FRAMES: Partial<Record<Formation, DirectionFrame>> = {
  lines: 'walls',
  solo: 'walls',
  ring: 'ring',
  set: 'set',
}

/**
 * The frame in which a formation says its directions: by the clock in lines and alone, to the
 * centre in a ring, by line of dance in a hall.
 */
export const frameOf = ({ formation }: Pick<Routine, 'formation'>): DirectionFrame =>
  (formation && FRAMES[formation]) ?? 'hall'

/**
 * Whether all who dance do the same, so that nobody is a lead or a follow; not so where no figure
 * is known yet.
 */
export const isAllAlike = ({ slots }: Timeline): boolean =>
  slots.some(({ figure }) => figure) &&
  slots.every(({ figure }) => !figure || isDancedAlike(figure))

/** What a role is called in a sentence about the dance; null where all do the same. */
export const roleTold = (
  routine: Pick<Routine, 'roleLabels'>,
  school: Pick<School, 'roleLabels'>,
  timeline: Timeline,
  role: Role,
): string | null => (isAllAlike(timeline) ? null : rolesOf(routine, school)[role])
