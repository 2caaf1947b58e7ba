import { freeFoot } from '@dellop/core/figure'
import { comesRoundTo, countingOf, type Counting, type DancedSlot, type Unit } from '@dellop/core/routine'
import type { PhraseRow, Sheet } from '@dellop/core/sheet'
import { computed, ref, type Ref } from 'vue'
import { words } from '../words/index.ts'
import { facingWords, isAlike, rolesOf } from '../page/standing.ts'

/** What the page tells beside the figures: whether it comes round, how it is counted, how all stand. */
export function useSheetTelling(sheet: Readonly<Ref<Sheet | null>>) {
  /** Whether it comes round, said once for all where all dance alike. */
  const roundTold = computed(() => {
    const now = sheet.value
    const last = now?.timeline.slots.at(-1)
    if (!now || !last) return ''
    const differences = comesRoundTo(now.routine.start, last.after)
    const alike = isAlike(now.timeline)
    const told = alike ? differences.filter((one) => one.what === 'hold' || one.role === 'lead') : differences
    const roles = alike ? { lead: words.sheets.view.floor, follow: words.sheets.view.floor } : rolesOf(now.routine, now.school)
    return words.sheet.round(told, roles, (facing) => facingWords(now.routine, facing))
  })

  /** One value for all rows that are counted alike, so that none is drawn again for it. */
  const countings = computed(() => {
    const now = sheet.value
    if (!now) return null
    const { routine, school } = now
    const of = (unit: Unit | undefined): Counting => countingOf(unit, routine.metre, routine.dance, school)
    return { sheet: of(routine.unit), parts: new Map(routine.parts.flatMap(({ id, unit }) => (unit ? [[id, of(unit)] as const] : []))) }
  })
  /** A part may be counted in its own unit; a row by music is counted as the sheet is. */
  const counting = (row: PhraseRow): Counting => (row.music ? undefined : countings.value!.parts.get(row.pass?.part.id ?? '')) ?? countings.value!.sheet

  const stripShown = ref(false)
  /** What the strip says of a slot: how both stand as it begins. */
  const strip = computed(() => {
    const now = sheet.value
    if (!stripShown.value || !now) return null
    const roles = rolesOf(now.routine, now.school)
    const told = (slot: DancedSlot, role: 'lead' | 'follow', label: string): string => words.sheets.view.role(label, freeFoot(slot.before[role].weight), facingWords(now.routine, slot.before[role].facing))
    const alike = isAlike(now.timeline)
    const heldAs = (slot: DancedSlot): string => (slot.before.hold === 'none' ? '' : words.hold(slot.before.hold))
    return (slot: DancedSlot): string => (alike ? words.sheets.view.stripBoth(told(slot, 'lead', ''), heldAs(slot)) : words.sheets.view.stripSlot(told(slot, 'lead', roles.lead), told(slot, 'follow', roles.follow), heldAs(slot)))
  })

  return { roundTold, counting, stripShown, strip }
}
