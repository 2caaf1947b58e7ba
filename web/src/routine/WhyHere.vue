<script setup lang="ts">
import type { Planned } from '@dellop/core/cue'
import type { School } from '@dellop/core/school'
import { computed } from 'vue'
import { words } from '../words/index.ts'

const props = defineProps<{ planned: Planned; school: School; measured: boolean }>()

const sentences = computed((): string[] => {
  const { why: text, format } = words
  if (!props.planned.said) return [text.silent[props.planned.reason]]
  const { said, why } = props.planned
  const moved = why.runnerUp ? why.runnerUp.said.start - said.start : 0
  const small = 0.005
  return [
    text.lead(text.beats(said.leadBeats), format.seconds(said.leadSeconds), format.seconds(props.school.lead.minSeconds)),
    why.earlierSeconds > small ? text.earlier(format.seconds(why.earlierSeconds), why.heldBy) : text.notEarlier(why.heldBy),
    ...(why.laterSeconds > small ? [text.later(format.seconds(why.laterSeconds))] : []),
    why.runnerUp ? text.runnerUp(why.runnerUp.said.wording.text, Math.abs(moved) < small ? text.same : moved > 0 ? text.afterwards(format.seconds(moved)) : text.sooner(format.seconds(-moved)), why.runnerUp.extraCost) : text.alone,
    ...(props.measured ? [] : [text.unmeasured]),
  ]
})
</script>

<template>
  <section aria-labelledby="why-head">
    <h3 id="why-head">{{ words.sheet.why }}</h3>
    <p v-for="sentence in sentences" :key="sentence" class="why">{{ sentence }}</p>
  </section>
</template>

<style scoped>
h3 {
  font-size: 1rem;
  margin-bottom: 0.35rem;
}
.why {
  border-left: 4px solid var(--voice-edge);
  background: var(--sheet);
  padding: 0.2rem 0.6rem;
  font-size: 0.9rem;
}
</style>
