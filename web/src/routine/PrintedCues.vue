<script setup lang="ts">
import { cueLines, type Sheet } from '@dellop/core/sheet'
import { computed } from 'vue'
import { useSpoken } from '../page/spokenLanguage.ts'
import { words } from '../words/index.ts'

/**
 * Only what is said, on paper: when, in which bar and on which count its step is, and the words. A
 * line is drawn where a pass begins, a thin one where a phrase does.
 */
const spoken = useSpoken()
const props = defineProps<{ sheet: Sheet }>()
const lines = computed(() => {
  const cues = cueLines(props.sheet)
  const phraseOf = (tick: number): number =>
    props.sheet.phrases.findLastIndex(({ start }) => start <= tick)
  return cues.map((cue, i) => {
    const before = cues[i - 1]
    return {
      ...cue,
      begins: before?.part !== cue.part || before.time !== cue.time,
      isNewPhrase: before !== undefined && phraseOf(before.stepTick) !== phraseOf(cue.stepTick),
    }
  })
})
</script>

<template>
  <table class="cues">
    <thead>
      <tr>
        <th scope="col" class="num">{{ words.sheets.print.at }}</th>
        <th scope="col" class="num">{{ words.sheets.print.forBar }}</th>
        <th scope="col" class="num">{{ words.sheets.print.count }}</th>
        <th scope="col" class="part">{{ words.sheets.print.part }}</th>
        <th scope="col">{{ words.sheets.print.said }}</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="(cue, i) in lines"
        :key="i"
        :class="{ begins: cue.begins, phrase: cue.isNewPhrase }"
      >
        <td class="num">{{ words.format.clock(Math.max(0, cue.startSeconds)) }}</td>
        <td class="num">{{ cue.bar }}</td>
        <td class="num">{{ cue.beat }}</td>
        <td class="part">{{ cue.begins ? `${cue.part} ${cue.time}` : '' }}</td>
        <td class="said" :lang="spoken">
          {{ cue.text }}<span v-if="cue.byHand" class="hand"> {{ words.cues.byHand }}</span>
        </td>
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
.phrase td {
  border-top: 2px dotted #000;
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
.hand {
  font-weight: 400;
}
</style>
