import type { SheetHands } from './hands.ts'
import { slotMarks } from './slotMarks.ts'
import { slotPlacing } from './slotPlacing.ts'
import { slotVariation } from './slotVariation.ts'

/** What is done to one figure of a sheet, each named for undo; the selection moves along. */
export const slotEdits = (hands: SheetHands) => ({
  ...slotPlacing(hands),
  ...slotVariation(hands),
  ...slotMarks(hands),
})
