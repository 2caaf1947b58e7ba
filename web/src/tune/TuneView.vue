<script setup lang="ts">
import { secondsAt, ticksPerBar, type Tick } from '@dellop/core/time'
import { tuneBars, tunePhrases } from '@dellop/core/tune'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'
import Waveform from './Waveform.vue'

const route = useRoute()
const library = useLibrary()
const failure = ref('')
const loaded = ref(false)
const peaks = ref<number[]>([])
const sound = ref<HTMLAudioElement | null>(null)
const playing = ref(false)
const at = ref(0)

const tune = computed(() => library.tuneFor(String(route.params['id'])))
const recording = computed(() => tune.value?.recordings[0] ?? null)
const bar = computed(() => (tune.value ? ticksPerBar(tune.value.metre) : 72))
const bars = computed(() => (tune.value ? tuneBars(tune.value) : { bars: 0, danced: 0 }))
const timeOf = (tick: number): number => (recording.value ? secondsAt(recording.value.beatMap, tick as Tick) : 0)
const phrases = computed(() => (tune.value ? tunePhrases(tune.value) : []))
const marks = computed(() => phrases.value.map((phrase) => ({ seconds: timeOf(phrase.start), label: phrase.label, strong: phrase.start === tune.value!.danceStart })))
const sum = computed(() => words.tunes.total(phrases.value.map((phrase) => phrase.bars).join(' + '), bars.value.bars))

onMounted(async () => {
  try {
    await library.load()
    loaded.value = true
  } catch (error) {
    failure.value = sentenceOf(error)
  }
})
watch(
  recording,
  async (now) => {
    if (now?.media) peaks.value = (await api('getPeaks', { params: { hash: now.media } }).catch(() => ({ peaks: [] }))).peaks
  },
  { immediate: true },
)

function playFrom(seconds: number): void {
  const box = sound.value
  if (!box) return
  box.currentTime = seconds
  void box.play()
}
const toggle = (): void => void (sound.value?.paused ? sound.value.play() : sound.value?.pause())
</script>

<template>
  <div class="view">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="!loaded" role="status">{{ words.app.loading }}</p>
    <template v-else-if="tune">
      <p>
        <RouterLink to="/tunes">{{ words.tunes.back }}</RouterLink>
      </p>
      <header class="view-head">
        <div>
          <h1>{{ tune.title }}</h1>
          <p class="soft">
            {{ tune.dance }} · {{ words.tunes.tempo(tune.bpm, Math.round((tune.bpm / tune.metre.beatsPerBar) * 10) / 10) }} · {{ words.tunes.bars(bars.bars, bars.danced)
            }}<template v-if="recording"> · {{ words.format.clock(recording.durationSeconds) }}</template>
          </p>
        </div>
        <button v-if="recording?.media" class="button main" @click="toggle">{{ playing ? words.tunes.pause : words.tunes.play }}</button>
      </header>
      <p v-if="!recording?.media">{{ words.tunes.noSound }}</p>
      <template v-else>
        <audio ref="sound" :src="`/media/${recording.media}`" preload="metadata" @play="playing = true" @pause="playing = false" @timeupdate="at = ($event.target as HTMLAudioElement).currentTime" />
        <Waveform :peaks="peaks" :duration-seconds="recording.durationSeconds" :marks="marks" :at="at" :label="words.tunes.wave" @seek="playFrom" />
      </template>
      <h2 class="phrases">{{ words.tunes.phrases }}</h2>
      <ol>
        <li v-for="phrase in phrases" :key="phrase.index">
          <span class="label">{{ phrase.label }}</span>
          <span class="bars" :style="{ width: `${phrase.bars * 6}%` }"
            ><span v-for="n in phrase.bars" :key="n" class="bar count">{{ n }}</span></span
          >
          <span class="count soft">{{ words.format.clock(timeOf(phrase.start)) }}</span>
          <button v-if="recording?.media" class="textlink" :aria-label="words.tunes.playFrom(phrase.label, phrase.start / bar + 1)" @click="playFrom(timeOf(phrase.start))">{{ words.tunes.play }}</button>
          <strong v-if="phrase.start === tune.danceStart">{{ words.tunes.starts }}</strong>
        </li>
      </ol>
      <p class="count soft">{{ sum }}</p>
    </template>
    <p v-else>
      {{ words.tunes.unknown }} <RouterLink to="/tunes">{{ words.tunes.back }}</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.phrases {
  margin: 1.5rem 0 0.5rem;
}
ol {
  list-style: none;
  margin: 0 0 1rem;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 1rem;
  padding: 0.3rem 0;
}
.label {
  width: 3.5rem;
  font-family: var(--font-head);
  font-weight: 800;
  color: var(--music);
}
.bars {
  display: flex;
  min-width: 0;
}
.bar {
  flex: 1;
  border-left: 3px solid var(--music);
  background: var(--music-tint);
  padding: 0.3rem 0.4rem;
  font-size: 0.85rem;
}
</style>
