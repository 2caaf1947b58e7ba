import type { CoupleState, DirectionFrame } from '../../figure/index.ts'
import { beginning, holdOf, relationFits } from '../../figure/index.ts'
import { turnTo, type Facing } from '../../move/index.ts'
import { frameOf, type DancedSlot } from '../../routine/index.ts'
import { aboutSlot, isOfLines } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'
import { ownExit } from './ownExit.ts'

/** What it finds, with the values of their sentences. */
export interface FacingsFindings {
  readonly 'facing.mismatch': {
    readonly figure: string
    readonly facing: Facing
    readonly wanted: number
    readonly turn: number
    readonly frame: DirectionFrame
  }
  readonly 'facing.hold': {
    readonly figure: string
    readonly hold: string
    readonly lead: Facing
    readonly follow: Facing
    readonly frame: DirectionFrame
  }
}
type Found = FindingOf<FacingsFindings>

/**
 * Figures begun facing another way than they are meant to, and holds in which the two would not
 * stand as they should. What follows from one that was told is not told again.
 */
export function facings(derived: Derived): Found[] {
  const told: Told = { turn: 0, isApart: false }
  return derived.timeline.slots.flatMap((slot, i) => {
    if (!slot.figure || !slot.danced || isOfLines(derived, slot)) return []
    if (i === 0) told.isApart = !relationFits(slot.before)
    return [...begunOff(derived, slot, told), ...endedApart(derived, slot, told)]
  })
}

/** What has been told so far: how far all is turned, and that the two do not stand as they hold. */
interface Told {
  turn: number
  isApart: boolean
}

/** How they stand when the figure begins, as far as their holds bring them there. */
const begun = ({ before, danced }: DancedSlot): CoupleState => beginning(before, danced!).state

function begunOff({ routine }: Derived, slot: DancedSlot, told: Told): Found[] {
  const { facings: wanted } = slot.figure!.entry
  if (wanted.length === 0) return []
  const { facing } = begun(slot).lead
  const turns = wanted.map((one) => turnTo(facing, one as Facing))
  const isTold = turns.includes(told.turn)
  if (!isTold) told.turn = turns.includes(0) ? 0 : turns[0]!
  if (isTold || told.turn === 0) return []
  const params = {
    figure: slot.figure!.name,
    facing,
    wanted: wanted[0]!,
    turn: told.turn,
    frame: frameOf(routine),
  }
  return [
    {
      ...aboutSlot(slot),
      code: 'facing.mismatch',
      severity: slot.figure!.entry.strictness.facings === 'hard' ? 'mend' : 'note',
      params,
      repairs: [],
    },
  ]
}

function endedApart(derived: Derived, slot: DancedSlot, told: Told): Found[] {
  const wasApart = told.isApart
  // A hold in which one may stand either way tells nothing.
  if (typeof holdOf(slot.after.hold)?.relation === 'number')
    told.isApart = !relationFits(slot.after)
  if (wasApart || !told.isApart) return []
  const params = {
    figure: slot.figure!.name,
    hold: slot.after.hold,
    lead: slot.after.lead.facing,
    follow: slot.after.follow.facing,
    frame: frameOf(derived.routine),
  }
  return [
    {
      ...aboutSlot(slot),
      code: 'facing.hold',
      severity: 'mend',
      params,
      repairs: ownExit(derived.routine, slot),
    },
  ]
}
