import { overrule, removeSlot } from '../routine/index.ts'
import type { Derived } from './derived.ts'
import type { Repair } from './finding.ts'
import type { Finding } from './findings.ts'
import { freshId } from './freshId.ts'

/** Reason kept when a finding is accepted with one click. */
const MEANT = 'meant so'

/**
 * What can always be done about a finding that offers nothing of its own: what stops the dance can
 * be taken out, anything else can be accepted as it is meant. Both are edits and can be undone.
 */
export function withRepair(derived: Derived, finding: Finding): Finding {
  if (finding.repairs.length > 0) return finding
  const repair = finding.severity === 'stop' ? takeOut(derived, finding) : accept(derived, finding)
  return repair ? { ...finding, repairs: [repair] } : finding
}

function takeOut({ routine, timeline }: Derived, { slotKeys }: Finding): Repair | null {
  const slot = timeline.slots.find((one) => one.key === slotKeys[0])
  const edits = slot ? removeSlot(routine, slot.slot.id) : null
  return edits && { code: 'drop-slot', params: {}, edits }
}

function accept({ routine }: Derived, { code, subject }: Finding): Repair {
  return {
    code: 'accept',
    params: {},
    edits: overrule(routine, freshId(routine, 'meant'), code, subject, MEANT),
  }
}
