import type { Cut, Variation } from '@dellop/core/figure'
import type { Edit } from '@dellop/core/document'
import {
  addSlot,
  dropFromPass,
  figureContent,
  freshSlot,
  insertInPass,
  moveSlot,
  moveSlotBy,
  removeSlot,
  replaceContent,
  setFieldAt,
  setSlotField,
  setWording,
  varySlot,
  wordsContent,
  type DancedSlot,
  type Slot,
  type SlotContent,
} from '@dellop/core/routine'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import { routineOf, type SheetHands } from './hands.ts'

/** What is done to one figure of a sheet, each named for undo; the selection moves along. */
export function slotEdits(hands: SheetHands) {
  const { document, page, scope } = hands
  const routine = () => routineOf(hands)
  const say = words.done

  function add(
    figureId: string | null,
    text: string,
    after: DancedSlot | null,
    partId: string,
  ): void {
    const content = figureId
      ? figureContent(figureId)
      : wordsContent(text, routine().metre.beatsPerBar * TICKS_PER_BEAT)
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

  function replace(slot: DancedSlot, figureId: string): void {
    const changes = replaceContent(slot, figureContent(figureId), scope(), randomId)
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

  function vary(slot: DancedSlot, change: Parameters<typeof varySlot>[1], label: string): void {
    const index = page.slots.value.indexOf(slot)
    if (document.edit(varySlot(slot, change, scope(), randomId), label))
      page.select(page.slots.value[index]?.key ?? null)
  }

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
    const index = page.slots.value.indexOf(slot)
    if (
      content.type === 'figure' &&
      document.edit(replaceContent(slot, { ...content, variation }, scope(), randomId), say.varied)
    )
      page.select(page.slots.value[index]?.key ?? null)
  }

  const reflect = (slot: DancedSlot): void =>
    vary(slot, { reflected: !variationOf(slot)?.reflected }, say.reflected)

  function word(slot: DancedSlot, kind: 'full' | 'short' | 'keyWord', text: string): void {
    document.edit(setWording(slot.slot, kind, text), say.wording, `wording:${slot.slot.id}:${kind}`)
  }

  const silence = (slot: DancedSlot): boolean =>
    document.edit(
      setSlotField(slot.slot, 'say', slot.slot.say === 'cue' ? 'nothing' : 'cue'),
      say.silence,
    )
  const remark = (slot: DancedSlot, text: string): boolean =>
    document.edit(setSlotField(slot.slot, 'remark', text), say.remark, `remark:${slot.slot.id}`)

  function wordsLength(slot: DancedSlot, beats: number): void {
    if (slot.slot.content.type === 'words')
      document.edit(
        setSlotField(
          slot.slot,
          'content',
          wordsContent(slot.slot.content.text, Math.round(beats * TICKS_PER_BEAT)),
        ),
        say.length,
        `length:${slot.slot.id}`,
      )
  }

  const slotField = (
    slot: DancedSlot,
    field: Exclude<keyof Slot, 'id' | 'content'>,
    value: unknown,
  ): void => keepPlace(slot, setFieldAt(slot, field, value as never, scope(), randomId), say.marks)
  /** Pins a cue, or lets it go where there is no pin. */
  const pin = (slot: DancedSlot, to: Slot['pin']): void =>
    keepPlace(slot, setFieldAt(slot, 'pin', to, scope(), randomId), say.pin)

  /** Makes edits that may give the slot another id, and stays where it is. */
  function keepPlace(slot: DancedSlot, edits: readonly Edit[] | null, label: string): void {
    const index = page.slots.value.indexOf(slot)
    if (document.edit(edits, label) && index >= 0) page.select(page.slots.value[index]?.key ?? null)
  }
  function setContent(slot: DancedSlot, content: SlotContent): void {
    const index = page.slots.value.indexOf(slot)
    if (document.edit(replaceContent(slot, content, scope(), randomId), say.length))
      page.select(page.slots.value[index]?.key ?? null)
  }

  return {
    add,
    replace,
    remove,
    move,
    drop,
    halve,
    repeat,
    reflect,
    danceAs,
    word,
    silence,
    remark,
    wordsLength,
    slotField,
    pin,
    setContent,
    variationOf,
    selectSlot,
    previousInPart,
  }
}
