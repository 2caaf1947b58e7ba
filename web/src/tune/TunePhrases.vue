<script setup lang="ts">
import type { Tick } from '@dellop/core/time'
import { tuneBars, tunePhrases, type Tune } from '@dellop/core/tune'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** The tune as phrases, one a row: named, longer or shorter, and where the dance starts. */
const props = defineProps<{ tune: Tune; timeOf: (tick: number) => number; playable: boolean; barTicks: number }>()
const emit = defineEmits<{ play: [seconds: number]; change: [tune: Tune, label: string] }>()

const phrases = computed(() => tunePhrases(props.tune))
const sum = computed(() => words.tunes.total(phrases.value.map((phrase) => phrase.bars).join(' + '), tuneBars(props.tune).bars))
const sectionOf = (sectionId: string): Tune['sections'][number] => props.tune.sections.find((section) => section.id === sectionId)!

/** Changes one phrase's bars; phrases are numbered over all sections. */
function resize(index: number, by: number): void {
  let n = -1
  const sections = props.tune.sections.map((section) => ({ ...section, phrases: section.phrases.map((phrase) => (++n === index ? { ...phrase, bars: phrase.bars + by } : phrase)) }))
  emit('change', { ...props.tune, sections }, words.tunes.done.bars)
}
function rename(sectionId: string, label: string): void {
  const next = label.trim().slice(0, 30)
  if (next !== '') emit('change', { ...props.tune, sections: props.tune.sections.map((section) => (section.id === sectionId ? { ...section, label: next } : section)) }, words.tunes.done.label)
}
const startHere = (tick: Tick): void => emit('change', { ...props.tune, danceStart: tick }, words.tunes.done.start)
</script>

<template>
  <section aria-labelledby="phrases-head">
    <h2 id="phrases-head">{{ words.tunes.phrases }}</h2>
    <ol>
      <li v-for="phrase in phrases" :key="phrase.index">
        <input class="label" :value="sectionOf(phrase.sectionId).label" :aria-label="words.tunes.name" maxlength="30" @change="rename(phrase.sectionId, ($event.target as HTMLInputElement).value)" />
        <span class="bars" :style="{ flexBasis: `${Math.min(phrase.bars, 12) * 5.6}%` }"
          ><span v-for="n in phrase.bars" :key="n" class="bar count">{{ n }}</span></span
        >
        <button class="button small" :disabled="phrase.bars <= 1" :aria-label="words.tunes.shorter(phrase.label)" @click="resize(phrase.index, -1)">−</button>
        <button class="button small" :aria-label="words.tunes.longer(phrase.label)" @click="resize(phrase.index, 1)">+</button>
        <span class="count soft">{{ words.format.clock(timeOf(phrase.start)) }}</span>
        <button v-if="playable" class="textlink" :aria-label="words.tunes.playFrom(phrase.label, phrase.start / barTicks + 1)" @click="emit('play', timeOf(phrase.start))">{{ words.tunes.play }}</button>
        <strong v-if="phrase.start === tune.danceStart">{{ words.tunes.starts }}</strong>
        <button v-else class="textlink quiet" @click="startHere(phrase.start)">{{ words.tunes.playStart }}</button>
      </li>
    </ol>
    <p class="count soft">{{ sum }}</p>
  </section>
</template>

<style scoped>
h2 {
  margin: 1.5rem 0 0.5rem;
}
ol {
  list-style: none;
  margin: 0 0 1rem;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.6rem;
  padding: 0.25rem 0;
}
.label {
  width: 5rem;
  font-family: var(--font-head);
  font-weight: 800;
  font-size: 1.05rem;
  color: var(--music);
  border: 0;
  border-bottom: 1px dashed var(--rule-strong);
  background: transparent;
}
.bars {
  display: flex;
  min-width: 0;
}
.bar {
  flex: 1;
  min-width: 1.4rem;
  border-left: 3px solid var(--music);
  background: var(--music-tint);
  padding: 0.3rem 0.3rem;
  font-size: 0.85rem;
}
.quiet {
  font-weight: 400;
  border-color: var(--rule-strong);
}
</style>
