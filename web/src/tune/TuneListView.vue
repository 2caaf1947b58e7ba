<script setup lang="ts">
import { tuneBars, tuneBpm, type Tune } from '@dellop/core/tune'
import { onMounted, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'
import {
  bringInRecording,
  bringInScore,
  progressText,
  scoreKind,
  type BringProgress,
} from './bringIn.ts'
import { leaveForTune } from './otherRecording.ts'
import { hashOf } from '../workers/fileReading.ts'
import { refuseUnread } from './soundFile.ts'

const library = useLibrary()
const router = useRouter()
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
  return words.tunes.bars(all, Math.round(danced * 10) / 10)
}

const tempo = (tune: Tune): string =>
  words.tunes.tempo(
    Math.round(tuneBpm(tune)),
    Math.round((tuneBpm(tune) / tune.metre.beatsPerBar) * 10) / 10,
  )

const stopping = shallowRef<AbortController | null>(null)
const progress = ref<BringProgress | null>(null)
/**
 * A file whose name a recording has already, though it is another one: what it is has to be asked.
 */
const asking = shallowRef<{ readonly file: File; readonly tune: Tune } | null>(null)
/** A tune to go to from what was told. */
const found = shallowRef<Tune | null>(null)

function chosen(event: Event): void {
  const box = event.target as HTMLInputElement
  const file = box.files?.[0]
  box.value = ''
  if (file) void bring(file)
}

const recordingsOf = (
  tune: Tune,
  of: (recording: Tune['recordings'][number]) => boolean,
): boolean => tune.recordings.some(of)

async function bring(file: File, asNew = false): Promise<void> {
  if (stopping.value) return
  failure.value = told.value = ''
  found.value = asking.value = null
  const stop = new AbortController()
  stopping.value = stop
  try {
    // A file may be dropped before the tunes are here, which it is compared with.
    await library.load()
    const kind = scoreKind(file)
    if (kind) await bringScore(file, kind)
    else if (!(await known(file, asNew)))
      ready(await bringInRecording(file, (at) => (progress.value = at), stop.signal))
  } catch (error) {
    if (stop.signal.aborted) told.value = words.tunes.stopped
    else failure.value = words.tunes.notBrought + sentenceOf(error)
  } finally {
    stopping.value = progress.value = null
  }
}

/**
 * Whether the recording is here already, or one from a file of its name: both are said before
 * anything is listened to.
 */
async function known(file: File, asNew: boolean): Promise<boolean> {
  progress.value = { step: 'reading', share: 0 }
  await refuseUnread(file)
  const hash = await hashOf(file)
  const same = library.tunes.find((tune) => recordingsOf(tune, ({ media }) => media === hash))
  if (same) {
    told.value = words.tunes.sameFile(same.title)
    found.value = same
    return true
  }
  const named = asNew
    ? undefined
    : library.tunes.find((tune) => recordingsOf(tune, ({ fileName }) => fileName === file.name))
  if (named) asking.value = { file, tune: named }
  return named !== undefined
}

function ready(tune: Tune): void {
  library.putTune(tune)
  told.value = words.tunes.brought(tune.title, tune.bpm, tune.metre.beatsPerBar)
  found.value = tune
}

async function bringScore(file: File, kind: 'abc' | 'midi' | 'musicxml'): Promise<void> {
  busy.value = true
  try {
    ready(await bringInScore(file, kind))
  } finally {
    busy.value = false
  }
}

function asOther(file: File, tune: Tune): void {
  leaveForTune(tune.id, file)
  void router.push({ name: 'tune', params: { id: tune.id } })
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
        <button class="button main" :disabled="busy || stopping !== null" @click="fileBox?.click()">
          {{ words.tunes.bring }}
        </button>
        <input
          ref="fileBox"
          class="unseen"
          type="file"
          accept=".abc,.mid,.midi,.xml,.musicxml,.mxl,.wav,.mp3,.m4a,.ogg,.oga,.flac,.opus,audio/*"
          tabindex="-1"
          :aria-label="words.tunes.bring"
          @change="chosen"
        />
      </div>
    </header>
    <p class="soft hint">{{ words.tunes.bringHint }} {{ words.tunes.dropHere }}</p>
    <p v-if="busy" role="status" class="told">{{ words.tunes.playing }}</p>
    <div v-if="progress" class="told progress" role="status">
      <span>{{ progressText(progress) }}</span>
      <progress
        :value="progress.step === 'listening' ? progress.share : undefined"
        max="1"
        :aria-label="progressText(progress)"
      />
      <button class="button small" @click="stopping?.abort()">{{ words.tunes.stop }}</button>
    </div>
    <p v-if="told" role="status" class="told">
      {{ told }}
      <RouterLink v-if="found" :to="{ name: 'tune', params: { id: found.id } }">{{
        words.tunes.openIt(found.title)
      }}</RouterLink>
    </p>
    <div v-if="asking" class="told" role="alert">
      <p>{{ words.tunes.sameName(asking.file.name, asking.tune.title) }}</p>
      <div class="answers">
        <button class="button small" @click="asOther(asking.file, asking.tune)">
          {{ words.tunes.asOther(asking.tune.title) }}
        </button>
        <button class="button small" @click="bring(asking.file, true)">
          {{ words.tunes.asNew }}
        </button>
        <button class="button small" @click="asking = null">{{ words.tunes.notNow }}</button>
      </div>
    </div>
    <p v-if="failure" role="alert" class="failure">{{ failure }}</p>
    <p v-if="loaded && library.tunes.length === 0" class="empty">{{ words.tunes.empty }}</p>
    <ul v-else>
      <li v-for="tune in library.tunes" :key="tune.id">
        <RouterLink class="title" :to="{ name: 'tune', params: { id: tune.id } }">{{
          tune.title
        }}</RouterLink>
        <span>{{ tune.dance }}</span>
        <span class="soft">{{ bars(tune) }}</span>
        <span class="count">{{ tempo(tune) }}</span>
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
  grid-template-columns: 2fr 0.8fr 1.7fr 2.1fr;
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
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-top: 0.5rem;
}
.progress progress {
  flex: 1 1 8rem;
  accent-color: var(--feet);
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr;
    gap: 0.2rem;
  }
}
</style>
