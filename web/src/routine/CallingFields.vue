<script setup lang="ts">
import type { Calling, Routine } from '@dellop/core/routine'
import { CUE_MODES, type School } from '@dellop/core/school'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'

/**
 * How a sheet is called: when words are said, and how words and counts share the mouth. What is as
 * the school has it is left out.
 */
const props = defineProps<{ routine: Routine; school: School }>()
const emit = defineEmits<{ set: [field: keyof Routine & string, value: unknown] }>()

const calling = computed<Calling>(() => props.routine.calling ?? {})
function set<Field extends keyof Calling>(field: Field, value: Calling[Field]): void {
  const { [field]: _, ...others } = calling.value
  const next = value === undefined ? others : { ...others, [field]: value }
  emit('set', 'calling', Object.keys(next).length === 0 ? undefined : next)
}
</script>

<template>
  <section class="fields" aria-labelledby="calling-head">
    <h2 id="calling-head">{{ words.cues.calling }}</h2>
    <Labelled :label="words.cues.mode"
      ><el-select
        :model-value="calling.mode ?? ''"
        @change="set('mode', ($event || undefined) as Calling['mode'])"
        ><el-option value="" :label="words.cues.asSchool(school.mode)" />
        <el-option
          v-for="mode in CUE_MODES"
          :key="mode"
          :value="mode"
          :label="words.cues.modes[mode]" /></el-select
    ></Labelled>
    <Labelled :label="words.cues.mouth"
      ><el-select
        :model-value="calling.mouth ?? 'words'"
        @change="set('mouth', $event === 'words' ? undefined : ($event as 'both'))"
        ><el-option
          v-for="(label, kind) in words.cues.mouths"
          :key="kind"
          :value="kind"
          :label="label" /></el-select
    ></Labelled>
    <Labelled v-if="calling.mouth === 'both'" :label="words.cues.first"
      ><el-select
        :model-value="calling.first ?? 'words'"
        @change="set('first', $event === 'words' ? undefined : 'counts')"
        ><el-option
          v-for="(label, kind) in words.cues.firsts"
          :key="kind"
          :value="kind"
          :label="label" /></el-select
    ></Labelled>
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
</style>
