<script setup lang="ts">
import { usualBpm, type Recording, type Tune } from '@dellop/core/tune'
import { computed } from 'vue'
import PickFile from '../ui/PickFile.vue'
import { words } from '../words/index.ts'
import { differencesText } from '../words/differences.ts'
import EntryInput from '../ui/EntryInput.vue'

/**
 * The recordings of the tune: which one is looked at, how the others differ, and bringing in one
 * more.
 */
const props = defineProps<{
  tune: Tune
  shownId: string
  progress: string | null
  share: number | null
}>()
const emit = defineEmits<{
  look: [id: string]
  rename: [id: string, name: string]
  takeOut: [id: string]
  bring: [file: File]
  stop: []
}>()

const factsOf = (recording: Recording): string =>
  words.tunes.recordingFacts(
    words.format.clock(recording.durationSeconds),
    usualBpm(recording.beatMap),
  )
const busy = computed(() => props.progress !== null)

function rename(recording: Recording, name: string): void {
  const next = name.trim().slice(0, 120)
  if (next !== '' && next !== recording.name) emit('rename', recording.id, next)
}
</script>

<template>
  <section aria-labelledby="recordings-head">
    <h2 id="recordings-head">{{ words.tunes.recordings }}</h2>
    <ul>
      <li
        v-for="recording in tune.recordings"
        :key="recording.id"
        :class="{ shown: recording.id === shownId }"
      >
        <EntryInput
          class="name"
          :value="recording.name"
          :aria-label="words.tunes.recordingName"
          maxlength="120"
          @change="rename(recording, $event)"
        />
        <span class="count soft">{{ factsOf(recording) }}</span>
        <strong v-if="recording.id === shownId">{{ words.tunes.recordingShown }}</strong>
        <el-button
          v-else
          :aria-label="`${words.tunes.recordingShow}: ${recording.name}`"
          @click="emit('look', recording.id)"
        >
          {{ words.tunes.recordingShow }}
        </el-button>
        <el-button
          v-if="tune.recordings.length > 1"
          link
          class="quiet"
          :aria-label="`${words.tunes.takeOut} ${recording.name}`"
          @click="emit('takeOut', recording.id)"
        >
          {{ words.tunes.takeOut }}
        </el-button>
        <p v-if="recording.differences.length > 0" class="more">{{ differencesText(recording) }}</p>
        <p v-else-if="recording.layout" class="more soft">{{ words.tunes.recordingOnly }}</p>
      </li>
    </ul>
    <div v-if="progress" class="told progress" role="status">
      <span>{{ progress }}</span>
      <el-progress
        class="bar"
        :percentage="Math.round((share ?? 0) * 100)"
        :indeterminate="share === null"
        :aria-label="progress"
      />
      <el-button @click="emit('stop')">{{ words.tunes.stop }}</el-button>
    </div>
    <PickFile
      :label="words.tunes.recordingBring"
      accept=".wav,.mp3,.m4a,.ogg,.oga,.flac,.opus,audio/*"
      :disabled="busy"
      @pick="emit('bring', $event)"
    />
  </section>
</template>

<style scoped>
h2 {
  margin: 1.5rem 0 0.5rem;
}
ul {
  list-style: none;
  margin: 0 0 0.75rem;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1rem;
  align-items: center;
  padding: 0.3rem 0.75rem;
  border-left: 6px solid var(--rule-strong);
  margin-bottom: 0.25rem;
}
li.shown {
  border-left-color: var(--music);
  background: var(--sheet);
}
.name {
  font: inherit;
  font-weight: 700;
  width: 16rem;
  max-width: 100%;
  color: var(--ink);
  border: 0;
  border-bottom: 1px dashed var(--rule-strong);
  background: transparent;
}
.more {
  width: 100%;
  margin: 0;
}
.progress {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
}
.bar {
  flex: 1 1 8rem;
}
.quiet {
  font-weight: 400;
  border-color: var(--rule-strong);
}
</style>
