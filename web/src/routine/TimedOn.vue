<script setup lang="ts">
import type { Routine } from '@dellop/core/routine'
import type { Tune } from '@dellop/core/tune'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import { musicChoices, musicKey, musicNote, type MusicChoice } from './timedOn.ts'
import Labelled from '../ui/Labelled.vue'

/** The music that the sheet is timed on, to be chosen anew. */
const props = defineProps<{ routine: Routine; tunes: readonly Tune[] }>()
const emit = defineEmits<{ choose: [choice: MusicChoice | null] }>()
const choices = computed(() => musicChoices(props.tunes, props.routine))
const chosen = computed(() => musicKey(props.tunes, props.routine))
const note = computed(() => musicNote(props.tunes, props.routine))
const choose = (wanted: string): void =>
  emit('choose', choices.value.find(({ key }) => key === wanted) ?? null)
</script>

<template>
  <div class="timed">
    <Labelled class="whole" :label="words.sheet.timedOn"
      ><el-select :model-value="chosen" @change="choose"
        ><el-option value="" :label="words.shelf.noTune" />
        <el-option
          v-for="choice in choices"
          :key="choice.key"
          :value="choice.key"
          :label="choice.text" /></el-select
    ></Labelled>
    <RouterLink
      v-if="routine.tuneId && chosen"
      :to="{ name: 'tune', params: { id: routine.tuneId } }"
      >{{ words.sheet.toTune }}</RouterLink
    >
    <strong v-if="note" class="note">{{ note }}</strong>
  </div>
</template>

<style scoped>
.timed {
  display: grid;
  gap: 0.25rem;
  justify-items: start;
}
.whole {
  width: 100%;
}
.note {
  color: var(--wrong);
}
</style>
