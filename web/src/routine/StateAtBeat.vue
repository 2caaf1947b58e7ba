<script setup lang="ts">
import { isAllAlike, type DancedSlot } from '@dellop/core/routine'
import { stateAt, type Sheet } from '@dellop/core/sheet'
import { TICKS_PER_BEAT, type Tick } from '@dellop/core/time'
import { computed, ref, watch } from 'vue'
import { rolesTold } from '../page/roles.ts'
import { words } from '../words/index.ts'
import { facingWords } from '../page/standing.ts'

/** What is so on each count of a figure: feet, facing, hold, and where in the phrase. */
const props = defineProps<{ sheet: Sheet; slotDanced: DancedSlot }>()
const beat = ref(1)
watch(
  () => props.slotDanced.key,
  () => (beat.value = 1),
)
const beats = computed(() => Math.max(1, Math.ceil(props.slotDanced.lengthTicks / TICKS_PER_BEAT)))
const now = computed(() =>
  stateAt(
    props.sheet.timeline,
    props.sheet.phrases,
    (props.slotDanced.start + (beat.value - 1) * TICKS_PER_BEAT) as Tick,
  ),
)
const lines = computed(() => {
  if (!now.value) return []
  const { state, free } = now.value
  const roles = rolesTold(props.sheet.routine, props.sheet.school)
  const told = (role: 'lead' | 'follow', label: string): string =>
    words.sheets.view.role(label, free[role], facingWords(props.sheet.routine, state[role].facing))
  return isAllAlike(props.sheet.timeline)
    ? [told('lead', words.sheets.print.everyone)]
    : [told('lead', roles.lead), told('follow', roles.follow)]
})
</script>

<template>
  <section
    v-if="now && slotDanced.lengthTicks > 0"
    class="state"
    :aria-label="words.sheets.view.atBeat"
  >
    <label class="field-label" for="state-beat">{{ words.sheets.view.atBeat }}: {{ beat }}</label>
    <el-slider
      id="state-beat"
      v-model="beat"
      :min="1"
      :max="beats"
      :aria-label="`${words.sheets.view.atBeat}: ${beat}`"
      :format-value-text="words.sheets.view.beat"
    />
    <p v-for="line in lines" :key="line" class="line">{{ line }}</p>
    <p class="soft">
      {{ words.hold(now.state.hold)
      }}<template v-if="now.inPhrase">
        · {{ words.sheets.view.phrase(now.inPhrase.phrase, now.inPhrase.beat + 1) }}</template
      >
      <template v-if="now.slot.swapped"> · {{ words.sheets.view.swapped }}</template>
    </p>
  </section>
</template>

<style scoped>
.state {
  display: grid;
  gap: 0.15rem;
  font-size: 0.95rem;
}
</style>
