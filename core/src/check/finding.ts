import type { Edit } from '../document/index.ts'
import type { Tick } from '../time/index.ts'

export type Severity = 'stop' | 'mend' | 'note'

/**
 * Parameters of a sentence: plain values, so that a finding is JSON and any language can word it.
 */
export type Params = Readonly<
  Record<string, string | number | boolean | null | readonly number[] | readonly string[]>
>

/** A change that mends a finding. Its label comes from the catalogue by code. */
export interface Repair {
  readonly code: RepairCode
  readonly params: Params
  readonly edits: readonly Edit[]
}

export type RepairCode =
  | 'accept'
  | 'own-exit'
  | 'add-open'
  | 'add-figure'
  | 'add-link'
  | 'add-wait'
  | 'add-pass'
  | 'drop-last'
  | 'replace'
  | 'reflect-rest'
  | 'other-ending'
  | 'split'
  | 'from-the-line'
  | 'half-last'
  | 'end-in'
  | 'shorter-wording'
  | 'say-nothing'
  | 'say-instead'
  | 'set-length'
  | 'drop-slot'
  | 'drop-pass'
  | 'repeat-pass'
  | 'whole-figure'
  | 'untie'
  | 'fill-more'
  | 'fill-fewer'
  | 'not-rotated'
  | 'take-metre'
  | 'mark-hard'
  | 'hide-caution'
  | 'loosen-pin'
  | 'leave-unsaid'
  | 'words-only'

export type FindingCode =
  | 'sums.phrase'
  | 'sums.music-short'
  | 'sums.music-over'
  | 'sums.across-phrase'
  | 'sums.tie'
  | 'sums.fill'
  | 'sums.said'
  | 'sums.addition'
  | 'sums.versions'
  | 'sums.metre'
  | 'feet.not-free'
  | 'feet.unsure'
  | 'hold.mismatch'
  | 'facing.mismatch'
  | 'facing.hold'
  | 'facing.rotated'
  | 'facing.contradiction'
  | 'facing.said-other-way'
  | 'set.partner'
  | 'body.turns'
  | 'body.pace'
  | 'body.arms'
  | 'body.caution'
  | 'voice.no-room'
  | 'voice.crowded'
  | 'voice.sound-alike'
  | 'voice.over-called'
  | 'voice.pin'
  | 'voice.role'
  | 'voice.no-gap'
  | 'voice.early'
  | 'voice.late'
  | 'voice.breath'
  | 'voice.hard'
  | 'voice.numbers'
  | 'missing.figure'
  | 'missing.unknown'
  | 'missing.length'
  | 'missing.wording'
  | 'missing.teach'
  | 'missing.part'
  | 'missing.pass'
  | 'missing.section'
  | 'figure.cut'
  | 'figure.order'

/** Something a person should know, with the sum or chain that shows it. */
export interface Finding {
  readonly code: FindingCode
  readonly severity: Severity
  /**
   * What it is about, stable while the sheet changes elsewhere: an overrule is kept by code and
   * subject.
   */
  readonly subject: string
  /** Keys of the danced slots it concerns, the place to go to first. */
  readonly slotKeys: readonly string[]
  readonly at: Tick
  readonly params: Params
  readonly repairs: readonly Repair[]
}

/** Whether a finding asks for something: more than a note, and not overruled. */
export const isToMend = ({
  overruled,
  severity,
}: Pick<Finding, 'severity'> & { readonly overruled: string | null }): boolean =>
  overruled === null && severity !== 'note'
