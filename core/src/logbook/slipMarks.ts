import type { DancedPass } from '../routine/index.ts'
import type { SlipPlace } from './answers.ts'

/**
 * How often it lately went wrong at each danced slot, by its key: at the figure as it is written,
 * the same time through its part. What stands nowhere in the dance any more is left out.
 */
export function slipsBySlot(
  passes: readonly DancedPass[],
  places: readonly SlipPlace[],
): ReadonlyMap<string, number> {
  const times = new Map(places.map((one) => [`${one.slotId} ${one.pass}`, one.times]))
  return new Map(
    passes.flatMap((pass) =>
      pass.slots.flatMap(({ key, slot }): readonly (readonly [string, number])[] => {
        const n = times.get(`${slot.id} ${passName(pass)}`)
        return n === undefined ? [] : [[key, n]]
      }),
    ),
  )
}

/** A time through as an entry names it: its part and which time. */
export const passName = ({ part, ordinal }: Pick<DancedPass, 'part' | 'ordinal'>): string =>
  `${part.label} ${ordinal}`
