<script setup lang="ts">
import {
  placedIn,
  ringIn,
  routeIn,
  routeLength,
  routePoint,
  setsIn,
  type Hall,
  type HallThing,
} from '@dellop/core/floor'
import { computed, ref } from 'vue'
import { words } from '../words/index.ts'

/**
 * A hall from above, to scale: what stands in it, which is dragged, and where sets, a ring or
 * couples on their way round have room.
 */
const props = defineProps<{
  hall: Hall
  /** What is danced: sets of such a box, one ring, couples on the way round, or nothing of these. */
  danced:
    | { readonly kind: 'sets'; readonly box: readonly [number, number]; readonly wanted: number }
    | { readonly kind: 'ring' }
    | { readonly kind: 'route'; readonly couples: number; readonly advanced: number }
    | { readonly kind: 'none' }
}>()
const emit = defineEmits<{ change: [hall: Hall] }>()
const say = words.floor.room
const chosen = defineModel<number | null>('chosen', { required: true })

const EDGE = 60
const STEP = 25
const box = computed(
  () => `${-EDGE} ${-EDGE} ${props.hall.width + 2 * EDGE} ${props.hall.length + 2 * EDGE}`,
)
/** While it is dragged a thing is drawn where it will stand. */
const drag = ref<{
  readonly index: number
  readonly thing: HallThing
  readonly from: readonly [number, number]
  readonly resizes: boolean
} | null>(null)
const shown = computed<Hall>(() => {
  const { value } = drag
  return value ? withThing(props.hall, value.index, value.thing) : props.hall
})
const withThing = (hall: Hall, index: number, thing: HallThing): Hall => ({
  ...hall,
  things: hall.things.map((one, i) => (i === index ? placedIn(hall, thing) : one)),
})

const sets = computed(() => {
  if (props.danced.kind !== 'sets') return []
  return setsIn(shown.value, props.danced.box).sets.slice(0, props.danced.wanted)
})
const ring = computed(() => (props.danced.kind === 'ring' ? ringIn(shown.value) : null))
const route = computed(() => (props.danced.kind === 'route' ? routeIn(shown.value) : null))
const couples = computed(() => {
  if (!route.value || props.danced.kind !== 'route') return []
  const each = routeLength(route.value) / Math.max(1, props.danced.couples)
  const { advanced } = props.danced
  return Array.from({ length: props.danced.couples }, (_, i) =>
    routePoint(route.value!, i * each + advanced),
  )
})

const svg = ref<SVGSVGElement | null>(null)
function pointOf(event: PointerEvent): readonly [number, number] {
  const matrix = svg.value!.getScreenCTM()!.inverse()
  const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix)
  return [x, y]
}
function down(event: PointerEvent, index: number, resizes: boolean): void {
  chosen.value = index
  svg.value!.setPointerCapture(event.pointerId)
  drag.value = { index, thing: props.hall.things[index]!, from: pointOf(event), resizes }
}
function move(event: PointerEvent): void {
  const held = drag.value
  if (!held) return
  const [x, y] = pointOf(event)
  const [dx, dy] = [x - held.from[0], y - held.from[1]]
  const thing = props.hall.things[held.index]!
  const next = held.resizes
    ? { ...thing, width: thing.width + dx, length: thing.length + dy }
    : { ...thing, x: thing.x + dx, y: thing.y + dy }
  drag.value = { ...held, thing: placedIn(props.hall, next) }
}
function up(): void {
  const held = drag.value
  drag.value = null
  if (!held) return
  const next = withThing(props.hall, held.index, held.thing)
  if (JSON.stringify(next) !== JSON.stringify(props.hall)) emit('change', next)
}
const WAYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
}
/** Arrows move a thing, with Shift they make it larger or smaller; Delete takes it away. */
function key(event: KeyboardEvent, index: number): void {
  const thing = props.hall.things[index]!
  const way = WAYS[event.key]
  if (way) {
    const [dx, dy] = way
    const next = event.shiftKey
      ? { ...thing, width: thing.width + dx, length: thing.length + dy }
      : { ...thing, x: thing.x + dx, y: thing.y + dy }
    emit('change', withThing(props.hall, index, next))
  } else if (event.key === 'Delete')
    emit('change', { ...props.hall, things: props.hall.things.filter((_, i) => i !== index) })
  else return
  event.preventDefault()
  event.stopPropagation()
}
const metres = (value: number): string => words.format.decimal(value / 100, 2)
const sideAt = (side: string): { x: number; y: number } => ({
  x: side === 'left' ? 0 : side === 'right' ? props.hall.width : props.hall.width / 2,
  y: side === 'top' ? -16 : side === 'bottom' ? props.hall.length + 46 : props.hall.length / 2,
})
</script>

<template>
  <svg
    ref="svg"
    class="hall"
    :viewBox="box"
    role="group"
    :aria-label="say.drawing(metres(hall.width), metres(hall.length))"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="drag = null"
  >
    <rect class="walls" :width="hall.width" :height="hall.length" />
    <g class="danced" aria-hidden="true">
      <g v-for="(set, i) in sets" :key="i">
        <rect :x="set.x + 8" :y="set.y + 8" :width="set.width - 16" :height="set.length - 16" />
        <text :x="set.x + set.width / 2" :y="set.y + set.length / 2" dy="0.35em">{{ i + 1 }}</text>
      </g>
      <circle v-if="ring" :cx="ring.x" :cy="ring.y" :r="ring.radius" />
      <template v-if="route">
        <rect
          :x="route.x"
          :y="route.y"
          :width="route.width"
          :height="route.length"
          :rx="route.corner"
        />
        <g
          v-for="(couple, i) in couples"
          :key="i"
          class="couple"
          :transform="`translate(${couple.x.toFixed(1)} ${couple.y.toFixed(1)})`"
        >
          <circle r="38" />
          <path :transform="`rotate(${couple.degrees.toFixed(1)})`" d="M-14 -36L0 -62L14 -36z" />
          <text dy="0.35em">{{ i + 1 }}</text>
        </g>
      </template>
    </g>
    <g
      v-for="(thing, i) in shown.things"
      :key="i"
      class="thing"
      :class="{ chosen: i === chosen }"
      role="button"
      tabindex="0"
      :aria-label="
        say.thingAt(
          thing.name,
          metres(thing.x),
          metres(thing.y),
          metres(thing.width),
          metres(thing.length),
        )
      "
      @focus="chosen = i"
      @keydown="key($event, i)"
      @pointerdown.prevent="down($event, i, false)"
    >
      <rect :x="thing.x" :y="thing.y" :width="thing.width" :height="thing.length" />
      <text :x="thing.x + thing.width / 2" :y="thing.y + thing.length / 2" dy="0.35em">
        {{ thing.name }}
      </text>
      <rect
        class="handle"
        :x="thing.x + thing.width - 26"
        :y="thing.y + thing.length - 26"
        width="52"
        height="52"
        @pointerdown.stop.prevent="down($event, i, true)"
      />
    </g>
    <text v-if="hall.caller" class="onlooker" v-bind="sideAt(hall.caller)">{{ say.caller }}</text>
    <text v-if="hall.camera" class="onlooker" v-bind="sideAt(hall.camera)">{{ say.camera }}</text>
  </svg>
</template>

<style scoped>
.hall {
  display: block;
  width: 100%;
  max-height: 420px;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 8px;
  touch-action: none;
}
.walls {
  fill: none;
  stroke: var(--ink);
  stroke-width: 10;
}
.danced rect,
.danced > circle {
  fill: none;
  stroke: var(--feet);
  stroke-width: 7;
  stroke-dasharray: 18 12;
}
.danced text {
  fill: var(--feet);
  font: 700 56px var(--font-count);
  text-anchor: middle;
}
.couple circle,
.couple path {
  fill: var(--feet);
  stroke: none;
}
.danced .couple text {
  fill: var(--on-colour);
  font-size: 40px;
}
.thing {
  cursor: move;
}
.thing rect {
  fill: var(--music-tint);
  stroke: var(--music);
  stroke-width: 5;
}
.thing text {
  fill: var(--ink);
  font: 600 46px var(--font-text);
  text-anchor: middle;
  pointer-events: none;
}
.thing.chosen rect {
  stroke-width: 12;
}
.thing .handle {
  fill: var(--music);
  cursor: nwse-resize;
  opacity: 0;
}
.thing.chosen .handle {
  opacity: 1;
}
.onlooker {
  fill: var(--ink);
  font: 700 44px var(--font-text);
  text-anchor: middle;
}
</style>
