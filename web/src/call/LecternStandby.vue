<script setup lang="ts">
import { linesAfter, type Reentry } from '@dellop/core/call'
import type { Sheet } from '@dellop/core/sheet'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import { wayName, wayPrice } from './wayWords.ts'

/**
 * While all is well: the ways back in that stand ready, each taken by its key. Nothing here moves
 * within a bar.
 */
const props = defineProps<{ offers: readonly Reentry[]; written: Sheet }>()
const emit = defineEmits<{ take: [index: number] }>()

const phraseOf = computed(() => {
  const [first] = props.offers
  const starts = first
    ? linesAfter(props.written, first.at - first.waitTicks).map(({ start }) => start)
    : []
  return (offer: Reentry): string => words.lectern.inPhrases(starts.indexOf(offer.at) + 1)
})
</script>

<template>
  <div class="standby" role="group" :aria-label="words.lectern.standby">
    <span aria-hidden="true">{{ words.lectern.standby }}</span>
    <button v-for="(offer, i) in offers" :key="i" class="own-key" @click="emit('take', i)">
      <kbd class="count">{{ i + 1 }}</kbd>
      <span
        ><strong>{{ wayName(offer) }}</strong> {{ phraseOf(offer) }}</span
      >
      <span>{{ wayPrice(offer, written) }}</span>
    </button>
  </div>
</template>

<style scoped src="./controls.css"></style>
<style scoped>
.standby {
  display: grid;
  grid-template-columns: auto repeat(3, minmax(0, 1fr));
  gap: 0 1.2rem;
  height: 3.75rem;
  align-items: start;
  overflow: hidden;
  font-size: 1rem;
  color: var(--ink-soft);
}
button {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-content: start;
  min-height: 56px;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
button span {
  display: block;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}
kbd {
  grid-row: span 2;
  align-self: start;
  padding: 0 0.5rem;
  font-size: 2rem;
  line-height: 1.3;
}
/* What it costs has room for two lines: the figure that comes before it stands there too. */
button span + span {
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  line-height: 1.2;
  font-size: 0.9rem;
  white-space: normal;
}
strong {
  color: var(--ink);
}
@media (max-width: 700px) {
  .standby {
    display: none;
  }
}
</style>
