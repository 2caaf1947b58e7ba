<script setup lang="ts">
import { words } from '../words/index.ts'

/** What can be done to the beats, each one click and most one key. */
defineProps<{
  beatsPerBar: number
  chosenBeat: number | null
  taps: number
  tapsNeeded: number
  listening: boolean
  choosingEnd: boolean
  free: readonly { readonly index: number; readonly atBeat: number; readonly text: string }[]
}>()
const emit = defineEmits<{
  half: []
  double: []
  one: []
  off: []
  nudge: [seconds: number]
  metre: [beats: number]
  tap: []
  listenNear: []
  retap: []
  anchor: []
  letGo: []
  free: []
  freeStop: []
  countAgain: [index: number, atBeat: number]
}>()
const anyKey = defineModel<boolean>('anyKey', { required: true })
const METRES = [2, 3, 4, 5, 6, 8, 9, 12]
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
      <button class="button small" :disabled="chosenBeat === null" @click="emit('one')">
        {{ words.tunes.one }}
      </button>
      <label class="metre"
        >{{ words.tunes.metre }}
        <select
          class="pick"
          :value="beatsPerBar"
          @change="emit('metre', Number(($event.target as HTMLSelectElement).value))"
        >
          <option v-for="n in METRES" :key="n" :value="n">{{ n }}</option>
        </select></label
      >
    </div>
    <div>
      <h3>{{ words.tunes.tapping }}</h3>
      <button
        class="button small tap"
        @pointerdown.prevent="emit('tap')"
        @keydown.enter.prevent="emit('tap')"
      >
        {{ words.tunes.tap }}
      </button>
      <label><input v-model="anyKey" type="checkbox" /> {{ words.tunes.anyKey }}</label>
      <button
        class="button small"
        :disabled="taps < tapsNeeded || listening"
        @click="emit('listenNear')"
      >
        {{ words.tunes.useTaps(taps, tapsNeeded) }}
      </button>
      <button
        class="button small"
        :disabled="taps < tapsNeeded || listening"
        @click="emit('retap')"
      >
        {{ words.tunes.retap(taps, tapsNeeded) }}
      </button>
    </div>
    <div>
      <h3>{{ words.tunes.anchors }}</h3>
      <button class="button small" :disabled="chosenBeat === null" @click="emit('anchor')">
        {{ words.tunes.anchorHere }}
      </button>
      <button class="button small" :disabled="chosenBeat === null" @click="emit('letGo')">
        {{ words.tunes.anchorFree }}
      </button>
      <span class="soft">{{ words.tunes.anchorHelp }}</span>
    </div>
    <div>
      <h3>{{ words.tunes.freeTime }}</h3>
      <button
        class="button small"
        :class="{ main: choosingEnd }"
        :disabled="chosenBeat === null"
        @click="emit('free')"
      >
        {{ choosingEnd ? words.tunes.freeEnd : words.tunes.freeStart }}
      </button>
      <button v-if="choosingEnd" class="button small" @click="emit('freeStop')">
        {{ words.tunes.freeStop }}
      </button>
      <span v-for="one in free" :key="one.index" class="one">
        {{ one.text }}
        <button class="textlink" @click="emit('countAgain', one.index, one.atBeat)">
          {{ words.tunes.freeCount }}
        </button>
      </span>
    </div>
    <div>
      <h3>{{ words.tunes.place_ }}</h3>
      <button class="button small" @click="emit('nudge', -0.01)">
        {{ words.tunes.nudgeBack }}
      </button>
      <button class="button small" @click="emit('nudge', 0.01)">{{ words.tunes.nudgeOn }}</button>
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
  align-content: start;
}
h3 {
  width: 100%;
  font-size: 0.95rem;
  color: var(--ink-soft);
}
.tap {
  touch-action: manipulation;
}
.one {
  width: 100%;
}
</style>
