import { applyEdits, type Edit } from '@dellop/core/document'
import { worstOfSlots } from '@dellop/core/check'
import { suggestFigures, type Suggestion } from '@dellop/core/figure'
import { routineShape, slotsBetween, type DancedSlot, type Routine } from '@dellop/core/routine'
import {
  deriveSheet,
  phraseRows,
  sheetCache,
  spokenCounts,
  type PhraseRow,
  type Sheet,
} from '@dellop/core/sheet'
import { computed, ref, shallowRef, watch, watchEffect } from 'vue'
import { askKnown, keepKnown, knownByHand, knownByLogbook, knownOf } from '../app/known.ts'
import { useLibrary } from '../app/library.ts'
import type { SheetDocument } from './sheetDocument.ts'

/** What is shown before it is taken: edits with the words of what they do. */
export interface Preview {
  readonly label: string
  readonly edits: readonly Edit[]
}

/**
 * All that the page of phrases shows of an open sheet: derived values, the rows, and where the cuer
 * is.
 */
export function useSheetPage(document: SheetDocument, id: string) {
  const library = useLibrary()
  const cache = sheetCache()
  const barsPerLine = ref(4)
  const selectedKey = ref<string | null>(null)
  /** The other end of what is chosen, where several slots are. */
  const anchorKey = ref<string | null>(null)
  const laidBy = ref<'part' | 'music'>('part')
  /** How often the group has danced it before, for schools whose words fade. */
  const times = ref(knownOf(id))
  const isByHand = ref(knownByHand(id) !== null)
  const known = computed({
    get: () => times.value,
    set: (by: number) => {
      times.value = by
      keepKnown(id, by)
      isByHand.value = true
    },
  })
  watch(
    () => library.group?.id ?? null,
    async (groupId) => (times.value = await askKnown(id, groupId)),
    { immediate: true },
  )
  /** What was set by hand is forgotten: the logbook counts. */
  function goByLogbook(): void {
    keepKnown(id, null)
    isByHand.value = false
    times.value = knownByLogbook(id)
  }
  const preview = shallowRef<Preview | null>(null)
  /** The cues are asked to sound, or to stop. */
  const hearsNext = ref(false)
  const rows = shallowRef<readonly PhraseRow[]>([])

  const derive = (routine: Routine): Sheet =>
    deriveSheet({ ...library.inputFor(routine), known: known.value }, cache)
  /** The sheet as it stands, whatever is being previewed. */
  const standing = computed<Sheet | null>(() =>
    document.routine.value ? derive(document.routine.value) : null,
  )
  const previewed = computed<Sheet | null>(() => {
    const { value: routine } = document.routine
    const applied =
      routine && preview.value ? applyEdits(routineShape, routine, preview.value.edits) : null
    return applied?.ok ? derive(applied.value) : null
  })
  const sheet = computed<Sheet | null>(() => previewed.value ?? standing.value)
  /** Slots that only the preview has, or has otherwise. */
  const fresh = computed<ReadonlySet<string>>(() => {
    if (!previewed.value || !standing.value) return NOTHING
    const before = new Map(standing.value.timeline.slots.map((slot) => [slot.key, slot.slot]))
    return new Set(
      previewed.value.timeline.slots.flatMap(({ key, slot }) =>
        before.get(key) === slot ? [] : [key],
      ),
    )
  })

  watchEffect(() => {
    const now = sheet.value
    if (!now) return
    rows.value = phraseRows(
      {
        timeline: now.timeline,
        plan: now.plan,
        phrases: now.phrases,
        metre: now.routine.metre,
        firstStep: now.firstStep,
        barsPerLine: barsPerLine.value,
        by: laidBy.value,
        sections: now.music.sections,
        counts: spokenCounts(now),
      },
      rows.value,
    )
  })

  const slots = computed(() => sheet.value?.timeline.slots ?? [])
  const index = computed(() => slots.value.findIndex((slot) => slot.key === selectedKey.value))
  const selected = computed<DancedSlot | null>(() => slots.value[index.value] ?? null)
  const planned = computed(
    () => sheet.value?.plan.planned.find((one) => one.slot.key === selectedKey.value) ?? null,
  )
  const passOf = (slot: DancedSlot) =>
    sheet.value?.timeline.passes.find(({ slots: own }) => own.includes(slot)) ?? null
  const selectedPass = computed(() => (selected.value ? passOf(selected.value) : null))

  /** The slots that are chosen together, of one pass; none where only one is. */
  const range = computed<readonly DancedSlot[]>(() =>
    anchorKey.value && selectedKey.value && anchorKey.value !== selectedKey.value
      ? slotsBetween(slots.value, anchorKey.value, selectedKey.value)
      : [],
  )
  const rangeKeys = computed<ReadonlySet<string>>(() =>
    range.value.length === 0 ? NOTHING : new Set(range.value.map(({ key }) => key)),
  )

  const open = computed(
    () => sheet.value?.findings.filter((finding) => finding.overruled === null) ?? [],
  )
  /** Severity of the worst finding of each slot, for its mark on the page. */
  const marks = computed(() => worstOfSlots(open.value))
  /** Last slots of the times through whose length is told of. */
  const sums = computed<ReadonlySet<string>>(
    () =>
      new Set(open.value.filter(({ code }) => code === 'sums.phrase').flatMap((f) => f.slotKeys)),
  )

  function select(key: string | null): void {
    selectedKey.value = key
    anchorKey.value = null
  }

  /** Chooses all from the one chosen to this one. */
  function extendTo(key: string): void {
    anchorKey.value ??= selectedKey.value
    selectedKey.value = key
  }

  /** The slot so many places on, or null past the ends. */
  const neighbour = (by: number): DancedSlot | null => slots.value[index.value + by] ?? null

  /** Figures for what was typed, to stand behind a slot or at the start. */
  function suggest(text: string, after: DancedSlot | null): Suggestion[] {
    const routine = sheet.value?.routine
    const state = after?.after ?? routine?.start
    return routine && state
      ? suggestFigures(library.figures, text, {
          state,
          dance: routine.dance,
          known: library.known,
        })
      : []
  }

  return {
    sheet,
    standing,
    previewed,
    preview,
    hearsNext,
    fresh,
    known,
    isByHand,
    goByLogbook,
    laidBy,
    range,
    rangeKeys,
    extendTo,
    rows,
    barsPerLine,
    slots,
    selectedKey,
    selected,
    selectedPass,
    planned,
    open,
    marks,
    sums,
    select,
    neighbour,
    suggest,
    passOf,
  }
}
const NOTHING: ReadonlySet<string> = new Set()
export type SheetPage = ReturnType<typeof useSheetPage>
