import { memoised, nodesOf } from '../document/index.ts'
import { routineShape, type Routine } from '../routine/index.ts'

/**
 * An id for what a repair adds: the stem, numbered until the sheet does not hold it. The same sheet
 * gives the same id.
 */
export function freshId(routine: Routine, stem: string): string {
  const taken = idsOf(routine)
  const short = stem.slice(0, 48)
  for (let n = 1; ; n++) if (!taken.has(`${short}-${n}`)) return `${short}-${n}`
}

const idsOf = memoised(
  (routine: Routine) => new Set(nodesOf(routineShape, routine).map(({ node }) => node.id)),
)
