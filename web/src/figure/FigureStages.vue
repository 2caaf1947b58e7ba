<script setup lang="ts">
import { stagesOf, type Figure } from '@dellop/core/figure'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** A figure built up for teaching: its first counts, then more, each with what it comes to. */
const props = defineProps<{
  figure: Figure
  roles: Readonly<Record<'lead' | 'follow', string>>
  open?: boolean
}>()
const say = words.figures.stages
const stages = computed(() => stagesOf(props.figure))
const all = computed(() => props.figure.lengthTicks / TICKS_PER_BEAT)
const who = computed(() =>
  (stages.value[0]?.totals ?? []).map(({ role, couples }) =>
    words.figures.performer(role === 'everyone' ? null : props.roles[role], couples),
  ),
)
</script>

<template>
  <details v-if="stages.length > 1" class="stages" :open="open">
    <summary>
      <h2>{{ say.title }}</h2>
    </summary>
    <p class="soft">{{ say.help }}</p>
    <table>
      <thead>
        <tr>
          <th scope="col">{{ say.counts }}</th>
          <th v-for="name in who" :key="name" scope="col">{{ name }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="stage in stages" :key="stage.ticks">
          <th scope="row">{{ say.upTo(stage.ticks / TICKS_PER_BEAT, all) }}</th>
          <td v-for="(total, i) in stage.totals" :key="i">
            {{
              say.total(
                total.steps,
                total.turn === 0 ? '' : words.figures.turn(total.turn),
                say.free(total.free),
              )
            }}
          </td>
        </tr>
      </tbody>
    </table>
  </details>
</template>

<style scoped>
table {
  border-collapse: collapse;
  margin-top: 0.4rem;
  width: 100%;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 0.2rem 0.8rem 0.2rem 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: top;
}
thead th {
  color: var(--ink-soft);
  font-size: 0.9rem;
}
tbody th {
  font-weight: 700;
  white-space: nowrap;
}
</style>
