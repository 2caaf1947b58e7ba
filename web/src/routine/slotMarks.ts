import {
  replaceContent,
  setFieldAt,
  setSlotField,
  setWording,
  withWording,
  wordsContent,
  type DancedSlot,
  type Slot,
  type SlotContent,
} from '@dellop/core/routine'
import type { WordingKind } from '@dellop/core/figure'
import type { Line } from '@dellop/core/move'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import { inPlace, type SheetHands } from './hands.ts'

const say = words.done

/** What is said with a figure, and what is written beside it. */
export function slotMarks(hands: SheetHands) {
  const { document, scope } = hands
  const keepPlace = inPlace(hands)

  /**
   * For this time alone the first change makes a slot of its own, which is then the chosen one;
   * what is typed after that is a change of it.
   */
  const isFirstOfPass = (slot: DancedSlot): boolean => scope() === 'pass' && !slot.changed

  function word(slot: DancedSlot, kind: WordingKind, text: string): void {
    if (isFirstOfPass(slot))
      keepPlace(
        slot,
        setFieldAt(slot, 'wordings', withWording(slot.slot, kind, text), 'pass', randomId),
        say.wording,
      )
    else
      document.edit(
        setWording(slot.slot, kind, text),
        say.wording,
        `wording:${slot.slot.id}:${kind}`,
      )
  }

  const silence = (slot: DancedSlot): void =>
    keepPlace(
      slot,
      setFieldAt(slot, 'say', slot.slot.say === 'cue' ? 'nothing' : 'cue', scope(), randomId),
      say.silence,
    )
  function remark(slot: DancedSlot, text: string): void {
    if (isFirstOfPass(slot))
      keepPlace(slot, setFieldAt(slot, 'remark', text, 'pass', randomId), say.remark)
    else
      document.edit(setSlotField(slot.slot, 'remark', text), say.remark, `remark:${slot.slot.id}`)
  }

  function wordsLength(slot: DancedSlot, beats: number): void {
    const { content } = slot.slot
    const lengthTicks = Math.round(beats * TICKS_PER_BEAT)
    // Lines that would go on longer are danced no more.
    const moves =
      content.type === 'words' ? content.moves?.filter(({ to }) => to <= lengthTicks) : undefined
    if (content.type === 'words')
      document.edit(
        setSlotField(slot.slot, 'content', {
          ...wordsContent(content.text, lengthTicks),
          ...(moves && moves.length > 0 ? { moves } : {}),
          ...(content.net ? { net: content.net } : {}),
        }),
        say.length,
        `length:${slot.slot.id}`,
      )
  }

  function wordsMoves(slot: DancedSlot, moves: readonly Line[] | undefined): void {
    const { content } = slot.slot
    if (content.type !== 'words') return
    const { moves: _, ...rest } = content
    document.edit(
      setSlotField(slot.slot, 'content', moves ? { ...rest, moves } : rest),
      words.floor.moves,
      `moves:${slot.slot.id}`,
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
  const setContent = (slot: DancedSlot, content: SlotContent): void =>
    keepPlace(slot, replaceContent(slot, content, scope(), randomId), say.length)

  return { word, silence, remark, wordsLength, wordsMoves, slotField, pin, setContent }
}
