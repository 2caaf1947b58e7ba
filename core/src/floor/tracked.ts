import type { Line, LinesDanced, Places, Standing } from '../move/index.ts'

/** One slot on the floor: where everybody stands before and after it, and the ways between. */
export interface TrackedSlot {
  readonly before: Standing
  readonly after: Standing
  readonly lines: readonly Line[]
  readonly danced: LinesDanced
  /** Nothing says who moves where in it, so that the places are open from here. */
  readonly isOpen: boolean
  /** Places that a stated net names and the formation does not have. */
  readonly unknownPlaces: readonly string[]
}
/** One time through: where it began and ended, before the set went on. */
export interface TrackedPass {
  readonly key: string
  readonly before: Standing
  /** As its last step ends, before the progression. */
  readonly danced: Standing
  readonly after: Standing
}
/** A dance on the floor. */
export interface Track {
  readonly places: Places
  readonly first: Standing
  readonly slots: ReadonlyMap<string, TrackedSlot>
  readonly passes: readonly TrackedPass[]
  readonly last: Standing
}

/** A time through without what its end brings. */
export interface PassDanced {
  readonly slots: readonly TrackedSlot[]
  readonly end: Standing
  /** Dancers by their points, in one order for all who stand in the same shape. */
  readonly order: readonly number[]
}
