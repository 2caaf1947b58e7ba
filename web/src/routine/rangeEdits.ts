import { copySlots, pasteSlots, removeSlots, type DancedSlot } from '@dellop/core/routine'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import { clipboard } from './clipboard.ts'
import { routineOf, type SheetHands } from './hands.ts'
import type { slotEdits } from './slotEdits.ts'

/** What is done to several figures at once, or to the one that is chosen. */
export function rangeEdits(hands: SheetHands, slots: ReturnType<typeof slotEdits>) {
  const { document, page } = hands
  const routine = () => routineOf(hands)
  const say = words.done

  const { remove, previousInPart, selectSlot } = slots
  /** What is chosen: several slots, or the one. */
  const chosen = (): readonly DancedSlot[] =>
    page.range.value.length > 0
      ? page.range.value
      : page.selected.value
        ? [page.selected.value]
        : []

  function copy(): number {
    const slots = chosen()
    if (slots.length > 0) clipboard.value = copySlots(slots)
    return slots.length
  }

  function removeChosen(): void {
    const slots = chosen()
    if (slots.length === 1) return remove(slots[0]!)
    const index = page.slots.value.indexOf(slots[0]!)
    const ids = slots.map(({ slot }) => slot.id)
    if (document.edit(removeSlots(routine(), ids), say.removed))
      page.select((page.slots.value[index] ?? page.slots.value[index - 1])?.key ?? null)
  }

  function cut(): void {
    if (copy() > 0) removeChosen()
  }

  /** Puts what was copied behind what is chosen, or at the end of the first part. */
  function paste(): void {
    const last = chosen().at(-1) ?? page.slots.value.at(-1) ?? null
    const partId = last?.partId ?? routine().parts[0]?.id
    if (!partId) return
    const after = last === null ? null : last.changed ? previousInPart(last) : last.slot.id
    const edits = pasteSlots(partId, clipboard.value, after, randomId)
    if (document.edit(edits, say.pasted) && edits?.[0]?.type === 'insert')
      selectSlot(edits[0].item.id, last)
  }

  /** What is chosen, once more behind it. */
  function duplicate(): void {
    const kept = clipboard.value
    if (copy() > 0) paste()
    clipboard.value = kept
  }

  return { copy, cut, paste, duplicate, removeChosen }
}
