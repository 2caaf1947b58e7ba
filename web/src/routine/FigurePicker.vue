<script setup lang="ts">
import type { Figure, Suggestion as Suggested, Variation } from '@dellop/core/figure'
import { figureContent } from '@dellop/core/routine'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { markRaw, nextTick, onMounted, ref } from 'vue'
import { words } from '../words/index.ts'

/**
 * Type-ahead for a figure: those that can be danced from here come first. Enter takes the first.
 */
const props = defineProps<{
  suggest: (text: string) => Suggested[]
  allowWords: boolean
  /** Whether one has been added already, and another may follow. */
  again: boolean
}>()
const emit = defineEmits<{
  pick: [figureId: string, variation: Variation]
  words: [text: string]
  cancel: []
}>()

interface Suggestion {
  value: string
  asked: Suggested | null
  /** What was typed when this was suggested. */
  typed: string
}

const text = ref('')
const box = ref<{ focus: () => void } | null>(null)
onMounted(() => nextTick(() => box.value?.focus()))

function fetchSuggestions(typed: string, show: (list: Suggestion[]) => void): void {
  const found = props
    .suggest(typed)
    .slice(0, 12)
    .map((asked): Suggestion => ({ value: nameOf(asked), asked: markRaw(asked), typed }))
  const own: Suggestion[] =
    props.allowWords && typed.trim() !== ''
      ? [
          {
            value: words.sheet.asWords(typed.trim()),
            asked: null,
            typed: typed.trim(),
          },
        ]
      : []
  show([...found, ...own])
}

function take(picked: Record<string, unknown>): void {
  const { asked, typed } = picked as unknown as Suggestion
  if (asked) emit('pick', asked.figure.id, asked.variation)
  else emit('words', typed)
}

const nameOf = ({ figure, variation }: Suggested): string =>
  words.format.slotName(figureContent(figure.id, variation), figure.name)
const hintOf = ({ figure, fits, isGuess }: Suggested): string =>
  [
    isGuess ? words.sheet.didYouMean : null,
    counts(figure),
    words.dance(figure.family),
    fits ? words.sheet.fitsHere : words.sheet.fitsNot,
  ]
    .filter(Boolean)
    .join(' · ')
const counts = (figure: Figure): string => words.format.counts(figure.lengthTicks / TICKS_PER_BEAT)
</script>

<template>
  <div
    class="picker"
    role="dialog"
    :aria-label="words.sheet.addHere"
    @keydown.esc.capture.stop.prevent="emit('cancel')"
  >
    <label class="field-label" for="figure-picker">{{ words.sheet.pickLabel }}</label>
    <el-autocomplete
      id="figure-picker"
      ref="box"
      v-model="text"
      :fetch-suggestions="fetchSuggestions"
      :placeholder="words.sheet.pickHint"
      :trigger-on-focus="true"
      :debounce="0"
      highlight-first-item
      clearable
      @select="take"
    >
      <template #default="{ item }">
        <span class="name">{{ item.value }}</span>
        <span v-if="item.asked" class="hint" :class="{ fits: item.asked.fits }">{{
          hintOf(item.asked)
        }}</span>
      </template>
    </el-autocomplete>
    <el-button @click="emit('cancel')">{{
      again ? words.sheet.pickDone : words.shelf.cancel
    }}</el-button>
    <p class="soft again" role="status">{{ again ? words.sheet.pickAgain : '' }}</p>
  </div>
</template>

<style scoped>
.picker {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0.25rem 0.5rem;
  padding: 0.75rem;
  border: 2px solid var(--feet);
  border-radius: 8px;
  background: var(--sheet);
  position: fixed;
  right: 12px;
  top: 96px;
  z-index: 20;
  width: min(26rem, calc(100vw - 24px));
  box-shadow: 0 8px 30px rgb(42 26 53 / 25%);
}
.again {
  grid-column: 1 / -1;
  font-size: 0.85rem;
}
.field-label {
  grid-column: 1 / -1;
}
.name {
  font-weight: 600;
}
.hint {
  margin-left: 0.75rem;
  font-size: 0.85rem;
  color: var(--ink-soft);
}
.hint.fits {
  color: var(--feet-ink);
}
</style>
