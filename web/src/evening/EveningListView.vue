<script setup lang="ts">
import {
  emptyEvening,
  eveningsCalendar,
  readCalendar,
  timesOf,
  type Evening,
} from '@dellop/core/evening'
import type { Series } from '@dellop/core/lesson'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { download } from '../app/download.ts'
import { randomId } from '../app/randomId.ts'
import PickFile from '../ui/PickFile.vue'
import { tellUndo } from '../ui/message.ts'
import { usePhone } from '../ui/narrow.ts'
import { words } from '../words/index.ts'
import SeasonNav from '../ui/SeasonNav.vue'
import { useQueryState } from '../ui/queryState.ts'
import { useEveningFacts } from './eveningFacts.ts'
import SeasonCalendar from './SeasonCalendar.vue'

/** Programmes, those to come first. */
const say = words.evenings
const phone = usePhone()
const router = useRouter()
const evenings = shallowRef<readonly Evening[] | null>(null)
const series = shallowRef<readonly Series[]>([])
const LAYOUTS = ['list', 'calendar'] as const
type Layout = (typeof LAYOUTS)[number]
const layout = useQueryState<Layout>('as', 'list', (text): text is Layout =>
  (LAYOUTS as readonly string[]).includes(text),
)
const failure = ref('')
const told = ref('')
const facts = useEveningFacts()
const ZONE = Intl.DateTimeFormat().resolvedOptions().timeZone

async function load(): Promise<void> {
  failure.value = ''
  try {
    await facts.load()
    ;({ series: series.value } = await api('listSeries'))
    ;({ evenings: evenings.value } = await api('listEvenings'))
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
onMounted(load)

const today = (): string => new Date().toLocaleDateString('sv')
const rows = computed(() =>
  [...(evenings.value ?? [])]
    .sort((a, b) => b.date.localeCompare(a.date))
    .map((one) => ({
      ...one,
      when: words.format.date(Date.parse(`${one.date}T12:00:00`)),
      clock: `${one.startsAt} – ${one.endsAt}`,
      dances: one.items.filter(({ kind }) => kind === 'dance').length,
      left: Math.round(timesOf(one, facts.facts.value).left),
    })),
)
const toCome = computed(() => rows.value.filter(({ date }) => date >= today()).reverse())
const past = computed(() => rows.value.filter(({ date }) => date < today()))
const groups = computed(() => [
  { title: say.toCome, list: toCome.value },
  { title: say.past, list: past.value },
])

async function add(date = today()): Promise<void> {
  failure.value = ''
  const last = rows.value[0]
  const group = facts.library.settings.groupId
  const evening: Evening = {
    ...emptyEvening(randomId(), say.newTitle, date, ZONE),
    // As the last one was: place, times and people seldom change.
    ...(last
      ? {
          hall: last.hall,
          startsAt: last.startsAt,
          endsAt: last.endsAt,
          changeoverSeconds: last.changeoverSeconds,
        }
      : {}),
    ...(group === null ? {} : { groupId: group }),
  }
  try {
    await api('newEvening', { body: { evening } })
    await router.push({ name: 'evening', params: { id: evening.id } })
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
async function remove(evening: Evening): Promise<void> {
  failure.value = ''
  try {
    await api('removeEvening', { params: { id: evening.id } })
    evenings.value = evenings.value!.filter(({ id }) => id !== evening.id)
    tellUndo(say.removed(evening.title), words.sheet.undo, () => void putBack(evening))
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
async function putBack(evening: Evening): Promise<void> {
  try {
    await api('newEvening', { body: { evening } })
    await load()
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
const exportAll = (): void =>
  download(
    'evenings.ics',
    'text/calendar',
    eveningsCalendar(evenings.value ?? [], facts.facts.value, Date.now()),
  )

/** Events of a calendar: new evenings are added, those that are here take its day, times and hall. */
async function bring(file: File): Promise<void> {
  failure.value = told.value = ''
  const read = readCalendar(await file.text(), ZONE, randomId)
  if (!read.ok) return void (failure.value = words.problem(read.problem))
  let [added, changed] = [0, 0]
  try {
    for (const one of read.value) {
      const here = evenings.value?.find(({ id }) => id === one.id)
      if (!here) {
        await api('newEvening', { body: { evening: one } })
        added++
        continue
      }
      const fields = ['title', 'date', 'startsAt', 'endsAt', 'hall'] as const
      const edits = fields
        .filter((field) => here[field] !== one[field])
        .map((field) => ({
          type: 'set' as const,
          id: '',
          field,
          from: here[field],
          to: one[field],
        }))
      if (edits.length === 0) continue
      const { revision } = await api('getEvening', { params: { id: here.id } })
      await api('editEvening', {
        params: { id: here.id },
        body: { clientId: randomId(), batchId: randomId(), base: revision, edits },
      })
      changed++
    }
    told.value = say.brought(added, changed)
  } catch (error) {
    failure.value = sentenceOf(error)
  }
  await load()
}
</script>

<template>
  <div class="view">
    <SeasonNav />
    <header class="view-head">
      <div>
        <h1>{{ say.title }}</h1>
        <p class="soft">{{ say.lead }}</p>
      </div>
      <el-button type="primary" size="large" @click="add()">{{ say.add }}</el-button>
    </header>
    <p v-if="told" class="told" role="status">{{ told }}</p>
    <div v-if="failure" class="failure" role="alert">
      <p>{{ failure }}</p>
      <el-button @click="load">{{ words.app.again }}</el-button>
    </div>
    <el-skeleton v-if="!evenings && !failure" :rows="5" animated role="status" />
    <template v-else-if="evenings">
      <el-empty v-if="evenings.length === 0" :description="say.none" />
      <el-segmented
        v-model="layout"
        :options="LAYOUTS.map((one) => ({ value: one, label: say.layouts[one] }))"
        :aria-label="say.layout"
      />
      <SeasonCalendar
        v-if="layout === 'calendar'"
        :evenings
        :series
        :entries="facts.entries.value"
        @add="add"
      />
      <template v-for="group in groups" v-else :key="group.title">
        <section v-if="group.list.length > 0" :aria-label="group.title">
          <h2>{{ group.title }}</h2>
          <el-table :data="group.list" row-key="id">
            <el-table-column :label="say.when" min-width="145">
              <template #default="{ row }">
                <RouterLink :to="{ name: 'evening', params: { id: row.id } }">{{
                  row.when
                }}</RouterLink>
              </template>
            </el-table-column>
            <el-table-column v-if="!phone" prop="clock" :label="say.clock" width="120" />
            <el-table-column prop="title" :label="say.name" min-width="125" />
            <el-table-column v-if="!phone" prop="hall" :label="say.hall" min-width="100" />
            <el-table-column
              v-if="!phone"
              prop="dances"
              :label="say.dances"
              width="85"
              align="right"
            />
            <el-table-column v-if="!phone" :label="say.left" width="105" align="right">
              <template #default="{ row }">{{ say.minutesLeft(row.left) }}</template>
            </el-table-column>
            <el-table-column width="90">
              <template #default="{ row }">
                <el-button link type="danger" @click="remove(row as Evening)">{{
                  say.remove
                }}</el-button>
              </template>
            </el-table-column>
          </el-table>
        </section>
      </template>
      <div class="actions">
        <el-button :disabled="evenings.length === 0" @click="exportAll">{{
          say.toCalendar
        }}</el-button>
        <PickFile accept=".ics,text/calendar" :label="say.fromCalendar" @pick="bring" />
      </div>
    </template>
  </div>
</template>

<style scoped>
h2 {
  margin: 1.2rem 0 0.4rem;
  font-size: 1.2rem;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  margin-top: 1rem;
}
</style>
