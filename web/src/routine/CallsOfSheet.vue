<script setup lang="ts">
import type { CallSummary } from '@dellop/wire'
import { onMounted, ref } from 'vue'
import { api } from '../app/api.ts'
import { words } from '../words/index.ts'

/**
 * When this dance was called, each with what happened in it. Nothing is shown where it never was,
 * or where the server is away.
 */
const props = defineProps<{ sheetId: string }>()
const calls = ref<readonly CallSummary[]>([])
onMounted(async () => {
  const found = await api('listCalls').catch(() => null)
  calls.value = found?.calls.filter(({ sheetId }) => sheetId === props.sheetId) ?? []
})
</script>

<template>
  <template v-if="calls.length > 0">
    <h3>{{ words.lectern.report.calls }}</h3>
    <ul>
      <li v-for="call in calls" :key="call.id">
        <RouterLink :to="{ name: 'call', params: { id: call.id } }">{{
          words.format.moment(call.startedAtMs)
        }}</RouterLink>
      </li>
    </ul>
  </template>
</template>
