<script setup lang="ts">
import type { Calling, Routine } from '@dellop/core/routine'
import { CUE_MODES, type School } from '@dellop/core/school'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/**
 * How a sheet is called: when words are said, and how words and counts share the mouth. What is as
 * the school has it is left out.
 */
const props = defineProps<{ routine: Routine; school: School }>()
const emit = defineEmits<{ set: [field: keyof Routine & string, value: unknown] }>()

const calling = computed<Calling>(() => props.routine.calling ?? {})
const text = (event: Event): string => (event.target as HTMLSelectElement).value
function set<Field extends keyof Calling>(field: Field, value: Calling[Field]): void {
  const { [field]: _, ...others } = calling.value
  const next = value === undefined ? others : { ...others, [field]: value }
  emit('set', 'calling', Object.keys(next).length === 0 ? undefined : next)
}
</script>

<template>
  <section class="fields" aria-labelledby="calling-head">
    <h2 id="calling-head">{{ words.cues.calling }}</h2>
    <label
      >{{ words.cues.mode }}
      <select
        :value="calling.mode ?? ''"
        @change="set('mode', (text($event) || undefined) as Calling['mode'])"
      >
        <option value="">{{ words.cues.asSchool(school.mode) }}</option>
        <option v-for="mode in CUE_MODES" :key="mode" :value="mode">
          {{ words.cues.modes[mode] }}
        </option>
      </select></label
    >
    <label
      >{{ words.cues.mouth }}
      <select
        :value="calling.mouth ?? 'words'"
        @change="set('mouth', text($event) === 'words' ? undefined : (text($event) as 'both'))"
      >
        <option v-for="(label, kind) in words.cues.mouths" :key="kind" :value="kind">
          {{ label }}
        </option>
      </select></label
    >
    <label v-if="calling.mouth === 'both'"
      >{{ words.cues.first }}
      <select
        :value="calling.first ?? 'words'"
        @change="set('first', text($event) === 'words' ? undefined : 'counts')"
      >
        <option v-for="(label, kind) in words.cues.firsts" :key="kind" :value="kind">
          {{ label }}
        </option>
      </select></label
    >
    <el-checkbox
      v-if="(calling.mouth ?? 'words') !== 'words'"
      :model-value="calling.halves === true"
      @change="set('halves', $event ? true : undefined)"
      >{{ words.cues.halves }}</el-checkbox
    >
    <el-checkbox
      :model-value="calling.wholeBeats === true"
      @change="set('wholeBeats', $event ? true : undefined)"
      >{{ words.cues.wholeBeats }}</el-checkbox
    >
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 0.5rem;
}
h2 {
  margin-bottom: 0;
}
label:not(.el-checkbox) {
  display: grid;
  gap: 0.15rem;
  font-size: 0.9rem;
  color: var(--ink-soft);
}
</style>
