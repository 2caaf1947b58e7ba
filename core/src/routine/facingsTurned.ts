import { memoised } from '../document/index.ts'
import { wrapFacing, type Facing } from '../move/index.ts'
import type { DancedPass, DancedSlot } from './timeline.ts'

/** A time through that is just made; how often its part comes in all is filled in at the end. */
export type TimeThrough = Omit<DancedPass, 'ordinals'> & { ordinals: number }

/** Times through with how far round each slot faces from where it faced first. */
export function facingsTurned(passes: readonly TimeThrough[]): readonly TimeThrough[] {
  const first = new Map<string, Facing>()
  return passes.map((pass) => {
    if (pass.pass.reflected) return pass
    let isTurned = false
    const by = facingsIn(pass.slots).map(([id, now]) => {
      const begun = first.get(id)
      if (begun === undefined) first.set(id, now)
      const eighths = begun === undefined ? 0 : wrapFacing(now - begun)
      isTurned ||= eighths !== 0
      return eighths as Facing
    })
    return isTurned ? { ...pass, slots: turnedSlots(pass.slots, by) } : pass
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

const facingsIn = memoised((slots: readonly DancedSlot[]) =>
  slots.map(({ slot, before }): readonly [string, Facing] => [slot.id, before.lead.facing]),
)
