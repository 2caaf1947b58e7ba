<script setup lang="ts">
import { cueLines, type Sheet } from '@dellop/core/sheet'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** Only what is said, on paper: when, in which bar and on which count its step is, and the words. A line is drawn where a pass begins. */
const props = defineProps<{ sheet: Sheet }>()
const lines = computed(() => {
  const cues = cueLines(props.sheet)
  return cues.map((cue, i) => ({ ...cue, begins: cues[i - 1]?.part !== cue.part || cues[i - 1]?.time !== cue.time }))
})
</script>

<template>
  <table class="cues">
    <thead>
      <tr>
        <th scope="col" class="num">{{ words.sheets.print.at }}</th>
        <th scope="col" class="num">{{ words.sheets.print.bar }}</th>
        <th scope="col" class="num">{{ words.sheets.print.count }}</th>
        <th scope="col" class="part">{{ words.sheets.print.part }}</th>
        <th scope="col">{{ words.sheets.print.said }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(cue, i) in lines" :key="i" :class="{ begins: cue.begins }">
        <td class="num">{{ words.format.clock(Math.max(0, cue.startSeconds)) }}</td>
        <td class="num">{{ cue.bar }}</td>
        <td class="num">{{ cue.beat }}</td>
        <td class="part">{{ cue.begins ? `${cue.part} ${cue.time}` : '' }}</td>
        <td class="said">{{ cue.text }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.cues {
  width: 100%;
  border-collapse: collapse;
  margin-top: 1em;
}
th {
  text-align: left;
  font-size: 0.8em;
  font-weight: 400;
  border-bottom: 1px solid #000;
}
td {
  padding: 0.2em 0.4em 0.2em 0;
  border-bottom: 1px solid #ddd;
  vertical-align: top;
}
.begins td {
  border-top: 2px solid #000;
}
.num {
  width: 3.4em;
  font-family: var(--font-count);
}
.part {
  width: 8em;
}
.said {
  font-weight: 700;
}
</style>
