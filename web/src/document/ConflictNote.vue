<script setup lang="ts">
import type { Conflict } from '@dellop/core/document'
import { words } from '../words/index.ts'
import { readable } from './readable.ts'

defineProps<{ conflicts: readonly Conflict[] }>()
const emit = defineEmits<{ useMine: [index: number]; dismiss: [index: number] }>()
</script>

<template>
  <section
    v-if="conflicts.length > 0"
    class="conflicts"
    role="alert"
    aria-labelledby="conflict-head"
  >
    <h2 id="conflict-head">{{ words.sheet.conflict }}</h2>
    <div v-for="(conflict, i) in conflicts" :key="i" class="conflict">
      <template v-if="conflict.type === 'field'">
        <p>
          {{ words.sheet.changedField(conflict.field) }} · {{ words.sheet.conflictKept }}
          <strong>{{ readable(conflict.kept) }}</strong>
        </p>
        <p>
          {{ words.sheet.conflictMine }} <strong>{{ readable(conflict.mine) }}</strong>
        </p>
        <el-button @click="emit('useMine', i)">{{ words.sheet.useMine }}</el-button>
      </template>
      <p v-else>
        {{ conflict.type === 'moved' ? words.sheet.conflictMoved : words.sheet.conflictRemoved }}
      </p>
      <el-button @click="emit('dismiss', i)">{{ words.sheet.dismiss }}</el-button>
    </div>
  </section>
</template>

<style scoped>
.conflicts {
  border: 2px solid var(--wrong);
  background: var(--sheet);
  border-radius: 8px;
  padding: 0.75rem 1rem;
  margin-bottom: 1rem;
}
.conflict {
  padding-top: 0.5rem;
}
</style>
