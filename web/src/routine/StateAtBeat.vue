<script setup lang="ts">
import { floorAt } from '@dellop/core/floor'
import { deedText } from '@dellop/core/move'
import { isAllAlike, type DancedSlot } from '@dellop/core/routine'
import { stateAt, type Sheet } from '@dellop/core/sheet'
import { TICKS_PER_BEAT, type Tick } from '@dellop/core/time'
import { computed, ref, watch } from 'vue'
import FloorPicture from '../beats/FloorPicture.vue'
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
/** Where the whole set is; null where nothing says how they stand. */
const floor = computed(() => {
  const { track, timeline } = props.sheet
  const { key, start } = props.slotDanced
  if (!track || !track.slots.has(key)) return null
  const tick = start + (beat.value - 1) * TICKS_PER_BEAT
  const { lines: deeds } = track.slots.get(key)!
  const local = tick - start
  return {
    ...floorAt(track, timeline, tick),
    deeds: deeds.filter(({ from, to }) => from <= local && local < to).map(deedText),
  }
})
const lines = computed(() => {
  // Where lines move everybody, feet of one couple say little.
  if (!now.value || (floor.value && floor.value.deeds.length > 0)) return []
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
    <div v-if="floor" class="floor">
      <FloorPicture
        :standing="floor.standing"
        seen-by="dancers"
        :spots="floor.spots"
        :label="words.floor.picture([words.sheets.view.beat(beat), ...floor.deeds].join('. '))"
      />
    </div>
    <p v-for="deed in floor?.deeds ?? []" :key="deed" class="line">{{ deed }}</p>
    <p v-for="line in lines" :key="line" class="line">{{ line }}</p>
    <p v-if="lines.length > 0" class="soft">
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
.floor {
  height: 230px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  overflow: hidden;
}
</style>
