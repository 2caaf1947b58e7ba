<script setup lang="ts">
import { words } from '../words/index.ts'
import type { BroughtAgain } from './bringSheet.ts'

/** What is to be brought in is here already: what differs, and what is to be done about it. */
defineProps<{ again: BroughtAgain | null }>()
defineEmits<{ keepBoth: []; leave: [] }>()
const say = words.shelf.again
const MOST = 12
</script>

<template>
  <el-dialog
    :model-value="again !== null"
    :title="again ? say.title(again.there.title) : ''"
    width="34rem"
    @close="$emit('leave')"
  >
    <template v-if="again">
      <p>{{ say.lead(again.changes.length) }}</p>
      <ul v-if="again.changes.length > 0" :aria-label="say.changes">
        <li v-for="line in again.changes.slice(0, MOST)" :key="line">{{ line }}</li>
        <li v-if="again.changes.length > MOST" class="soft">
          {{ words.sheets.history.more(again.changes.length - MOST) }}
        </li>
      </ul>
    </template>
    <template #footer>
      <el-button @click="$emit('leave')">{{ words.shelf.cancel }}</el-button>
      <el-button @click="$emit('keepBoth')">{{ say.keepBoth }}</el-button>
      <el-button
        v-if="again"
        type="primary"
        tag="router-link"
        :to="{ name: 'sheet', params: { id: again.there.id } }"
        >{{ say.open }}</el-button
      >
    </template>
  </el-dialog>
</template>
