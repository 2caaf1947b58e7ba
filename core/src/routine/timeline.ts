import type { Problem } from '../document/index.ts'
import type { CoupleState, DancedFigure, Figure, StepTrouble } from '../figure/index.ts'
import type { Facing } from '../move/index.ts'
import type { Tick } from '../time/index.ts'
import type { Part, Pass, Slot } from './routine.ts'

/**
 * One slot of one time through one pass, where it lies and what it does. Ticks count from the first
 * danced step.
 */
export interface DancedSlot {
  /** Unique on the timeline: pass, time through, slot. */
  readonly key: string
  readonly passId: string
  readonly partId: string
  /**
   * The slot as it is danced here; the id is the part's slot, or the change's where the pass
   * differs.
   */
  readonly slot: Slot
  /** Whether this pass changed the slot. */
  readonly changed: boolean
  /** Whether this time through is mirrored: what is written of the slot then is for the other side. */
  readonly mirrored: boolean
  /**
   * Eighths by which all face further round than when the slot is first danced; what its words say
   * of facings then goes round too. 0 where it is mirrored.
   */
  readonly turnedBy: Facing
  /** Null for plain words and for a figure the book does not hold. */
  readonly figure: Figure | null
  readonly danced: DancedFigure | null
  /** Why the variation cannot be danced, where it cannot. */
  readonly problem: Problem | null
  readonly start: Tick
  readonly lengthTicks: Tick
  readonly end: Tick
  /** The length is not settled: it is counted as its least, or nothing, and said to be open. */
  readonly open: boolean
  /** Who began as lead dances the follow's part here. */
  readonly swapped: boolean
  readonly before: CoupleState
  readonly after: CoupleState
  readonly troubles: readonly StepTrouble[]
}

/** One time through a part. */
export interface DancedPass {
  readonly key: string
  readonly pass: Pass
  readonly part: Part
  /** Which time within the pass, from 0, of `pass.times`. */
  readonly repetition: number
  /** Which time this part is danced in the whole routine, from 1, and how often in all. */
  readonly ordinal: number
  readonly ordinals: number
  readonly start: Tick
  readonly end: Tick
  /** Something before it has no settled length, so that it may start later than this. */
  readonly startIsOpen: boolean
  /**
   * Where its tie to the music lies; null when it is tied to nothing, or to what the music does not
   * have.
   */
  readonly tiedAt: Tick | null
  /**
   * For a fill: what was to be filled and what its whole units leave over; null where that is open.
   */
  readonly filled: { readonly gapTicks: Tick; readonly leftTicks: number } | null
  readonly slots: readonly DancedSlot[]
}

export interface Timeline {
  readonly passes: readonly DancedPass[]
  readonly slots: readonly DancedSlot[]
  readonly lengthTicks: Tick
  /** Where an open length first makes later positions uncertain; null when all is settled. */
  readonly openFrom: Tick | null
}
