import type { Pass } from './routine.ts'

/** What dancers call a few counts between two times through, in English and German. */
const BETWEEN = /^(?:tag|bridge|brücke|zwischenspiel)(?: ?\d+)?$/iu

/**
 * What a time through a part is, where nothing else is said of it: a part called “Tag” or “Bridge”
 * comes in between, and needs no whole phrase.
 */
export const usualKind = (label: string): Pass['kind'] =>
  BETWEEN.test(label.trim()) ? 'bridge' : 'pass'
