<script setup lang="ts">
import { computed } from 'vue'
import { words } from '../words/index.ts'
import type { TapUnit } from '@dellop/core/call'
import type { Lectern } from './lectern.ts'
import type { LecternCommands } from './useLecternCommands.ts'
import Labelled from '../ui/Labelled.vue'

/**
 * Following music that is not played from here: what is tapped, how far off the last tap was, the
 * landmark that comes.
 */
const props = defineProps<{ lectern: Lectern; commands: LecternCommands; started: boolean }>()
const { tapUnit: unit, tapped, nextLandmark: landmark } = props.lectern
const nudge = (beats: number): void => props.lectern.obey({ do: 'nudge', beats })

const told = computed(() => {
  const last = tapped.value
  if (!last) return props.started ? '' : words.lectern.band.start
  return last.taken === 'double'
    ? words.lectern.band.double
    : last.taken === 'stray'
      ? words.lectern.band.stray
      : words.lectern.band.off(last.errorBeats)
})
</script>

<template>
  <section class="band" :aria-label="words.lectern.band.title">
    <button class="key-box own-key" @click="commands.run('tap')">
      <kbd class="count">T</kbd>{{ words.lectern.band.tap }}
    </button>
    <button class="key-box own-key" @click="commands.run('landmark')">
      <kbd class="count">L</kbd
      >{{
        started && landmark
          ? words.lectern.band.landmark(landmark.text)
          : words.lectern.band.firstStep
      }}
    </button>
    <button class="key-box own-key" @click="nudge(-0.5)">
      <kbd class="count">,</kbd>{{ words.lectern.band.sooner }}
    </button>
    <button class="key-box own-key" @click="nudge(0.5)">
      <kbd class="count">.</kbd>{{ words.lectern.band.later }}
    </button>
    <Labelled class="own-key" :label="words.lectern.band.unit"
      ><el-select :model-value="unit" @change="unit = $event as TapUnit"
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
