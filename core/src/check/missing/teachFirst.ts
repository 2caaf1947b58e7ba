import { knownFigures } from '../../group/index.ts'
import { beatsOfTicks, type Tick } from '../../time/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface TeachFirstFindings {
  readonly 'missing.teach': {
    readonly figure: string
    readonly group: string
    readonly beyond: boolean
    readonly times: number
    readonly beats: number
    readonly level: string
    readonly reach: string
  }
}
type Found = FindingOf<TeachFirstFindings>

/** Figures that the group has not been taught, each once, where it comes first. */
export function teachFirst({ group, timeline }: Derived): Found[] {
  if (!group) return []
  const known = knownFigures(group)
  const danced = timeline.slots.filter(
    (slot) => slot.figure !== null && known.of(slot.figure) !== 'covered',
  )
  const first = danced.filter(
    (slot, i) => danced.findIndex((other) => other.figure!.id === slot.figure!.id) === i,
  )
  return first.map((slot): Found => {
    const figure = slot.figure!
    const times = danced.filter((other) => other.figure!.id === figure.id).length
    const params = {
      figure: figure.name,
      group: group.name,
      beyond: known.of(figure) === 'beyond',
      times,
      beats: beatsOfTicks(figure.lengthTicks as Tick),
      level: figure.level,
      reach: group.level,
    }
    return {
      code: 'missing.teach',
      severity: 'note',
      subject: figure.id,
      slotKeys: [slot.key],
      at: slot.start,
      params,
      repairs: [],
    }
  })
}
