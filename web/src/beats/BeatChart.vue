<script setup lang="ts">
import { ROLES, type DancedFigure, type Role, type Step } from '@dellop/core/figure'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** Steps of both roles on one line of counts: filled feet take weight, hollow ones do not, arrows turn. */
const props = defineProps<{ danced: DancedFigure; beatsPerBar: number; roles: { lead: string; follow: string }; beatsPerLine?: number; together?: boolean }>()

/** Where all dance the same steps, one line is enough. */
const shownRoles = computed(() => (props.together ? (['lead'] as const) : ROLES))
const nameOf = (role: Role): string => (props.together ? words.figures.everyone : props.roles[role])
const beats = computed(() => Math.ceil(props.danced.lengthTicks / TICKS_PER_BEAT))
const perLine = computed(() => props.beatsPerLine ?? 6)
const lines = computed(() => Array.from({ length: Math.ceil(beats.value / perLine.value) }, (_, i) => ({ i, from: i * perLine.value, to: Math.min(beats.value, (i + 1) * perLine.value) })))

const label = (beat: number): string => (beat % props.beatsPerBar === 0 ? String(beat / props.beatsPerBar + 1) : String((beat % props.beatsPerBar) + 1))
const inLine = (steps: readonly Step[], from: number, to: number): Step[] => steps.filter((step) => step.layer === 'feet' && step.at >= from * TICKS_PER_BEAT - (from === 0 ? 96 : 0) && step.at < to * TICKS_PER_BEAT)
const left = (step: Step, from: number, to: number): string => `${(100 * (step.at / TICKS_PER_BEAT - from + 0.5)) / Math.max(to - from, 3)}%`
const footMark = (step: Step): string => (step.foot === 'left' ? words.beats.left : step.foot === 'right' ? words.beats.right : step.foot === 'both' ? words.beats.both : '–')
const spoken = (step: Step): string => {
  const turn = step.turn === 0 ? '' : `, ${step.turn < 0 ? words.beats.turnLeft(-step.turn) : words.beats.turnRight(step.turn)}`
  return `${label(step.at / TICKS_PER_BEAT)}: ${step.text}, ${step.weight === 'none' ? words.beats.touch : words.beats.weight}${turn}`
}
</script>

<template>
  <figure class="chart">
    <div v-for="line in lines" :key="line.i" class="line">
      <div class="counts" aria-hidden="true">
        <span v-for="beat in line.to - line.from" :key="beat" class="count" :class="{ one: (line.from + beat - 1) % beatsPerBar === 0 }" :style="{ left: `${(100 * (beat - 0.5)) / Math.max(line.to - line.from, 3)}%` }">{{
          label(line.from + beat - 1)
        }}</span>
      </div>
      <div v-for="role in shownRoles" :key="role" class="role">
        <span class="name">{{ nameOf(role) }}</span>
        <ol class="track">
          <li v-for="step in inLine(danced.steps[role], line.from, line.to)" :key="step.at" class="step" :style="{ left: left(step, line.from, line.to) }">
            <span class="unseen">{{ spoken(step) }}</span>
            <span class="foot count" aria-hidden="true" :class="{ hollow: step.weight === 'none', none: step.foot === null, [step.foot ?? 'none']: true }">{{ footMark(step) }}</span>
            <span class="text" aria-hidden="true">{{ step.text.replace(/^(left|right) /, '') }}</span>
            <span v-if="step.turn !== 0" class="turn count" aria-hidden="true">{{ step.turn < 0 ? words.beats.turnShortLeft(-step.turn) : words.beats.turnShortRight(step.turn) }}</span>
          </li>
        </ol>
      </div>
    </div>
    <figcaption class="soft">{{ words.beats.caption }}</figcaption>
  </figure>
</template>

<style scoped>
.chart {
  margin: 0;
}
.line {
  margin-bottom: 0.5rem;
}
.counts {
  position: relative;
  height: 20px;
  margin-left: 58px;
  font-size: 0.85rem;
  color: var(--ink-soft);
}
.counts .count {
  position: absolute;
  transform: translateX(-50%);
}
.counts .one {
  font-weight: 700;
  color: var(--music);
}
.role {
  display: grid;
  grid-template-columns: 58px 1fr;
  align-items: start;
  padding: 2px 0;
}
.name {
  font-size: 0.85rem;
  padding-top: 5px;
  color: var(--ink-soft);
}
.track {
  position: relative;
  list-style: none;
  margin: 0;
  padding: 0;
  min-height: 72px;
  border-top: 0;
}
.track::before {
  content: '';
  position: absolute;
  left: 0;
  right: 0;
  top: 15px;
  border-top: 1px solid var(--rule-strong);
}
.step {
  position: absolute;
  transform: translateX(-50%);
  display: flex;
  flex-direction: column;
  align-items: center;
  width: 76px;
  text-align: center;
}
.foot {
  display: grid;
  place-items: center;
  width: 26px;
  height: 30px;
  border: 2px solid var(--feet);
  background: var(--feet);
  color: #fff;
  font-size: 0.85rem;
  font-weight: 700;
}
.foot.left {
  border-radius: 14px 6px 10px 12px;
}
.foot.right {
  border-radius: 6px 14px 12px 10px;
}
.foot.hollow {
  background: var(--sheet);
  color: var(--feet-ink);
}
.foot.none {
  border-color: transparent;
  background: var(--sheet);
  color: var(--ink-soft);
}
.text {
  font-size: 0.75rem;
  line-height: 1.15;
  color: var(--ink-soft);
  margin-top: 2px;
}
.turn {
  font-size: 0.75rem;
  color: var(--music);
  font-weight: 700;
}
figcaption {
  font-size: 0.8rem;
}
</style>
