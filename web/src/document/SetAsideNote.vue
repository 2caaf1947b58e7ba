<script setup lang="ts">
import type { SetAside } from '@dellop/wire'
import { onMounted, ref } from 'vue'
import { api } from '../app/api.ts'
import { words } from '../words/index.ts'

/** Records that cannot be read: named, with what is the matter, and to be had as they are. */
const records = ref<readonly SetAside[]>([])
onMounted(async () => {
  const found = await api('listSetAside').catch(() => null)
  records.value = found?.records ?? []
})
const fileOf = ({ kind, id }: SetAside): string =>
  `/api/set-aside/${encodeURIComponent(kind)}/${encodeURIComponent(id)}`
</script>

<template>
  <section v-if="records.length > 0" class="aside" role="status" aria-labelledby="aside-head">
    <h2 id="aside-head">{{ words.setAside.title(records.length) }}</h2>
    <p class="soft">{{ words.setAside.lead }}</p>
    <ul>
      <li v-for="record in records" :key="`${record.kind} ${record.id}`">
        <strong>{{ words.setAside.kinds[record.kind] ?? record.kind }}: {{ record.name }}</strong>
        <span class="soft"> {{ record.problem }} </span>
        <a :href="fileOf(record)" download>{{ words.setAside.take }}</a>
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
