<script setup lang="ts">
import { computed } from 'vue'
import type { Asked } from '@dellop/core/call'
import { words } from '../words/index.ts'

/**
 * A question that a digit answers: what the floor danced, what the cuer called, how the dance goes
 * on.
 */
const props = defineProps<{ asked: Asked }>()
const emit = defineEmits<{ answer: [index: number]; close: [] }>()

const title = computed(() =>
  props.asked.what === 'go-on'
    ? words.lectern.goOnTitle
    : props.asked.whose === 'cuer'
      ? words.lectern.wrongTitle
      : words.lectern.otherTitle,
)
const offers = computed((): string[] =>
  props.asked.what === 'go-on'
    ? props.asked.offers.map(({ kind, figure }) => words.lectern.goOns[kind](figure?.name ?? ''))
    : [
        ...props.asked.offers.map(({ kind, figure }) => words.lectern.others[kind](figure.name)),
        words.lectern.unknown,
      ],
)
const none = computed(() =>
  props.asked.offers.length > 0
    ? ''
    : props.asked.what === 'go-on'
      ? words.lectern.goOnNone
      : words.lectern.otherNone,
)
</script>

<template>
  <section class="panel" :aria-label="title">
    <p class="title" role="status">{{ title }}</p>
    <p v-if="none">{{ none }}</p>
    <ol>
      <li v-for="(offer, i) in offers" :key="offer">
        <button class="offer own-key" @click="emit('answer', i)">
          <kbd class="count">{{ i + 1 }}</kbd> {{ offer }}
        </button>
      </li>
    </ol>
    <button class="on own-key" @click="emit('close')">{{ words.lectern.close }} (Esc)</button>
  </section>
</template>

<style scoped src="./panel.css"></style>
