<script setup lang="ts">
import type { Deed } from '@dellop/core/rehearse'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** The simulated dancers with one figure: what each does is told by shape and mark, and in words. */
const props = defineProps<{ deeds: readonly Deed[] }>()

const MARKS: Readonly<Record<Deed, string>> = {
  right: '',
  early: '‹',
  late: '›',
  other: '?',
  standing: '–',
  out: '×',
}
const told = computed(() => {
  const count = (deed: Deed): number => props.deeds.filter((one) => one === deed).length
  return (Object.keys(MARKS) as Deed[])
    .filter((deed) => count(deed) > 0)
    .map((deed) => words.rehearse.deeds[deed](count(deed)))
    .join(', ')
})
</script>

<template>
  <div class="dancers">
    <span v-for="(deed, i) in deeds" :key="i" class="dancer" :class="deed" aria-hidden="true">{{
      MARKS[deed]
    }}</span>
    <p>{{ told }}</p>
  </div>
</template>

<style scoped>
.dancers {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.dancer {
  display: grid;
  place-items: center;
  width: 30px;
  height: 30px;
  border: 3px solid var(--feet);
  border-radius: 50%;
  background: var(--feet);
  color: var(--on-colour);
  font: 700 20px/1 var(--font-count);
}
.dancer.early,
.dancer.late {
  background: var(--sheet);
  color: var(--feet);
}
.dancer.other,
.dancer.standing,
.dancer.out {
  border-radius: 4px;
  border-color: var(--wrong);
  background: var(--sheet);
  color: var(--wrong);
}
p {
  width: 100%;
  margin: 0;
}
</style>
