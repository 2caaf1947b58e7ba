<script setup lang="ts">
import type { CueScore, Utterance } from '@dellop/core/rehearse'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** The cues around now, each in its place before its step; those said are told how they were. */
const props = defineProps<{
  utterances: readonly Utterance[]
  scores: readonly CueScore[]
  now: number
  speaking: boolean
}>()
const SECONDS_BACK = 3
const SECONDS_AHEAD = 9

const share = (seconds: number): number =>
  (100 * (seconds - props.now + SECONDS_BACK)) / (SECONDS_BACK + SECONDS_AHEAD)
const shown = computed(() =>
  props.utterances
    .filter(
      ({ step, start }) => step > props.now - SECONDS_BACK && start < props.now + SECONDS_AHEAD,
    )
    .map((one) => {
      const left = Math.max(0, share(one.start))
      const verdict = props.scores.find(({ utterance }) => utterance.key === one.key)?.verdict
      return {
        key: one.key,
        text: one.text,
        left,
        width: Math.max(1, Math.min(100, share(one.end)) - left),
        step: share(one.step),
        verdict: one.end < props.now ? (verdict ?? null) : null,
      }
    }),
)
const playhead = computed(() => share(props.now))
const next = computed(() => props.utterances.find(({ end }) => end > props.now) ?? null)
</script>

<template>
  <div class="ribbon">
    <p class="next" :class="{ now: next && next.start <= now, speaking }">
      {{ next?.text ?? words.rehearse.nothingMore }}
    </p>
    <svg class="lane" viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true">
      <g v-for="one in shown" :key="one.key" :class="one.verdict ?? 'to-come'">
        <rect :x="one.left" y="3" :width="one.width" height="6" />
        <line :x1="one.step" :x2="one.step" y1="0" y2="12" />
      </g>
      <line class="playhead" :x1="playhead" :x2="playhead" y1="0" y2="12" />
    </svg>
    <p class="soft">
      <template v-for="one in shown.filter(({ verdict }) => verdict)" :key="one.key"
        >{{ one.text }}: {{ words.rehearse.verdicts[one.verdict!] }}.
      </template>
    </p>
  </div>
</template>

<style scoped>
.next {
  margin: 0;
  min-height: 1.3em;
  font-family: var(--font-head);
  font-size: clamp(1.8rem, 5vw, 3rem);
  font-weight: 800;
  line-height: 1.2;
}
.next.now {
  color: var(--voice-ink);
}
.next.speaking {
  text-decoration: underline;
  text-decoration-thickness: 4px;
}
.lane {
  display: block;
  width: 100%;
  height: 56px;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 6px;
}
.lane rect {
  fill: var(--voice-tint);
  stroke: var(--voice-edge);
  stroke-width: 1px;
  vector-effect: non-scaling-stroke;
}
.lane line {
  stroke: var(--feet);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
.lane .late rect,
.lane .missed rect,
.lane .over-another rect {
  fill: var(--sheet);
  stroke: var(--wrong);
  stroke-width: 3px;
  stroke-dasharray: 5 3;
}
.lane .in-time rect,
.lane .tight rect {
  fill: var(--voice-edge);
}
.lane .playhead {
  stroke: var(--ink);
  stroke-width: 4px;
}
.soft {
  min-height: 1.5em;
  margin: 0.2rem 0 0;
}
</style>
