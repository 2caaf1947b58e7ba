<script setup lang="ts">
import { totalOf, type DancedSlot } from '@dellop/core/routine'
import { computed } from 'vue'
import type { PageKey } from './pageCommands.ts'
import { words } from '../words/index.ts'

/** What can be done with several figures at once. */
const props = defineProps<{
  range: readonly DancedSlot[]
  copied: number
  run: (id: PageKey) => void
}>()
const told = computed(() =>
  words.sheets.range.chosen(props.range.length, words.sheets.total(totalOf(props.range))),
)
</script>

<template>
  <section
    v-if="range.length > 0 || copied > 0"
    class="range"
    :aria-label="words.sheets.range.copy"
  >
    <template v-if="range.length > 0">
      <span role="status">{{ told }}</span>
      <button class="button small" @click="run('copy')">{{ words.sheets.range.copy }}</button>
      <button class="button small" @click="run('cut')">{{ words.sheets.range.cut }}</button>
      <button class="button small" @click="run('duplicate')">{{ words.sheets.range.again }}</button>
      <button class="button small" @click="run('remove')">{{ words.sheet.remove }}</button>
    </template>
    <button v-if="copied > 0" class="button small" @click="run('paste')">
      {{ words.sheets.range.paste(copied) }}
    </button>
  </section>
</template>

<style scoped>
.range {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.6rem;
  align-items: center;
  font-size: 0.9rem;
}
</style>
