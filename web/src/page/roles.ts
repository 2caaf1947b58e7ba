import { rolesOf, type Routine } from '@dellop/core/routine'
import type { School } from '@dellop/core/school'
import { words } from '../words/index.ts'

/** What the roles of a sheet are called on the screen. */
export function rolesTold(routine: Routine, school: School): School['roleLabels'] {
  const { lead, follow } = rolesOf(routine, school)
  return { lead: words.shipped.role(lead), follow: words.shipped.role(follow) }
}
