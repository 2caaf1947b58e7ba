<script setup lang="ts">
import { words } from '../words/index.ts'

/**
 * The dance waits for a key: cues are held, what is danced goes on until it is let go, or a cue
 * waits for the beat to come back.
 */
defineProps<{ waiting: string | null; byHand: boolean }>()
const emit = defineEmits<{ go: []; carryOn: [] }>()
</script>

<template>
  <section
    class="panel"
    :aria-label="waiting === null ? words.lectern.heldTitle : words.lectern.freeTitle(waiting)"
  >
    <p class="title" role="status">
      {{ waiting === null ? words.lectern.heldTitle : words.lectern.freeTitle(waiting) }}
    </p>
    <p>
      {{
        waiting === null
          ? words.lectern.heldText
          : byHand
            ? words.lectern.byHandText
            : words.lectern.freeText
      }}
    </p>
    <div class="two">
      <button class="offer own-key" @click="emit('go')">
        {{ byHand ? words.lectern.byHandKey : words.lectern.letGoKey }}
      </button>
      <button v-if="waiting === null" class="on own-key" @click="emit('carryOn')">
        {{ words.lectern.carryOn }} (Esc)
      </button>
    </div>
  </section>
</template>

<style scoped src="./panel.css"></style>
