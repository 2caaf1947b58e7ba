<script setup lang="ts">
import { useLastTime } from '../app/lastTime.ts'
import { words } from '../words/index.ts'

/** What the logbook remembers of a dance, before it is called again. */
const props = defineProps<{ sheetId: string }>()
const told = useLastTime(props.sheetId)
</script>

<template>
  <section v-if="told.length > 0" :aria-label="words.logbook.lastTitle">
    <h3>{{ words.logbook.lastTitle }}</h3>
    <ul>
      <li v-for="one in told" :key="one">{{ one }}</li>
    </ul>
  </section>
</template>
