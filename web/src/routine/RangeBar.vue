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
      <el-button @click="run('copy')">{{ words.sheets.range.copy }}</el-button>
      <el-button @click="run('cut')">{{ words.sheets.range.cut }}</el-button>
      <el-button @click="run('duplicate')">{{ words.sheets.range.again }}</el-button>
      <el-button @click="run('remove')">{{ words.sheet.remove }}</el-button>
    </template>
    <el-button v-if="copied > 0" @click="run('paste')">
      {{ words.sheets.range.paste(copied) }}
    </el-button>
  </section>
</template>

<style scoped>
.range {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.6rem;
  align-items: center;
  font-size: 0.9rem;
  padding: 0.4rem 0.8rem;
  border: 1px solid var(--music);
  border-radius: 8px;
  background: var(--music-tint);
  box-shadow: 0 4px 18px rgb(42 26 53 / 20%);
}
</style>
