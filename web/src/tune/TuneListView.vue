<script setup lang="ts">
import { tuneBars, tuneBpm, type Tune } from '@dellop/core/tune'
import { onMounted, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import LongTable, { type LongColumn } from '../ui/LongTable.vue'
import PickFile from '../ui/PickFile.vue'
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

const columns: readonly LongColumn<Tune>[] = [
  {
    key: 'title',
    title: words.tunes.columns.title,
    width: 260,
    grow: 2,
    by: (one) => one.title,
    always: true,
  },
  {
    key: 'dance',
    title: words.tunes.dance,
    width: 150,
    grow: 1,
    by: (one) => words.dance(one.dance),
  },
  {
    key: 'length',
    title: words.tunes.columns.length,
    width: 250,
    grow: 1,
    by: (one) => tuneBars(one).bars,
  },
  { key: 'tempo', title: words.tunes.columns.tempo, width: 170, by: tuneBpm, always: true },
  {
    key: 'recordings',
    title: words.tunes.columns.recordings,
    width: 120,
    by: (one) => one.recordings.length,
    number: true,
  },
]

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
        <PickFile
          type="primary"
          size="large"
          :label="words.tunes.bring"
          :disabled="busy || stopping !== null"
          accept=".abc,.mid,.midi,.xml,.musicxml,.mxl,.wav,.mp3,.m4a,.ogg,.oga,.flac,.opus,audio/*"
          @pick="bring($event)"
        />
      </div>
    </header>
    <p class="soft hint">{{ words.tunes.bringHint }} {{ words.tunes.dropHere }}</p>
    <p v-if="busy" role="status" class="told">{{ words.tunes.playing }}</p>
    <div v-if="progress" class="told progress" role="status">
      <span>{{ progressText(progress) }}</span>
      <el-progress
        class="bar"
        :percentage="progress.step === 'listening' ? Math.round(progress.share * 100) : 0"
        :indeterminate="progress.step !== 'listening'"
        :aria-label="progressText(progress)"
      />
      <el-button @click="stopping?.abort()">{{ words.tunes.stop }}</el-button>
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
        <el-button @click="asOther(asking.file, asking.tune)">
          {{ words.tunes.asOther(asking.tune.title) }}
        </el-button>
        <el-button @click="bring(asking.file, true)">
          {{ words.tunes.asNew }}
        </el-button>
        <el-button @click="asking = null">{{ words.tunes.notNow }}</el-button>
      </div>
    </div>
    <p v-if="failure" role="alert" class="failure">{{ failure }}</p>
    <el-empty
      v-if="loaded && library.tunes.length === 0"
      :description="words.tunes.empty"
    ></el-empty>
    <LongTable
      v-else
      :columns="columns"
      :rows="library.tunes"
      :label="words.tunes.title"
      :row-height="56"
    >
      <template #title="{ row }"
        ><RouterLink class="title" :to="{ name: 'tune', params: { id: row.id } }">{{
          row.title
        }}</RouterLink></template
      >
      <template #dance="{ row }">{{ words.dance(row.dance) }}</template>
      <template #length="{ row }">{{ bars(row) }}</template>
      <template #tempo="{ row }"
        ><span class="count">{{ tempo(row) }}</span></template
      >
      <template #recordings="{ row }">{{ row.recordings.length }}</template>
    </LongTable>
  </div>
</template>

<style scoped>
.title {
  font-family: var(--font-head);
  font-weight: 700;
  font-size: 1.1rem;
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
.bar {
  flex: 1 1 12rem;
}
</style>
