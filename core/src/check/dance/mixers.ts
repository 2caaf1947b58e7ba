import { partnerAfter, passesUntilPartner } from '../../floor/index.ts'
import { rolesOf } from '../../routine/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface MixersFindings {
  readonly 'set.partner': {
    readonly couples: number
    readonly passes: number
    readonly apart: number
    readonly partner: number
    readonly every: number | null
    readonly relative: number
    readonly lead: string
    readonly follow: string
  }
}
type Found = FindingOf<MixersFindings>

/** A mixer that ends away from the first partner. It may well be meant so: a note. */
export function mixers({ routine, timeline, school }: Derived): Found[] {
  const shifts = timeline.passes.flatMap(({ pass }) => pass.shift ?? [])
  const { couples } = routine
  if (shifts.length === 0 || couples === undefined) return []
  const partner = partnerAfter(0, shifts, couples)
  if (partner === 0) return []
  const last = shifts.at(-1)!
  const more = passesUntilPartner(couples, last.lead - last.follow)
  const params = {
    couples,
    passes: shifts.length,
    apart: partner,
    partner: partner + 1,
    every: more,
    ...rolesOf(routine, school),
    relative: shifts.reduce((sum, one) => sum + one.lead - one.follow, 0),
  }
  return [
    {
      code: 'set.partner',
      severity: 'note',
      subject: routine.id,
      slotKeys: [],
      at: timeline.lengthTicks,
      params,
      repairs: [],
    },
  ]
}
