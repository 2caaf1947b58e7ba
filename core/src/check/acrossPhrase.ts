import { phrasing } from '../routine/index.ts'
import { beatsOfTicks, type Tick } from '../time/index.ts'
import type { Derived } from './derived.ts'
import type { Finding } from './finding.ts'

/** Figures that lie over a phrase line, in passes that begin on one. In an offset pass the offset itself is the finding. */
export function acrossPhrase(derived: Derived): Finding[] {
  const lines = derived.phrases.map((phrase) => phrase.end)
  const lies = phrasing(derived.timeline.passes, derived.phrases)
  return derived.timeline.passes.flatMap((pass, i) => {
    if (lies[i]?.offsetBefore !== 0) return []
    return pass.slots.flatMap((slot): Finding[] => {
      const line = lines.find((end) => end > slot.start && end < slot.end)
      if (line === undefined || !slot.figure) return []
      const params = { figure: slot.figure.name, before: beatsOfTicks((line - slot.start) as Tick), after: beatsOfTicks((slot.end - line) as Tick), total: beatsOfTicks(slot.lengthTicks) }
      return [{ code: 'sums.across-phrase', severity: 'note', subject: slot.slot.id, slotKeys: [slot.key], at: slot.start, params, repairs: [] }]
    })
  })
}
