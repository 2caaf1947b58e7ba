<script setup lang="ts">
import type { Evening } from '@dellop/core/evening'
import type { Series } from '@dellop/core/lesson'
import type { LogEntry } from '@dellop/core/logbook'
import { computed, ref } from 'vue'
import type { RouteLocationRaw } from 'vue-router'
import '../ui/weeks.ts'
import { words } from '../words/index.ts'

/** A month of the season: evenings, lessons, and what was danced without a programme. */
const props = defineProps<{
  evenings: readonly Evening[]
  series: readonly Series[]
  entries: readonly LogEntry[]
}>()
const emit = defineEmits<{ add: [date: string] }>()
const say = words.evenings
/** As the calendar asks for it: a day of this machine's clock. */
const shown = ref(new Date())
/** The first of a month so many away; the day itself this month. */
function showMonth(away: -1 | 0 | 1): void {
  const now = away === 0 ? new Date() : shown.value
  shown.value = new Date(now.getFullYear(), now.getMonth() + away, away === 0 ? now.getDate() : 1)
}
const chosen = computed(() => shown.value.toLocaleDateString('sv'))

interface Held {
  readonly key: string
  readonly text: string
  readonly clock: string
  readonly kind: 'evening' | 'lesson' | 'danced'
  readonly to: RouteLocationRaw
}
const byDay = computed(() => {
  const days = new Map<string, Held[]>()
  const put = (date: string, held: Held): void =>
    void days.set(date, [...(days.get(date) ?? []), held])
  for (const { id, date, title, startsAt } of props.evenings)
    put(date, {
      key: id,
      text: title,
      clock: startsAt,
      kind: 'evening',
      to: { name: 'evening', params: { id } },
    })
  for (const { id: seriesId, title, lessons } of props.series)
    lessons.forEach(({ id, date }, i) =>
      put(date, {
        key: id,
        text: `${title}, ${words.lessons.week(i + 1)}`,
        clock: '',
        kind: 'lesson',
        to: { name: 'series', params: { id: seriesId } },
      }),
    )
  const planned = new Set(props.evenings.map(({ date }) => date))
  const danced = new Map<string, number>()
  for (const { atMs } of props.entries) {
    const date = new Date(atMs).toLocaleDateString('sv')
    if (!planned.has(date)) danced.set(date, (danced.get(date) ?? 0) + 1)
  }
  for (const [date, times] of danced)
    put(date, {
      key: date,
      text: say.danced(times),
      clock: '',
      kind: 'danced',
      to: { name: 'logbook' },
    })
  return days
})
/** What the month holds that is shown, day by day. */
const month = computed(() =>
  [...byDay.value]
    .filter(([date]) => date.slice(0, 7) === chosen.value.slice(0, 7))
    .sort(([a], [b]) => a.localeCompare(b))
    .flatMap(([date, all]) => all.map((held) => ({ date, held }))),
)
</script>

<template>
  <section :aria-label="say.calendar">
    <el-calendar v-model="shown" class="season">
      <template #header>
        <h2>{{ words.format.month(shown.getTime()) }}</h2>
        <el-button-group>
          <el-button @click="showMonth(-1)">{{ say.months.before }}</el-button>
          <el-button @click="showMonth(0)">{{ say.months.today }}</el-button>
          <el-button @click="showMonth(1)">{{ say.months.after }}</el-button>
        </el-button-group>
      </template>
      <template #date-cell="{ data }">
        <span class="day" :class="{ chosen: data.day === chosen }">{{
          Number(data.day.slice(8))
        }}</span>
        <RouterLink
          v-for="one in byDay.get(data.day) ?? []"
          :key="one.key"
          :to="one.to"
          :class="['held', one.kind]"
          :aria-label="`${words.format.date(Date.parse(`${data.day}T12:00:00`))}, ${one.clock} ${one.text}`"
          @click.stop
          ><span class="what"
            ><span v-if="one.clock" class="clock">{{ one.clock }}</span> {{ one.text }}</span
          ></RouterLink
        >
      </template>
    </el-calendar>
    <!-- On a phone a cell holds no words: they stand here. -->
    <ul v-if="month.length > 0" class="month">
      <li v-for="{ date, held } in month" :key="held.key">
        {{ words.format.shortDate(Date.parse(`${date}T12:00:00`)) }}
        <RouterLink :to="held.to">{{ held.clock }} {{ held.text }}</RouterLink>
      </li>
    </ul>
    <el-button @click="emit('add', chosen)">{{
      say.addOn(words.format.date(Date.parse(`${chosen}T12:00:00`)))
    }}</el-button>
  </section>
</template>

<style scoped>
.season {
  --el-calendar-cell-width: 84px;
  margin: 0.8rem 0;
  border: 1px solid var(--rule);
  border-radius: 8px;
  background: var(--sheet);
}
.season :deep(.el-calendar__header) {
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
}
.season h2 {
  margin: 0;
}
.season :deep(.el-calendar-day) {
  display: grid;
  align-content: start;
  gap: 3px;
  height: auto;
  min-height: var(--el-calendar-cell-width);
  padding: 4px 6px;
}
.season :deep(.el-calendar-table thead th) {
  color: var(--ink-soft);
}
.season :deep(.prev) .day,
.season :deep(.next) .day {
  color: var(--ink-soft);
}
.day {
  justify-self: start;
  min-width: 1.6em;
  border-radius: 4px;
  text-align: center;
}
.chosen {
  background: var(--ink);
  color: var(--sheet);
}
.held {
  display: block;
  min-width: 0;
  padding: 2px 5px;
  border-left: 4px solid var(--music);
  border-radius: 3px;
  background: var(--music-tint);
  color: var(--ink);
  font-size: 0.85rem;
  line-height: 1.3;
  text-decoration: none;
  overflow-wrap: anywhere;
}
.held:hover {
  text-decoration: underline;
}
.held.lesson {
  border-left-color: var(--feet);
  background: var(--feet-tint);
}
.held.danced {
  border-left-style: dotted;
  background: none;
}
.month {
  display: none;
  margin: 0 0 0.8rem;
  padding-left: 1.1rem;
}
.clock {
  font-family: var(--font-count);
}
@media (max-width: 640px) {
  .season :deep(.el-calendar-day) {
    padding: 2px;
  }
  .season :deep(.el-calendar__header) {
    flex-wrap: wrap;
    gap: 0.4rem;
    padding: 10px;
  }
  .season :deep(.el-calendar__body) {
    padding: 4px;
  }
  .season {
    --el-calendar-cell-width: 56px;
  }
  .held {
    min-height: 24px;
  }
  .what {
    display: none;
  }
  .month {
    display: block;
  }
}
</style>
