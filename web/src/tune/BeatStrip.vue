<script setup lang="ts">
import { secondsAt, tickAt, TICKS_PER_BEAT, type BeatMap, type Seconds, type Tick } from '@dellop/core/time'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { words } from '../words/index.ts'

/** A stretch of the recording with its beats and bars on it; from the whole tune to one beat. */
const props = defineProps<{ samples: Float32Array | null; sampleRate: number; durationSeconds: number; beatMap: BeatMap; beatsPerBar: number; at: number; chosenBeat: number | null }>()
const emit = defineEmits<{ choose: [beat: number, seconds: number] }>()

const canvas = ref<HTMLCanvasElement | null>(null)
const span = ref(8)
const from = ref(0)
let observer: ResizeObserver | null = null
const SHORTEST = 0.6

const to = computed(() => from.value + span.value)
const zoom = (factor: number): void => {
  const middle = props.at >= from.value && props.at <= to.value ? props.at : from.value + span.value / 2
  span.value = Math.min(props.durationSeconds, Math.max(SHORTEST, span.value * factor))
  move(middle - span.value / 2)
}
function move(seconds: number): void {
  from.value = Math.min(Math.max(0, seconds), Math.max(0, props.durationSeconds - span.value))
}

// The playhead stays in sight.
watch(
  () => props.at,
  (at) => {
    if (at < from.value || at > to.value - span.value * 0.1) move(at - span.value * 0.15)
  },
)

function draw(): void {
  const box = canvas.value
  const pen = box?.getContext('2d')
  if (!box || !pen || box.clientWidth === 0) return
  const scale = window.devicePixelRatio
  const { clientWidth: width, clientHeight: height } = box
  box.width = width * scale
  box.height = height * scale
  pen.scale(scale, scale)
  const style = getComputedStyle(box)
  const colour = (name: string): string => style.getPropertyValue(name)
  const x = (seconds: number): number => ((seconds - from.value) / span.value) * width
  drawWave(pen, width, height, colour('--music'))
  const first = Math.ceil(tickAt(props.beatMap, from.value as Seconds) / TICKS_PER_BEAT)
  const last = Math.floor(tickAt(props.beatMap, to.value as Seconds) / TICKS_PER_BEAT)
  if ((last - first) / width > 0.4) return
  pen.font = `700 14px ${style.fontFamily}`
  for (let beat = first; beat <= last; beat++) {
    const one = ((beat % props.beatsPerBar) + props.beatsPerBar) % props.beatsPerBar === 0
    const left = x(secondsAt(props.beatMap, (beat * TICKS_PER_BEAT) as Tick))
    if (beat === props.chosenBeat) drawChosen(pen, left, height, colour('--music-tint'), colour('--music'))
    pen.fillStyle = colour(one ? '--ink' : '--feet')
    pen.fillRect(left - (one ? 1.5 : 0.5), one ? 0 : 22, one ? 3 : 1.5, height)
    const tall = (last - first) * (one ? 14 / props.beatsPerBar : 22) < width
    if (tall) pen.fillText(one ? words.tunes.barNumber(beat / props.beatsPerBar + 1) : String((((beat % props.beatsPerBar) + props.beatsPerBar) % props.beatsPerBar) + 1), left + 5, one ? 14 : 34)
  }
  pen.fillStyle = colour('--feet')
  pen.fillRect(x(props.at) - 1.5, 0, 3, height)
}

/** The chosen beat stands on a band with a flag at its foot. */
function drawChosen(pen: CanvasRenderingContext2D, left: number, height: number, band: string, flag: string): void {
  pen.fillStyle = band
  pen.globalAlpha = 0.7
  pen.fillRect(left - 12, 0, 24, height)
  pen.globalAlpha = 1
  pen.fillStyle = flag
  pen.beginPath()
  pen.moveTo(left, height - 16)
  pen.lineTo(left + 9, height)
  pen.lineTo(left - 9, height)
  pen.fill()
}

function drawWave(pen: CanvasRenderingContext2D, width: number, height: number, fill: string): void {
  const { samples } = props
  if (!samples) return
  pen.fillStyle = fill
  const perPixel = (span.value * props.sampleRate) / width
  const step = Math.max(1, Math.floor(perPixel / 60))
  for (let px = 0; px < width; px++) {
    let peak = 0
    const start = Math.floor(from.value * props.sampleRate + px * perPixel)
    for (let i = start; i < start + perPixel; i += step) {
      const sample = Math.abs(samples[i] ?? 0)
      if (sample > peak) peak = sample
    }
    const tall = Math.max(1, peak * (height - 46))
    pen.globalAlpha = 0.55
    pen.fillRect(px, 40 + (height - 40 - tall) / 2, 1, tall)
  }
  pen.globalAlpha = 1
}

onMounted(() => {
  observer = new ResizeObserver(draw)
  observer.observe(canvas.value!)
})
onBeforeUnmount(() => observer?.disconnect())
watch(() => [props.samples, props.beatMap, props.beatsPerBar, props.chosenBeat, props.at, from.value, span.value], draw)

function choose(event: MouseEvent): void {
  const box = canvas.value!.getBoundingClientRect()
  const seconds = from.value + ((event.clientX - box.left) / box.width) * span.value
  emit('choose', Math.round(tickAt(props.beatMap, seconds as Seconds) / TICKS_PER_BEAT), seconds)
}
defineExpose({ move })
</script>

<template>
  <div class="strip">
    <canvas ref="canvas" role="img" :aria-label="words.tunes.strip" @click="choose" />
    <div class="tools">
      <button class="button small" @click="move(from - span / 2)">{{ words.tunes.earlier }}</button>
      <button class="button small" @click="zoom(0.5)">{{ words.tunes.closer }}</button>
      <button class="button small" @click="zoom(2)">{{ words.tunes.wider }}</button>
      <button class="button small" @click="move(from + span / 2)">{{ words.tunes.later }}</button>
      <span class="soft">{{ words.tunes.shows(words.format.clock(from), words.format.clock(Math.min(to, durationSeconds))) }}</span>
    </div>
  </div>
</template>

<style scoped>
.strip {
  background: var(--sheet);
  border: 1px solid var(--rule);
  margin-top: 0.75rem;
}
canvas {
  display: block;
  width: 100%;
  height: 190px;
  cursor: pointer;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  align-items: center;
  padding: 0.5rem;
  border-top: 1px solid var(--rule);
}
</style>
