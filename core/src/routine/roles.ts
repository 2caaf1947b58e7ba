import type { School } from '../school/index.ts'
import type { Routine } from './routine.ts'

/** What the two roles are called in a sheet: by its own words, else by the school's. */
export const rolesOf = (
  routine: Pick<Routine, 'roleLabels'>,
  school: Pick<School, 'roleLabels'>,
): School['roleLabels'] => routine.roleLabels ?? school.roleLabels
