<script setup lang="ts">
import type { Conflict } from '@dellop/core/document'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import { readable } from './readable.ts'

export type FieldConflict = Extract<Conflict, { type: 'field' }>
const props = defineProps<{
  conflicts: readonly Conflict[]
  /** What is asked about was brought in a file, and is not one's own. */
  fromFile?: boolean
  /** What was changed, and where, in the words of the document. */
  nameOf?: (conflict: FieldConflict) => string
}>()
const say = computed(() => (props.fromFile ? words.sheet.fromFile : words.sheet))
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
        <h3>{{ nameOf?.(conflict) ?? words.sheet.changedField(conflict.field) }}</h3>
        <p>
          {{ say.conflictKept }} <strong>{{ readable(conflict.kept) }}</strong>
        </p>
        <p>
          {{ say.conflictMine }} <strong>{{ readable(conflict.mine) }}</strong>
        </p>
        <el-button @click="emit('useMine', i)">{{ say.useMine }}</el-button>
      </template>
      <p v-else>
        {{ conflict.type === 'moved' ? say.conflictMoved : say.conflictRemoved }}
      </p>
      <el-button @click="emit('dismiss', i)">{{ say.dismiss }}</el-button>
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
.conflict .el-button + .el-button {
  margin-left: 0.5rem;
}
h3,
p {
  margin: 0 0 0.35rem;
}
</style>
