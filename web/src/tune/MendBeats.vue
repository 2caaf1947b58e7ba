<script setup lang="ts">
import { words } from '../words/index.ts'

/** What can be done to the beats, each one click and one key. */
defineProps<{ beatsPerBar: number; chosenBeat: number | null; taps: number; tapsNeeded: number; listening: boolean }>()
const emit = defineEmits<{ half: []; double: []; one: []; off: []; nudge: [seconds: number]; metre: [beats: number]; tap: []; useTaps: [] }>()
const METRES = [2, 3, 4, 6]
</script>

<template>
  <section class="mend" :aria-label="words.tunes.mend">
    <div>
      <h3>{{ words.tunes.tempo_ }}</h3>
      <button class="button small" @click="emit('half')">{{ words.tunes.half }}</button>
      <button class="button small" @click="emit('double')">{{ words.tunes.double }}</button>
      <button class="button small" @click="emit('off')">{{ words.tunes.off }}</button>
    </div>
    <div>
      <h3>{{ words.tunes.bars_ }}</h3>
      <button class="button small" :disabled="chosenBeat === null" @click="emit('one')">{{ words.tunes.one }}</button>
      <label class="metre"
        >{{ words.tunes.metre }}
        <select :value="beatsPerBar" @change="emit('metre', Number(($event.target as HTMLSelectElement).value))">
          <option v-for="n in METRES" :key="n" :value="n">{{ n }}</option>
        </select></label
      >
    </div>
    <div>
      <h3>{{ words.tunes.place_ }}</h3>
      <button class="button small" @click="emit('nudge', -0.01)">{{ words.tunes.nudgeBack }}</button>
      <button class="button small" @click="emit('nudge', 0.01)">{{ words.tunes.nudgeOn }}</button>
    </div>
    <div>
      <h3>{{ words.tunes.tapping }}</h3>
      <button class="button small tap" @pointerdown.prevent="emit('tap')" @keydown.enter.prevent="emit('tap')">{{ words.tunes.tap }}</button>
      <button class="button small" :disabled="taps < tapsNeeded || listening" @click="emit('useTaps')">{{ words.tunes.useTaps(taps, tapsNeeded) }}</button>
    </div>
  </section>
</template>

<style scoped>
.mend {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 30rem), 1fr));
  gap: 0.75rem 2rem;
  margin: 0.9rem 0;
}
.mend > div {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
  align-items: center;
}
h3 {
  width: 100%;
  font-size: 0.95rem;
  color: var(--ink-soft);
}
.metre select {
  min-height: 34px;
  font: inherit;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  border-radius: 6px;
}
.tap {
  touch-action: manipulation;
}
</style>
