import type { Move } from '@dellop/core/cue'
import type { DancedSlot } from '@dellop/core/routine'
import { provide, type Ref } from 'vue'
import { RIBBON_MOVES } from '../page/ribbonDrag.ts'
import { words } from '../words/index.ts'
import type { SheetCommands } from './commands.ts'
import type { SheetPage } from './sheetPage.ts'

/**
 * Moving cues by hand: dragging a ribbon, or a key, pins it where it is put, as far as the hard
 * rules let it. What happened is told.
 */
export function useSheetPins(
  page: SheetPage,
  commands: SheetCommands,
  choose: (key: string) => void,
  told: Ref<string>,
) {
  const plannedAt = (slotKey: string) =>
    page.sheet.value?.plan.planned.find(({ slot }) => slot.slotKey === slotKey)

  /** Where a cue's words could stand, and what that costs; nothing while a preview is shown. */
  function movesOf(slotKey: string): readonly Move[] {
    const one = page.previewed.value ? null : plannedAt(slotKey)
    return one?.said ? one.why.moves() : []
  }

  function pinAt(slot: DancedSlot, { said }: Move): void {
    told.value = words.cues.moved(said.leadBeats)
    commands.pin(slot, {
      ...slot.slot.pin,
      startTicks: said.startTick - plannedAt(slot.key)!.slot.stepTick,
    })
  }

  /** The chosen cue one moment earlier or later. */
  function nudge(by: 1 | -1): void {
    const slot = page.selected.value!
    const moves = movesOf(slot.key)
    const now = page.planned.value?.said?.startTick
    const at = moves.findIndex(({ said }) => said.startTick === now)
    const next = at < 0 ? undefined : moves[at + by]
    if (next) pinAt(slot, next)
    else told.value = words.cues.noFurther
  }

  provide(RIBBON_MOVES, {
    movesOf,
    move: (slotKey, move) => {
      const slot = page.slots.value.find(({ key }) => key === slotKey)
      choose(slotKey)
      if (slot) pinAt(slot, move)
    },
  })
  return { nudge }
}
