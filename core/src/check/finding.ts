import type { Edit } from '../document/index.ts'
import type { Tick } from '../time/index.ts'

export type Severity = 'stop' | 'mend' | 'note'

/** Parameters of a sentence: plain values, so that a finding is JSON and any language can word it. */
export type Params = Readonly<Record<string, string | number | boolean | null | readonly number[] | readonly string[]>>

/** A change that mends a finding. Its label comes from the catalogue by code. */
export interface Repair {
  readonly code: RepairCode
  readonly params: Params
  readonly edits: readonly Edit[]
}

export type RepairCode = 'accept' | 'own-exit' | 'add-open' | 'add-figure' | 'drop-last' | 'replace' | 'end-in' | 'shorter-wording' | 'say-nothing' | 'set-length' | 'drop-slot' | 'drop-pass' | 'repeat-pass' | 'whole-figure'

export type FindingCode =
  | 'sums.phrase'
  | 'sums.music-short'
  | 'sums.music-over'
  | 'sums.across-phrase'
  | 'feet.not-free'
  | 'feet.unsure'
  | 'hold.mismatch'
  | 'facing.mismatch'
  | 'facing.hold'
  | 'voice.no-room'
  | 'voice.crowded'
  | 'missing.figure'
  | 'missing.length'
  | 'missing.wording'
  | 'missing.teach'
  | 'figure.cut'
  | 'figure.order'

/** Something a person should know, with the sum or chain that shows it. */
export interface Finding {
  readonly code: FindingCode
  readonly severity: Severity
  /** What it is about, stable while the sheet changes elsewhere: an overrule is kept by code and subject. */
  readonly subject: string
  /** Keys of the danced slots it concerns, the place to go to first. */
  readonly slotKeys: readonly string[]
  readonly at: Tick
  readonly params: Params
  readonly repairs: readonly Repair[]
}
