import { memoised } from '../document/index.ts'
import { mirroredName } from '../figure/index.ts'
import type { DancedSlot, Timeline } from '../routine/index.ts'
import type { Derived } from './derived.ts'
import type { FindingPlace } from './finding.ts'

/** Where a finding that concerns one danced slot stands. */
export const aboutSlot = (slot: DancedSlot): Pick<FindingPlace, 'subject' | 'slotKeys' | 'at'> => ({
  subject: slot.slot.id,
  slotKeys: [slot.key],
  at: slot.start,
})

/** Whether who stands where is said by lines: one couple's facings and hands are then nobody's. */
export const isOfLines = ({ track }: Pick<Derived, 'track'>, { key }: DancedSlot): boolean =>
  (track?.slots.get(key)?.lines.length ?? 0) > 0

/** What a slot is called in a sentence. */
export function slotName({
  figure,
  slot: { content },
}: Pick<DancedSlot, 'figure' | 'slot'>): string {
  if (content.type === 'words') return content.text
  const name = content.called ?? figure?.name ?? ''
  return (content.variation.reflected && mirroredName(name)) || name
}

/** Every check of a timeline asks for the same. */
const byKey = memoised(
  (slots: readonly DancedSlot[]): ReadonlyMap<string, DancedSlot> =>
    new Map(slots.map((slot) => [slot.key, slot])),
)
/** The danced slots of a timeline by their keys, as a plan names them. */
export const slotsByKey = ({ slots }: Pick<Timeline, 'slots'>): ReadonlyMap<string, DancedSlot> =>
  byKey(slots)

/**
 * Slots of which nobody knows yet when they begin, because how long something before them takes is
 * open: what can be said in time for them is not known either.
 */
export const placedOpenly = memoised((timeline: Timeline): ReadonlySet<string> => {
  const keys = new Set<string>()
  for (const pass of timeline.passes) {
    let isOpen = pass.startIsOpen
    for (const slot of pass.slots) {
      if (isOpen) keys.add(slot.key)
      isOpen ||= slot.open
    }
  }
  return keys
})
