<script setup lang="ts">
import type { DancedSlot } from '@dellop/core/routine'
import type { Shown } from '../page/shown.ts'
import { words } from '../words/index.ts'
import { clipboard } from './clipboard.ts'
import type { PageKey } from './pageCommands.ts'
import RangeBar from './RangeBar.vue'

/**
 * How the page is laid, what of it is shown, how far the group knows it, and what can be done with
 * several figures.
 */
defineProps<{
  range: readonly DancedSlot[]
  run: (id: PageKey) => void
  fading: boolean
}>()
const laidBy = defineModel<'part' | 'music'>('laidBy', { required: true })
const known = defineModel<number>('known', { required: true })
const shown = defineModel<Shown>('shown', { required: true })
const stripShown = defineModel<boolean>('strip', { required: true })
/** From so many times on everybody knows it. */
const MOST_KNOWN = 6
</script>

<template>
  <div class="laid" role="group" :aria-label="words.sheets.view.label">
    <button class="button small" :aria-pressed="laidBy === 'part'" @click="laidBy = 'part'">
      {{ words.sheets.view.part }}
    </button>
    <button class="button small" :aria-pressed="laidBy === 'music'" @click="laidBy = 'music'">
      {{ words.sheets.view.music }}
    </button>
    <button class="button small" :aria-pressed="stripShown" @click="stripShown = !stripShown">
      {{ words.sheets.view.strip }}
    </button>
    <span class="group" role="group" :aria-label="words.cues.shown">
      <button
        class="button small"
        :aria-pressed="shown.said"
        :disabled="shown.said && !shown.danced"
        @click="shown = { ...shown, said: !shown.said }"
      >
        {{ words.cues.showSaid }}
      </button>
      <button
        class="button small"
        :aria-pressed="shown.danced"
        :disabled="shown.danced && !shown.said"
        @click="shown = { ...shown, danced: !shown.danced }"
      >
        {{ words.cues.showDanced }}
      </button>
    </span>
    <label v-if="fading" class="known">
      {{ words.schools.known }}
      <span class="soft" aria-hidden="true">{{ words.schools.knownLeast }}</span>
      <input
        v-model.number="known"
        type="range"
        min="0"
        :max="MOST_KNOWN"
        :aria-valuetext="words.schools.knownTimes(known)"
      />
      <span class="soft" aria-hidden="true">{{ words.schools.knownMost }}</span>
    </label>
    <RangeBar :range="range" :copied="clipboard.length" :run="run" />
  </div>
</template>

<style scoped>
.laid {
  margin-top: 0.5rem;
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
  align-items: center;
  margin-bottom: 0.4rem;
}
.known {
  display: flex;
  align-items: center;
  gap: 0.4rem;
  margin-left: 0.6rem;
}
.known input {
  width: 7rem;
}
/* Small groups of what belongs together. */
.group {
  display: flex;
  gap: 0.3rem;
  margin-left: 0.6rem;
}
</style>
