<script setup lang="ts">
import type { CallSummary } from '@dellop/wire'
import { onMounted, ref } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import LongTable, { type LongColumn } from '../ui/LongTable.vue'
import { words } from '../words/index.ts'

/** Every call that is kept, newest first. */
const say = words.lectern.report
const calls = ref<readonly CallSummary[] | null>(null)
const failure = ref('')

async function load(): Promise<void> {
  failure.value = ''
  try {
    ;({ calls: calls.value } = await api('listCalls'))
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
onMounted(load)

const columns: readonly LongColumn<CallSummary>[] = [
  { key: 'when', title: say.when, width: 220, by: (one) => one.startedAtMs, always: true },
  { key: 'dance', title: say.dance, width: 260, grow: 2, by: (one) => one.title, always: true },
]
</script>

<template>
  <div class="view">
    <header class="view-head">
      <div>
        <h1>{{ say.list }}</h1>
        <p class="soft">{{ say.listLead }}</p>
      </div>
    </header>
    <div v-if="failure" class="failure" role="alert">
      <p>{{ failure }}</p>
      <el-button @click="load">{{ words.app.again }}</el-button>
    </div>
    <div v-else-if="!calls" role="status" :aria-label="words.app.loading">
      <el-skeleton :rows="5" animated />
    </div>
    <el-empty v-else-if="calls.length === 0" :description="say.none">
      <el-button tag="router-link" type="primary" size="large" :to="{ name: 'sheets' }">{{
        words.sheet.back
      }}</el-button>
    </el-empty>
    <LongTable v-else :columns="columns" :rows="calls" :label="say.list">
      <template #when="{ row }"
        ><RouterLink :to="{ name: 'call', params: { id: row.id } }">{{
          words.format.moment(row.startedAtMs)
        }}</RouterLink></template
      >
      <template #dance="{ row }">{{ row.title }}</template>
    </LongTable>
  </div>
</template>
