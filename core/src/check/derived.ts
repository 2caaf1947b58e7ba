import type { Plan, Voice } from '../cue/index.ts'
import type { HeardClock } from '../cue/index.ts'
import type { FigureBook } from '../figure/index.ts'
import type { Track } from '../floor/index.ts'
import type { Group } from '../group/index.ts'
import type { MusicLayout, Routine, Timeline } from '../routine/index.ts'
import type { School } from '../school/index.ts'
import type { BeatMap, PhraseSpan, Tick } from '../time/index.ts'
import type { Tune } from '../tune/index.ts'

/**
 * All that is computed from a sheet before it is checked. Checks read it and never compute a stage
 * again.
 */
export interface Derived {
  readonly routine: Routine
  readonly book: FigureBook
  readonly school: School
  readonly voice: Voice
  readonly tune: Tune | null
  /** Who will dance it, where that is chosen. */
  readonly group: Group | null
  readonly beatMap: BeatMap
  readonly clock: HeardClock
  readonly timeline: Timeline
  /** The tune's phrases, sections and landmarks in danced ticks; empty without one. */
  readonly music: MusicLayout
  /** Who stands where, slot by slot; null where the formation has no places. */
  readonly track: Track | null
  readonly plan: Plan
  /** Seconds that echo or a noisy floor add to every lead. */
  readonly hallSeconds: number
  /**
   * The music's phrases on the danced timeline (tick 0 = first step); usual ones where no tune is
   * chosen.
   */
  readonly phrases: readonly PhraseSpan[]
  /** Where the counted music ends on the danced timeline; null without a tune. */
  readonly musicEnd: Tick | null
  /** Only tried: what is found is counted, and needs no repairs of its own. */
  readonly isTrial?: true
}

export type Check<Found> = (derived: Derived) => readonly Found[]
