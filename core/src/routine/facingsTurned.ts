import { memoised } from '../document/index.ts'
import { wrapFacing, type Facing } from '../move/index.ts'
import type { DancedPass, DancedSlot } from './timeline.ts'

type TimeThrough = Omit<DancedPass, 'ordinals'>

/** Times through with how far round each slot faces from where it faced first. */
export function facingsTurned(passes: readonly TimeThrough[]): readonly TimeThrough[] {
  const first = new Map<string, Facing>()
  return passes.map((pass) => {
    if (pass.pass.reflected) return pass
    const by = pass.slots.map(({ slot, before }) => {
      const now = before.lead.facing
      if (!first.has(slot.id)) first.set(slot.id, now)
      return wrapFacing(now - first.get(slot.id)!)
    })
    return by.some((one) => one !== 0) ? { ...pass, slots: turnedSlots(pass.slots, by) } : pass
  })
}

/** The same slots as far round keep their identity. */
function turnedSlots(slots: readonly DancedSlot[], by: readonly Facing[]): readonly DancedSlot[] {
  const known = turnedBefore(slots)
  const key = by.join('')
  const before = known.get(key)
  if (before) return before
  const now = slots.map((slot, i) => ({ ...slot, turnedBy: by[i]! }))
  known.set(key, now)
  return now
}
const turnedBefore = memoised(
  (_: readonly DancedSlot[]): Map<string, readonly DancedSlot[]> => new Map(),
)
