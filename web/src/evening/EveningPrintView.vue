<script setup lang="ts">
import { clockOfMinutes } from '@dellop/core/time'
import { itemTitle, tempoFor, timesOf, type Evening } from '@dellop/core/evening'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { words } from '../words/index.ts'
import { useEveningFacts } from './eveningFacts.ts'

/** A programme on paper: for the door, for the band with tempi, for the cuer large with notes. */
const say = words.evenings
const route = useRoute()
const id = String(route.params['id'])
const PAPERS = ['door', 'band', 'cuer'] as const
type Paper = (typeof PAPERS)[number]
const paper = computed<Paper>(() => {
  const wish = String(route.query['for'] ?? 'door')
  return (PAPERS as readonly string[]).includes(wish) ? (wish as Paper) : 'door'
})
const evening = shallowRef<Evening | null>(null)
const facts = useEveningFacts()
const failure = ref('')
async function load(): Promise<void> {
  failure.value = ''
  try {
    await facts.load()
    ;({ evening: evening.value } = await api('getEvening', { params: { id } }))
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
onMounted(load)
const rows = computed(() =>
  evening.value
    ? timesOf(evening.value, facts.facts.value)
        .items.filter(({ item }) => !item.dropped)
        .map(({ item, starts, minutes }) => ({
          id: item.id,
          item,
          at: clockOfMinutes(starts),
          minutes: Math.round(minutes),
          title: itemTitle(item, facts.facts.value) || say.kinds[item.kind],
          facts: facts.facts.value.get(item.sheetId ?? '') ?? null,
        }))
    : [],
)
/** What went wrong there last time, for the cuer. */
const slips = (sheetId: string | undefined): string =>
  sheetId === undefined
    ? ''
    : facts.logbook.value
        .slipsOf(sheetId)
        .slice(0, 2)
        .map(({ name, pass }) => [name, pass].filter(Boolean).join(', '))
        .join('; ')
const print = (): void => window.print()
</script>

<template>
  <div class="paper" :class="paper">
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <template v-if="evening">
      <p class="no-print row">
        <el-button tag="router-link" :to="{ name: 'evening', params: { id } }">{{
          evening.title
        }}</el-button>
        <el-button type="primary" @click="print">{{ words.rehearse.walk.print }}</el-button>
      </p>
      <h1>{{ evening.title }}</h1>
      <p>
        {{ words.format.date(Date.parse(`${evening.date}T12:00:00`)) }}, {{ evening.startsAt }} –
        {{ evening.endsAt }}<template v-if="evening.hall">, {{ evening.hall }}</template>
      </p>
      <ol class="lines">
        <li v-for="row in rows" :key="row.id">
          <span class="at">{{ row.at }}</span>
          <span class="title">{{ row.title }}</span>
          <span v-if="paper !== 'cuer'">{{ words.dance(row.facts?.dance ?? '') }}</span>
          <span v-if="paper === 'band'">{{
            row.facts ? say.bandLine(tempoFor(row.facts, row.item), row.item.times ?? 1) : ''
          }}</span>
          <span v-if="paper !== 'door'" class="short">{{ say.takes(row.minutes) }}</span>
          <span v-if="paper === 'cuer'"
            >{{ row.item.walkMinutes ? say.walkLine(row.item.walkMinutes) : '' }}
            {{ slips(row.item.sheetId) ? say.lastTime(slips(row.item.sheetId)) : '' }}
            {{ row.item.caller ? say.calledBy(row.item.caller) : '' }}
            {{ row.item.note ?? '' }}</span
          >
        </li>
      </ol>
      <p class="soft">{{ say.care }}</p>
    </template>
  </div>
</template>

<style scoped>
.paper {
  max-width: 900px;
  margin: 0 auto;
  padding: 16px;
}
.row {
  display: flex;
  gap: 0.5rem;
}
h1 {
  margin: 0.4rem 0 0.2rem;
}
.lines {
  margin: 0.8rem 0;
  padding: 0;
  list-style: none;
}
.lines li {
  display: grid;
  grid-template-columns: 4.6em minmax(9em, 1.2fr) 1fr;
  gap: 0 0.8rem;
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--rule);
}
.band .lines li {
  grid-template-columns: 4.6em minmax(9em, 1.2fr) 1fr 1fr 5em;
}
.cuer .lines li {
  grid-template-columns: 3.2em minmax(7em, 1fr) 4em 1.6fr;
  font-size: 1.35rem;
}
.door .lines li {
  font-size: 1.2rem;
}
.at,
.title {
  font-weight: 700;
}
.short {
  white-space: nowrap;
}
@media (max-width: 600px) {
  .lines li,
  .band .lines li,
  .cuer .lines li {
    grid-template-columns: 3.6em 1fr;
  }
}
@media print {
  .no-print {
    display: none;
  }
}
</style>
