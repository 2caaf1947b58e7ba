import type { WordingKind } from '../figure/index.ts'
import type { CueMode } from '../school/index.ts'
import type { Slot } from '../routine/index.ts'
import type { Tick } from '../time/index.ts'

/** One way to say a cue slot. */
export interface Wording {
  readonly kind: WordingKind
  readonly text: string
  readonly words: number
  /** It says how much of the figure, or to where. */
  readonly hasAmount?: true
  /** So many words weigh what it leaves out of a heads-up that should not be. */
  readonly lacks?: number
  /** Words of the amount that is left out here and follows as a second cue. */
  readonly owes?: number
  /**
   * What follows its own name in the same breath: the cue slots after it, which are then said
   * already.
   */
  readonly joined?: readonly JoinedName[]
  /** Words of its own name, where others are joined to it. */
  readonly own?: number
}

/** A later name in a joined utterance. */
export interface JoinedName {
  readonly key: string
  readonly stepTick: Tick
  readonly wantedWords: number
  readonly words: number
}

/**
 * What an utterance is for: a slot's name; its amount as a second cue; words for one role, the one
 * that comes first or the other; the words of one step; or what has its place in a gap, an
 * announcement or "wait two bars".
 */
export type CuePurpose = 'cue' | 'amount' | 'first-role' | 'other-role' | 'step' | 'gap'

/**
 * What the planner knows of one thing that may be said: its step, since when it may be said, and in
 * which words.
 */
export interface CueSlot {
  /** Unique in the plan: the key of the danced slot, with what else it is for behind `#`. */
  readonly key: string
  /** The danced slot that it belongs to. */
  readonly slotKey: string
  readonly purpose: CuePurpose
  /**
   * What it tells beside the figures: what nobody can guess, said ahead of the words of steps; or
   * what is said before the first cue and after the last step. Left out for a figure's own words.
   */
  readonly tells?: 'news' | 'around'
  readonly mode: CueMode | 'gap'
  /**
   * The earliest event of the roles addressed, pick-up included; for an amount, where the short and
   * the full form part; for a gap, its end.
   */
  readonly stepTick: Tick
  /** Where the figure before begins; a cue does not start earlier. */
  readonly notBeforeTick: Tick
  /** Longest first. Empty when there is nothing to say. */
  readonly wordings: readonly Wording[]
  /**
   * Words of the wording that is wanted this time through, against which lost words and needless
   * ones are counted.
   */
  readonly wantedWords: number
  /** Which wording is wanted this time through; any where left out. */
  readonly wantedKind?: WordingKind
  /** Why there is nothing to say, where there is not. */
  readonly silence: 'on-purpose' | 'no-wording' | 'counts-only' | null
  /** The very same is danced just before it, so that both are one name, twice. */
  readonly repeats?: true
  readonly pin?: Slot['pin']
}

/** Whether it is what nobody can guess, said ahead of the words of steps. */
export const isNews = ({ tells }: Pick<CueSlot, 'tells'>): boolean => tells === 'news'

/** Whether it is said before the first cue or after the last step, not of a figure. */
export const isAroundTheDance = ({ tells }: Pick<CueSlot, 'tells'>): boolean => tells === 'around'
