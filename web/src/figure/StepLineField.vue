<script setup lang="ts">
import type { FieldProblem } from '@dellop/core/figure'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** A line of steps to type in; what is wrong in it is marked at its character. */
const props = defineProps<{
  id: string
  label: string
  text: string
  problem: FieldProblem | null
  hint: string
}>()
const emit = defineEmits<{ change: [text: string] }>()
const offset = computed(() => props.problem?.offset ?? null)
const END = '␣'
/** The word that is wrong: from where it stopped making sense to the next blank or comma. */
const wrong = computed(() =>
  offset.value === null
    ? ''
    : (/^[^\s,]+/.exec(props.text.slice(offset.value))?.[0] ?? props.text[offset.value] ?? END),
)
</script>

<template>
  <div>
    <label class="field-label" :for="id">{{ label }}</label>
    <el-input
      :id="id"
      type="textarea"
      :model-value="text"
      :rows="3"
      spellcheck="false"
      maxlength="8000"
      :placeholder="hint"
      :aria-invalid="problem !== null"
      :aria-describedby="problem ? `${id}-problem` : undefined"
      @update:model-value="emit('change', $event)"
    />
    <div v-if="problem" :id="`${id}-problem`" class="wrong" role="status">
      <p v-if="offset !== null" class="marked" aria-hidden="true">
        {{ text.slice(Math.max(0, offset - 40), offset) }}<mark>{{ wrong }}</mark
        >{{ text.slice(offset + wrong.length, offset + 40) }}
      </p>
      <p>{{ words.problem(problem) }}</p>
    </div>
  </div>
</template>

<style scoped>
:deep([aria-invalid='true']) {
  box-shadow: inset 0 0 0 2px var(--wrong);
}
.wrong {
  color: var(--wrong);
}
.wrong p {
  margin: 0.15rem 0;
}
.marked {
  white-space: pre-wrap;
  color: var(--ink-soft);
}
mark {
  color: var(--on-colour);
  background: var(--wrong);
  padding: 0 0.15em;
  border-radius: 3px;
}
</style>
