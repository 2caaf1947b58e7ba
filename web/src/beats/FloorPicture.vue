<script setup lang="ts">
import type { DancerSpot } from '@dellop/core/floor'
import type { Standing } from '@dellop/core/move'
import { computed, nextTick, onMounted, useTemplateRef, watch } from 'vue'

/**
 * Everybody of a formation from above. A shape says the role (a square leads, a round one follows, a
 * six-sided one is second, a drop is alone), a nose where they look; who is out is hollow.
 */
export type SeenBy = 'dancers' | 'caller' | 'mirrored'
const props = defineProps<{
  standing: Standing
  seenBy: SeenBy
  label: string
  trail?: readonly { readonly x: number; readonly y: number }[]
  /** The dancer whose trail it is, by index. */
  followed?: number | null
  /** Where everybody is, in a picture that stands still; else it is told by `draw`. */
  spots?: readonly DancerSpot[]
  /** Room round the places, centimetres: more where all travel. */
  margin?: number
}>()

const MARGIN = 115
/** Half the width of a dancer as drawn, centimetres. */
const BODY = 27

const sign = computed(() =>
  props.seenBy === 'caller' ? [-1, 1] : props.seenBy === 'mirrored' ? [-1, -1] : [1, -1],
)
const at = ({ x, y }: { x: number; y: number }): string =>
  `${(x * sign.value[0]!).toFixed(1)} ${(y * sign.value[1]!).toFixed(1)}`
const degrees = (seen: number): number => {
  const turned = seen * 45
  return props.seenBy === 'caller' ? turned + 180 : props.seenBy === 'mirrored' ? -turned : turned
}

const places = computed(() => props.standing.layout.places)
const box = computed(() => {
  const far = (key: 'x' | 'y'): number =>
    Math.max(...places.value.map((place) => Math.abs(place[key]))) + (props.margin ?? MARGIN)
  const [w, h] = [far('x'), far('y')]
  return `${-w} ${-h} ${2 * w} ${2 * h}`
})
const trailPath = computed(() =>
  (props.trail ?? []).map((point, i) => `${i === 0 ? 'M' : 'L'}${at(point)}`).join(' '),
)

const SHAPES = {
  L: `M${-BODY} ${-BODY}h${2 * BODY}v${2 * BODY}h${-2 * BODY}z`,
  F: `M0 ${-BODY}a${BODY} ${BODY} 0 1 1 -0.01 0z`,
  S: `M${-BODY} 0L${-BODY / 2} ${-BODY * 0.87}H${BODY / 2}L${BODY} 0L${BODY / 2} ${BODY * 0.87}H${-BODY / 2}z`,
  D: `M0 ${-BODY * 1.2}C${BODY} ${-BODY * 0.4} ${BODY} ${BODY} 0 ${BODY}C${-BODY} ${BODY} ${-BODY} ${-BODY * 0.4} 0 ${-BODY * 1.2}z`,
}
const NOSE = `M-9 ${-BODY - 1}L0 ${-BODY - 17}L9 ${-BODY - 1}z`

const bodies = useTemplateRef<SVGGElement[]>('bodies')
const numbers = useTemplateRef<SVGTextElement[]>('numbers')
let last: readonly DancerSpot[] = []

/** Puts everybody where they are now: one transform a dancer, past the templates. */
function draw(spots: readonly DancerSpot[]): void {
  last = spots
  const all = bodies.value ?? []
  spots.forEach((spot, i) => {
    const body = all[i]
    if (!body) return
    const place = at(spot)
    body.setAttribute('transform', `translate(${place}) rotate(${degrees(spot.seen).toFixed(1)})`)
    body.setAttribute('data-hand', spot.hand ?? '')
    numbers.value?.[i]?.setAttribute('transform', `translate(${place})`)
  })
}
defineExpose({ draw })
watch(
  () => [props.seenBy, props.standing, props.spots] as const,
  () => void nextTick(() => draw(props.spots ?? last)),
)
onMounted(() => props.spots && draw(props.spots))
</script>

<template>
  <svg class="floor" :viewBox="box" role="img" :aria-label="label">
    <g class="places" aria-hidden="true">
      <circle
        v-for="place in places"
        :key="place.id"
        :transform="`translate(${at(place)})`"
        r="36"
      />
    </g>
    <path v-if="trailPath" class="trail" :d="trailPath" aria-hidden="true" />
    <g
      v-for="(dancer, i) in standing.dancers"
      :key="dancer.id"
      ref="bodies"
      class="dancer"
      :class="[dancer.role, { out: dancer.group === null, followed: i === followed }]"
      aria-hidden="true"
    >
      <path class="arm left" :d="`M${-BODY} 0h-20`" />
      <path class="arm right" :d="`M${BODY} 0h20`" />
      <path class="nose" :d="NOSE" />
      <path class="body" :d="SHAPES[dancer.role]" />
    </g>
    <text
      v-for="dancer in standing.dancers"
      :key="`${dancer.id}n`"
      ref="numbers"
      class="number"
      :class="[dancer.role, { out: dancer.group === null }]"
      dy="0.36em"
      aria-hidden="true"
    >
      {{ dancer.couple }}
    </text>
  </svg>
</template>

<style scoped>
.floor {
  display: block;
  width: 100%;
  height: 100%;
  background: var(--sheet);
}
.places circle {
  fill: none;
  stroke: var(--rule-strong);
  stroke-width: 2;
  stroke-dasharray: 5 7;
}
.trail {
  fill: none;
  stroke: var(--voice-edge);
  stroke-width: 5;
  stroke-linecap: round;
  stroke-linejoin: round;
  opacity: 0.75;
}
.body {
  fill: var(--music);
  stroke: var(--music);
  stroke-width: 4;
  stroke-linejoin: round;
}
.nose {
  fill: var(--music);
}
.F .body {
  fill: var(--feet);
  stroke: var(--feet);
}
.F .nose {
  fill: var(--feet);
}
.S .body,
.S .nose {
  fill: var(--voice-ink);
  stroke: var(--voice-ink);
}
.out .body {
  fill: var(--sheet);
}
.followed .body {
  stroke: var(--voice-edge);
  stroke-width: 7;
}
.arm {
  fill: none;
  stroke: var(--ink);
  stroke-width: 8;
  stroke-linecap: round;
  visibility: hidden;
}
.dancer[data-hand='left'] .left,
.dancer[data-hand='right'] .right,
.dancer[data-hand='both'] .arm {
  visibility: visible;
}
.number {
  fill: var(--on-colour);
  font: 700 30px var(--font-count);
  text-anchor: middle;
}
.number.out {
  fill: var(--ink);
}
</style>
