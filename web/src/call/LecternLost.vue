<script setup lang="ts">
import type { Reentry } from '@dellop/core/call'
import type { Sheet } from '@dellop/core/sheet'
import { TICKS_PER_BEAT, type TickPosition } from '@dellop/core/time'
import { words } from '../words/index.ts'
import { wayName, wayPrice } from './wayWords.ts'

/** The floor has lost its way: the ways back in, each with its key and its price. */
const props = defineProps<{ offers: readonly Reentry[]; position: TickPosition; written: Sheet }>()
const emit = defineEmits<{ take: [index: number]; carryOn: [] }>()

const waitOf = (offer: Reentry): number =>
  Math.max(0, Math.ceil((offer.at - props.position) / TICKS_PER_BEAT))
</script>

<template>
  <section class="panel" :aria-label="words.lectern.lostTitle">
    <p class="title" role="status">{{ words.lectern.lostTitle }}</p>
    <p v-if="offers.length === 0">{{ words.lectern.lostNone }}</p>
    <ol v-else>
      <li v-for="(offer, i) in offers" :key="`${offer.at} ${offer.slot.key}`">
        <button class="offer own-key" @click="emit('take', i)">
          <kbd class="count">{{ i + 1 }}</kbd>
          <strong>{{
            words.lectern.offer(wayName(offer), offer.pass.part.label, waitOf(offer))
          }}</strong>
          <span>{{ wayPrice(offer, written) }}</span>
        </button>
      </li>
    </ol>
    <button class="on own-key" @click="emit('carryOn')">{{ words.lectern.carryOn }} (Esc)</button>
  </section>
</template>

<style scoped src="./panel.css"></style>
