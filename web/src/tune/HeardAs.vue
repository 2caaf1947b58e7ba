<script setup lang="ts">
import { danceTempo, type HeardChoices } from '@dellop/core/tune'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/**
 * What Dellop heard and how sure it is, and what a person would want to pick instead: each one
 * click.
 */
const props = defineProps<{
  heard: HeardChoices
  bpm: number
  beatsPerBar: number
  dance: string
  listening: boolean
}>()
const emit = defineEmits<{
  tempo: [bpm: number]
  bars: [beatsPerBar: number, shift: number]
  dance: []
}>()

const MOST = 4
const LEAST = 0.02
const percent = computed(() => Math.round(props.heard.confidence * 100))
const isShown = (bpm: number): boolean => Math.abs(bpm / props.bpm - 1) < 0.04
/** Half, double and three for two are offered even where they were not heard. */
const tempi = computed(() => {
  const likely = props.heard.tempi
    .filter(({ confidence }) => confidence >= LEAST)
    .map(({ bpm }) => bpm)
  const related = [0.5, 2, 1.5, 2 / 3]
    .map((factor) => props.bpm * factor)
    .filter((bpm) => bpm >= 40 && bpm <= 240)
  return [...likely, ...related]
    .filter(
      (bpm, i, all) =>
        !isShown(bpm) && all.findIndex((other) => Math.abs(other / bpm - 1) < 0.04) === i,
    )
    .slice(0, MOST)
})
const bars = computed(() =>
  props.heard.bars
    .filter(({ beatsPerBar, shift }) => beatsPerBar !== props.beatsPerBar || shift > 0)
    .slice(0, MOST + 1),
)
const usual = computed(() => danceTempo(props.dance))
const name = (choice: { beatsPerBar: number; shift: number }): string =>
  choice.beatsPerBar === props.beatsPerBar
    ? words.tunes.pickLater(choice.shift)
    : words.tunes.pickBars(choice.beatsPerBar)
</script>

<template>
  <section class="heard">
    <p>{{ words.tunes.heardAs(bpm, beatsPerBar, percent) }} {{ words.tunes.heardPick }}</p>
    <div class="choices">
      <el-button v-for="one in tempi" :key="one" :disabled="listening" @click="emit('tempo', one)">
        {{ words.tunes.pickTempo(one) }}
      </el-button>
      <el-button
        v-for="one in bars"
        :key="`${one.beatsPerBar} ${one.shift}`"
        :disabled="listening"
        @click="emit('bars', one.beatsPerBar, one.shift)"
      >
        {{ name(one) }}
      </el-button>
      <el-button v-if="usual" :disabled="listening" @click="emit('dance')">
        {{ words.tunes.listenAs(words.dance(usual.dance), usual.range[0], usual.range[1]) }}
      </el-button>
    </div>
  </section>
</template>

<style scoped>
.heard {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  align-items: center;
  margin: 0.75rem 0 0;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}
</style>
