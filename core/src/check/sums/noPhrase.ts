import { ticksPerBar } from '../../time/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'
import { passSums } from './passSums.ts'

/** What it finds, with the values of their sentences. */
export interface NoPhraseFindings {
  readonly 'sums.no-phrase': {
    readonly part: string
    readonly bars: number
    /** Bars that its slots take, one after the other. */
    readonly terms: readonly number[]
  }
}
type Found = FindingOf<NoPhraseFindings>

/** Bars of which most music is made, and up to which a part is none of its verses. */
const FOUR = 4
const SHORT = 8

/**
 * Parts of whole bars that are no whole number of fours, where neither a phrase nor music is there
 * to hold them to. It may be meant so, or a figure was left out.
 */
export function noPhrase(derived: Derived): Found[] {
  const { timeline, routine } = derived
  const bar = ticksPerBar(routine.metre)
  const seen = new Set<string>()
  return passSums(derived).flatMap(({ to, deviation }, i): Found[] => {
    const { part, pass, slots, start, end } = timeline.passes[i]!
    const isWhole = pass.kind === 'pass' && !pass.stretch && pass.changes.length === 0
    const bars = (end - start) / bar
    if (to !== 'bar' || deviation !== 0 || !isWhole || seen.has(part.id)) return []
    if (bars < SHORT || bars % FOUR === 0 || slots.some(({ open }) => open)) return []
    seen.add(part.id)
    return [
      {
        code: 'sums.no-phrase',
        severity: 'note',
        subject: part.id,
        slotKeys: slots.slice(-1).map(({ key }) => key),
        at: start,
        params: {
          part: part.label,
          bars,
          terms: slots.map(({ lengthTicks }) => Math.round((lengthTicks / bar) * 100) / 100),
        },
        repairs: [],
      },
    ]
  })
}
