<script setup lang="ts">
import { densityOf, type Sheet } from '@dellop/core/sheet'
import { computed, defineAsyncComponent } from 'vue'
import { words } from '../words/index.ts'

/** Charts are large and not always wanted. */
const LineChart = defineAsyncComponent(() => import('../ui/LineChart.vue'))

/** How much is said along the dance, against what a floor takes in by the sheet's school. */
const props = defineProps<{ sheet: Sheet }>()
const points = computed(() =>
  densityOf(props.sheet.plan, props.sheet.clock.heardAt(props.sheet.timeline.lengthTicks)),
)
const limit = computed(() => props.sheet.school.mostWordsIn20Seconds)
const series = computed(() => {
  const all = points.value.map(({ seconds, words: n }) => ({ x: seconds, y: n }))
  const [first, last] = [all[0], all.at(-1)]
  return [
    { label: words.cues.densityWords, points: all, colour: '--voice-ink', line: true },
    {
      label: words.cues.densityLimit,
      points: first && last ? [first, last].map(({ x }) => ({ x, y: limit.value })) : [],
      colour: '--wrong',
      line: true,
      dashed: true,
    },
  ]
})
const told = computed(() =>
  words.cues.densityTold(Math.max(0, ...points.value.map((one) => one.words)), limit.value),
)
</script>

<template>
  <section aria-labelledby="density-head">
    <h2 id="density-head">{{ words.cues.density }}</h2>
    <p v-if="points.length === 0" class="soft">{{ words.cues.densityNone }}</p>
    <LineChart
      v-else
      :series="series"
      :x-label="words.cues.seconds"
      :y-label="words.cues.densityWords"
      :told="told"
      :height="190"
    />
  </section>
</template>
