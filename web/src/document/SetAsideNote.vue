<script setup lang="ts">
import type { SetAside } from '@dellop/wire'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api } from '../app/api.ts'
import { unreadableCalls, type UnreadableCall } from '../app/keptCalls.ts'
import { download } from '../app/download.ts'
import { words } from '../words/index.ts'

/** Records that cannot be read: named, with what is the matter, and to be had as they are. */
const records = ref<readonly SetAside[]>([])
/** Calls that only this browser has, and that cannot be read. */
const calls = shallowRef<readonly UnreadableCall[]>([])
const count = computed(() => records.value.length + calls.value.length)
onMounted(async () => {
  const found = await api('listSetAside').catch(() => null)
  records.value = found?.records ?? []
  calls.value = await unreadableCalls()
})
const fileOf = ({ kind, id }: SetAside): string =>
  `/api/set-aside/${encodeURIComponent(kind)}/${encodeURIComponent(id)}`
const take = ({ record }: UnreadableCall): void =>
  download('call.json', 'application/json', JSON.stringify(record, null, 1))
</script>

<template>
  <section v-if="count > 0" class="aside" role="status" aria-labelledby="aside-head">
    <h2 id="aside-head">{{ words.setAside.title(count) }}</h2>
    <p class="soft">{{ words.setAside.lead }}</p>
    <ul>
      <li v-for="record in records" :key="`${record.kind} ${record.id}`">
        <strong>{{ words.setAside.kinds[record.kind] ?? record.kind }}: {{ record.name }}</strong>
        <span class="soft"> {{ record.problem }} </span>
        <a :href="fileOf(record)" download>{{ words.setAside.take }}</a>
      </li>
      <li v-for="(call, i) in calls" :key="i">
        <strong>{{ words.setAside.kinds['call'] }}: {{ call.name }}</strong>
        <span class="soft"> {{ call.problem }} </span>
        <el-button link type="primary" @click="take(call)">{{ words.setAside.take }}</el-button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.aside {
  border: 2px solid var(--wrong);
  border-radius: 8px;
  background: var(--sheet);
  padding: 0.75rem 1rem;
  margin-bottom: 1rem;
}
</style>
