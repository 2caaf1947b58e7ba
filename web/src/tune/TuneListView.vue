<script setup lang="ts">
import { tuneBars, type Tune } from '@dellop/core/tune'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'
import { bringInRecording, type BringProgress } from './bringIn.ts'

const library = useLibrary()
const failure = ref('')
const told = ref('')
const busy = ref(false)
const loaded = ref(false)
const fileBox = ref<HTMLInputElement | null>(null)

onMounted(async () => {
  try {
    await library.load()
    loaded.value = true
  } catch (error) {
    failure.value = sentenceOf(error)
  }
})

const bars = (tune: Tune): string => {
  const { bars: all, danced } = tuneBars(tune)
  return words.tunes.bars(all, danced)
}

const stopping = shallowRef<AbortController | null>(null)
const progress = ref<BringProgress | null>(null)
const progressText = computed(() => {
  const now = progress.value
  if (!now) return ''
  return now.step === 'listening' ? words.tunes.listening(Math.round(now.share * 100)) : words.tunes[now.step]
})

function chosen(event: Event): void {
  const box = event.target as HTMLInputElement
  const file = box.files?.[0]
  box.value = ''
  if (file) void bring(file)
}

const isAbc = (file: File): boolean => /\.(abc|txt)$/i.test(file.name)

async function bring(file: File): Promise<void> {
  if (stopping.value) return
  failure.value = told.value = ''
  const stop = new AbortController()
  stopping.value = stop
  try {
    if (isAbc(file)) await bringAbc(file)
    else {
      const { tune } = await bringInRecording(file, (at) => (progress.value = at), stop.signal)
      library.putTune(tune)
      told.value = words.tunes.brought(tune.title, tune.bpm, tune.metre.beatsPerBar)
    }
  } catch (error) {
    if (stop.signal.aborted) told.value = words.tunes.stopped
    else failure.value = words.tunes.notBrought + sentenceOf(error)
  } finally {
    stopping.value = null
    progress.value = null
  }
}

async function bringAbc(file: File): Promise<void> {
  busy.value = true
  try {
    const { tune } = await api('importAbc', { body: { abc: await file.text() } })
    library.putTune(tune)
    told.value = words.tunes.brought(tune.title, tune.bpm, tune.metre.beatsPerBar)
  } finally {
    busy.value = false
  }
}

function drop(event: DragEvent): void {
  const file = event.dataTransfer?.files[0]
  if (file) void bring(file)
}
</script>

<template>
  <div class="view" @dragover.prevent @drop.prevent="drop">
    <header class="view-head">
      <div>
        <h1>{{ words.tunes.title }}</h1>
        <p class="soft">{{ words.tunes.lead }}</p>
      </div>
      <div>
        <button class="button main" :disabled="busy || stopping !== null" @click="fileBox?.click()">{{ words.tunes.bring }}</button>
        <input ref="fileBox" class="unseen" type="file" accept=".abc,.wav,.mp3,.m4a,.ogg,.oga,.flac,.opus,audio/*" tabindex="-1" :aria-label="words.tunes.bring" @change="chosen" />
      </div>
    </header>
    <p class="soft hint">{{ words.tunes.bringHint }} {{ words.tunes.dropHere }}</p>
    <p v-if="busy" role="status" class="told">{{ words.tunes.playing }}</p>
    <div v-if="progress" class="told progress" role="status">
      <span>{{ progressText }}</span>
      <progress :value="progress.step === 'listening' ? progress.share : undefined" max="1" :aria-label="progressText" />
      <button class="button small" @click="stopping?.abort()">{{ words.tunes.stop }}</button>
    </div>
    <p v-if="told" role="status" class="told">{{ told }}</p>
    <p v-if="failure" role="alert" class="failure">{{ failure }}</p>
    <p v-if="loaded && library.tunes.length === 0" class="empty">{{ words.tunes.empty }}</p>
    <ul v-else>
      <li v-for="tune in library.tunes" :key="tune.id">
        <RouterLink class="title" :to="{ name: 'tune', params: { id: tune.id } }">{{ tune.title }}</RouterLink>
        <span>{{ tune.dance }}</span>
        <span class="soft">{{ bars(tune) }}</span>
        <span class="count">{{ words.tunes.tempo(tune.bpm, Math.round((tune.bpm / tune.metre.beatsPerBar) * 10) / 10) }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 2fr 1fr 2fr 2fr;
  gap: 1rem;
  align-items: baseline;
  padding: 0.9rem 1rem;
  background: var(--sheet);
  border-bottom: 1px solid var(--rule);
  border-left: 6px solid var(--music);
}
.title {
  font-family: var(--font-head);
  font-weight: 700;
  font-size: 1.2rem;
  color: var(--ink);
}
.hint {
  margin: -0.75rem 0 1rem;
}
.progress {
  display: flex;
  gap: 1rem;
  align-items: center;
}
.progress progress {
  flex: 1;
  accent-color: var(--feet);
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr;
    gap: 0.2rem;
  }
}
</style>
