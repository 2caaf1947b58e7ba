import { applyVariation, isOfDance, missingFoot, searchFigures, type Figure } from '@dellop/core/figure'
import type { DancedSlot, UnfoldCache } from '@dellop/core/routine'
import { deriveSheet, phraseRows, type PhraseRow, type Sheet } from '@dellop/core/sheet'
import { computed, ref, shallowRef, watchEffect } from 'vue'
import { useLibrary } from '../app/library.ts'
import type { SheetDocument } from './sheetDocument.ts'

/** All that the page of phrases shows of an open sheet: derived values, the rows, and where the cuer is. */
export function useSheetPage(document: SheetDocument) {
  const library = useLibrary()
  const cache: UnfoldCache = new Map()
  const barsPerLine = ref(4)
  const selectedKey = ref<string | null>(null)
  const rows = shallowRef<readonly PhraseRow[]>([])

  const sheet = computed<Sheet | null>(() => {
    const routine = document.routine.value
    if (!routine) return null
    return deriveSheet({ routine, book: library.book, school: library.schoolFor(routine.schoolId), voice: library.voiceFor(routine.language), tune: library.tuneFor(routine.tuneId), floor: library.floor }, cache)
  })

  watchEffect(() => {
    const now = sheet.value
    if (!now) return
    rows.value = phraseRows({ timeline: now.timeline, plan: now.plan, phrases: now.phrases, metre: now.routine.metre, firstStep: now.firstStep, barsPerLine: barsPerLine.value }, rows.value)
  })

  const slots = computed(() => sheet.value?.timeline.slots ?? [])
  const index = computed(() => slots.value.findIndex((slot) => slot.key === selectedKey.value))
  const selected = computed<DancedSlot | null>(() => slots.value[index.value] ?? null)
  const planned = computed(() => sheet.value?.plan.planned.find((one) => one.slot.key === selectedKey.value) ?? null)
  const passOf = (slot: DancedSlot) => sheet.value?.timeline.passes.find((pass) => slot.key.startsWith(`${pass.key}/`)) ?? null
  const selectedPass = computed(() => (selected.value ? passOf(selected.value) : null))

  const open = computed(() => sheet.value?.findings.filter((finding) => finding.overruled === null) ?? [])
  /** Severity of the worst finding of each slot, for its mark on the page. */
  const marks = computed(() => {
    const worst = new Map<string, 'stop' | 'mend' | 'note'>()
    const order = { stop: 0, mend: 1, note: 2 }
    for (const { slotKeys, severity } of open.value) for (const key of slotKeys) if (!worst.has(key) || order[severity] < order[worst.get(key)!]) worst.set(key, severity)
    return worst
  })

  function select(key: string | null): void {
    selectedKey.value = key
  }

  /** The slot so many places on, or null past the ends. */
  const neighbour = (by: number): DancedSlot | null => slots.value[index.value + by] ?? null

  /** Figures for what was typed: the dance's own before others, and of them those that can be danced from where the floor stands. */
  function suggest(text: string, after: DancedSlot | null): { figure: Figure; fits: boolean }[] {
    const state = after?.after ?? sheet.value?.routine.start
    if (!state) return []
    const fits = (figure: Figure): boolean => {
      const danced = applyVariation(figure)
      return danced.ok && !missingFoot(state, danced.value) && (figure.entry.holds.length === 0 || figure.entry.holds.includes(state.hold))
    }
    const { known } = library
    const found = searchFigures(library.figures, text).map((figure) => ({ figure, fits: fits(figure), isBeyond: known?.of(figure) === 'beyond' }))
    const { dance } = sheet.value!.routine
    // With a floor chosen, what is above it comes last; by its name it can still be found.
    const order = ({ figure, fits: goes, isBeyond }: (typeof found)[number]): number => (isBeyond ? 4 : 0) + (isOfDance(figure, dance) ? 0 : 2) + (goes ? 0 : 1)
    return found.sort((a, b) => order(a) - order(b))
  }

  return { sheet, rows, barsPerLine, slots, selectedKey, selected, selectedPass, planned, open, marks, select, neighbour, suggest, passOf }
}
export type SheetPage = ReturnType<typeof useSheetPage>
