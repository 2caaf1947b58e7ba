import { freeTimes } from '../time/index.ts'
import type { Sheet } from './derive.ts'

/**
 * Keys of the slots whose cue waits for a hand, because nobody knows beforehand when their step comes: where the beats
 * come back after free time, and what follows a fill that goes on until it is released.
 */
export function releasedByHand({ beatMap, firstStep, timeline }: Pick<Sheet, 'beatMap' | 'firstStep' | 'timeline'>): ReadonlySet<string> {
  const free = new Set(freeTimes(beatMap).map(({ at }) => at - firstStep))
  const keys = new Set(timeline.slots.filter(({ start }) => free.has(start)).map(({ key }) => key))
  timeline.passes.forEach((pass, i) => {
    const before = timeline.passes[i - 1]
    if (before && before.pass !== pass.pass && before.pass.fill?.until === 'released' && pass.slots[0]) keys.add(pass.slots[0].key)
  })
  return keys
}
