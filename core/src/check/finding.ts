import type { Edit } from '../document/index.ts'
import type { Tick } from '../time/index.ts'
import type { RepairCode, RepairParams } from './repairParams.ts'

export type Severity = 'stop' | 'mend' | 'note'

export type RepairWords = {
  readonly [Code in RepairCode]: { readonly code: Code; readonly params: RepairParams[Code] }
}[RepairCode]

/** A change that mends a finding. Its label comes from the catalogue by code. */
export type Repair = RepairWords & { readonly edits: readonly Edit[] }

/**
 * Something a person should know, with the sum or chain that shows it: one of the codes that
 * `Params` names, with the values of its sentences.
 */
export type FindingOf<Params> = {
  readonly [Code in keyof Params]: FindingPlace & {
    readonly code: Code
    readonly params: Params[Code]
    readonly repairs: readonly Repair[]
  }
}[keyof Params]

export interface FindingPlace {
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

const ORDER: Readonly<Record<Severity, number>> = { stop: 0, mend: 1, note: 2 }
/** The severity of the worst finding of each slot, by the slot's key. */
export function worstOfSlots(
  findings: readonly Pick<FindingPlace, 'severity' | 'slotKeys'>[],
): ReadonlyMap<string, Severity> {
  const worst = new Map<string, Severity>()
  for (const { slotKeys, severity } of findings)
    for (const key of slotKeys)
      if (!worst.has(key) || ORDER[severity] < ORDER[worst.get(key)!]) worst.set(key, severity)
  return worst
}

/** Whether a finding asks for something: more than a note, and not overruled. */
export const isToMend = ({
  overruled,
  severity,
}: Pick<FindingPlace, 'severity'> & { readonly overruled: string | null }): boolean =>
  overruled === null && severity !== 'note'
