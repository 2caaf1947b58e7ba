import { knownFigures } from '../group/index.ts'
import { beatsOfTicks, type Tick } from '../time/index.ts'
import type { Derived } from './derived.ts'
import type { Finding } from './finding.ts'

/** Figures that the group has not been taught, each once, where it comes first. */
export function teachFirst({ group, timeline }: Derived): Finding[] {
  if (!group) return []
  const known = knownFigures(group)
  const danced = timeline.slots.filter(
    (slot) => slot.figure !== null && known.of(slot.figure) !== 'covered',
  )
  const first = danced.filter(
    (slot, i) => danced.findIndex((other) => other.figure!.id === slot.figure!.id) === i,
  )
  return first.map((slot): Finding => {
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
