import { setHeading } from '../../routine/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'
import type { Tick } from '../../time/index.ts'

/** What it finds, with the values of their sentences. */
export interface OtherMetreFindings {
  readonly 'sums.metre': { readonly sheet: number; readonly music: number; readonly tune: string }
}
type Found = FindingOf<OtherMetreFindings>

/** A sheet counted in other bars than its tune has. */
export function otherMetre({ routine, tune }: Derived): Found[] {
  if (!tune || tune.metre.beatsPerBar === routine.metre.beatsPerBar) return []
  const edits = setHeading(routine, 'metre', tune.metre)
  const params = {
    sheet: routine.metre.beatsPerBar,
    music: tune.metre.beatsPerBar,
    tune: tune.title,
  }
  return [
    {
      code: 'sums.metre',
      severity: 'mend',
      subject: routine.id,
      slotKeys: [],
      at: 0 as Tick,
      params,
      repairs: edits
        ? [{ code: 'take-metre', params: { beats: tune.metre.beatsPerBar }, edits }]
        : [],
    },
  ]
}
