<script setup lang="ts">
import type { FloorRun, TakeScore, Utterance } from '@dellop/core/rehearse'
import { computed, defineAsyncComponent } from 'vue'
import { words } from '../words/index.ts'
import FloorDancers from './FloorDancers.vue'

const LineChart = defineAsyncComponent(() => import('../ui/LineChart.vue'))

/** How a take went: share in time, leads over the dance, the worst three, and the floor. */
const props = defineProps<{ score: TakeScore; floor: FloorRun; plannedFloor: FloorRun }>()
const emit = defineEmits<{ again: [utterance: Utterance] }>()
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
    <ol v-if="score.worst.length > 0" class="worst">
      <li v-for="one in score.worst" :key="one.utterance.key">
        <strong>{{ one.utterance.text }}</strong>: {{ say.verdicts[one.verdict] }}.
        {{ say.advice[one.verdict] }}
        <el-button link @click="emit('again', one.utterance)">{{ say.againFrom }}</el-button>
      </li>
    </ol>
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
.worst {
  padding-left: 1.3rem;
}
</style>
