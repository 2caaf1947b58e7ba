import type { DancedSlot } from '@dellop/core/routine'
import type { PhraseRow } from '@dellop/core/sheet'
import { nextTick, onBeforeUnmount, onMounted, ref, type Ref } from 'vue'
import { words } from '../words/index.ts'
import type { SheetCommands } from './commands.ts'
import type { SheetDocument } from './sheetDocument.ts'
import { pageKey, type PageKey } from './sheetKeys.ts'
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
  readonly toLectern: () => void
}

const NEEDS_SLOT: ReadonlySet<PageKey> = new Set([
  'replace',
  'remove',
  'move-before',
  'move-after',
  'halve',
  'more',
  'less',
  'reflect',
  'words',
  'extend-before',
  'extend-after',
  'copy',
  'cut',
  'duplicate',
  'cue-earlier',
  'cue-later',
  'cue-free',
])
/** After these the chosen figure stands elsewhere or looks otherwise. */
const MOVES: ReadonlySet<PageKey> = new Set([
  'remove',
  'move-before',
  'move-after',
  'halve',
  'more',
  'less',
  'reflect',
])

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
    ACTIONS.replace()
  }
  function pick(figureId: string | null, text = ''): void {
    const now = picking.value
    picking.value = null
    if (now?.for === 'replace' && figureId) commands.replace(now.slot, figureId)
    if (now?.for === 'add') commands.add(figureId, text, now.after, now.partId)
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

  const ACTIONS: Readonly<Record<PageKey, () => void>> = {
    before: () => step(-1),
    after: () => step(1),
    'row-before': () => rowStep(-1),
    'row-after': () => rowStep(1),
    add: () => openAdd(selected.value, null),
    replace: () => (picking.value = { for: 'replace', slot: selected.value! }),
    remove: () => commands.removeChosen(),
    'move-before': () => commands.move(selected.value!, -1),
    'move-after': () => commands.move(selected.value!, 1),
    halve: () => commands.halve(selected.value!),
    more: () => commands.repeat(selected.value!, 1),
    less: () => commands.repeat(selected.value!, -1),
    reflect: () => commands.reflect(selected.value!),
    words: () => document.getElementById('say-full')?.focus(),
    'next-finding': () => findingStep(1),
    'previous-finding': () => findingStep(-1),
    undo: () => travel('undo'),
    redo: () => travel('redo'),
    lectern: toLectern,
    keys: () => (keysShown.value = true),
    'extend-before': () => extend(-1),
    'extend-after': () => extend(1),
    copy: () => (told.value = words.sheets.range.copied(commands.copy())),
    cut: () => commands.cut(),
    paste: () => commands.paste(),
    duplicate: () => commands.duplicate(),
    'cue-earlier': () => nudge(-1),
    'cue-later': () => nudge(1),
    'cue-free': () => commands.pin(selected.value!, undefined),
    leave: () => {
      page.preview.value = null
      page.select(selectedKey.value)
    },
  }
  function onKey(event: KeyboardEvent): void {
    const key = pageKey(event)
    if (!key || !sheet.value || keysShown.value || (NEEDS_SLOT.has(key) && !selected.value)) return
    // Text that is marked with the mouse is copied as text.
    if (key === 'copy' && getSelection()?.isCollapsed === false) return
    event.preventDefault()
    ACTIONS[key]()
    if (MOVES.has(key)) revealChosen()
  }
  onMounted(() => window.addEventListener('keydown', onKey))
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey))

  return { choose, openAdd, openReplace, pick, picking, fill, drop, travel, keysShown }
}
