<script setup lang="ts">
import { words } from '../words/index.ts'

/** A pass as its chip shows it. */
export interface Chip {
  readonly key: string
  readonly label: string
  readonly length: string
  readonly changed: boolean
}
/** One chip a pass. They are drawn anew only when one of them says something else. */
defineProps<{ chips: readonly Chip[]; currentPass: string | null }>()
const emit = defineEmits<{ go: [key: string] }>()
</script>

<template>
  <ol>
    <li v-for="chip in chips" :key="chip.key">
      <button
        class="chip"
        :class="{ here: chip.key === currentPass, changed: chip.changed }"
        :aria-current="chip.key === currentPass"
        @click="emit('go', chip.key)"
      >
        {{ chip.label }}<span class="count length">{{ chip.length }}</span>
        <span v-if="chip.changed" class="unseen">{{ words.sheet.changedPass }}</span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
ol {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  list-style: none;
  margin: 0;
  padding: 0;
}
.chip {
  min-height: 34px;
  padding: 0 0.5rem;
  border: 1px solid var(--music);
  border-radius: 4px;
  background: var(--music-tint);
  color: var(--music);
  font-weight: 700;
  cursor: pointer;
}
.chip .length {
  font-weight: 400;
  font-size: 0.8rem;
  margin-left: 0.3rem;
}
.chip.changed {
  border-style: double;
  border-width: 3px;
}
.chip.here {
  background: var(--music);
  color: #fff;
}
</style>
