import { replaceContent, type DancedSlot, type Routine } from '../../routine/index.ts'
import type { Repair } from '../finding.ts'
import { freshId } from '../freshId.ts'

/** Back to the figure's own end, where this slot has been given another. */
export function ownExit(routine: Routine, slot: DancedSlot): Repair[] {
  const { content } = slot.slot
  if (content.type !== 'figure' || content.variation.exitHold === null) return []
  const edits = replaceContent(
    slot,
    { ...content, variation: { ...content.variation, exitHold: null } },
    slot.changed ? 'pass' : 'part',
    () => freshId(routine, slot.slot.id),
  )
  return [{ code: 'own-exit', params: { figure: slot.figure!.name }, edits }]
}
