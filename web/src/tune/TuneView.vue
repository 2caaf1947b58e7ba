<script setup lang="ts">
import { freeTimes, secondsAt, ticksPerBar, TICKS_PER_BEAT, type Tick } from '@dellop/core/time'
import { beatBeginsAt, LEAST_MEND_TAPS, tunePhrases, usualBpm, type Tune } from '@dellop/core/tune'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { keepRecent } from '../app/recent.ts'
import { tellFailure, tellUndo } from '../ui/message.ts'
import { words } from '../words/index.ts'
import { useBeatPlayer } from './beatPlayer.ts'
import BeatStrip from './BeatStrip.vue'
import HeardAs from './HeardAs.vue'
import MendBeats from './MendBeats.vue'
import { listenInWorker } from '../workers/listening.ts'
import { useMending } from './mending.ts'
import { takeForTune, useOtherRecording } from './otherRecording.ts'
import { useRecordingSound } from './recordingSound.ts'
import { tuneRecordings } from './tuneRecordings.ts'
import { useTaps } from './taps.ts'
import SlowLoop from './SlowLoop.vue'
import TakeAway from './TakeAway.vue'
import { useTuneDocument } from './tuneDocument.ts'
import TuneHeader from './TuneHeader.vue'
import { useTuneKeys } from './tuneKeys.ts'
import TuneLandmarks from './TuneLandmarks.vue'
import TunePhrases from './TunePhrases.vue'
import TuneRecordings from './TuneRecordings.vue'
import Waveform from './Waveform.vue'
import ConflictNote from '../document/ConflictNote.vue'

const route = useRoute()
const router = useRouter()
const library = useLibrary()
const id = String(route.params['id'])
const document_ = useTuneDocument(id)
const { tune, shown } = document_
const failure = ref('')
const told = ref('')
const clicks = ref(true)
const chosenBeat = ref<number | null>(null)
/** Any key taps, for who cannot look. */
const anyKey = ref(false)
const strip = ref<InstanceType<typeof BeatStrip> | null>(null)

const recording = computed(() => shown.value?.recordings[0] ?? null)
const beatsPerBar = computed(() => tune.value?.metre.beatsPerBar ?? 4)
const { peaks, buffer, samples } = useRecordingSound(recording, failure)
const player = useBeatPlayer(
  () => recording.value?.beatMap ?? null,
  () => beatsPerBar.value,
  () => clicks.value,
)
const { playing, at, speed, loop } = player
const mending = useMending(document_, chosenBeat, { buffer, told, listen: listenInWorker })
const { taps, tap, listenNear, retap } = useTaps(player, mending)
const recordings = tuneRecordings(document_)
const other = useOtherRecording(document_, buffer, told, failure)

/** The page is drawn piece by piece, so that no piece holds it up for long. */
const shownParts = ref(0)
async function showRest(): Promise<void> {
  for (const parts of [1, 2]) {
    await new Promise((resolve) => setTimeout(resolve))
    shownParts.value = parts
  }
}

onMounted(async () => {
  try {
    await document_.open()
    document.title = `${tune.value!.title} · Dellop`
    keepRecent({ path: `/tunes/${id}`, name: tune.value!.title })
    void showRest()
    const left = takeForTune(id)
    if (left) void other.bring(left)
  } catch (error) {
    failure.value = sentenceOf(error)
  }
})
onBeforeUnmount(() => document_.close())

const timeOf = (tick: number): number =>
  recording.value ? secondsAt(recording.value.beatMap, tick as Tick) : 0
const marks = computed(() =>
  shown.value
    ? tunePhrases(shown.value).map((phrase) => ({
        seconds: timeOf(phrase.start),
        label: phrase.label,
        strong: phrase.start === shown.value!.danceStart,
      }))
    : [],
)
const landmarks = computed(() =>
  (shown.value?.landmarks ?? []).map(({ at: tick, text }) => ({ seconds: timeOf(tick), text })),
)
const free = computed(() =>
  freeTimes(recording.value?.beatMap ?? { segments: [] }).map(
    ({ at: tick, leaveSeconds, resumeSeconds }, index) => ({
      index,
      atBeat: tick / TICKS_PER_BEAT,
      text: words.tunes.freeList(
        (resumeSeconds - leaveSeconds).toFixed(1),
        words.format.clock(leaveSeconds),
      ),
    }),
  ),
)

const toggle = (): void =>
  void (playing.value ? player.stop() : buffer.value && player.play(buffer.value, at.value))
function playFrom(seconds: number): void {
  if (buffer.value) void player.play(buffer.value, seconds)
  strip.value?.move(seconds - 1)
}
function playLoop(from: number, to: number): void {
  player.setLoop({ from, to })
  playFrom(from)
}
const loopShown = (): void => {
  const stretch = strip.value?.shown()
  if (stretch) playLoop(stretch.from, stretch.to)
}
/** Where the beat begins, if music without one comes before it. */
const begins = computed(() => (recording.value ? beatBeginsAt(recording.value) : null))
function after(work: () => unknown): void {
  told.value = ''
  work()
  player.beatsChanged()
}

function chooseBeat(beat: number): void {
  chosenBeat.value = beat
  if (!playing.value) player.seek(timeOf(beat * TICKS_PER_BEAT))
}
const onChosen = (work: (beat: number) => unknown): void => {
  const beat = chosenBeat.value
  if (beat !== null) after(() => work(beat))
}
const moveChosen = (by: number): void =>
  onChosen((beat) => mending.moveBeat(beat, timeOf(beat * TICKS_PER_BEAT) + by))
function stopFree(): void {
  anyKey.value = false
  mending.freeFrom.value = null
  told.value = ''
}

function travel(way: 'undo' | 'redo'): void {
  const label = document_[way]()
  if (label) told.value = way === 'undo' ? words.sheet.undone(label) : words.sheet.redone(label)
  player.beatsChanged()
}

/** The tune goes; what is told has the way back, and its sound is stored still. */
async function remove(): Promise<void> {
  const gone = tune.value!
  player.stop()
  try {
    await document_.saveNow()
    await api('removeTune', { params: { id } })
  } catch (error) {
    return void (failure.value = sentenceOf(error))
  }
  library.dropTune(id)
  await router.push({ name: 'tunes' })
  tellUndo(words.tunes.removed(gone.title), words.sheet.undo, () => void putBack(gone))
}
async function putBack(gone: Tune): Promise<void> {
  try {
    library.putTune((await api('newTune', { body: { tune: gone } })).tune)
  } catch (error) {
    tellFailure(sentenceOf(error))
  }
}

useTuneKeys(
  {
    ' ': toggle,
    t: tap,
    l: () => (loop.value ? player.setLoop(null) : loopShown()),
    h: () => after(mending.half),
    d: () => after(mending.double),
    '1': () => after(() => mending.one(chosenBeat.value)),
    ',': () => moveChosen(-0.01),
    '.': () => moveChosen(0.01),
    Delete: () => onChosen(mending.letGo),
    Escape: stopFree,
    ArrowRight: () => chooseBeat((chosenBeat.value ?? -1) + 1),
    ArrowLeft: () => chooseBeat((chosenBeat.value ?? 1) - 1),
    'Control+z': () => travel('undo'),
    'Control+y': () => travel('redo'),
  },
  () => (anyKey.value ? tap : null),
)
</script>

<template>
  <div class="view">
    <p>
      <RouterLink to="/tunes">{{ words.tunes.back }}</RouterLink>
    </p>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="!tune" role="status">{{ words.app.loading }}</p>
    <template v-if="tune && shown && recording">
      <TuneHeader
        v-model:clicks="clicks"
        :tune="shown"
        :saving="document_.saving.value"
        :can-undo="document_.canUndo.value"
        :can-redo="document_.canRedo.value"
        :playing="playing"
        :playable="buffer !== null"
        @change="(next, label) => document_.changeShown(next, label)"
        @undo="travel('undo')"
        @redo="travel('redo')"
        @play="toggle"
      />
      <ConflictNote
        :conflicts="document_.conflicts.value"
        @use-mine="document_.takeMine($event, words.tunes.done.mine)"
        @dismiss="document_.settle($event)"
      />
      <p v-if="told" class="told" role="status">{{ told }}</p>
      <p v-if="!recording.media">{{ words.tunes.noSound }}</p>
      <template v-else>
        <Waveform
          :peaks="peaks"
          :duration-seconds="recording.durationSeconds"
          :marks="marks"
          :at="at"
          :label="words.tunes.wave"
          @seek="playFrom"
        />
        <HeardAs
          v-if="recording.heard"
          :heard="recording.heard"
          :bpm="usualBpm(recording.beatMap)"
          :beats-per-bar="beatsPerBar"
          :dance="tune.dance"
          :listening="mending.listening.value || !buffer"
          @tempo="(bpm) => after(() => mending.pickTempo(bpm))"
          @bars="
            (beats, shift) =>
              after(() =>
                beats === beatsPerBar ? mending.one(shift) : mending.metre(beats, shift),
              )
          "
          @dance="after(mending.listenAsDance)"
        />
        <p v-if="begins !== null">{{ words.tunes.noBeatUntil(words.format.clock(begins)) }}</p>
        <BeatStrip
          ref="strip"
          :samples="samples"
          :sample-rate="buffer?.sampleRate ?? 44100"
          :duration-seconds="recording.durationSeconds"
          :beat-map="recording.beatMap"
          :beats-per-bar="beatsPerBar"
          :at="at"
          :chosen-beat="chosenBeat"
          :landmarks="landmarks"
          :taps="taps"
          @choose="chooseBeat"
          @move="(beat, seconds) => after(() => mending.moveBeat(beat, seconds))"
        />
        <SlowLoop
          v-model:speed="speed"
          :loop="loop"
          @shown="loopShown"
          @end="player.setLoop(null)"
        />
        <MendBeats
          v-model:any-key="anyKey"
          :beats-per-bar="beatsPerBar"
          :chosen-beat="chosenBeat"
          :taps="taps.length"
          :taps-needed="LEAST_MEND_TAPS"
          :listening="mending.listening.value"
          :choosing-end="mending.freeFrom.value !== null"
          :free="free"
          @half="after(mending.half)"
          @double="after(mending.double)"
          @off="after(mending.off)"
          @one="after(() => mending.one(chosenBeat))"
          @nudge="(seconds) => after(() => mending.nudge(seconds))"
          @metre="(n) => after(() => mending.metre(n))"
          @tap="tap"
          @listen-near="listenNear"
          @retap="after(retap)"
          @anchor="onChosen((beat) => mending.moveBeat(beat, player.now()))"
          @let-go="onChosen(mending.letGo)"
          @free="onChosen(mending.free)"
          @free-stop="stopFree"
          @count-again="(index, beat) => after(() => mending.countAgain(index, beat))"
        />
        <p class="soft">{{ words.tunes.mendKeys }}</p>
      </template>
      <TunePhrases
        v-if="shownParts > 0"
        :tune="shown"
        :time-of="timeOf"
        :playable="buffer !== null"
        :bar-ticks="ticksPerBar(tune.metre)"
        @play="playFrom"
        @loop="playLoop"
        @change="(next, label) => document_.changeShown(next, label)"
      />
      <TuneLandmarks
        v-if="shownParts > 1"
        :tune="shown"
        :time-of="timeOf"
        :playable="buffer !== null"
        :chosen-beat="chosenBeat"
        @play="playFrom"
        @change="(next, label) => document_.changeShown(next, label)"
      />
      <TuneRecordings
        v-if="shownParts > 1"
        :tune="tune"
        :shown-id="recording.id"
        :progress="other.text.value"
        :share="other.share.value"
        @look="document_.look"
        @rename="recordings.rename"
        @take-out="recordings.takeOut"
        @bring="other.bring"
        @stop="other.stop"
      />
      <TakeAway v-if="shownParts > 1" :tune="shown" :recording="recording" :buffer="buffer" />
      <p v-if="shownParts > 1" class="end">
        <el-button @click="remove">{{ words.tunes.remove }}</el-button>
      </p>
    </template>
  </div>
</template>
