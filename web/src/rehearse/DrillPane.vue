<script setup lang="ts">
import { prepareCall } from '@dellop/core/call'
import {
  afterRound,
  beginDrill,
  DRILL_WAYS,
  drillStages,
  dueBy,
  SPEAKERS,
  wentWell,
  type DrillState,
  type DrillWay,
  type FloorSettings,
  type Speaker,
} from '@dellop/core/rehearse'
import type { Sheet } from '@dellop/core/sheet'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { randomId } from '../app/randomId.ts'
import { browserTimers } from '../app/timers.ts'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'
import DrillSteps from './DrillSteps.vue'
import { drillKept, forgetDrill, keepDrill } from './drillKept.ts'
import { useHoldKey } from './holdKey.ts'
import { LAYERS, LEAD_INS, type Layer, type LeadIn } from './takeSound.ts'
import TakeLive from './TakeLive.vue'
import type { PracticeStore } from './usePractice.ts'
import { useTake } from './useTake.ts'

/** A passage goes round, faster and slower as it goes well or not, stage by stage. */
const props = defineProps<{ sheet: Sheet; practice: PracticeStore; settings: FloorSettings }>()
const say = words.rehearse
const text = say.drill

const passes = computed(() => props.sheet.timeline.passes)
const from = ref(0)
const to = ref(0)
const way = ref<DrillWay>('round')
const speed = ref(80)
const speaker = ref<Speaker | 'nobody'>('key')
const layer = ref<Layer>('music')
const leadIn = ref<LeadIn>('clicks')
const SPEEDS = [60, 70, 80, 90, 100]
/** Between two rounds, so that one can breathe. */
const BREATH_MS = 1500

const stages = computed(() =>
  drillStages(props.sheet, from.value, Math.max(from.value, to.value), way.value),
)
const state = shallowRef<DrillState>(beginDrill(0.8))
const going = ref(false)
const seed = ref(1)
const call = computed(() => prepareCall(props.sheet, state.value.speed))
const take = useTake(
  () => call.value,
  () => props.settings,
  () => seed.value,
  () => roundOver(),
)
const { isPlaying, score } = take
const stage = computed(() => stages.value[state.value.stage] ?? null)
const stageName = computed(() =>
  passes.value
    .filter(({ key }) => stage.value?.passes.includes(key))
    .map((pass) => words.format.passName(pass))
    .join(', '),
)
useHoldKey(isPlaying, { ...take, stop })

let callOff = (): void => undefined
function round(): void {
  const one = stage.value
  if (!going.value || !one) return
  seed.value += 1
  void take.start({
    stretch: { start: one.start, end: one.end },
    speed: state.value.speed,
    speaker: speaker.value === 'nobody' ? 'key' : speaker.value,
    clicks: false,
    keepsSound: false,
    layer: layer.value,
    leadIn: leadIn.value,
  })
}
function begin(resumed: DrillState | null = null): void {
  state.value = resumed ?? beginDrill(speed.value / 100)
  going.value = true
  round()
}
/** Nobody speaks: one says oneself how it went. */
const asksHow = ref(false)
function roundOver(): void {
  if (!going.value) return
  if (speaker.value === 'nobody' || speaker.value === 'stand-in') asksHow.value = true
  else went(wentWell(score.value.inTime))
}
function went(isGood: boolean): void {
  asksHow.value = false
  state.value = afterRound(state.value, isGood, stages.value.length)
  keepDrill(props.sheet.routine.id, checkpoint())
  callOff = browserTimers.after(BREATH_MS, round)
}
function stop(): void {
  going.value = asksHow.value = false
  callOff()
  take.stop()
  void keep()
}
const checkpoint = () => ({
  from: from.value,
  to: to.value,
  way: way.value,
  speaker: speaker.value,
  layer: layer.value,
  leadIn: leadIn.value,
  state: state.value,
})
/** Where one was when it was closed. */
const last = ref(drillKept(props.sheet.routine.id))
function resume(): void {
  const one = last.value
  if (!one) return
  from.value = one.from
  to.value = one.to
  way.value = one.way
  speaker.value = one.speaker
  layer.value = one.layer
  leadIn.value = one.leadIn
  begin(one.state)
}
async function keep(): Promise<void> {
  const { rounds } = state.value
  if (rounds.length === 0 || !stage.value) return
  await props.practice.keep({
    format: 'dellop-practice',
    version: 1,
    kind: 'drill',
    id: randomId(),
    sheetId: props.sheet.routine.id,
    title: stageName.value,
    atMs: Date.now(),
    passage: stages.value.at(-1)!.key,
    rounds,
  })
  keepDrill(props.sheet.routine.id, checkpoint())
  last.value = drillKept(props.sheet.routine.id)
}
function forget(): void {
  forgetDrill(props.sheet.routine.id)
  last.value = null
}
watch(from, (now) => {
  if (to.value < now) to.value = now
})
onBeforeUnmount(() => {
  if (going.value) stop()
})

const due = computed(() =>
  dueBy(props.practice.all.value, Date.now()).filter(({ key }) => key.startsWith('passage:')),
)
function practise(key: string): void {
  const keys = key.slice('passage:'.length).split('+')
  const at = passes.value.findIndex((pass) => pass.key === keys[0])
  if (at < 0) return
  from.value = at
  to.value = at + keys.length - 1
  begin()
}
</script>

<template>
  <div class="pane">
    <p class="soft">{{ text.about }}</p>
    <div class="setup">
      <Labelled :label="text.from"
        ><el-select v-model="from" :disabled="going"
          ><el-option
            v-for="(pass, i) in passes"
            :key="pass.key"
            :value="i"
            :label="words.format.passName(pass)" /></el-select
      ></Labelled>
      <Labelled :label="text.to"
        ><el-select v-model="to" :disabled="going"
          ><el-option
            v-for="(pass, i) in passes"
            :key="pass.key"
            :value="i"
            :disabled="i < from"
            :label="words.format.passName(pass)" /></el-select
      ></Labelled>
      <Labelled :label="text.way"
        ><el-select v-model="way" :disabled="going"
          ><el-option
            v-for="one in DRILL_WAYS"
            :key="one"
            :value="one"
            :label="text.ways[one]" /></el-select
      ></Labelled>
      <Labelled :label="text.beginAt"
        ><el-select v-model="speed" :disabled="going"
          ><el-option
            v-for="n in SPEEDS"
            :key="n"
            :value="n"
            :label="words.tunes.percent(n)" /></el-select
      ></Labelled>
      <Labelled :label="say.who"
        ><el-select v-model="speaker" :disabled="going"
          ><el-option
            v-for="key in SPEAKERS"
            :key="key"
            :value="key"
            :label="say.speakers[key]" /><el-option
            value="nobody"
            :label="text.nobody" /></el-select
      ></Labelled>
      <Labelled :label="text.sounds"
        ><el-select v-model="layer" :disabled="going"
          ><el-option
            v-for="one in LAYERS"
            :key="one"
            :value="one"
            :label="text.layers[one]" /></el-select
      ></Labelled>
      <Labelled :label="text.leadIn"
        ><el-select v-model="leadIn" :disabled="going"
          ><el-option
            v-for="one in LEAD_INS"
            :key="one"
            :value="one"
            :label="text.leadIns[one]" /></el-select
      ></Labelled>
    </div>
    <div class="run">
      <el-button
        v-if="!going"
        type="primary"
        size="large"
        :disabled="stages.length === 0 || take.isBusy()"
        @click="begin()"
        >{{ say.start }}</el-button
      >
      <el-button v-else type="primary" size="large" @click="stop">{{ say.stop }}</el-button>
      <template v-if="!going && last">
        <el-button size="large" @click="resume">{{
          text.resume(Math.round(100 * last.state.speed), last.state.stage + 1)
        }}</el-button>
        <el-button link @click="forget">{{ text.forget }}</el-button>
      </template>
    </div>
    <p v-if="take.failure.value || practice.failure.value" class="wrong" role="alert">
      {{ take.failure.value || practice.failure.value }}
    </p>
    <template v-if="going">
      <p role="status" class="stage">
        {{
          text.stage(
            stageName,
            state.stage + 1,
            stages.length,
            Math.round(100 * state.speed),
            state.rounds.length + 1,
          )
        }}
      </p>
      <div v-if="asksHow" class="run">
        <el-button size="large" type="success" @click="went(true)">{{ text.well }}</el-button>
        <el-button size="large" @click="went(false)">{{ text.badly }}</el-button>
      </div>
      <TakeLive v-if="isPlaying" :sheet="sheet" :take="take" warned="" />
      <p v-else-if="!asksHow" class="soft">{{ text.breath }}</p>
    </template>
    <DrillSteps :sheet="sheet" :tick="isPlaying ? take.tick.value : (stage?.start ?? 0)" />
    <section v-if="due.length > 0 && !going" aria-labelledby="due-head">
      <h2 id="due-head">{{ text.dueTitle }}</h2>
      <ul>
        <li v-for="one in due" :key="one.key">
          {{ one.text }}
          <el-button link type="primary" @click="practise(one.key)">{{ text.practise }}</el-button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped src="./panes.css"></style>
<style scoped>
.stage {
  font-size: 1.15rem;
  font-weight: 600;
}
</style>
