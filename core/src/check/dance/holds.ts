import { beginning, entryHolds, relationFits } from '../../figure/index.ts'
import { replaceContent, type DancedSlot } from '../../routine/index.ts'
import { isOfLines } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import { replacements } from './feet.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { freshId } from '../freshId.ts'
import { ownExit } from './ownExit.ts'

/** What it finds, with the values of their sentences. */
export interface HoldsFindings {
  readonly 'hold.mismatch': {
    readonly figure: string
    readonly hold: string
    readonly wanted: readonly string[]
    readonly previous: string | null
    /** Whether they turn into the hold as they move, so that nothing has to be done for it. */
    readonly isTurnedInto: boolean
  }
}
type Found = FindingOf<HoldsFindings>

/** Holds in which a figure cannot begin. */
export function holds(derived: Derived): Found[] {
  const { slots } = derived.timeline
  return slots.flatMap((slot, i): Found[] => {
    if (!slot.danced || !slot.figure) return []
    const { takes } = beginning(slot.before, slot.danced)
    if (takes === 'fits' || isOfLines(derived, slot)) return []
    // Words between change no hold.
    const previous = slots.slice(0, i).findLast(({ danced }) => danced)
    const isOnTheWay = takes === 'turned' || (takes === 'taken' && !isToldToLetGo(previous))
    const hard = !isOnTheWay && slot.figure.entry.strictness.holds === 'hard'
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
          isTurnedInto: takes === 'turned',
        },
        repairs: derived.isTrial
          ? []
          : [
              ...(previous && endsHeld(previous) ? ownExit(derived.routine, previous) : []),
              ...endIn(derived, previous, slot),
              ...replacements(derived, i),
            ],
      },
    ]
  })
}

/**
 * Whether the figure before was told to end without hands; there was none before, and the dance
 * begins so, likewise. Where a figure lets go as it is written, its dancers take hands by habit.
 */
const isToldToLetGo = (before: DancedSlot | undefined): boolean =>
  !before?.danced || before.danced.variation.exitHold === 'none'

/** Whether a figure ends with hands given, as it is written. */
const endsHeld = ({ figure }: DancedSlot): boolean =>
  (figure?.exitHold ?? figure?.holdChanges?.at(-1)?.hold) !== 'none'

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
