import type { DancedSlot } from '../routine/index.ts'
import type { Finding } from './finding.ts'

/** Where a finding that concerns one danced slot stands. */
export const aboutSlot = (slot: DancedSlot): Pick<Finding, 'subject' | 'slotKeys' | 'at'> => ({ subject: slot.slot.id, slotKeys: [slot.key], at: slot.start })

/** What a slot is called in a sentence. */
export const slotName = ({ figure, slot }: Pick<DancedSlot, 'figure' | 'slot'>): string => figure?.name ?? (slot.content.type === 'words' ? slot.content.text : '')
