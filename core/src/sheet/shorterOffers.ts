import { applyEdits, type Edit } from '../document/index.ts'
import { WORDING_KINDS } from '../figure/index.ts'
import { routineShape, setSlotField } from '../routine/index.ts'
import { deriveSheet, type Sheet } from './derive.ts'
import { tempoWindow } from './tempoWindow.ts'

/**
 * A shorter wording for the cue that is the first not to fit at a higher tempo, and how far it
 * carries.
 */
export interface ShorterOffer {
  readonly text: string
  /** Up to this tempo it can then be called as it stands; null up to one and a half times. */
  readonly fastestBpm: number | null
  readonly edits: readonly Edit[]
}

/**
 * What to shorten so that a sheet can be called faster: the first cue that breaks, said in each
 * shorter way that helps.
 */
export function shorterOffers(sheet: Sheet): ShorterOffer[] {
  const { fastestBpm, firstToBreak } = tempoWindow(sheet)
  const slot = sheet.timeline.slots.find(({ key }) => key === firstToBreak?.slotKey)?.slot
  const planned = sheet.plan.planned.find((one) => one.slot.slotKey === firstToBreak?.slotKey)
  if (!slot || !planned?.said || fastestBpm === null) return []
  const { said } = planned
  return WORDING_KINDS.flatMap((wording): ShorterOffer[] => {
    const text = planned.slot.wordings.find(
      (one) => one.kind === wording && !one.joined && !one.owes,
    )
    if (!text || text.words >= said.wording.words) return []
    const edits = setSlotField(slot, 'pin', { ...slot.pin, wording })
    const changed = edits && applyEdits(routineShape, sheet.routine, edits)
    if (!changed?.ok) return []
    const { book, school, voice, tune, group, known, hallSeconds } = sheet
    const { fastestBpm: then } = tempoWindow(
      deriveSheet({ routine: changed.value, book, school, voice, tune, group, known, hallSeconds }),
    )
    return then === null || then > fastestBpm
      ? [{ text: text.text, fastestBpm: then, edits: edits! }]
      : []
  })
}
