<script setup lang="ts">
import { secondsAt, ticksPerBar, TICKS_PER_BEAT, type Metre, type Tick } from '@dellop/core/time'
import { doubled, fromTaps, halved, LEAST_MEND_TAPS, nudged, offBeat, thisIsOne, tuneBars, tunePhrases, type Tune } from '@dellop/core/tune'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { audioContext } from '../sound/audioContext.ts'
import { words } from '../words/index.ts'
import { useBeatPlayer } from './beatPlayer.ts'
import BeatStrip from './BeatStrip.vue'
import { heardNear } from './hearAgain.ts'
import MendBeats from './MendBeats.vue'
import TakeAway from './TakeAway.vue'
import TunePhrases from './TunePhrases.vue'
import { useTuneDocument } from './tuneDocument.ts'
import Waveform from './Waveform.vue'

const route = useRoute()
const document_ = useTuneDocument(String(route.params['id']))
const { tune } = document_
const failure = ref('')
const told = ref('')
const peaks = ref<number[]>([])
const buffer = shallowRef<AudioBuffer | null>(null)
const samples = shallowRef<Float32Array | null>(null)
const clicks = ref(true)
const chosenBeat = ref<number | null>(null)
const taps = ref<number[]>([])
const listening = ref(false)
const strip = ref<InstanceType<typeof BeatStrip> | null>(null)

const recording = computed(() => tune.value?.recordings[0] ?? null)
const beatsPerBar = computed(() => tune.value?.metre.beatsPerBar ?? 4)
const player = useBeatPlayer(
  () => recording.value?.beatMap ?? null,
  () => beatsPerBar.value,
  () => clicks.value,
)
const { playing, at } = player

async function load(): Promise<void> {
  failure.value = ''
  try {
    await document_.open()
    document.title = `${tune.value!.title} · Dellop`
    const media = recording.value?.media
    if (!media) return
    peaks.value = (await api('getPeaks', { params: { hash: media } })).peaks
    const response = await fetch(`/media/${media}`)
    buffer.value = await audioContext().decodeAudioData(await response.arrayBuffer())
    samples.value = buffer.value.getChannelData(0)
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
onMounted(() => {
  void load()
  window.addEventListener('keydown', onKey)
})
onBeforeUnmount(() => {
  window.removeEventListener('keydown', onKey)
  void document_.save()
})

const bars = computed(() => (tune.value ? tuneBars(tune.value) : { bars: 0, danced: 0 }))
const timeOf = (tick: number): number => (recording.value ? secondsAt(recording.value.beatMap, tick as Tick) : 0)
const marks = computed(() => (tune.value ? tunePhrases(tune.value).map((phrase) => ({ seconds: timeOf(phrase.start), label: phrase.label, strong: phrase.start === tune.value!.danceStart })) : []))

const toggle = (): void => void (playing.value ? player.stop() : buffer.value && player.play(buffer.value, at.value))
function playFrom(seconds: number): void {
  if (buffer.value) void player.play(buffer.value, seconds)
  strip.value?.move(seconds - 1)
}

/** The tune's tempo as it now is: from the beats themselves. */
function withTempo(next: Partial<Tune>, factor: number): Partial<Tune> {
  return { ...next, bpm: Math.round(Math.min(400, Math.max(20, tune.value!.bpm * factor)) * 10) / 10 }
}
const say = words.tunes.done
const mend = {
  half: () => document_.changeBeats(halved, say.half, withTempo({}, 0.5)),
  double: () => document_.changeBeats(doubled, say.double, withTempo({}, 2)),
  off: () => document_.changeBeats(offBeat, say.off),
  one: () => chosenBeat.value !== null && document_.changeBeats((map) => thisIsOne(map, tune.value!.metre, chosenBeat.value!), say.one) && (chosenBeat.value = null),
  nudge: (seconds: number) => document_.changeBeats((map) => nudged(map, seconds), say.nudge),
  metre: (n: number) => document_.change({ ...tune.value!, metre: { ...tune.value!.metre, beatsPerBar: n } as Metre }, say.metre),
}
function after(work: () => unknown): void {
  work()
  player.beatsChanged()
}

function tap(): void {
  const now = player.now()
  if (taps.value.length > 0 && (now <= taps.value.at(-1)! || now - taps.value.at(-1)! > 3)) taps.value = []
  taps.value = [...taps.value, now]
}

/** The recording is listened to again near the tapped tempo; where nothing is heard there, the taps themselves stand. */
async function useTaps(): Promise<void> {
  const tapped = fromTaps(taps.value)
  if (!tapped || !buffer.value) return
  listening.value = true
  try {
    const map = await heardNear(buffer.value, tapped)
    const [a, b] = tapped.segments[0]!.anchors as [{ beat: number; seconds: number }, { beat: number; seconds: number }]
    const bpm = (60 * (b.beat - a.beat)) / (b.seconds - a.seconds)
    told.value = words.tunes.tapTempo(Math.round(bpm))
    after(() => document_.changeBeats(() => map, say.taps, { bpm: Math.round(bpm * 10) / 10 }))
    taps.value = []
  } finally {
    listening.value = false
  }
}

function chooseBeat(beat: number): void {
  chosenBeat.value = beat
  if (!playing.value) player.seek(timeOf(beat * TICKS_PER_BEAT))
}

function travel(way: 'undo' | 'redo'): void {
  const label = document_[way]()
  if (label) told.value = way === 'undo' ? words.sheet.undone(label) : words.sheet.redone(label)
  player.beatsChanged()
}

const KEYS: Readonly<Record<string, () => void>> = {
  ' ': toggle,
  t: tap,
  h: () => after(mend.half),
  d: () => after(mend.double),
  '1': () => after(mend.one),
  ArrowRight: () => chooseBeat((chosenBeat.value ?? -1) + 1),
  ArrowLeft: () => chooseBeat((chosenBeat.value ?? 1) - 1),
}
function onKey(event: KeyboardEvent): void {
  const target = event.target as HTMLElement
  if (/^(INPUT|SELECT|TEXTAREA)$/.test(target.tagName) || event.altKey) return
  const command = event.ctrlKey || event.metaKey
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
  if (command && (key === 'z' || key === 'y')) {
    event.preventDefault()
    return travel(key === 'y' || event.shiftKey ? 'redo' : 'undo')
  }
  if (command || !KEYS[key] || (event.repeat && key === 't')) return
  event.preventDefault()
  KEYS[key]()
}
</script>

<template>
  <div class="view">
    <p>
      <RouterLink to="/tunes">{{ words.tunes.back }}</RouterLink>
    </p>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="!tune" role="status">{{ words.app.loading }}</p>
    <template v-if="tune && recording">
      <header class="view-head">
        <div class="names">
          <h1><input class="title" :value="tune.title" :aria-label="words.tunes.title_" maxlength="120" @change="document_.change({ ...tune, title: ($event.target as HTMLInputElement).value.trim() || tune.title }, say.title)" /></h1>
          <p class="soft">
            {{ tune.dance }}<template v-if="tune.dance"> · </template>{{ words.tunes.tempo(tune.bpm, Math.round((tune.bpm / beatsPerBar) * 10) / 10) }} · {{ words.tunes.bars(bars.bars, bars.danced) }} ·
            {{ words.format.clock(recording.durationSeconds) }}
          </p>
        </div>
        <div class="actions">
          <span class="soft" role="status">{{ document_.saving.value }}</span>
          <button class="button small" :disabled="!document_.canUndo.value" @click="travel('undo')">{{ words.sheet.undo }}</button>
          <button class="button small" :disabled="!document_.canRedo.value" @click="travel('redo')">{{ words.sheet.redo }}</button>
          <label class="clicks"><input v-model="clicks" type="checkbox" /> {{ words.tunes.clicks }}</label>
          <button class="button main" :disabled="!buffer" @click="toggle">{{ playing ? words.tunes.pause : words.tunes.play }}</button>
        </div>
      </header>
      <p v-if="!recording.media">{{ words.tunes.noSound }}</p>
      <template v-else>
        <Waveform :peaks="peaks" :duration-seconds="recording.durationSeconds" :marks="marks" :at="at" :label="words.tunes.wave" @seek="playFrom" />
        <BeatStrip
          ref="strip"
          :samples="samples"
          :sample-rate="buffer?.sampleRate ?? 44100"
          :duration-seconds="recording.durationSeconds"
          :beat-map="recording.beatMap"
          :beats-per-bar="beatsPerBar"
          :at="at"
          :chosen-beat="chosenBeat"
          @choose="chooseBeat"
        />
        <MendBeats
          :beats-per-bar="beatsPerBar"
          :chosen-beat="chosenBeat"
          :taps="taps.length"
          :taps-needed="LEAST_MEND_TAPS"
          :listening="listening"
          @half="after(mend.half)"
          @double="after(mend.double)"
          @off="after(mend.off)"
          @one="after(mend.one)"
          @nudge="(seconds) => after(() => mend.nudge(seconds))"
          @metre="(n) => after(() => mend.metre(n))"
          @tap="tap"
          @use-taps="useTaps"
        />
        <p class="soft">{{ words.tunes.mendKeys }}</p>
        <p class="unseen" role="status">{{ told }}</p>
      </template>
      <TunePhrases :tune="tune" :time-of="timeOf" :playable="buffer !== null" :bar-ticks="ticksPerBar(tune.metre)" @play="playFrom" @change="(next, label) => document_.change(next, label)" />
      <TakeAway :tune="tune" :recording="recording" />
    </template>
  </div>
</template>

<style scoped>
.names {
  flex: 1;
  min-width: 16rem;
}
.title {
  font: inherit;
  color: inherit;
  width: 100%;
  border: 0;
  border-bottom: 1px dashed transparent;
  background: transparent;
  padding: 0;
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
