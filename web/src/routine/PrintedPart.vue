<script setup lang="ts">
import type { PrintedFor, PrintedPart, PrintedSlot } from '@dellop/core/sheet'
import { computed } from 'vue'
import { useSpoken } from '../page/spokenLanguage.ts'
import { words } from '../words/index.ts'

/**
 * One part on paper: a line for each figure, and below it, where asked for, who does what on which
 * count.
 */
const spoken = useSpoken()
const props = defineProps<{
  printed: PrintedPart
  depth: 'short' | 'full'
  who: PrintedFor
  nameOf: (column: string) => string
}>()

/** The same columns for every figure of the part, so that a role is read straight down the page. */
const columns = computed(() => [
  ...new Set(
    props.printed.slots.flatMap(({ rows }) => rows.flatMap(({ cells }) => Object.keys(cells))),
  ),
])
const name = (slot: PrintedSlot): string =>
  words.format.slotName(slot.danced.slot.content, slot.danced.figure?.name ?? null)
const counts = (slot: PrintedSlot): string =>
  slot.danced.open && slot.danced.slot.content.type === 'words'
    ? (slot.danced.slot.content.choices?.map((ticks) => ticks / 24).join(' / ') ?? '?')
    : String(slot.danced.lengthTicks / 24)
const hasCaution = (slot: PrintedSlot): boolean =>
  (slot.danced.figure?.cautions.length ?? 0) > 0 && slot.danced.slot.caution !== 'hidden'
function remarks(slot: PrintedSlot): string {
  const { remark, roleRemarks } = slot.danced.slot
  const own = (['lead', 'follow'] as const)
    .filter((role) => props.who === 'both' || props.who === role)
    .map((role) => (roleRemarks?.[role] ? `${props.nameOf(role)}: ${roleRemarks[role]}` : ''))
  return [remark, ...own].filter(Boolean).join(' · ')
}
const total = computed(() => words.sheets.print.total(words.sheets.total(props.printed.total)))
</script>

<template>
  <section class="part">
    <h2>
      {{ printed.part.label }} <small>{{ total }}</small>
    </h2>
    <table class="figures">
      <thead>
        <tr>
          <th scope="col" class="sign"></th>
          <th scope="col" class="num">{{ words.sheets.print.bar }}</th>
          <th scope="col" class="num">{{ words.sheets.print.length }}</th>
          <th scope="col">{{ words.sheets.print.danced }}</th>
          <th scope="col">{{ words.sheets.print.said }}</th>
        </tr>
      </thead>
      <tbody v-for="slot in printed.slots" :key="slot.danced.key">
        <tr>
          <td class="sign">
            <span v-if="slot.danced.slot.hard" :title="words.sheets.print.hard">◆</span
            ><span v-if="slot.danced.slot.optional" :title="words.sheets.print.optional">(○)</span
            ><span v-if="hasCaution(slot)" :title="words.sheets.print.caution">⚠</span>
          </td>
          <td class="num">
            {{ slot.bar }}<template v-if="slot.beat > 0">.{{ slot.beat + 1 }}</template>
          </td>
          <td class="num">{{ counts(slot) }}</td>
          <td>
            <strong>{{ name(slot) }}</strong>
            <p v-if="remarks(slot)" class="remark">{{ remarks(slot) }}</p>
          </td>
          <td class="said" :lang="spoken">{{ slot.said }}</td>
        </tr>
        <tr v-if="depth === 'full' && slot.rows.length > 0">
          <td colspan="2"></td>
          <td colspan="3">
            <table class="beats">
              <thead>
                <tr>
                  <th scope="col" class="num">{{ words.sheets.print.bar }}</th>
                  <th scope="col" class="num">{{ words.sheets.print.count }}</th>
                  <th v-for="column in columns" :key="column" scope="col">{{ nameOf(column) }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="(row, i) in slot.rows" :key="i">
                  <td class="num">{{ row.bar ?? '' }}</td>
                  <td class="num">{{ row.count }}</td>
                  <td v-for="column in columns" :key="column">{{ row.cells[column] ?? '' }}</td>
                </tr>
              </tbody>
            </table>
          </td>
        </tr>
      </tbody>
    </table>
    <p
      v-if="printed.slots.some(({ danced }) => danced.slot.hard || danced.slot.optional)"
      class="key"
    >
      ◆ {{ words.sheets.print.hard }} · (○) {{ words.sheets.print.optional }}
    </p>
  </section>
</template>

<style scoped>
.part {
  margin-top: 1em;
}
h2 {
  font-size: 1.25em;
}
h2 small {
  font-weight: 400;
  font-size: 0.75em;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font-size: 0.8em;
  font-weight: 400;
  border-bottom: 1px solid #000;
}
td {
  vertical-align: top;
  padding: 0.15em 0.4em 0.15em 0;
  border-bottom: 1px solid #bbb;
}
.figures > tbody {
  break-inside: avoid;
}
.num {
  width: 3.2em;
  font-family: var(--font-count);
}
.sign {
  width: 2.6em;
  white-space: nowrap;
}
.said {
  width: 38%;
  font-style: italic;
}
.remark,
.key {
  font-size: 0.88em;
}
.beats {
  table-layout: fixed;
  font-size: 0.88em;
  margin-bottom: 0.4em;
}
.beats td {
  border-bottom: 1px dotted #bbb;
}
</style>
