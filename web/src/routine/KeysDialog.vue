<script setup lang="ts">
import { words } from '../words/index.ts'
import { PAGE_COMMANDS } from './pageCommands.ts'

/** All that keys do on the page. */
const shown = defineModel<boolean>({ required: true })
</script>

<template>
  <el-dialog v-model="shown" :title="words.sheet.keysTitle" width="min(900px, 94vw)">
    <dl>
      <div v-for="{ id, keys } in PAGE_COMMANDS" :key="id">
        <dt class="count">{{ keys.map(words.sheet.keyName).join(', ') }}</dt>
        <dd>{{ words.sheet.pageCommands[id] }}</dd>
      </div>
      <div>
        <dt class="count">{{ words.nav.search.keys }}</dt>
        <dd>{{ words.nav.search.label }}</dd>
      </div>
    </dl>
  </el-dialog>
</template>

<style scoped>
dl {
  columns: 2 20rem;
  column-gap: 2rem;
  margin: 0;
}
dl > div {
  display: grid;
  grid-template-columns: 10rem 1fr;
  gap: 1rem;
  margin-bottom: 0.3rem;
  break-inside: avoid;
}
dt {
  font-weight: 700;
}
dd {
  margin: 0;
}
</style>
