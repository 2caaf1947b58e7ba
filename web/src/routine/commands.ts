import type { Cut, Variation } from '@dellop/core/figure'
import {
  addPass,
  copySlots,
  pasteSlots,
  removeSlots,
  setField,
  setHeading,
  addSlot,
  dropFromPass,
  figureContent,
  insertInPass,
  freshSlot,
  moveSlot,
  moveSlotBy,
  removePass,
  removeSlot,
  replaceContent,
  setFieldAt,
  setSlotField,
  setWording,
  varySlot,
  wordsContent,
  type DancedSlot,
  type Part,
  type Pass,
  type Routine,
  type Slot,
  type SlotContent,
  type Scope,
} from '@dellop/core/routine'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { words } from '../words/index.ts'
import type { Edit } from '@dellop/core/document'
import { randomId } from '../app/randomId.ts'
import { clipboard } from './clipboard.ts'
import type { SheetDocument } from './sheetDocument.ts'
import type { SheetPage } from './sheetPage.ts'

/**
 * What keys, buttons and drags on a sheet do: each makes edits, names them for undo, and moves the
 * selection along.
 */
export function sheetCommands(document: SheetDocument, page: SheetPage, scope: () => Scope) {
  const say = words.done
  const routine = () => document.routine.value!

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

  function passOver(partId: string, kind: Pass['kind'] = 'pass'): void {
    document.edit(
      addPass(randomId(), partId, routine().passes.at(-1)?.id ?? null, kind),
      say.passAdded,
    )
  }

  function newPart(label: string): void {
    const part = { id: randomId(), label, slots: [] }
    const inserted = {
      type: 'insert',
      into: { owner: '', list: 'parts' },
      item: part,
      after: routine().parts.at(-1)?.id ?? null,
    } as const
    document.edit(
      [inserted, ...addPass(randomId(), part.id, routine().passes.at(-1)?.id ?? null)],
      say.partAdded,
    )
  }

  const dropPass = (passId: string): boolean =>
    document.edit(removePass(routine(), passId), say.passRemoved)

  function movePass(passId: string, by: 1 | -1): void {
    const { passes } = routine()
    const from = passes.findIndex((pass) => pass.id === passId)
    if (!passes[from + by]) return
    const others = passes.filter((pass) => pass.id !== passId)
    const place = (after: string | undefined) => ({
      owner: '',
      list: 'passes',
      after: after ?? null,
    })
    document.edit(
      [
        {
          type: 'move',
          id: passId,
          from: place(passes[from - 1]?.id),
          to: place(others[from + by - 1]?.id),
        },
      ],
      say.moved,
    )
  }

  /** Edits worked out elsewhere, named for undo; says whether they could be made. */
  const take = (edits: readonly Edit[] | null, label: string): boolean =>
    document.edit(edits, label)
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
  const passField = (pass: Pass, field: keyof Pass & string, value: unknown): boolean =>
    document.edit(setField(pass, field, value as never), say.pass)
  const partField = (part: Part, field: keyof Part & string, value: unknown): boolean =>
    document.edit(setField(part, field, value as never), say.part)
  const heading = (field: keyof Routine & string, value: unknown): boolean =>
    document.edit(setHeading(routine(), field, value as never), say.header)

  function setContent(slot: DancedSlot, content: SlotContent): void {
    const index = page.slots.value.indexOf(slot)
    if (document.edit(replaceContent(slot, content, scope(), randomId), say.length))
      page.select(page.slots.value[index]?.key ?? null)
  }

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

  const setHeader = (field: 'title' | 'by' | 'remark', to: string): boolean =>
    document.edit(
      [{ type: 'set', id: '', field, from: routine()[field], to }],
      say.header,
      `header:${field}`,
    )
  function setMusic(tuneId: string | null, recordingId: string | null): void {
    const now = routine()
    const set = (field: 'tuneId' | 'recordingId', to: string | null) =>
      ({ type: 'set', id: '', field, from: now[field], to }) as const
    const edits = [
      ...(tuneId === now.tuneId ? [] : [set('tuneId', tuneId)]),
      ...(recordingId === now.recordingId ? [] : [set('recordingId', recordingId)]),
    ]
    if (edits.length > 0) document.edit(edits, say.tune)
  }

  return {
    take,
    slotField,
    pin,
    passField,
    partField,
    heading,
    setContent,
    copy,
    cut,
    paste,
    duplicate,
    removeChosen,
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
    passOver,
    newPart,
    dropPass,
    movePass,
    setHeader,
    setMusic,
    variationOf,
  }
}
export type SheetCommands = ReturnType<typeof sheetCommands>
