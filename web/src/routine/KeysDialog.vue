<script setup lang="ts">
import { words } from '../words/index.ts'
import { PAGE_COMMANDS } from './pageCommands.ts'

/** All that keys do on the page. */
const shown = defineModel<boolean>({ required: true })
</script>

<template>
  <el-dialog v-model="shown" :title="words.sheet.keysTitle" width="min(560px, 94vw)">
    <dl>
      <template v-for="{ id, keys } in PAGE_COMMANDS" :key="id">
        <dt class="count">{{ keys.map(words.sheet.keyName).join('  ') }}</dt>
        <dd>{{ words.sheet.pageCommands[id] }}</dd>
      </template>
    </dl>
  </el-dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 9rem 1fr;
  gap: 0.3rem 1rem;
  margin: 0;
}
dt {
  font-weight: 700;
}
dd {
  margin: 0;
}
</style>
