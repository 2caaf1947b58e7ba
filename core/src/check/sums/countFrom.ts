import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface CountFromFindings {
  readonly 'sums.count-from': {
    readonly later: readonly string[]
    readonly count: number
    readonly first: readonly string[]
  }
}
type Found = FindingOf<CountFromFindings>

/** Figures that begin on count one beside others that begin on a later count of the bar. */
export function countFrom({ timeline, routine }: Derived): Found[] {
  const danced = timeline.slots.filter(({ figure }) => figure !== null)
  const begins = ({ figure }: (typeof danced)[number]): number => figure!.countFrom ?? 1
  const later = danced.filter((slot) => begins(slot) > 1)
  const first = danced.filter((slot) => begins(slot) === 1)
  if (later.length === 0 || first.length === 0) return []
  const fewer = later.length <= first.length ? later : first
  const names = (slots: typeof danced): string[] => [
    ...new Set(slots.map(({ figure }) => figure!.name)),
  ]
  return [
    {
      code: 'sums.count-from',
      severity: 'note',
      subject: routine.id,
      slotKeys: [fewer[0]!.key],
      at: fewer[0]!.start,
      params: { later: names(later), count: begins(later[0]!), first: names(first) },
      repairs: [],
    },
  ]
}
