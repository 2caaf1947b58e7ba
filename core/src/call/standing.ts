import { ROLES, freeFoot, holdsFlow, type CoupleState } from '../figure/index.ts'
import { wrapFacing } from '../move/index.ts'
import { comesRoundTo, type Routine } from '../routine/index.ts'

/**
 * Whether a floor stands as something of a dance wants it to be begun: feet, hold and facing. Lines
 * and dancers alone may face any wall, as every wall has its turn; those who dance together keep
 * how they face each other.
 */
export function standsAs(
  { formation }: Pick<Routine, 'formation'>,
  wanted: CoupleState,
  state: CoupleState,
): boolean {
  if (formation !== 'lines' && formation !== 'solo') return comesRoundTo(wanted, state).length === 0
  const apart = ({ lead, follow }: CoupleState): number => wrapFacing(follow.facing - lead.facing)
  return (
    (wanted.hold === state.hold || holdsFlow(state.hold, wanted.hold)) &&
    apart(wanted) === apart(state) &&
    ROLES.every((role) => freeFoot(wanted[role].weight) === freeFoot(state[role].weight))
  )
}
