<script setup lang="ts">
import { beatCsv, beatMidi, sectionsVtt } from '@dellop/core/file'
import type { Recording, Tune } from '@dellop/core/tune'
import { computed, ref, shallowRef } from 'vue'
import { sentenceOf } from '../app/api.ts'
import { download } from '../app/download.ts'
import { words } from '../words/index.ts'
import { practiceTrack, type TrackWish } from './practiceTrack.ts'
import Labelled from '../ui/Labelled.vue'

/** The beats and phrases as files that other programs read, and tracks to practise with. */
const props = defineProps<{ tune: Tune; recording: Recording; buffer: AudioBuffer | null }>()
const SPEEDS = [50, 60, 70, 75, 80, 85, 90, 95, 100, 105, 110, 120, 130, 140, 150]
const speed = ref(100)
const language = ref<'en' | 'de'>('en')
const ones = ref<'plain' | 'numbered'>('plain')
const working = ref('')
const told = ref('')
const failure = ref('')
const stopping = shallowRef<AbortController | null>(null)

const name = (ending: string): string =>
  `${props.tune.title.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}${ending}`
const files = [
  {
    text: words.tunes.asCsv,
    take: () => download(name('-beats.csv'), 'text/csv', beatCsv(props.tune, props.recording)),
  },
  {
    text: words.tunes.asMidi,
    take: () => download(name('-beats.mid'), 'audio/midi', beatMidi(props.tune, props.recording)),
  },
  {
    text: words.tunes.asVtt,
    take: () =>
      download(name('-phrases.vtt'), 'text/vtt', sectionsVtt(props.tune, props.recording)),
  },
]
const tracks: readonly {
  readonly text: string
  readonly mark: TrackWish['mark']
  readonly music: boolean
}[] = [
  { text: words.tunes.asClicks, mark: 'clicks', music: false },
  { text: words.tunes.asClicksMusic, mark: 'clicks', music: true },
  { text: words.tunes.asCount, mark: 'count', music: false },
  { text: words.tunes.asCountMusic, mark: 'count', music: true },
]
const busy = computed(() => stopping.value !== null)

async function make({ mark, music }: (typeof tracks)[number]): Promise<void> {
  const stop = new AbortController()
  stopping.value = stop
  failure.value = told.value = ''
  const file = name(`-${mark}${music ? '-music' : ''}-${speed.value}.wav`)
  try {
    const wish: TrackWish = {
      tune: props.tune,
      recording: props.recording,
      music: music ? props.buffer : null,
      mark,
      language: language.value,
      ones: ones.value,
      speed: speed.value / 100,
    }
    download(
      file,
      'audio/wav',
      await practiceTrack(wish, (text) => (working.value = text), stop.signal),
    )
    told.value = words.tunes.trackDone(file)
  } catch (error) {
    if (stop.signal.aborted) told.value = words.tunes.stopped
    else failure.value = words.tunes.trackFailed + sentenceOf(error)
  } finally {
    stopping.value = null
    working.value = ''
  }
}
</script>

<template>
  <section aria-labelledby="take-head">
    <h2 id="take-head">{{ words.tunes.takeAway }}</h2>
    <div class="files">
      <el-button v-for="file in files" :key="file.text" @click="file.take()">
        {{ file.text }}
      </el-button>
    </div>
    <div class="files">
      <el-button
        v-for="track in tracks"
        :key="track.text"
        :disabled="busy || (track.music && !buffer)"
        @click="make(track)"
      >
        {{ track.text }}
      </el-button>
      <Labelled :label="words.tunes.speed"
        ><el-select v-model="speed" class="pick"
          ><el-option
            v-for="n in SPEEDS"
            :key="n"
            :value="n"
            :label="words.tunes.percent(n)" /></el-select
      ></Labelled>
      <Labelled :label="words.tunes.countWay"
        ><el-select v-model="ones" class="pick"
          ><el-option value="plain" :label="words.tunes.countPlain" />
          <el-option value="numbered" :label="words.tunes.countNumbered" /></el-select
      ></Labelled>
      <Labelled :label="words.tunes.countVoice"
        ><el-select v-model="language" class="pick"
          ><el-option value="en" :label="words.tunes.countEnglish" />
          <el-option value="de" :label="words.tunes.countGerman" /></el-select
      ></Labelled>
    </div>
    <div v-if="busy" class="told making" role="status">
      <span>{{ working }}</span>{{ ' '
      }}<el-button @click="stopping?.abort()">{{ words.tunes.stop }}</el-button>
    </div>
    <p v-if="told" class="told" role="status">{{ told }}</p>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
  </section>
</template>

<style scoped>
h2 {
  margin: 1.5rem 0 0.5rem;
}
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.75rem;
  align-items: center;
  margin-bottom: 0.6rem;
}
.making {
  display: flex;
  gap: 1rem;
  align-items: center;
}
</style>
