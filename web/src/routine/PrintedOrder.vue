<script setup lang="ts">
import { totalOf, type DancedPass } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** The order line on paper: every pass, what is other in it, and what it all comes to. */
const props = defineProps<{ sheet: Sheet }>()

/** Passes danced alike in a row are one entry. */
const entries = computed(() => {
  const found: { pass: DancedPass; times: number }[] = []
  for (const pass of props.sheet.timeline.passes) {
    const last = found.at(-1)
    if (last?.pass.pass === pass.pass) last.times++
    else found.push({ pass, times: 1 })
  }
  return found
})
const nameOf = (slotId: string | null, { part }: DancedPass): string => {
  const slot = part.slots.find(({ id }) => id === slotId)
  return slot
    ? words.format.slotName(
        slot.content,
        slot.content.type === 'figure'
          ? (props.sheet.book.get(slot.content.figureId)?.name ?? null)
          : null,
      )
    : words.sheets.pass.atEnd
}
function told(pass: DancedPass): string[] {
  const { kind, reflected, rotate, tie, finish, stretch, exitHold, changes } = pass.pass
  return [
    kind === 'pass' ? '' : words.sheets.pass.kinds[kind],
    reflected ? words.sheets.pass.mirrored.toLowerCase() : '',
    rotate === undefined ? '' : words.sheets.pass.rotations(rotate),
    stretch ? `${nameOf(stretch.from, pass)} – ${nameOf(stretch.to, pass)}` : '',
    exitHold ? words.hold(exitHold) : '',
    tie
      ? tie.to === 'section'
        ? words.sheets.pass.tieSection(tie.label)
        : words.sheets.pass.tieLandmark(tie.label)
      : '',
    finish ? words.sheets.pass.finishes[finish.how] : '',
    ...changes.map((change) => {
      const figure =
        change.content.type === 'figure'
          ? (props.sheet.book.get(change.content.figureId)?.name ?? null)
          : null
      return `${words.sheets.pass.change[change.type]} ${nameOf(change.slotId, pass)}${change.type === 'drop' ? '' : `: ${words.format.slotName(change.content, figure)}`}`
    }),
  ].filter(Boolean)
}
const total = computed(() =>
  words.sheets.print.total(words.sheets.total(totalOf(props.sheet.timeline.slots))),
)
</script>

<template>
  <section class="order">
    <h2>
      {{ words.sheets.print.order }} <small>{{ total }}</small>
    </h2>
    <ol>
      <li v-for="{ pass, times } in entries" :key="pass.key">
        <strong>{{ pass.part.label }}</strong><template v-if="times > 1"> ×{{ times }}</template
        ><template v-if="told(pass).length > 0"> ({{ told(pass).join('; ') }})</template>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.order {
  margin-top: 1em;
}
h2 {
  font-size: 1.25em;
}
h2 small {
  font-weight: 400;
  font-size: 0.75em;
}
ol {
  display: flex;
  flex-wrap: wrap;
  gap: 0.15em 1.6em;
  margin: 0.3em 0;
  padding-left: 1.4em;
}
</style>
