<script setup lang="ts">
import {
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
  type ChartOptions,
} from 'chart.js'
import { computed } from 'vue'
import { Scatter } from 'vue-chartjs'

Chart.register(LinearScale, LineElement, PointElement, ScatterController, Filler, Legend, Tooltip)
// Nothing here needs to move.
Chart.defaults.animation = false
Chart.defaults.font.family = '"Atkinson Hyperlegible Next Variable", sans-serif'
Chart.defaults.font.size = 13

/**
 * Lines and points over two axes, in the colours of the page. The `told` sentence says the same to
 * who cannot see it.
 */
export interface Series {
  readonly label: string
  readonly points: readonly { readonly x: number; readonly y: number }[]
  /** A colour of the theme, by the name of its variable. */
  readonly colour: string
  readonly line: boolean
  readonly dashed?: boolean
}
const props = defineProps<{
  series: readonly Series[]
  xLabel: string
  yLabel: string
  told: string
  height?: number
}>()

const themed = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim()
const data = computed(() => ({
  datasets: props.series.map((one) => ({
    label: one.label,
    data: one.points.map(({ x, y }) => ({ x, y })),
    showLine: one.line,
    borderColor: themed(one.colour),
    backgroundColor: themed(one.colour),
    borderWidth: one.line ? 2 : 1,
    borderDash: one.dashed ? [6, 5] : [],
    pointRadius: one.line ? 0 : 4,
    pointStyle: one.line ? ('line' as const) : ('circle' as const),
  })),
}))
const options = computed<ChartOptions<'scatter'>>(() => {
  const ink = themed('--ink')
  const axis = (text: string) => ({
    title: { display: true, text, color: ink },
    ticks: { color: ink },
    grid: { color: themed('--rule') },
    beginAtZero: true,
  })
  return {
    responsive: true,
    maintainAspectRatio: false,
    plugins: { legend: { labels: { color: ink, usePointStyle: true, pointStyleWidth: 14 } } },
    scales: { x: axis(props.xLabel), y: axis(props.yLabel) },
  }
})
</script>

<template>
  <figure class="chart">
    <div class="drawn" :style="{ height: `${height ?? 220}px` }">
      <Scatter :data="data" :options="options" :aria-label="told" role="img" />
    </div>
    <figcaption>{{ told }}</figcaption>
  </figure>
</template>

<style scoped>
.chart {
  margin: 0.5rem 0;
}
.drawn {
  position: relative;
}
figcaption {
  font-size: 0.9rem;
  color: var(--ink-soft);
}
</style>
