<script setup lang="ts">
import type { HallProgramme } from '@dellop/wire'
import { computed } from 'vue'

/** Everybody from above, between the two pictures that a moment lies between. */
const props = defineProps<{
  floor: NonNullable<HallProgramme['floor']>
  tick: number
  label: string
}>()
const MARGIN = 70
const BODY = 30

const box = computed(() => {
  const [x, y] = props.floor.half
  return `${-x - MARGIN} ${-y - MARGIN} ${2 * (x + MARGIN)} ${2 * (y + MARGIN)}`
})
const dancers = computed(() => {
  const { frames, every, dancers: all } = props.floor
  const at = Math.min(frames.length - 1, Math.max(0, props.tick / every))
  const [from, to] = [frames[Math.floor(at)], frames[Math.ceil(at)]]
  const share = at - Math.floor(at)
  return all.map(({ role, couple }, i) => {
    const value = (k: number): readonly [number, number] => [
      from?.[3 * i + k] ?? 0,
      to?.[3 * i + k] ?? 0,
    ]
    const mixed = ([a, b]: readonly [number, number]): number => a + (b - a) * share
    const [a, b] = value(2)
    // The shorter way round.
    const turn = ((((b - a) % 8) + 12) % 8) - 4
    return { role, couple, x: mixed(value(0)), y: -mixed(value(1)), turn: (a + turn * share) * 45 }
  })
})
</script>

<template>
  <svg :viewBox="box" role="img" :aria-label="label">
    <g
      v-for="(one, i) in dancers"
      :key="i"
      :class="one.role"
      :transform="`translate(${one.x.toFixed(1)} ${one.y.toFixed(1)})`"
    >
      <g :transform="`rotate(${one.turn.toFixed(1)})`">
        <path class="nose" :d="`M-11 ${-BODY}L0 ${-BODY - 20}L11 ${-BODY}z`" />
        <rect v-if="one.role === 'L'" :x="-BODY" :y="-BODY" :width="2 * BODY" :height="2 * BODY" />
        <circle v-else :r="BODY" />
      </g>
      <text dy="0.36em">{{ one.couple }}</text>
    </g>
  </svg>
</template>

<style scoped>
rect,
circle,
path {
  fill: var(--feet);
}
.L rect,
.L path {
  fill: var(--music);
}
text {
  fill: var(--on-colour);
  font: 700 34px var(--font-count);
  text-anchor: middle;
}
</style>
