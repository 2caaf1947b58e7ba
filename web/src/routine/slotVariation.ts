import type { Cut, Variation } from '@dellop/core/figure'
import { replaceContent, varySlot, type DancedSlot } from '@dellop/core/routine'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import { inPlace, type SheetHands } from './hands.ts'

const say = words.done

/** How a figure is danced: half of it, several times, mirrored, or any other way. */
export function slotVariation(hands: SheetHands) {
  const { scope } = hands
  const keepPlace = inPlace(hands)

  const vary = (slot: DancedSlot, change: Parameters<typeof varySlot>[1], label: string): void =>
    keepPlace(slot, varySlot(slot, change, scope(), randomId), label)

  const variationOf = (slot: DancedSlot) =>
    slot.slot.content.type === 'figure' ? slot.slot.content.variation : null

  function halve(slot: DancedSlot): void {
    const half: Cut | null = variationOf(slot)?.cut?.type === 'half' ? null : { type: 'half' }
    vary(slot, { cut: half }, half ? say.halved : say.whole)
  }

  function repeat(slot: DancedSlot, by: 1 | -1): void {
    const times = (variationOf(slot)?.times ?? 0) + by
    if (times >= 1 && times <= 64) vary(slot, { times }, say.repeated)
  }

  /** The figure danced another way in any respect, as a whole. */
  function danceAs(slot: DancedSlot, variation: Variation): void {
    const { content } = slot.slot
    if (content.type === 'figure')
      keepPlace(
        slot,
        replaceContent(slot, { ...content, variation }, scope(), randomId),
        say.varied,
      )
  }

  const reflect = (slot: DancedSlot): void =>
    vary(slot, { reflected: !variationOf(slot)?.reflected }, say.reflected)

  return { halve, repeat, danceAs, reflect, variationOf }
}
