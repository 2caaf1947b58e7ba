<script setup lang="ts">
import { words } from '../words/index.ts'

const shown = defineModel<boolean>({ required: true })
</script>

<template>
  <el-dialog v-model="shown" :title="words.sheet.keysTitle" width="min(480px, 94vw)">
    <dl>
      <template v-for="[key, what] in words.sheet.keyList" :key="key">
        <dt class="count">{{ key }}</dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
  </el-dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 8rem 1fr;
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
