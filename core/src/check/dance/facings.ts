import type { DirectionFrame } from '../../figure/index.ts'
import { relationFits } from '../../figure/index.ts'
import { turnTo, type Facing } from '../../move/index.ts'
import { frameOf, replaceContent, type DancedSlot } from '../../routine/index.ts'
import { aboutSlot, isOfLines } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { freshId } from '../freshId.ts'

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
 * stand as they should.
 */
export function facings(derived: Derived): Found[] {
  return derived.timeline.slots.flatMap((slot) =>
    slot.figure && slot.danced && !isOfLines(derived, slot)
      ? [...begunOff(derived, slot), ...endedApart(derived, slot)]
      : [],
  )
}

function begunOff({ routine }: Derived, slot: DancedSlot): Found[] {
  const { facings: wanted } = slot.figure!.entry
  const facing = slot.before.lead.facing
  if (wanted.length === 0 || wanted.includes(facing)) return []
  const params = {
    figure: slot.figure!.name,
    facing,
    wanted: wanted[0]!,
    turn: turnTo(facing, wanted[0]! as Facing),
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

function endedApart(derived: Derived, slot: DancedSlot): Found[] {
  if (!relationFits(slot.before) || relationFits(slot.after)) return []
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
      repairs: ownExit(derived, slot),
    },
  ]
}

/** Back to the figure's own end, where this slot has been given another. */
function ownExit({ routine }: Derived, slot: DancedSlot): Repair[] {
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
