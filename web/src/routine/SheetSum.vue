<script setup lang="ts">
import { countingOf, isCountedInBars, totalOf } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import { ticksPerBar, TICKS_PER_BEAT, type Tick } from '@dellop/core/time'
import { toldBpm } from '@dellop/core/tune'
import { computed } from 'vue'
import { facingWords } from '../page/standing.ts'
import { words } from '../words/index.ts'

/** Whether the dance is as long as its music, in the unit it is counted in; the rest on asking. */
const props = defineProps<{ sheet: Sheet; round: string }>()

const bar = computed(() => ticksPerBar(props.sheet.routine.metre))
const inBars = computed(() => {
  const { routine, school } = props.sheet
  return isCountedInBars(countingOf(routine.unit, routine, school), routine.metre)
})
const unit = computed(() => (inBars.value ? bar.value : TICKS_PER_BEAT))
const rounded = (ticks: number): number => Math.round((ticks / unit.value) * 100) / 100
const danced = computed(() => rounded(props.sheet.timeline.lengthTicks))
const music = computed(() => (props.sheet.musicEnd === null ? null : rounded(props.sheet.musicEnd)))
const told = computed(() => {
  const { timeline } = props.sheet
  if (timeline.openFrom !== null)
    return words.sheets.head.openTotal(words.sheets.total(totalOf(timeline.slots)))
  if (timeline.lengthTicks === 0) return words.sheet.nothingYet
  return words.sheet.inAll(danced.value, music.value, inBars.value)
})
const isOff = computed(
  () =>
    props.sheet.timeline.openFrom === null && music.value !== null && music.value !== danced.value,
)
const seconds = computed(
  () =>
    props.sheet.clock.heardAt(props.sheet.timeline.lengthTicks) -
    props.sheet.clock.heardAt(0 as Tick),
)
const facts = computed(() => {
  const { routine, school } = props.sheet
  const bpm = toldBpm(props.sheet.beatMap, props.sheet.firstStep)
  const { formation } = routine
  return [
    words.sheet.tempo(bpm, routine.metre.beatsPerBar),
    `${formation ? words.sheets.head.formations[formation] : words.sheet.couples}, ${words.hold(routine.start.hold)}, ${words.sheet.facing(facingWords(routine, routine.start.lead.facing))}`,
    words.sheet.calledBy(words.shipped.style(school)),
    routine.by && `${words.sheet.by} ${routine.by}`,
    seconds.value > 0 && words.sheet.danced(words.format.minutes(seconds.value)),
    props.round,
  ].filter((one): one is string => Boolean(one))
})
</script>

<template>
  <el-popover trigger="click" :width="320" placement="bottom">
    <template #reference>
      <el-button class="sum" :class="{ off: isOff }" round>
        {{ told }}
      </el-button>
    </template>
    <p class="dance">
      <strong>{{ words.dance(sheet.routine.dance) }}</strong>
    </p>
    <ul>
      <li v-for="fact in facts" :key="fact">{{ fact }}</li>
    </ul>
  </el-popover>
</template>

<style scoped>
.sum {
  height: 30px;
}
.sum.off {
  --el-button-bg-color: #f9e0db;
  --el-button-text-color: #8f1f1b;
  --el-button-border-color: #f9e0db;
  --el-button-hover-text-color: #8f1f1b;
  --el-button-hover-bg-color: #fff;
  font-weight: 700;
}
.dance {
  text-transform: capitalize;
}
ul {
  margin: 0.3rem 0 0;
  padding-left: 1.1rem;
}
</style>
