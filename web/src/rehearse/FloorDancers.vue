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
    .map((deed) => ({ deed, words: words.rehearse.deeds[deed](count(deed)) }))
})
</script>

<template>
  <div class="dancers">
    <span v-for="(deed, i) in deeds" :key="i" class="dancer" :class="deed" aria-hidden="true">{{
      MARKS[deed]
    }}</span>
    <p>
      <span v-for="{ deed, words: text } in told" :key="deed" class="kind"
        ><span class="dancer small" :class="deed" aria-hidden="true">{{ MARKS[deed] }}</span>
        {{ text }}</span
      >
    </p>
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
  border-style: dashed;
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
.dancer.small {
  width: 20px;
  height: 20px;
  border-width: 2px;
  font-size: 14px;
}
.kind {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
p {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  width: 100%;
  margin: 0;
}
</style>
