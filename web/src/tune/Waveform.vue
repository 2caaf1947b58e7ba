<script setup lang="ts">
import { ref, watch } from 'vue'
import { useSizeOf } from '../ui/sizeOf.ts'
import { words } from '../words/index.ts'

/** The sound as peaks on a canvas, with a mark where it plays. */
const props = defineProps<{
  peaks: readonly number[]
  durationSeconds: number
  marks: readonly { seconds: number; label: string; strong: boolean }[]
  at: number
  label: string
}>()
const emit = defineEmits<{ seek: [seconds: number] }>()
const canvas = ref<HTMLCanvasElement | null>(null)

function draw(): void {
  const box = canvas.value
  const pen = box?.getContext('2d')
  if (!box || !pen) return
  const scale = window.devicePixelRatio
  const { clientWidth: width, clientHeight: height } = box
  box.width = width * scale
  box.height = height * scale
  pen.scale(scale, scale)
  const style = getComputedStyle(box)
  const colour = (name: string): string => style.getPropertyValue(name)
  pen.fillStyle = colour('--music')
  const middle = (height + 18) / 2
  for (let x = 0; x < width; x++) {
    const peak = props.peaks[Math.floor((x / width) * props.peaks.length)] ?? 0
    const tall = Math.max(1, peak * (height - 26))
    pen.fillRect(x, middle - tall / 2, 1, tall)
  }
  pen.font = `600 13px ${style.fontFamily}`
  let free = 0
  for (const mark of props.marks) {
    const x = (mark.seconds / props.durationSeconds) * width
    pen.fillStyle = colour(mark.strong ? '--ink' : '--rule-strong')
    pen.fillRect(x, 0, mark.strong ? 2 : 1, height)
    pen.fillStyle = colour('--ink')
    // A name that would run into the one before is left out; the phrases below have them all.
    if (x < free) continue
    pen.fillText(mark.label, x + 5, 13)
    free = x + 5 + pen.measureText(mark.label).width
  }
}

useSizeOf(canvas, draw)
watch(() => [props.peaks, props.marks], draw)

function seek(event: MouseEvent): void {
  const box = canvas.value!.getBoundingClientRect()
  emit('seek', ((event.clientX - box.left) / box.width) * props.durationSeconds)
}

/** Seconds that a key goes on by. */
const BY: Readonly<Record<string, number>> = {
  ArrowRight: 5,
  ArrowUp: 5,
  ArrowLeft: -5,
  ArrowDown: -5,
  PageUp: 30,
  PageDown: -30,
  Home: -Infinity,
  End: Infinity,
}
function onKey(event: KeyboardEvent): void {
  const by = BY[event.key]
  if (by === undefined || event.altKey || event.ctrlKey || event.metaKey) return
  event.preventDefault()
  // The keys of the page choose beats: here they belong to the slider.
  event.stopPropagation()
  emit('seek', Math.min(props.durationSeconds, Math.max(0, props.at + by)))
}
</script>

<template>
  <div class="wave">
    <canvas
      ref="canvas"
      role="slider"
      tabindex="0"
      :aria-label="label"
      aria-valuemin="0"
      :aria-valuemax="Math.round(durationSeconds)"
      :aria-valuenow="Math.round(at)"
      :aria-valuetext="words.format.clock(at)"
      @click="seek"
      @keydown="onKey"
    />
    <span class="head" :style="{ left: `${(100 * at) / durationSeconds}%` }" />
  </div>
</template>

<style scoped>
.wave {
  position: relative;
  background: var(--sheet);
  border: 1px solid var(--rule);
}
canvas {
  display: block;
  width: 100%;
  height: 140px;
  cursor: pointer;
}
.head {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 3px;
  background: var(--feet);
  pointer-events: none;
}
</style>
