<script setup lang="ts">
import {
  dancedEvenings,
  figuresByWeek,
  kindsByEvening,
  type Logbook,
  type LogEntry,
} from '@dellop/core/logbook'
import { computed, ref } from 'vue'
import Labelled from '../ui/Labelled.vue'
import LineChart, { type Series } from '../ui/LineChart.vue'
import { words } from '../words/index.ts'

/** The season as charts: evenings, their kinds of dances, one dance, one group. */
const props = defineProps<{
  logbook: Logbook
  /** The season began then, in milliseconds. */
  fromMs: number
  /** The kind of an entry's dance; null where it is not known. */
  kindOf: (entry: LogEntry) => string | null
  groups: readonly { readonly id: string; readonly name: string }[]
}>()
const say = words.logbook.charts
const WAYS = (['evenings', 'kinds', 'dance', 'group'] as const).map((value) => ({
  value,
  label: say.ways[value],
}))
/** More than so many are a number. */
const MOST_DOTS = 3
const way = ref<(typeof WAYS)[number]['value']>('evenings')
const evenings = computed(() => dancedEvenings(props.logbook.entries, props.fromMs))

const line = (label: string, times: readonly number[], more: Partial<Series> = {}): Series => ({
  label,
  points: times.map((y, i) => ({ x: i + 1, y })),
  colour: '--music',
  line: true,
  ...more,
})
const all = computed(() => [
  line(
    say.dances,
    evenings.value.map((list) => list.length),
  ),
  line(
    say.slips,
    evenings.value.map((list) => list.reduce((sum, { slips }) => sum + slips.length, 0)),
    { colour: '--wrong', dashed: true },
  ),
])

/** Kinds are counted rather than drawn: lines of them would lie over each other. */
const kinds = computed(() =>
  kindsByEvening(evenings.value, props.kindOf).map(({ kind, times }) => ({
    kind,
    name: words.dance(kind),
    times,
    all: times.reduce((sum, n) => sum + n, 0),
  })),
)

const dances = computed(() =>
  [...new Set(props.logbook.entries.flatMap(({ sheetId }) => sheetId ?? []))]
    .map((id) => {
      const list = props.logbook.ofSheet(id)
      return { id, title: list[0]!.title, times: list.length }
    })
    .sort((a, b) => b.times - a.times || a.title.localeCompare(b.title)),
)
const danceId = ref('')
const dance = computed(() => dances.value.find(({ id }) => id === danceId.value) ?? dances.value[0])
const slips = computed(() => {
  const list = dance.value ? [...props.logbook.ofSheet(dance.value.id)].reverse() : []
  const times = list.map((entry) => entry.slips.length)
  return [line(say.slips, times, { colour: '--wrong' })]
})

const danced = computed(() => props.groups.filter(({ id }) => props.logbook.ofGroup(id).length > 0))
const groupId = ref('')
const group = computed(() => danced.value.find(({ id }) => id === groupId.value) ?? danced.value[0])
const weeks = computed(() =>
  group.value ? figuresByWeek(props.logbook.ofGroup(group.value.id)) : [],
)
const figures = computed(() => [
  line(
    say.inWeek,
    weeks.value.map((one) => one.danced),
  ),
  line(
    say.byThen,
    weeks.value.map((one) => one.known),
    { colour: '--feet', dashed: true },
  ),
])

const shown = computed(() => {
  const evening = { x: words.logbook.eveningNumber, y: words.logbook.number }
  switch (way.value) {
    case 'evenings':
      return { ...evening, series: all.value, told: words.logbook.chartTold(evenings.value.length) }
    case 'dance': {
      const told = dance.value ? say.danceTold(dance.value.title, dance.value.times) : say.none
      return { x: say.call, y: say.slips, series: slips.value, told }
    }
    case 'group': {
      const known = weeks.value.at(-1)?.known ?? 0
      const told = group.value
        ? say.groupTold(group.value.name, weeks.value.length, known)
        : say.none
      return { x: say.week, y: words.logbook.number, series: figures.value, told }
    }
  }
  return null
})
</script>

<template>
  <section :aria-label="say.title">
    <div class="choices no-print">
      <el-segmented v-model="way" :options="WAYS" :aria-label="say.title" />
      <Labelled v-if="way === 'dance' && dance" :label="words.logbook.dance"
        ><el-select :model-value="dance.id" filterable @change="danceId = $event"
          ><el-option
            v-for="one in dances"
            :key="one.id"
            :value="one.id"
            :label="one.title" /></el-select
      ></Labelled>
      <Labelled v-if="way === 'group' && group" :label="words.evenings.group"
        ><el-select :model-value="group.id" @change="groupId = $event"
          ><el-option
            v-for="one in danced"
            :key="one.id"
            :value="one.id"
            :label="one.name" /></el-select
      ></Labelled>
    </div>
    <LineChart
      v-if="shown"
      :series="shown.series"
      :x-label="shown.x"
      :y-label="shown.y"
      :told="shown.told"
      :height="200"
    />
    <template v-else>
      <el-table :data="kinds" row-key="kind" class="kinds">
        <el-table-column prop="name" :label="say.kind" min-width="150" fixed />
        <el-table-column
          v-for="(_, i) in evenings"
          :key="i"
          :label="String(i + 1)"
          width="66"
          align="center"
        >
          <template #default="{ row }">
            <span v-if="row.times[i] > 0" role="img" :aria-label="String(row.times[i])">{{
              row.times[i] > MOST_DOTS ? row.times[i] : '●'.repeat(row.times[i])
            }}</span>
          </template>
        </el-table-column>
        <el-table-column prop="all" :label="say.inAll" width="80" align="right" />
      </el-table>
      <p class="soft">{{ say.kindsTold(evenings.length) }}</p>
    </template>
  </section>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: end;
}
.kinds {
  margin-top: 0.6rem;
}
.choices :deep(.el-select) {
  width: 14rem;
}
</style>
