<script setup lang="ts">
import type { Sheet } from '@dellop/core/sheet'
import { spanAt, type TickPosition } from '@dellop/core/time'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import CueRibbon from './CueRibbon.vue'
import FloorDancers from './FloorDancers.vue'
import type { useTake } from './useTake.ts'

/** What goes on while a take plays: what is danced, the cues as they are said, the floor. */
const props = defineProps<{ sheet: Sheet; take: ReturnType<typeof useTake>; warned: string }>()
const say = words.rehearse
const dancing = computed(() => {
  const slot = spanAt(props.sheet.timeline.slots, props.take.tick.value as TickPosition)
  return slot ? words.format.slotName(slot.slot.content, slot.figure?.name ?? null) : ''
})
const here = computed(
  () =>
    props.take.floor.value?.slots.findLast(({ start }) => start <= props.take.now.value)?.deeds ??
    [],
)
</script>

<template>
  <section class="live" :aria-label="say.live">
    <p class="dancing">{{ dancing || say.before0 }}</p>
    <CueRibbon
      :utterances="take.utterances.value"
      :scores="take.score.value.cues"
      :now="take.now.value"
      :speaking="take.openSince.value !== null"
    />
    <p v-if="warned" class="warned">{{ warned }}</p>
    <el-button
      v-if="take.takesKeys.value"
      class="hold"
      size="large"
      @pointerdown.prevent="take.press"
      @pointerup="take.release"
      @pointercancel="take.release"
      >{{ take.openSince.value === null ? say.hold : say.speaking }}</el-button
    >
    <FloorDancers :deeds="here" />
  </section>
</template>

<style scoped>
.live {
  display: grid;
  gap: 0.6rem;
  padding: 0.8rem 1rem;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 8px;
}
.live > * {
  margin: 0;
}
.dancing {
  color: var(--ink-soft);
  font-size: 1.2rem;
}
.warned {
  font-weight: 600;
}
.hold {
  justify-self: start;
  min-width: 15rem;
  min-height: 64px;
  touch-action: none;
}
</style>
