import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface CountFromFindings {
  readonly 'sums.count-from': {
    readonly later: readonly string[]
    readonly count: number
    readonly first: readonly string[]
    /** The count that `first` begin on. */
    readonly from: number
  }
}
type Found = FindingOf<CountFromFindings>

/** Figures that begin on the count of the sheet beside others that begin on another. */
export function countFrom({ timeline, routine, school }: Derived): Found[] {
  const danced = timeline.slots.filter(({ figure }) => figure !== null)
  const from = school.count.countFrom
  const begins = ({ figure }: (typeof danced)[number]): number => figure!.countFrom ?? from
  const later = danced.filter((slot) => begins(slot) !== from)
  const first = danced.filter((slot) => begins(slot) === from)
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
      params: { later: names(later), count: begins(later[0]!), first: names(first), from },
      repairs: [],
    },
  ]
}
