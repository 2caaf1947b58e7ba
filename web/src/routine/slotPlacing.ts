import {
  addSlot,
  dropFromPass,
  freshSlot,
  insertInPass,
  moveSlot,
  moveSlotBy,
  removeSlot,
  replaceContent,
  type DancedSlot,
  type SlotContent,
} from '@dellop/core/routine'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import { routineOf, type SheetHands } from './hands.ts'

const say = words.done

/** Where figures stand: added, taken out, moved, put in place of another; the selection follows. */
export function slotPlacing(hands: SheetHands) {
  const { document, page, scope } = hands
  const routine = () => routineOf(hands)

  function add(content: SlotContent, after: DancedSlot | null, partId: string): void {
    const slot = freshSlot(randomId(), content)
    if (after && !after.changed && scope() === 'pass') {
      if (document.edit(insertInPass(after, slot), say.added)) selectSlot(slot.id, after)
      return
    }
    const afterId = after && !after.changed ? after.slot.id : after ? previousInPart(after) : null
    if (document.edit(addSlot(partId, slot, afterId), say.added)) selectSlot(slot.id, after)
  }

  /**
   * A changed slot is not in its part; what is added behind it goes behind the nearest slot before
   * it that is.
   */
  function previousInPart(slot: DancedSlot): string | null {
    const pass = page.passOf(slot)
    const before = pass?.slots.slice(0, pass.slots.indexOf(slot)).reverse() ?? []
    return before.find((one) => !one.changed)?.slot.id ?? null
  }

  /** Selects a slot in the pass of another, or where it is first danced. */
  function selectSlot(id: string, near: DancedSlot | null): void {
    const candidates = page.slots.value.filter((slot) => slot.slot.id === id)
    page.select(
      (candidates.find((slot) => slot.passId === near?.passId) ?? candidates[0])?.key ?? null,
    )
  }

  function replace(slot: DancedSlot, content: SlotContent): void {
    const changes = replaceContent(slot, content, scope(), randomId)
    const index = page.slots.value.indexOf(slot)
    if (document.edit(changes, say.replaced)) page.select(page.slots.value[index]?.key ?? null)
  }

  function remove(slot: DancedSlot): void {
    const index = page.slots.value.indexOf(slot)
    const edits =
      scope() === 'pass' && !slot.changed
        ? dropFromPass(slot, randomId)
        : removeSlot(routine(), slot.slot.id)
    if (document.edit(edits, say.removed))
      page.select((page.slots.value[index] ?? page.slots.value[index - 1])?.key ?? null)
  }

  function move(slot: DancedSlot, by: 1 | -1): void {
    if (document.edit(moveSlotBy(routine(), slot.slot.id, by), say.moved))
      selectSlot(slot.slot.id, slot)
  }

  /** Drops a dragged slot before or behind another. */
  function drop(dragged: DancedSlot, target: DancedSlot, behind: boolean): void {
    const part = routine().parts.find((one) => one.id === target.partId)
    const others = part?.slots.filter((slot) => slot.id !== dragged.slot.id) ?? []
    const at = others.findIndex((slot) => slot.id === target.slot.id)
    if (
      part &&
      at >= 0 &&
      document.edit(moveSlot(routine(), dragged.slot.id, part.id, at + (behind ? 1 : 0)), say.moved)
    )
      selectSlot(dragged.slot.id, target)
  }

  return { add, replace, remove, move, drop, selectSlot, previousInPart }
}
