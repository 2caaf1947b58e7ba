import { entryHolds, holdFits, relationFits } from '../../figure/index.ts'
import { replaceContent, type DancedSlot } from '../../routine/index.ts'
import { isOfLines } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import { replacements } from './feet.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { freshId } from '../freshId.ts'

/** What it finds, with the values of their sentences. */
export interface HoldsFindings {
  readonly 'hold.mismatch': {
    readonly figure: string
    readonly hold: string
    readonly wanted: readonly string[]
    readonly previous: string | null
  }
}
type Found = FindingOf<HoldsFindings>

/** Holds in which a figure cannot begin. */
export function holds(derived: Derived): Found[] {
  const { slots } = derived.timeline
  return slots.flatMap((slot, i): Found[] => {
    if (!slot.danced || !slot.figure || holdFits(slot.before, slot.danced)) return []
    if (isOfLines(derived, slot)) return []
    const hard = slot.figure.entry.strictness.holds === 'hard'
    const previous = slots[i - 1]
    return [
      {
        code: 'hold.mismatch',
        severity: hard ? 'mend' : 'note',
        subject: slot.slot.id,
        slotKeys: [slot.key],
        at: slot.start,
        params: {
          figure: slot.figure.name,
          hold: slot.before.hold,
          wanted: [...entryHolds(slot.danced)],
          previous: previous?.figure?.name ?? null,
        },
        repairs: derived.isTrial
          ? []
          : [...endIn(derived, previous, slot), ...replacements(derived, i)],
      },
    ]
  })
}

/** Ending the figure before in a hold that this one takes, where the two already stand that way. */
function endIn({ routine }: Derived, previous: DancedSlot | undefined, slot: DancedSlot): Repair[] {
  if (!previous?.danced || previous.slot.content.type !== 'figure') return []
  const { content } = previous.slot
  const facingAlready = entryHolds(slot.danced!).find((hold) => stands(slot, hold))
  if (!facingAlready) return []
  const to = { ...content, variation: { ...content.variation, exitHold: facingAlready } }
  const edits = replaceContent(previous, to, previous.changed ? 'pass' : 'part', () =>
    freshId(routine, previous.slot.id),
  )
  return [{ code: 'end-in', params: { figure: previous.figure!.name, hold: facingAlready }, edits }]
}

const stands = (slot: DancedSlot, hold: string): boolean => relationFits({ ...slot.before, hold })
