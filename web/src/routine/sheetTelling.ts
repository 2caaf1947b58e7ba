import { freeFoot } from '@dellop/core/figure'
import {
  isAllAlike,
  comesRoundTo,
  countingOf,
  type Counting,
  type DancedSlot,
  type Unit,
} from '@dellop/core/routine'
import type { School } from '@dellop/core/school'
import type { PhraseRow, Sheet } from '@dellop/core/sheet'
import type { Metre } from '@dellop/core/time'
import { computed, ref, type Ref } from 'vue'
import { rolesTold } from '../page/roles.ts'
import { words } from '../words/index.ts'
import { facingWords } from '../page/standing.ts'

/** Whether the last pass is an ending, or finishes in a way of its own. */
function endsForGood({ routine: { passes } }: Sheet): boolean {
  const last = passes.at(-1)
  return last?.kind === 'ending' || last?.finish !== undefined
}

/**
 * What the page tells beside the figures: whether it comes round, how it is counted, how all stand.
 */
export function useSheetTelling(sheet: Readonly<Ref<Sheet | null>>) {
  return { roundTold: useRound(sheet), counting: useCounting(sheet), ...useStrip(sheet) }
}

/** Whether it comes round, said once for all where all dance alike. */
const useRound = (sheet: Readonly<Ref<Sheet | null>>) =>
  computed(() => {
    const now = sheet.value
    const last = now?.timeline.slots.at(-1)
    // An ending is meant to leave where the dance began.
    if (!now || !last || endsForGood(now)) return ''
    const differences = comesRoundTo(now.routine.start, last.after)
    const alike = isAllAlike(now.timeline)
    const told = alike
      ? differences.filter((one) => one.what === 'hold' || one.role === 'lead')
      : differences
    const roles = alike ? null : rolesTold(now.routine, now.school)
    return words.sheet.round(told, roles, (facing) => facingWords(now.routine, facing))
  })

/** How each row is counted. */
function useCounting(sheet: Readonly<Ref<Sheet | null>>): (row: PhraseRow) => Counting {
  /**
   * The same value as long as nothing about the counting changes: rows that are counted as before
   * are not drawn again.
   */
  const counted = computed(() => {
    const now = sheet.value
    if (!now) return null
    const { routine, school } = now
    return JSON.stringify([
      routine.unit ?? null,
      routine.metre,
      routine.dance,
      routine.slowBeats ?? null,
      school.count,
      routine.parts.flatMap(({ id, unit }) => (unit ? [[id, unit]] : [])),
    ])
  })
  const countings = computed(() => {
    if (counted.value === null) return null
    const [unit, metre, dance, slowBeats, count, parts] = JSON.parse(counted.value) as [
      Unit | null,
      Metre,
      string,
      number | null,
      School['count'],
      [string, Unit][],
    ]
    const routineCounted = { metre, dance, ...(slowBeats === null ? {} : { slowBeats }) }
    const of = (one: Unit | null): Counting =>
      countingOf(one ?? undefined, routineCounted, { count })
    return { sheet: of(unit), parts: new Map(parts.map(([id, own]) => [id, of(own)])) }
  })
  /** A part may be counted in its own unit; a row by music is counted as the sheet is. */
  const counting = (row: PhraseRow): Counting =>
    (row.music ? undefined : countings.value!.parts.get(row.pass?.part.id ?? '')) ??
    countings.value!.sheet
  return counting
}

/** The strip above the figures, and what it says of each slot. */
function useStrip(sheet: Readonly<Ref<Sheet | null>>) {
  const stripShown = ref(false)
  /** What the strip says of a slot: how both stand as it begins. */
  const strip = computed(() => {
    const now = sheet.value
    if (!stripShown.value || !now) return null
    const roles = rolesTold(now.routine, now.school)
    const told = (slot: DancedSlot, role: 'lead' | 'follow', label: string): string =>
      words.sheets.view.role(
        label,
        freeFoot(slot.before[role].weight),
        facingWords(now.routine, slot.before[role].facing),
      )
    const alike = isAllAlike(now.timeline)
    const heldAs = (slot: DancedSlot): string =>
      slot.before.hold === 'none' ? '' : words.hold(slot.before.hold)
    return (slot: DancedSlot): string =>
      alike
        ? words.sheets.view.stripBoth(told(slot, 'lead', ''), heldAs(slot))
        : words.sheets.view.stripSlot(
            told(slot, 'lead', roles.lead),
            told(slot, 'follow', roles.follow),
            heldAs(slot),
          )
  })
  return { stripShown, strip }
}
