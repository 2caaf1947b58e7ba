import type { Tick } from '../time/index.ts'
import type { Change } from './routine.ts'

/** What settles all that a routine leaves open. A call changes choices, never the sheet. */
export interface Choices {
  /** Length of an open slot, by the slot's id. */
  readonly lengths: Readonly<Record<string, Tick>>
  /** How often a fill is danced, by the pass's id. */
  readonly fills: Readonly<Record<string, number>>
  /** What is danced otherwise tonight, by the pass's id, on top of the pass's own changes. */
  readonly tonight: Readonly<Record<string, readonly Change[]>>
}

export const NO_CHOICES: Choices = { lengths: {}, fills: {}, tonight: {} }
