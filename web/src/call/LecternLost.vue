<script setup lang="ts">
import type { Reentry } from '@dellop/core/call'
import { TICKS_PER_BEAT, type TickPosition } from '@dellop/core/time'
import { words } from '../words/index.ts'

/** The floor has lost its way: the ways back in, each with its key and its price. */
const props = defineProps<{ offers: readonly Reentry[]; position: TickPosition }>()
const emit = defineEmits<{ take: [index: number]; carryOn: [] }>()

const beats = (ticks: number): number => Math.round((ticks / TICKS_PER_BEAT) * 10) / 10
const name = ({ slot }: Reentry): string => words.format.slotName(slot.slot.content, slot.figure?.name ?? null)
const waitOf = (offer: Reentry): number => Math.max(0, Math.ceil((offer.at - props.position) / TICKS_PER_BEAT))
const priceOf = ({ link, shiftTicks, overTicks }: Reentry): string =>
  [link && words.lectern.offerLink(link.name), words.lectern.offerMove(beats(shiftTicks)), overTicks && shiftTicks !== 0 ? words.lectern.offerOver(beats(overTicks)) : ''].filter(Boolean).join(' · ')
</script>

<template>
  <section class="lost" :aria-label="words.lectern.lostTitle">
    <p class="title" role="status">{{ words.lectern.lostTitle }}</p>
    <p v-if="offers.length === 0" class="none">{{ words.lectern.lostNone }}</p>
    <ol v-else>
      <li v-for="(offer, i) in offers" :key="`${offer.at} ${offer.slot.key}`">
        <button class="offer own-key" @click="emit('take', i)">
          <kbd class="count">{{ i + 1 }}</kbd>
          <strong>{{ words.lectern.offer(name(offer), offer.pass.part.label, waitOf(offer)) }}</strong>
          <span>{{ priceOf(offer) }}</span>
        </button>
      </li>
    </ol>
    <button class="on own-key" @click="emit('carryOn')">{{ words.lectern.carryOn }} (Esc)</button>
  </section>
</template>

<style scoped>
.lost {
  min-height: 188px;
  padding: 0.6rem 1.5rem;
  border-left: 10px solid var(--voice);
  background: #2b1d0e;
  color: var(--ink);
}
.title {
  margin: 0;
  font-family: var(--font-head);
  font-size: 2rem;
  font-weight: 800;
  color: var(--voice);
}
ol {
  list-style: none;
  margin: 0.3rem 0;
  padding: 0;
  display: grid;
  gap: 0.3rem;
}
.offer {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1rem;
  align-items: baseline;
  width: 100%;
  padding: 0.2rem 0.6rem;
  border: 1px solid var(--rule-strong);
  background: var(--sheet);
  color: var(--ink);
  text-align: left;
  font-size: 1.4rem;
  cursor: pointer;
}
.offer kbd {
  font-size: 1.6rem;
  color: var(--voice);
}
.on {
  border: 0;
  background: none;
  color: var(--ink-soft);
  text-decoration: underline;
  font-size: 1.1rem;
  cursor: pointer;
}
</style>
