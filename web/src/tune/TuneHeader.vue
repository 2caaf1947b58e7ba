<script setup lang="ts">
import { DANCE_TEMPI, tuneBars, tuneBpm, type Tune } from '@dellop/core/tune'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import EntryComplete from '../ui/EntryComplete.vue'
import EntryInput from '../ui/EntryInput.vue'

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

const DANCES = DANCE_TEMPI.map(({ dance }) => dance)
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
function rename(title: string): void {
  if (title !== '') emit('change', { ...props.tune, title }, words.tunes.done.title)
}
</script>

<template>
  <header class="view-head">
    <div class="names">
      <h1>
        <EntryInput
          class="title-input"
          :value="tune.title"
          :aria-label="words.tunes.title_"
          maxlength="120"
          @change="rename"
        />
      </h1>
      <div class="soft facts">
        <EntryComplete
          class="dance"
          :value="tune.dance"
          :offers="DANCES"
          :aria-label="words.tunes.dance"
          maxlength="40"
          :placeholder="words.tunes.danceHint"
          @change="emit('change', { ...tune, dance: $event }, words.tunes.done.dance)"
        />
        <span>{{ facts }}</span>
      </div>
    </div>
    <div class="actions">
      <span class="soft" role="status">{{ saving }}</span>
      <el-button :disabled="!canUndo" @click="emit('undo')">
        {{ words.sheet.undo }}
      </el-button>
      <el-button :disabled="!canRedo" @click="emit('redo')">
        {{ words.sheet.redo }}
      </el-button>
      <el-checkbox v-model="clicks" class="clicks">{{ words.tunes.clicks }}</el-checkbox>
      <el-button type="primary" size="large" :disabled="!playable" @click="emit('play')">
        {{ playing ? words.tunes.pause : words.tunes.play }}
      </el-button>
    </div>
  </header>
</template>

<style scoped>
.names {
  flex: 1;
  min-width: min(26rem, 100%);
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.8rem;
  align-items: center;
}
.facts :deep(.el-autocomplete) {
  flex: 0 1 11rem;
  width: 11rem;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
}
</style>
