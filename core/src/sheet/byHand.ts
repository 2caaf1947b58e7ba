import { NO_CHOICES, type Choices, type Routine } from '../routine/index.ts'
import { freeTimes } from '../time/index.ts'
import type { Sheet } from './derive.ts'

/**
 * Keys of the slots whose cue waits for a hand, because nobody knows beforehand when their step
 * comes: where the beats come back after free time, and what follows a fill that goes on until it
 * is released.
 */
export function releasedByHand({
  beatMap,
  firstStep,
  timeline,
}: Pick<Sheet, 'beatMap' | 'firstStep' | 'timeline'>): ReadonlySet<string> {
  const keys = new Set(afterFreeTime({ beatMap, firstStep, timeline }))
  timeline.passes.forEach((pass, i) => {
    const before = timeline.passes[i - 1]
    if (
      before &&
      before.pass !== pass.pass &&
      before.pass.fill?.until === 'released' &&
      pass.slots[0]
    )
      keys.add(pass.slots[0].key)
  })
  return keys
}

/** Keys of the slots that begin where the beats come back after free time. */
export function afterFreeTime({
  beatMap,
  firstStep,
  timeline,
}: Pick<Sheet, 'beatMap' | 'firstStep' | 'timeline'>): ReadonlySet<string> {
  const free = new Set(freeTimes(beatMap).map(({ at }) => at - firstStep))
  return new Set(timeline.slots.filter(({ start }) => free.has(start)).map(({ key }) => key))
}

/**
 * What a call settles of a routine: a fill that is released by hand is danced once at least, so
 * that it has its place.
 */
export const callChoices = ({ passes }: Routine): Choices => ({
  ...NO_CHOICES,
  fills: Object.fromEntries(
    passes.flatMap(({ id, fill }) =>
      fill?.until === 'released' ? [[id, Math.max(1, fill.min)]] : [],
    ),
  ),
})
