<script setup lang="ts">
import { prepareCall, type CallReport } from '@dellop/core/call'
import { USUAL_FLOOR, utterancesOf, whatWouldHaveSaved } from '@dellop/core/rehearse'
import type { Sheet } from '@dellop/core/sheet'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** What would have saved a call in which cues were left out: the floor dances to it once more. */
const props = defineProps<{ sheet: Sheet; report: CallReport }>()
const say = words.lectern.report
const percent = (share: number): number => Math.round(share * 100)
const told = computed(() => {
  const call = prepareCall(props.sheet, 1)
  const given = new Set(props.report.cues.filter((cue) => cue.given > 0).map(({ key }) => key))
  const planned = utterancesOf(call)
  const heard = planned
    .filter(({ key }) => given.has(key))
    .map(({ slotKey, end }) => ({ slotKey, end }))
  if (heard.length === planned.length) return null
  return whatWouldHaveSaved(call, planned, heard, { settings: USUAL_FLOOR, seed: 1 })
})
</script>

<template>
  <template v-if="told && told.savings.length > 0">
    <h2>{{ say.savedTitle }}</h2>
    <p>{{ say.savedFloor(percent(told.run.right)) }}</p>
    <ul>
      <li v-for="one in told.savings" :key="one.utterance.key">
        {{ words.rehearse.saved(one.utterance.text, percent(one.gained)) }}
      </li>
    </ul>
  </template>
</template>
