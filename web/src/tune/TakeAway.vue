<script setup lang="ts">
import { clickTrack, wavBytes } from '@dellop/core/band'
import { beatCsv, beatMidi, beatMoments, sectionsVtt } from '@dellop/core/file'
import type { Recording, Tune } from '@dellop/core/tune'
import { download } from '../app/download.ts'
import { words } from '../words/index.ts'

/** The beats and phrases as files that other programs read. */
const props = defineProps<{ tune: Tune; recording: Recording }>()
const CLICK_RATE = 22_050

const name = (ending: string): string => `${props.tune.title.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}${ending}`
const clicks = (): Uint8Array =>
  wavBytes(
    clickTrack(
      beatMoments(props.recording, props.tune.metre).map(({ seconds, beatInBar }) => ({ seconds, strong: beatInBar === 1 })),
      props.recording.durationSeconds,
      CLICK_RATE,
    ),
    CLICK_RATE,
  )
const files = [
  { text: words.tunes.asCsv, take: () => download(name('-beats.csv'), 'text/csv', beatCsv(props.tune, props.recording)) },
  { text: words.tunes.asMidi, take: () => download(name('-beats.mid'), 'audio/midi', beatMidi(props.tune, props.recording)) },
  { text: words.tunes.asVtt, take: () => download(name('-phrases.vtt'), 'text/vtt', sectionsVtt(props.tune, props.recording)) },
  { text: words.tunes.asClicks, take: () => download(name('-clicks.wav'), 'audio/wav', clicks()) },
]
</script>

<template>
  <section aria-labelledby="take-head">
    <h2 id="take-head">{{ words.tunes.takeAway }}</h2>
    <div class="files">
      <button v-for="file in files" :key="file.text" class="button small" @click="file.take()">{{ file.text }}</button>
    </div>
  </section>
</template>

<style scoped>
h2 {
  margin: 1.25rem 0 0.5rem;
}
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
</style>
