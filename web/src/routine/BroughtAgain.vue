<script setup lang="ts">
import { computed } from 'vue'
import { language, words } from '../words/index.ts'
import type { BroughtAgain } from './bringSheet.ts'

/** What is to be brought in is here already: what differs, and what is to be done about it. */
const props = defineProps<{ again: BroughtAgain | null }>()
defineEmits<{ keepBoth: []; merge: []; leave: [] }>()
const say = words.shelf.again
const MOST = 12

const grown = computed(() => props.again?.grown ?? null)
const lists = computed(() =>
  grown.value
    ? [
        { head: say.inFile, lines: grown.value.inFile },
        { head: say.here, lines: grown.value.here },
      ]
    : [{ head: say.changes, lines: props.again?.changes ?? [] }],
)
const day = (atMs: number): string =>
  new Date(atMs).toLocaleDateString(language, { dateStyle: 'long' })
</script>

<template>
  <el-dialog
    :model-value="again !== null"
    :title="again ? say.title(again.there.title) : ''"
    width="38rem"
    @close="$emit('leave')"
  >
    <template v-if="again">
      <p>{{ say.lead(again.changes.length) }}</p>
      <template v-if="again.changes.length > 0">
        <p v-if="grown">{{ say.grown(day(grown.from.atMs)) }}</p>
        <template v-for="{ head, lines } in lists" :key="head">
          <h3 v-if="grown">{{ head }}</h3>
          <ul :aria-label="head">
            <li v-for="line in lines.slice(0, MOST)" :key="line">{{ line }}</li>
            <li v-if="lines.length > MOST" class="soft">
              {{ words.sheets.history.more(lines.length - MOST) }}
            </li>
            <li v-if="lines.length === 0" class="soft">{{ say.nothing }}</li>
          </ul>
        </template>
      </template>
    </template>
    <template #footer>
      <el-button @click="$emit('leave')">{{ words.shelf.cancel }}</el-button>
      <el-button @click="$emit('keepBoth')">{{ say.keepBoth }}</el-button>
      <el-button
        v-if="again"
        tag="router-link"
        :to="{ name: 'sheet', params: { id: again.there.id } }"
        >{{ say.open }}</el-button
      >
      <el-button v-if="grown && grown.inFile.length > 0" type="primary" @click="$emit('merge')">
        {{ say.merge }}
      </el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
h3 {
  margin: 0.9rem 0 0.25rem;
}
ul {
  margin: 0;
  padding-left: 1.25rem;
}
</style>
