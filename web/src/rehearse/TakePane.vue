<script setup lang="ts">
import { prepareCall } from '@dellop/core/call'
import {
  hardPlaces,
  keptCues,
  SPEAKERS,
  utterancesOf,
  worthOfPlan,
  type FloorSettings,
  type Speaker,
  type Take,
  type Utterance,
} from '@dellop/core/rehearse'
import type { Sheet } from '@dellop/core/sheet'
import { spanAt, type TickPosition } from '@dellop/core/time'
import { computed, ref, watch } from 'vue'
import { randomId } from '../app/randomId.ts'
import { storeSound } from '../sound/storeSound.ts'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'
import FloorFields from './FloorFields.vue'
import MouthFields from './MouthFields.vue'
import TakeLive from './TakeLive.vue'
import TakeResult from './TakeResult.vue'
import { useHoldKey } from './holdKey.ts'
import type { PracticeStore } from './usePractice.ts'
import { useTake } from './useTake.ts'

/** One take of the dance, or of a part of it, with the floor that answers. */
const props = defineProps<{ sheet: Sheet; revision: number; practice: PracticeStore }>()
const emit = defineEmits<{ changed: [] }>()
const settings = defineModel<FloorSettings>('settings', { required: true })
const say = words.rehearse

const SPEEDS = [60, 70, 80, 90, 100, 110]
const speed = ref(100)
const speaker = ref<Speaker>('key')
const clicks = ref(false)
const keepsSound = ref(false)
const announces = ref(true)
const passage = ref(-1)
const seed = ref(1)

const call = computed(() => prepareCall(props.sheet, speed.value / 100))
const take = useTake(
  () => call.value,
  () => settings.value,
  () => seed.value,
)
const { isPlaying, now, tick, score, played, mouth } = take
const passes = computed(() => props.sheet.timeline.passes)
const stretch = computed(() => {
  const one = passes.value[passage.value]
  return one ? { start: one.start, end: one.end } : null
})
const hasTake = computed(
  () => take.hasBegun.value && score.value.cues.length > 0 && !isPlaying.value,
)
const begin = (): Promise<void> => {
  seed.value += 1
  return take.start({
    stretch: stretch.value,
    speed: speed.value / 100,
    speaker: speaker.value,
    clicks: clicks.value,
    keepsSound: keepsSound.value,
    layer: 'music',
    leadIn: 'music',
  })
}
/** From the part that a cue belongs to. */
function again({ slotKey }: Utterance): void {
  passage.value = passes.value.findIndex(({ slots }) => slots.some(({ key }) => key === slotKey))
  void begin()
}
useHoldKey(isPlaying, take)

/** What the cues are worth to this floor, had they all been said as planned. */
const worth = computed(() =>
  worthOfPlan(call.value, utterancesOf(call.value), { settings: settings.value, seed: 1 }),
)
const hard = computed(() => hardPlaces(props.sheet))
/** The next place that goes wrong easily, while there is time to say so. */
const warned = computed(() => {
  if (!announces.value || !isPlaying.value) return ''
  const next = hard.value.find(({ slot }) => slot.start > tick.value)
  const slot = spanAt(props.sheet.timeline.slots, tick.value as TickPosition)
  if (!next || !slot || next.slot.start - tick.value > 16 * 24) return ''
  return say.careful(
    words.format.slotName(next.slot.slot.content, next.slot.figure?.name ?? null),
    next.reasons.map((reason) => say.hardReasons[reason](next.like)),
  )
})

// A take that has stopped is kept by itself.
watch(isPlaying, (plays) => {
  if (!plays && hasTake.value) void keep()
})
const kept = ref<Take | null>(null)
async function keep(): Promise<void> {
  const { floor, planned } = played.value
  const wish = take.wish.value
  if (!floor || !planned || !wish) return
  const sound = keepsSound.value ? await mouth.recorded() : null
  const media = sound ? await storeSound(sound).catch(() => null) : null
  const one: Take = {
    format: 'dellop-practice',
    version: 1,
    kind: 'take',
    id: randomId(),
    sheetId: props.sheet.routine.id,
    title: props.sheet.routine.title,
    atMs: Date.now(),
    revision: props.revision,
    recordingId: props.sheet.recording?.id ?? null,
    groupId: props.sheet.group?.id ?? null,
    speaker: wish.speaker,
    speed: wish.speed,
    seed: seed.value,
    floor: settings.value,
    stretch: wish.stretch,
    until: now.value,
    spans: take.spans.value,
    delaySeconds: wish.speaker === 'microphone' ? mouth.delaySeconds.value : null,
    cues: keptCues(score.value),
    inTime: score.value.inTime,
    right: floor.right,
    rightAsPlanned: planned.right,
    media,
  }
  if (await props.practice.keep(one)) kept.value = one
}
</script>

<template>
  <div class="pane">
    <div class="setup">
      <Labelled :label="say.passage"
        ><el-select v-model="passage" :disabled="isPlaying"
          ><el-option :value="-1" :label="say.whole" /><el-option
            v-for="(pass, i) in passes"
            :key="pass.key"
            :value="i"
            :label="words.format.passName(pass)" /></el-select
      ></Labelled>
      <Labelled :label="words.tunes.speed"
        ><el-select v-model="speed" :disabled="isPlaying"
          ><el-option
            v-for="n in SPEEDS"
            :key="n"
            :value="n"
            :label="words.tunes.percent(n)" /></el-select
      ></Labelled>
      <Labelled :label="say.who"
        ><el-select v-model="speaker" :disabled="isPlaying"
          ><el-option
            v-for="key in SPEAKERS"
            :key="key"
            :value="key"
            :label="say.speakers[key]" /></el-select
      ></Labelled>
      <FloorFields v-model="settings" />
      <el-checkbox v-model="clicks" :disabled="isPlaying">{{ words.tunes.clicks }}</el-checkbox>
      <el-checkbox v-model="announces">{{ say.announce }}</el-checkbox>
    </div>
    <MouthFields
      v-if="speaker === 'microphone'"
      v-model:keeps-sound="keepsSound"
      :is-playing="isPlaying"
      :level="mouth.level.value"
      :trouble="mouth.trouble.value"
      :delay-seconds="mouth.delaySeconds.value"
    />
    <div class="run">
      <el-button
        v-if="!isPlaying"
        type="primary"
        size="large"
        :disabled="take.isBusy()"
        @click="begin()"
        >{{ say.start }}</el-button
      >
      <el-button v-else type="primary" size="large" @click="take.stop">{{ say.stop }}</el-button>
      <span class="soft">{{ say.hints[speaker] }}</span>
    </div>
    <p v-if="take.working.value" role="status">
      {{ take.working.value }}
      <el-button @click="take.cancel">{{ words.cues.hear.cancel }}</el-button>
    </p>
    <p v-if="take.failure.value || practice.failure.value" class="wrong" role="alert">
      {{ take.failure.value || practice.failure.value }}
    </p>
    <TakeLive v-if="isPlaying" :sheet="sheet" :take="take" :warned="warned" />
    <TakeResult
      v-if="hasTake && played.floor && played.planned"
      :sheet="sheet"
      :call="call"
      :score="score"
      :floor="played.floor"
      :planned-floor="played.planned"
      :settings="settings"
      :seed="seed"
      :kept="kept"
      @again="again"
      @changed="emit('changed')"
    />
    <p v-else-if="!isPlaying" class="soft">
      {{ take.hasBegun.value ? say.tooSoon : say.about }}
    </p>
    <p v-if="!isPlaying">
      {{ say.worth(Math.round(100 * worth.planned), Math.round(100 * worth.onTheStep)) }}
    </p>
    <p class="soft">{{ words.lectern.loud }}</p>
  </div>
</template>

<style scoped src="./panes.css"></style>
