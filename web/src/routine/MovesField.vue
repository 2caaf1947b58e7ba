<script setup lang="ts">
import { linesText, readLines, type Line } from '@dellop/core/move'
import { computed, ref, watch } from 'vue'
import { words } from '../words/index.ts'

/** Who moves where while words last: typed as lines, kept as soon as they can be read. */
const props = defineProps<{ moves: readonly Line[]; lengthTicks: number }>()
const emit = defineEmits<{ change: [moves: readonly Line[] | undefined] }>()

const kept = computed(() => linesText(props.moves))
const typed = ref(kept.value)
watch(kept, (now) => (typed.value = now))
const read = computed(() => readLines(typed.value, props.lengthTicks))
const problem = computed(() => (read.value.ok ? null : words.problem(read.value.problem)))
function done(): void {
  if (read.value.ok) emit('change', read.value.value.length === 0 ? undefined : read.value.value)
}
</script>

<template>
  <div>
    <label class="field-label" for="slot-moves">{{ words.floor.moves }}</label>
    <el-input
      id="slot-moves"
      v-model="typed"
      type="textarea"
      autosize
      spellcheck="false"
      maxlength="2000"
      :placeholder="words.floor.movesHint"
      :aria-invalid="problem !== null"
      :aria-describedby="problem ? 'slot-moves-problem' : undefined"
      @change="done"
    />
    <p v-if="problem" id="slot-moves-problem" class="wrong" role="status">{{ problem }}</p>
  </div>
</template>

<style scoped>
.wrong {
  margin: 0.2rem 0 0;
  color: var(--wrong);
}
</style>
