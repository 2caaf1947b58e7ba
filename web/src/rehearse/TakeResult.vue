<script setup lang="ts">
import type { PreparedCall } from '@dellop/core/call'
import {
  whatWouldHaveSaved,
  utterancesOf,
  type FloorRun,
  type FloorSettings,
  type Take,
  type TakeScore,
  type Utterance,
} from '@dellop/core/rehearse'
import type { Sheet } from '@dellop/core/sheet'
import { computed, defineAsyncComponent } from 'vue'
import { words } from '../words/index.ts'
import FloorDancers from './FloorDancers.vue'
import TakeAdvice from './TakeAdvice.vue'

const LineChart = defineAsyncComponent(() => import('../ui/LineChart.vue'))

/** How a take went: share in time, leads over the dance, the worst three, and the floor. */
const props = defineProps<{
  sheet: Sheet
  call: PreparedCall
  score: TakeScore
  floor: FloorRun
  plannedFloor: FloorRun
  settings: FloorSettings
  seed: number
  kept: Take | null
}>()
const emit = defineEmits<{ again: [utterance: Utterance]; changed: [] }>()
const say = words.rehearse

const percent = (share: number): number => Math.round(share * 100)
const leads = computed(() => [
  {
    label: say.leads,
    points: props.score.cues.flatMap(({ utterance, leadBeats }) =>
      leadBeats === null ? [] : [{ x: utterance.step, y: leadBeats }],
    ),
    colour: '--voice-ink',
    line: false,
  },
  {
    label: say.least,
    points: props.score.cues.map(({ utterance: { step, leastLead, beatSeconds } }) => ({
      x: step,
      y: leastLead / beatSeconds,
    })),
    colour: '--wrong',
    line: true,
    dashed: true,
  },
])
const floors = computed(() => [
  {
    label: say.floorTake,
    points: props.floor.slots.map(({ start, right }) => ({ x: start, y: percent(right) })),
    colour: '--feet',
    line: true,
  },
  {
    label: say.floorPlan,
    points: props.plannedFloor.slots.map(({ start, right }) => ({ x: start, y: percent(right) })),
    colour: '--music',
    line: true,
    dashed: true,
  },
])
/** The figure that the fewest danced rightly. */
const weakest = computed(() =>
  [...props.floor.slots].sort((a, b) => a.right - b.right).find(({ right }) => right < 0.999),
)
/** Of what was played: the cue that, said as planned, would have helped most. */
const savings = computed(() => {
  const keys = new Set(props.score.cues.map(({ utterance }) => utterance.key))
  const played = utterancesOf(props.call).filter(({ key }) => keys.has(key))
  const heard = props.score.cues.flatMap(({ utterance, said }) =>
    said ? [{ slotKey: utterance.slotKey, end: said.end }] : [],
  )
  return whatWouldHaveSaved(props.call, played, heard, {
    settings: props.settings,
    seed: props.seed,
  }).savings
})
const rows = computed(() =>
  props.score.cues.map(({ utterance, verdict, leadBeats }) => ({
    key: utterance.key,
    at: words.format.clock(Math.max(0, utterance.step)),
    text: utterance.text,
    verdict: say.verdicts[verdict],
    lead: leadBeats === null ? '' : words.format.decimal(leadBeats, 1),
  })),
)
</script>

<template>
  <section class="result" aria-labelledby="result-head">
    <h2 id="result-head">{{ say.result }}</h2>
    <p class="sum">{{ say.inTime(percent(score.inTime), score.cues.length) }}</p>
    <p v-if="score.medianLeadBeats !== null">
      {{
        say.leadTold(
          words.format.decimal(score.medianLeadBeats, 1),
          words.format.decimal(score.spreadBeats ?? 0, 1),
        )
      }}
    </p>
    <p v-if="score.extra.length > 0">{{ say.extra(score.extra.length) }}</p>
    <TakeAdvice
      :sheet="sheet"
      :score="score"
      :spoken="kept?.speaker === 'microphone' || kept?.speaker === 'key'"
      @again="emit('again', $event.utterance)"
      @changed="emit('changed')"
    />
    <audio v-if="kept?.media" :src="`/media/${kept.media}`" controls :aria-label="say.sound" />
    <LineChart
      v-if="score.cues.length > 1"
      :series="leads"
      :x-label="words.cues.seconds"
      :y-label="say.leads"
      :told="say.inTime(percent(score.inTime), score.cues.length)"
      :height="200"
    />
    <h2>{{ say.floor }}</h2>
    <p class="sum">{{ say.floorTold(percent(floor.right), percent(plannedFloor.right)) }}</p>
    <ul v-if="savings.length > 0" class="savings">
      <li v-for="one in savings" :key="one.utterance.key">
        {{ say.saved(one.utterance.text, percent(one.gained)) }}
      </li>
    </ul>
    <LineChart
      :series="floors"
      :x-label="words.cues.seconds"
      :y-label="say.floorShare"
      :told="say.floorTold(percent(floor.right), percent(plannedFloor.right))"
      :height="200"
    />
    <template v-if="weakest">
      <p>{{ say.weakest(words.format.clock(Math.max(0, weakest.start))) }}</p>
      <FloorDancers :deeds="weakest.deeds" />
    </template>
    <p class="soft">{{ say.estimate }}</p>
    <el-table :data="rows" row-key="key" max-height="420">
      <el-table-column prop="at" :label="say.at" width="80" />
      <el-table-column prop="text" :label="say.cue" min-width="180" />
      <el-table-column prop="verdict" :label="say.how" min-width="120" />
      <el-table-column prop="lead" :label="say.leadColumn" width="110" />
    </el-table>
  </section>
</template>

<style scoped>
.result {
  display: grid;
  gap: 0.6rem;
}
.result > * {
  margin: 0;
}
h2 {
  font-size: 1.25rem;
}
.sum {
  font-size: 1.15rem;
  font-weight: 700;
}
.savings {
  padding-left: 1.3rem;
}
</style>
