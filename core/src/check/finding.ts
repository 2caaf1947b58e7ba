import type { Edit } from '../document/index.ts'
import type { Tick } from '../time/index.ts'
import type { FindingCode, FindingParams, RepairCode, RepairParams } from './findingParams.ts'

export type Severity = 'stop' | 'mend' | 'note'

/** A code with the values that belong to it: what a sentence is made of. */
export type FindingWords = {
  readonly [Code in FindingCode]: { readonly code: Code; readonly params: FindingParams[Code] }
}[FindingCode]
export type RepairWords = {
  readonly [Code in RepairCode]: { readonly code: Code; readonly params: RepairParams[Code] }
}[RepairCode]

/** A change that mends a finding. Its label comes from the catalogue by code. */
export type Repair = RepairWords & { readonly edits: readonly Edit[] }

/** Something a person should know, with the sum or chain that shows it. */
export type Finding = FindingWords & Place & { readonly repairs: readonly Repair[] }

interface Place {
  readonly severity: Severity
  /**
   * What it is about, stable while the sheet changes elsewhere: an overrule is kept by code and
   * subject.
   */
  readonly subject: string
  /** Keys of the danced slots it concerns, the place to go to first. */
  readonly slotKeys: readonly string[]
  readonly at: Tick
}

/** Whether a finding asks for something: more than a note, and not overruled. */
export const isToMend = ({
  overruled,
  severity,
}: Pick<Finding, 'severity'> & { readonly overruled: string | null }): boolean =>
  overruled === null && severity !== 'note'

export type { FindingCode, FindingParams, RepairCode }
