<script setup lang="ts">
import { clockOfMinutes } from '@dellop/core/time'
import {
  effortOf,
  ITEM_KINDS,
  tempoFor,
  timesOf,
  USUAL_MINUTES,
  warningsOf,
  warningTold,
  type EveningItem,
  type ItemKind,
} from '@dellop/core/evening'
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue'
import { VueDraggable } from 'vue-draggable-plus'
import { randomId } from '../app/randomId.ts'
import { language, words } from '../words/index.ts'
import type { EveningDocument } from './eveningDocument.ts'
import type { EveningFacts } from './eveningFacts.ts'
import ItemRow from './ItemRow.vue'

const LineChart = defineAsyncComponent(() => import('../ui/LineChart.vue'))
const FillDialog = defineAsyncComponent(() => import('./FillDialog.vue'))

/** The programme: its items with their times, what is worth a look, and charts. */
const props = defineProps<{ document: EveningDocument; facts: EveningFacts }>()
const say = words.evenings
const evening = computed(() => props.document.evening.value!)
const facts = computed(() => props.facts.facts.value)
const times = computed(() => timesOf(evening.value, facts.value))
const warnings = computed(() => warningsOf(evening.value, props.facts.contextOf(evening.value)))
const tell = (warning: (typeof warnings.value)[number]): string => warningTold(warning, language)
/** What is about one item stands at it; the rest below. */
const ofItem = (id: string): string[] =>
  warnings.value.filter(({ itemIds }) => itemIds.length === 1 && itemIds[0] === id).map(tell)
const ofAll = computed(() => warnings.value.filter(({ itemIds }) => itemIds.length !== 1).map(tell))

/** What is dragged lies here until it is let go. */
const shown = ref<EveningItem[]>([])
watch(
  () => evening.value.items,
  (items) => (shown.value = [...items]),
  { immediate: true },
)
const timed = (id: string) => times.value.items.find(({ item }) => item.id === id)

function add(kind: ItemKind, sheetId?: string): void {
  const item: EveningItem = {
    id: randomId(),
    kind,
    title: '',
    ...(sheetId === undefined ? {} : { sheetId }),
    ...(kind === 'dance' ? {} : { minutes: USUAL_MINUTES[kind], title: say.kinds[kind] }),
  }
  props.document.setItems([...evening.value.items, item], say.done.added)
}
const chosen = ref<string>()
function addDance(sheetId: string | undefined): void {
  chosen.value = undefined
  if (sheetId) add('dance', sheetId)
}
const others = ITEM_KINDS.filter((kind) => kind !== 'dance')
const dances = computed(() =>
  props.facts.dances.value
    .filter(({ archived }) => !archived)
    .map((one) => ({
      value: one.sheetId,
      label: say.danceOption(one.title, words.dance(one.dance), Math.round(one.seconds / 60)),
    }))
    .sort((a, b) => a.label.localeCompare(b.label)),
)
function move(index: number, by: 1 | -1): void {
  const items = [...evening.value.items]
  const [one] = items.splice(index, 1)
  items.splice(index + by, 0, one!)
  props.document.setItems(items, say.done.moved)
  void nextTick(() =>
    window.document
      .querySelector<HTMLElement>(`[data-item="${CSS.escape(one!.id)}"] .acts button`)
      ?.focus(),
  )
}
const dropped = (): void => void props.document.setItems(shown.value, say.done.moved)
const remove = (id: string): void =>
  void props.document.setItems(
    evening.value.items.filter((item) => item.id !== id),
    say.done.removed,
  )

const filling = ref(false)
const take = (items: readonly EveningItem[]): void => {
  filling.value = false
  props.document.setItems([...evening.value.items, ...items], say.done.filled)
}

const danced = computed(() =>
  times.value.items.flatMap(({ item, starts }) => {
    const one = item.dropped ? undefined : facts.value.get(item.sheetId ?? '')
    return one ? [{ item, starts, facts: one }] : []
  }),
)
const chart = computed(() => [
  {
    label: say.effort,
    points: danced.value.map(({ starts, facts: one }) => ({
      x: Math.round(starts - times.value.starts),
      y: Math.round(100 * effortOf(one)),
    })),
    colour: '--feet',
    line: true,
  },
  {
    label: say.tempo,
    points: danced.value.map(({ item, starts, facts: one }) => ({
      x: Math.round(starts - times.value.starts),
      y: tempoFor(one, item),
    })),
    colour: '--music',
    line: true,
    dashed: true,
  },
])
const kinds = computed(() => {
  const counts = new Map<string, number>()
  for (const { facts: one } of danced.value) counts.set(one.dance, (counts.get(one.dance) ?? 0) + 1)
  return [...counts]
    .map(([dance, times]) => [words.dance(dance), times] as const)
    .sort((a, b) => b[1] - a[1])
})
const sum = computed(() =>
  say.sum(
    danced.value.length,
    clockOfMinutes(times.value.ends),
    Math.round(times.value.left),
    clockOfMinutes(times.value.until),
  ),
)
</script>

<template>
  <div class="pane">
    <p class="sum" role="status">{{ sum }}</p>
    <el-empty v-if="shown.length === 0" :description="say.empty" />
    <VueDraggable
      v-else
      v-model="shown"
      tag="ol"
      class="items"
      handle=".grip"
      :animation="120"
      :delay="150"
      :delay-on-touch-only="true"
      @end="dropped"
    >
      <template v-for="(item, i) in shown" :key="item.id">
        <ItemRow
          v-if="timed(item.id)"
          :timed="timed(item.id)!"
          :facts="facts"
          :warnings="ofItem(item.id)"
          :is-first="i === 0"
          :is-last="i === shown.length - 1"
          @set="(fields, label) => document.setItem(item.id, fields, label)"
          @move="move(i, $event)"
          @remove="remove(item.id)"
        />
      </template>
    </VueDraggable>
    <div class="adding">
      <el-select
        v-model="chosen"
        filterable
        :placeholder="say.addDance"
        :aria-label="say.addDance"
        @change="addDance"
        ><el-option
          v-for="one in dances"
          :key="one.value"
          :value="one.value"
          :label="one.label" /></el-select
      ><el-button v-for="kind in others" :key="kind" @click="add(kind)">{{
        say.addKind(say.kinds[kind])
      }}</el-button>
      <el-button type="primary" plain @click="filling = true">{{ say.fill.open }}</el-button>
    </div>
    <section v-if="ofAll.length > 0" aria-labelledby="look-head">
      <h2 id="look-head">{{ say.worthALook }}</h2>
      <ul class="looks">
        <li v-for="one in ofAll" :key="one">{{ one }}</li>
      </ul>
    </section>
    <section v-if="danced.length > 1" aria-labelledby="chart-head">
      <h2 id="chart-head">{{ say.chart }}</h2>
      <LineChart
        :series="chart"
        :x-label="say.minutesIn"
        :y-label="say.chartLabel"
        :told="say.chartTold(danced.length)"
        :height="200"
      />
      <p>{{ say.kindsTold(kinds) }}</p>
    </section>
    <p class="soft">{{ say.care }}</p>
    <FillDialog
      v-if="filling"
      :evening="evening"
      :facts="props.facts"
      :left-minutes="Math.max(10, Math.floor(times.left))"
      @take="take"
      @close="filling = false"
    />
  </div>
</template>

<style scoped>
.pane {
  display: grid;
  gap: 0.8rem;
}
.pane > * {
  min-width: 0;
  margin: 0;
}
.sum {
  font-size: 1.1rem;
  font-weight: 600;
}
.items {
  display: grid;
  gap: 0.4rem;
  padding: 0;
  list-style: none;
}
.adding {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
.adding :deep(.el-select) {
  width: min(100%, 22rem);
}
.adding :deep(.el-button) {
  margin: 0;
}
h2 {
  margin: 0 0 0.3rem;
  font-size: 1.2rem;
}
.looks {
  margin: 0;
  padding-left: 1.3rem;
}
</style>
