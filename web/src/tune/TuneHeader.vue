<script setup lang="ts">
import { DANCE_TEMPI, tuneBars, tuneBpm, type Tune } from '@dellop/core/tune'
import { computed } from 'vue'
import { vEntry } from '../ui/entry.ts'
import { words } from '../words/index.ts'

/** What the tune is: name, dance, tempo in both units, bars, length; saving, undo, play. */
const props = defineProps<{
  tune: Tune
  saving: string
  canUndo: boolean
  canRedo: boolean
  playing: boolean
  playable: boolean
}>()
const emit = defineEmits<{ change: [tune: Tune, label: string]; undo: []; redo: []; play: [] }>()
const clicks = defineModel<boolean>('clicks', { required: true })

const round = (value: number): number => Math.round(value * 10) / 10
const recording = computed(() => props.tune.recordings[0])
const bpm = computed(() => tuneBpm(props.tune))
const facts = computed(() => {
  const { bars, danced } = tuneBars(props.tune)
  const length = recording.value ? [words.format.clock(recording.value.durationSeconds)] : []
  return [
    words.tunes.tempo(round(bpm.value), round(bpm.value / props.tune.metre.beatsPerBar)),
    words.tunes.bars(bars, round(danced)),
    ...length,
  ].join(' · ')
})
const valueOf = (event: Event): string => (event.target as HTMLInputElement).value.trim()
function rename(event: Event): void {
  const title = valueOf(event)
  if (title !== '') emit('change', { ...props.tune, title }, words.tunes.done.title)
}
</script>

<template>
  <header class="view-head">
    <div class="names">
      <h1>
        <input
          v-entry="tune.title"
          class="title"
          :aria-label="words.tunes.title_"
          maxlength="120"
          @change="rename"
        />
      </h1>
      <p class="soft">
        <label
          >{{ words.tunes.dance }}
          <input
            v-entry="tune.dance"
            class="dance"
            list="dances"
            maxlength="40"
            :placeholder="words.tunes.danceHint"
            @change="emit('change', { ...tune, dance: valueOf($event) }, words.tunes.done.dance)"
          />
        </label>
        <span class="facts">{{ facts }}</span>
      </p>
      <datalist id="dances">
        <option v-for="one in DANCE_TEMPI" :key="one.dance" :value="one.dance" />
      </datalist>
    </div>
    <div class="actions">
      <span class="soft" role="status">{{ saving }}</span>
      <button class="button small" :disabled="!canUndo" @click="emit('undo')">
        {{ words.sheet.undo }}
      </button>
      <button class="button small" :disabled="!canRedo" @click="emit('redo')">
        {{ words.sheet.redo }}
      </button>
      <label class="clicks"
        ><input v-model="clicks" type="checkbox" /> {{ words.tunes.clicks }}</label
      >
      <button class="button main" :disabled="!playable" @click="emit('play')">
        {{ playing ? words.tunes.pause : words.tunes.play }}
      </button>
    </div>
  </header>
</template>

<style scoped>
.names {
  flex: 1;
  min-width: 16rem;
}
.title,
.dance {
  font: inherit;
  color: inherit;
  border: 0;
  border-bottom: 1px dashed transparent;
  background: transparent;
  padding: 0;
}
.title {
  width: 100%;
}
.dance {
  width: 9rem;
  color: var(--ink);
  border-bottom-color: var(--rule-strong);
  margin-right: 1rem;
}
.title:hover,
.title:focus {
  border-bottom-color: var(--rule-strong);
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
}
</style>
