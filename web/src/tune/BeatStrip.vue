<script setup lang="ts">
import {
  secondsAt,
  tickAt,
  TICKS_PER_BEAT,
  type BeatMap,
  type Seconds,
  type Tick,
} from '@dellop/core/time'
import { computed, ref, watch } from 'vue'
import { useSizeOf } from '../ui/sizeOf.ts'
import { words } from '../words/index.ts'
import { drawStrip } from './stripDrawing.ts'

/**
 * A stretch of the recording with its beats and bars on it; from the whole tune to one beat. A
 * click chooses a beat, a drag moves it.
 */
const props = defineProps<{
  samples: Float32Array | null
  sampleRate: number
  durationSeconds: number
  beatMap: BeatMap
  beatsPerBar: number
  at: number
  chosenBeat: number | null
  landmarks: readonly { readonly seconds: number; readonly text: string }[]
  taps: readonly number[]
}>()
const emit = defineEmits<{
  choose: [beat: number, seconds: number]
  move: [beat: number, seconds: number]
}>()

const canvas = ref<HTMLCanvasElement | null>(null)
const span = ref(8)
const from = ref(0)
const drag = ref<{
  readonly startX: number
  readonly seconds: number
  readonly moved: boolean
} | null>(null)
const SHORTEST = 0.6
/**
 * A pointer this near the chosen beat takes hold of it; moved less than the second, it was a click.
 */
const HOLD_PIXELS = 14
const CLICK_PIXELS = 4

const to = computed(() => from.value + span.value)
const zoom = (factor: number): void => {
  const middle =
    props.at >= from.value && props.at <= to.value ? props.at : from.value + span.value / 2
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
  if (canvas.value)
    drawStrip(canvas.value, {
      ...props,
      from: from.value,
      span: span.value,
      draggedTo: drag.value?.moved ? drag.value.seconds : null,
    })
}
useSizeOf(canvas, draw)
watch(
  () => [
    props.samples,
    props.beatMap,
    props.beatsPerBar,
    props.chosenBeat,
    props.landmarks,
    props.taps,
    props.at,
    from.value,
    span.value,
    drag.value,
  ],
  draw,
)

const secondsOf = (event: PointerEvent): number => {
  const box = canvas.value!.getBoundingClientRect()
  return from.value + ((event.clientX - box.left) / box.width) * span.value
}
const pixelsTo = (seconds: number, event: PointerEvent): number =>
  Math.abs(((seconds - secondsOf(event)) / span.value) * canvas.value!.clientWidth)

function down(event: PointerEvent): void {
  const { chosenBeat } = props
  if (
    chosenBeat === null ||
    pixelsTo(secondsAt(props.beatMap, (chosenBeat * TICKS_PER_BEAT) as Tick), event) > HOLD_PIXELS
  )
    return
  canvas.value!.setPointerCapture(event.pointerId)
  drag.value = { startX: event.clientX, seconds: secondsOf(event), moved: false }
}
function dragOn(event: PointerEvent): void {
  if (drag.value)
    drag.value = {
      ...drag.value,
      seconds: secondsOf(event),
      moved: drag.value.moved || Math.abs(event.clientX - drag.value.startX) > CLICK_PIXELS,
    }
}
function up(event: PointerEvent): void {
  const held = drag.value
  drag.value = null
  if (held?.moved) return emit('move', props.chosenBeat!, secondsOf(event))
  const seconds = secondsOf(event)
  emit('choose', Math.round(tickAt(props.beatMap, seconds as Seconds) / TICKS_PER_BEAT), seconds)
}
/** Plus and minus zoom, Page keys go along; the page has keys for the beats. */
function onKey(event: KeyboardEvent): void {
  if (event.altKey || event.ctrlKey || event.metaKey) return
  const act = keyed(event.key)
  if (!act) return
  event.preventDefault()
  event.stopPropagation()
  act()
}
function keyed(key: string): (() => void) | null {
  if (key === '+') return () => zoom(0.5)
  if (key === '-') return () => zoom(2)
  if (key === 'PageDown') return () => move(from.value + span.value / 2)
  if (key === 'PageUp') return () => move(from.value - span.value / 2)
  return null
}
const cancel = (): void => void (drag.value = null)
/** The stretch that is in sight, in seconds of the recording. */
const shown = () => ({ from: from.value, to: Math.min(to.value, props.durationSeconds) })
defineExpose({ move, shown })
</script>

<template>
  <div class="strip">
    <canvas
      ref="canvas"
      role="slider"
      tabindex="0"
      :aria-label="words.tunes.strip"
      :aria-valuenow="chosenBeat ?? 0"
      :aria-valuetext="words.tunes.stripAt(chosenBeat)"
      @keydown="onKey"
      @pointerdown="down"
      @pointermove="dragOn"
      @pointerup="up"
      @pointercancel="cancel"
    />
    <div class="tools">
      <el-button @click="move(from - span / 2)">{{ words.tunes.earlier }}</el-button>
      <el-button @click="zoom(0.5)">{{ words.tunes.closer }}</el-button>
      <el-button @click="zoom(2)">{{ words.tunes.wider }}</el-button>
      <el-button @click="move(from + span / 2)">{{ words.tunes.later }}</el-button>
      <span class="soft">{{
        words.tunes.shows(
          words.format.clock(from),
          words.format.clock(Math.min(to, durationSeconds)),
        )
      }}</span>
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
  touch-action: pan-y;
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
