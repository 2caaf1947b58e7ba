<script setup lang="ts">
import type { Reentry } from '@dellop/core/call'
import type { Sheet } from '@dellop/core/sheet'
import { TICKS_PER_BEAT, type TickPosition } from '@dellop/core/time'
import { words } from '../words/index.ts'

/** The floor has lost its way: the ways back in, each with its key and its price. */
const props = defineProps<{ offers: readonly Reentry[]; position: TickPosition; written: Sheet }>()
const emit = defineEmits<{ take: [index: number]; carryOn: [] }>()

const beats = (ticks: number): number => Math.round((ticks / TICKS_PER_BEAT) * 10) / 10
const name = ({ slot }: Reentry): string => words.format.slotName(slot.slot.content, slot.figure?.name ?? null)
const waitOf = (offer: Reentry): number => Math.max(0, Math.ceil((offer.at - props.position) / TICKS_PER_BEAT))
const labelOf = (pass: number): string => `${props.written.timeline.passes[pass]!.part.label} ${props.written.timeline.passes[pass]!.ordinal}`
const priceOf = ({ link, shiftTicks, rest: { overTicks, dropped, repeated } }: Reentry): string =>
  [
    link && words.lectern.offerLink(link.name),
    words.lectern.offerMove(beats(shiftTicks)),
    dropped.length > 0 ? words.lectern.offerDropped(dropped.map(labelOf)) : '',
    repeated.length > 0 ? words.lectern.offerRepeated(repeated.map(labelOf)) : '',
    overTicks && shiftTicks !== 0 ? words.lectern.offerOver(beats(overTicks)) : '',
  ]
    .filter(Boolean)
    .join(' · ')
</script>

<template>
  <section class="panel" :aria-label="words.lectern.lostTitle">
    <p class="title" role="status">{{ words.lectern.lostTitle }}</p>
    <p v-if="offers.length === 0">{{ words.lectern.lostNone }}</p>
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

<style scoped src="./panel.css"></style>
