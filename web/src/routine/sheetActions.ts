import type { Variation } from '@dellop/core/figure'
import {
  figureContent,
  wordsContent,
  type DancedSlot,
  type SlotContent,
} from '@dellop/core/routine'
import type { PhraseRow } from '@dellop/core/sheet'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { useEventListener } from '@vueuse/core'
import { nextTick, ref, type Ref } from 'vue'
import { words } from '../words/index.ts'
import type { SheetCommands } from './commands.ts'
import type { SheetDocument } from './sheetDocument.ts'
import { pageCommand, pageKey, type PageKey, type PageStage } from './pageCommands.ts'
import type { SheetPage } from './sheetPage.ts'
import { useSheetPins } from './sheetPins.ts'
import { useSheetWalk } from './sheetWalk.ts'

interface Hands {
  readonly document: SheetDocument
  readonly page: SheetPage
  readonly commands: SheetCommands
  /** What was done, for those who hear the screen. */
  readonly told: Ref<string>
  /** Brings a figure into view. */
  readonly reveal: (key: string, focus: boolean) => void
  readonly hear: () => void
  readonly toLectern: () => void
}

/**
 * What keys, clicks and drags on the page of a sheet do; keys are listened to as long as the view
 * is there.
 */
export function useSheetActions({
  document: document_,
  page,
  commands,
  told,
  reveal,
  hear,
  toLectern,
}: Hands) {
  const { sheet, selected, selectedKey } = page
  const keysShown = ref(false)
  /** What the picker is open for. */
  const picking = ref<
    | { for: 'add'; after: DancedSlot | null; partId: string }
    | { for: 'replace'; slot: DancedSlot }
    | null
  >(null)
  const { choose, step, rowStep, findingStep, extend } = useSheetWalk(page, reveal)
  const { nudge } = useSheetPins(page, commands, choose, told)
  const revealChosen = (): void =>
    void nextTick(() => selectedKey.value && reveal(selectedKey.value, true))

  function openAdd(after: DancedSlot | null, partId: string | null): void {
    const target = partId ?? after?.partId ?? sheet.value?.routine.parts[0]?.id
    if (target) picking.value = { for: 'add', after, partId: target }
  }
  function openReplace(key: string): void {
    choose(key)
    run('replace')
  }
  /** Figures added since the picker was opened: it stays open for the next one. */
  const pickedTimes = ref(0)
  function pick(content: SlotContent): void {
    const now = picking.value
    if (now?.for === 'replace') {
      leavePicker()
      commands.replace(now.slot, content)
      revealChosen()
    }
    if (now?.for === 'add') {
      commands.add(content, now.after, now.partId)
      pickedTimes.value++
      picking.value = { ...now, after: selected.value }
      void nextTick(() => selectedKey.value && reveal(selectedKey.value, false))
    }
  }
  const pickFigure = (id: string, variation: Variation): void => pick(figureContent(id, variation))
  /** Words of one's own, a bar long until it is said how long they are. */
  const pickWords = (text: string): void =>
    pick(wordsContent(text, sheet.value!.routine.metre.beatsPerBar * TICKS_PER_BEAT))
  function leavePicker(): void {
    picking.value = null
    pickedTimes.value = 0
    revealChosen()
  }
  const fill = (row: PhraseRow): void =>
    openAdd(row.pass?.slots.at(-1) ?? null, row.pass?.part.id ?? null)

  const slotOf = (key: string): DancedSlot | undefined =>
    page.slots.value.find((slot) => slot.key === key)
  function drop(dragged: string, target: string, behind: boolean): void {
    const from = slotOf(dragged)
    const to = slotOf(target)
    if (from && to) commands.drop(from, to, behind)
  }

  function travel(way: 'undo' | 'redo'): void {
    const label = document_[way]()
    if (label) told.value = way === 'undo' ? words.sheet.undone(label) : words.sheet.redone(label)
  }

  const stage: PageStage = {
    commands,
    selected: () => selected.value,
    step,
    rowStep,
    extend,
    findingStep,
    nudge,
    openAdd: () => openAdd(selected.value, null),
    openReplace: (slot) => (picking.value = { for: 'replace', slot }),
    toWords: () => document.getElementById('say-full')?.focus(),
    travel,
    canTravel: (way) => (way === 'undo' ? document_.canUndo.value : document_.canRedo.value),
    hear,
    toLectern,
    showKeys: () => (keysShown.value = true),
    leave: () => {
      page.preview.value = null
      page.select(selectedKey.value)
    },
    tellCopied: (slots) => (told.value = words.sheets.range.copied(slots)),
  }

  /** Does it, where it means anything now; says whether it did. */
  function run(id: PageKey): boolean {
    const one = pageCommand(id)
    if (!sheet.value || !one.can(stage)) return false
    one.do(stage)
    if (one.moves) revealChosen()
    return true
  }
  function onKey(event: KeyboardEvent): void {
    const key = pageKey(event)
    if (!key || !sheet.value || keysShown.value) return
    // Text that is marked with the mouse is copied as text.
    if (key === 'copy' && getSelection()?.isCollapsed === false) return
    if (run(key)) event.preventDefault()
  }
  useEventListener(window, 'keydown', onKey)

  return {
    choose,
    openAdd,
    openReplace,
    pickFigure,
    pickWords,
    picking,
    pickedTimes,
    leavePicker,
    fill,
    drop,
    travel,
    run,
    keysShown,
  }
}
