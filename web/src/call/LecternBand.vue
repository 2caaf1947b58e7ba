<script setup lang="ts">
import type { Landmark } from '@dellop/core/tune'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import type { TapUnit } from '@dellop/core/call'
import Labelled from '../ui/Labelled.vue'

/**
 * Following music that is not played from here: what is tapped, how far off the last tap was, the
 * landmark that comes.
 */
const props = defineProps<{
  unit: TapUnit
  tapped: { readonly errorBeats: number; readonly taken: 'yes' | 'double' | 'stray' } | null
  landmark: Landmark | null
  started: boolean
}>()
const emit = defineEmits<{ unit: [unit: TapUnit]; tap: []; landmark: []; nudge: [beats: number] }>()

const told = computed(() => {
  if (!props.tapped) return props.started ? '' : words.lectern.band.start
  return props.tapped.taken === 'double'
    ? words.lectern.band.double
    : props.tapped.taken === 'stray'
      ? words.lectern.band.stray
      : words.lectern.band.off(props.tapped.errorBeats)
})
</script>

<template>
  <section class="band" :aria-label="words.lectern.band.title">
    <button class="key-box own-key" @click="emit('tap')">
      <kbd class="count">T</kbd>{{ words.lectern.band.tap }}
    </button>
    <button class="key-box own-key" @click="emit('landmark')">
      <kbd class="count">L</kbd
      >{{
        started && landmark
          ? words.lectern.band.landmark(landmark.text)
          : words.lectern.band.firstStep
      }}
    </button>
    <button class="key-box own-key" @click="emit('nudge', -0.5)">
      <kbd class="count">,</kbd>{{ words.lectern.band.sooner }}
    </button>
    <button class="key-box own-key" @click="emit('nudge', 0.5)">
      <kbd class="count">.</kbd>{{ words.lectern.band.later }}
    </button>
    <Labelled class="own-key" :label="words.lectern.band.unit"
      ><el-select :model-value="unit" @change="emit('unit', $event as TapUnit)"
        ><el-option
          v-for="(label, id) in words.lectern.band.units"
          :key="id"
          :value="id"
          :label="label" /></el-select
    ></Labelled>
    <output class="told" data-testid="tap-told">{{ told }}</output>
  </section>
</template>

<style scoped src="./controls.css"></style>
<style scoped>
.band {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.8rem;
  align-items: center;
  font-size: 1.1rem;
}
.told {
  font-weight: 700;
  color: var(--music);
}
</style>
