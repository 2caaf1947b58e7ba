<script setup lang="ts">
import { memoised } from '@dellop/core/document'
import type { Counting, DancedSlot } from '@dellop/core/routine'
import type { PhraseRow as Row } from '@dellop/core/sheet'
import type { Metre } from '@dellop/core/time'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useSizeOf } from '../ui/sizeOf.ts'
import { words } from '../words/index.ts'
import { DENSITIES, lineHeight, type Density } from './density.ts'
import { barsPerLineFor } from './lineLayout.ts'
import { forgetWidths } from './measure.ts'
import PhraseRow from './PhraseRow.vue'
import { ALL_SHOWN, type Shown } from './shown.ts'
import { useTouchDrag } from './touchDrag.ts'

const props = defineProps<{
  rows: readonly Row[]
  metre: Metre
  counting: (row: Row) => Counting
  selectedKey: string | null
  marks: ReadonlyMap<string, 'stop' | 'mend' | 'note'>
  /** Last slots of the times through whose length is told of. */
  sums?: ReadonlySet<string>
  inRange?: ReadonlySet<string>
  fresh?: ReadonlySet<string>
  strip?: ((slot: DancedSlot) => string) | null
  shown?: Shown
  density?: Density
}>()
const emit = defineEmits<{
  select: [key: string]
  extend: [key: string]
  dropOn: [dragged: string, target: string, behind: boolean]
  open: [key: string]
  fill: [row: Row]
}>()
const barsPerLine = defineModel<number>('barsPerLine', { required: true })

const page = ref<HTMLElement | null>(null)
const width = ref(700)
const drawn = ref(0)
const dragged = ref<string | null>(null)
const SIDES_PX = 82 + 64
const NARROW_SIDES_PX = 56
const NO_KEYS: ReadonlySet<string> = new Set()
const NO_MARKS: ReadonlyMap<string, 'stop' | 'mend' | 'note'> = new Map()

const beatPx = computed(
  () => Math.floor((width.value / (barsPerLine.value * props.metre.beatsPerBar)) * 10) / 10,
)
const firstKey = computed(
  () =>
    props.rows.flatMap((row) => row.lines).find((line) => line.blocks.length > 0)?.blocks[0]!.slot
      .key ?? null,
)
const tabKey = computed(() => props.selectedKey ?? firstKey.value)

/**
 * Only the rows that are concerned learn of the selection and of marks, so that the others are not
 * drawn again.
 */
const keysOf = memoised(
  (row: Row): ReadonlySet<string> =>
    new Set(
      row.lines.flatMap((line) => [
        ...line.blocks.map((block) => block.slot.key),
        ...line.ribbons.map((ribbon) => ribbon.slotKey),
      ]),
    ),
)
const inRow = (row: Row, key: string | null): string | null =>
  key !== null && keysOf(row).has(key) ? key : null
/** Whether a row has one of those keys; asked of whichever is shorter. */
const hasOne = (row: Row, keys: ReadonlySet<string> | ReadonlyMap<string, unknown>): boolean => {
  const own = keysOf(row)
  if (keys.size > own.size) return [...own].some((key) => keys.has(key))
  for (const key of keys.keys()) if (own.has(key)) return true
  return false
}
const marksOf = (row: Row): ReadonlyMap<string, 'stop' | 'mend' | 'note'> =>
  hasOne(row, props.marks) ? props.marks : NO_MARKS
const isSumTold = ({ pass }: Row): boolean =>
  props.sums?.has(pass?.slots.at(-1)?.key ?? '') ?? false
const setOf = (row: Row, keys: ReadonlySet<string> | undefined): ReadonlySet<string> =>
  keys && hasOne(row, keys) ? keys : NO_KEYS

function measure(): void {
  const all = page.value?.clientWidth ?? 0
  if (all === 0) return
  width.value = all - (all < 700 ? NARROW_SIDES_PX : SIDES_PX) - 8
  barsPerLine.value = barsPerLineFor(width.value, props.metre.beatsPerBar, density.value)
}

useSizeOf(page, measure)
onMounted(() => {
  void document.fonts.ready.then(async () => {
    forgetWidths()
    drawn.value++
    // All rows are made anew, and may be of other heights.
    await nextTick()
    if (props.selectedKey) reveal(props.selectedKey, false)
  })
})
watch([() => props.metre.beatsPerBar, () => props.density], measure)

const density = computed(() => props.density ?? DENSITIES.usual)
/** The density as the style sheets read it. */
const sizes = computed(() => ({
  '--letters': `${density.value.font}px`,
  '--counts': `${density.value.counts}px`,
  '--text': `${density.value.text}px`,
  '--ribbon': `${density.value.ribbon}px`,
  '--lead': `${density.value.lead}px`,
  '--block': `${density.value.block}px`,
  '--gap': `${density.value.gap}px`,
  '--row': `${lineHeight(density.value)}px`,
}))

function drop(target: string, behind: boolean): void {
  if (dragged.value && dragged.value !== target) emit('dropOn', dragged.value, target, behind)
  dragged.value = null
}

useTouchDrag(page, (key, target, behind) => emit('dropOn', key, target, behind))

/** Brings a slot into view and to the keyboard. */
function reveal(key: string, focus: boolean): void {
  const block = page.value?.querySelector<HTMLElement>(`.block[data-slot="${CSS.escape(key)}"]`)
  block?.scrollIntoView({ block: 'nearest' })
  if (focus) block?.focus({ preventScroll: true })
}
defineExpose({ reveal })
</script>

<template>
  <div ref="page" class="page" :style="sizes" role="group" :aria-label="words.sheet.page">
    <p class="unseen">{{ words.sheet.pageHelp }}</p>
    <PhraseRow
      v-for="row in rows"
      :key="`${row.key}|${drawn}`"
      :row="row"
      :metre="metre"
      :counting="counting(row)"
      :beat-px="beatPx"
      :density="density"
      :selected-key="inRow(row, selectedKey)"
      :tab-key="inRow(row, tabKey)"
      :is-sum-told="isSumTold(row)"
      :marks="marksOf(row)"
      :in-range="setOf(row, inRange)"
      :fresh="setOf(row, fresh)"
      :strip="strip ?? null"
      :shown="shown ?? ALL_SHOWN"
      @select="emit('select', $event)"
      @extend="emit('extend', $event)"
      @grab="dragged = $event"
      @drop-on="drop"
      @open="emit('open', $event)"
      @fill="emit('fill', $event)"
    />
  </div>
</template>

<style scoped>
.page {
  min-width: 0;
  container-type: inline-size;
}
</style>
