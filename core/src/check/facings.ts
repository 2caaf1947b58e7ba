import { relationFits, turnTo, type Facing } from '../figure/index.ts'
import type { Derived } from './derived.ts'
import type { Finding } from './finding.ts'

/** Figures begun facing another way than they are meant to, and holds in which the two would not stand as they should. */
export function facings({ timeline }: Derived): Finding[] {
  return timeline.slots.flatMap((slot): Finding[] => {
    if (!slot.figure || !slot.danced) return []
    const { facings: wanted } = slot.figure.entry
    const facing = slot.before.lead.facing
    const about = { subject: slot.slot.id, slotKeys: [slot.key], at: slot.start, repairs: [] }
    const off: Finding[] =
      wanted.length > 0 && !wanted.includes(facing) ? [{ ...about, code: 'facing.mismatch', severity: 'note', params: { figure: slot.figure.name, facing, wanted: wanted[0]!, turn: turnTo(facing, wanted[0]! as Facing) } }] : []
    const apart: Finding[] =
      relationFits(slot.before) && !relationFits(slot.after)
        ? [{ ...about, code: 'facing.hold', severity: 'mend', params: { figure: slot.figure.name, hold: slot.after.hold, lead: slot.after.lead.facing, follow: slot.after.follow.facing } }]
        : []
    return [...off, ...apart]
  })
}
