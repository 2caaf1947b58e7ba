<script setup lang="ts">
import {
  dancedEvenings,
  idleDances,
  logbookCsv,
  logbookJson,
  readLogbookCsv,
  readLogbookJson,
  type LogEntry,
} from '@dellop/core/logbook'
import { sameDances } from '@dellop/core/routine'
import type { SheetSummary } from '@dellop/wire'
import { computed, defineAsyncComponent, nextTick, onMounted, ref, shallowRef } from 'vue'
import { api } from '../app/api.ts'
import { download } from '../app/download.ts'
import { randomId } from '../app/randomId.ts'
import Labelled from '../ui/Labelled.vue'
import { tellUndo } from '../ui/message.ts'
import { useNarrow } from '../ui/narrow.ts'
import PickFile from '../ui/PickFile.vue'
import SeasonNav from '../ui/SeasonNav.vue'
import { words } from '../words/index.ts'
import EntryDialog from './EntryDialog.vue'
import { useLogbook } from './useLogbook.ts'

const SeasonCharts = defineAsyncComponent(() => import('./SeasonCharts.vue'))

/** What was danced, and what it answers: last time, what went wrong, what lies idle, how often. */
const say = words.logbook
const narrow = useNarrow()
const { library, entries, logbook, failure, load, add, change, remove } = useLogbook()
const told = ref('')
const text = ref('')
const groupId = ref('')
const most = ref(50)
const opened = ref<LogEntry | 'new' | null>(null)
const sheets = shallowRef<readonly SheetSummary[]>([])
onMounted(() =>
  api('listSheets')
    .then(({ sheets: list }) => (sheets.value = list))
    .catch(() => undefined),
)

const found = computed(() => {
  const wish = text.value.trim().toLowerCase()
  return logbook.value.entries.filter(
    (one) =>
      (groupId.value === '' || one.groupId === groupId.value) &&
      (wish === '' ||
        [one.title, one.hall, one.caller, one.remarks].join(' ').toLowerCase().includes(wish)),
  )
})
const rows = computed(() =>
  found.value.slice(0, most.value).map((one) => ({
    ...one,
    when: words.format.moment(one.atMs),
    how: say.how(one.finished, one.passesDanced, one.passesWritten, one.slips.length),
  })),
)

const onShelf = computed(() => sheets.value.filter(({ archived }) => !archived))
const WEEK_MS = 7 * 24 * 3600_000
/** Weeks after which a dance lies idle. */
const IDLE_WEEKS = 8
const idle = computed(() =>
  idleDances(logbook.value, onShelf.value, Date.now(), IDLE_WEEKS, sameDances(sheets.value))
    .slice(0, 8)
    .map(({ dance, lastMs }) =>
      say.idle(dance.title, lastMs === null ? null : Math.floor((Date.now() - lastMs) / WEEK_MS)),
    ),
)
/** This season began on the last first of September. */
const seasonMs = computed(() => {
  const now = new Date()
  const year = now.getMonth() >= 8 ? now.getFullYear() : now.getFullYear() - 1
  return new Date(year, 8, 1).getTime()
})
const nameOf = (id: string): string =>
  library.figures.find((figure) => figure.id === id)?.name ?? id
const called = computed(() =>
  logbook.value
    .figureTimes(seasonMs.value, Date.now())
    .slice(0, 10)
    .map(({ id, times }) => say.called(nameOf(id), times)),
)
const worst = computed(() =>
  [...new Set(logbook.value.entries.flatMap(({ sheetId }) => sheetId ?? []))]
    .flatMap((sheetId) => {
      const title = logbook.value.ofSheet(sheetId)[0]!.title
      return logbook.value.slipsOf(sheetId).map((place) => ({ title, ...place }))
    })
    .sort((a, b) => b.times - a.times || b.lastMs - a.lastMs)
    .slice(0, 6)
    .map(({ title, name, pass, times }) => say.slip(title, name, pass, times)),
)
const kindOf = ({ sheetId }: LogEntry): string | null =>
  sheets.value.find(({ id }) => id === sheetId)?.dance ?? null
const isSeasonLong = computed(
  () => dancedEvenings(logbook.value.entries, seasonMs.value).length > 1,
)

async function keep(entry: LogEntry): Promise<void> {
  const before = opened.value
  opened.value = null
  if (before === 'new') await add(entry)
  else if (before) await change(before, entry)
}
async function takeOut(entry: LogEntry): Promise<void> {
  if (await remove(entry.id))
    tellUndo(say.takenOut(entry.title), words.sheet.undo, () => void add(entry))
}
async function bring(file: File): Promise<void> {
  told.value = failure.value = ''
  const content = await file.text()
  const read = /\.json$/i.test(file.name)
    ? readLogbookJson(content, file.name)
    : readLogbookCsv(content, randomId)
  if (!read.ok) return void (failure.value = words.problem(read.problem))
  const here = new Set(entries.value?.map(({ id }) => id))
  const fresh = read.value.filter(({ id }) => !here.has(id))
  for (const one of fresh) if (!(await add(one))) return
  told.value = say.brought(fresh.length, read.value.length - fresh.length)
}
const csv = (): void => download('logbook.csv', 'text/csv', logbookCsv(entries.value ?? []))
const json = (): void =>
  download('logbook.json', 'application/json', logbookJson(entries.value ?? []))
/** The report has every entry, however many the page shows. */
async function print(): Promise<void> {
  const shown = most.value
  most.value = Infinity
  await nextTick()
  window.print()
  most.value = shown
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
      <el-button type="primary" size="large" class="no-print" @click="opened = 'new'">{{
        say.add
      }}</el-button>
    </header>
    <p v-if="told" class="told" role="status">{{ told }}</p>
    <div v-if="failure" class="failure" role="alert">
      <p>{{ failure }}</p>
      <el-button @click="load">{{ words.app.again }}</el-button>
    </div>
    <el-skeleton v-if="!entries && !failure" :rows="6" animated role="status" />
    <template v-else-if="entries">
      <el-empty v-if="entries.length === 0" :description="say.none" />
      <template v-else>
        <section class="answers" :aria-label="say.answers">
          <div v-if="worst.length > 0">
            <h2>{{ say.worst }}</h2>
            <ul>
              <li v-for="one in worst" :key="one">{{ one }}</li>
            </ul>
          </div>
          <div v-if="called.length > 0">
            <h2>{{ say.calledTitle }}</h2>
            <ul>
              <li v-for="one in called" :key="one">{{ one }}</li>
            </ul>
          </div>
          <div v-if="idle.length > 0">
            <h2>{{ say.idleTitle }}</h2>
            <ul>
              <li v-for="one in idle" :key="one">{{ one }}</li>
            </ul>
          </div>
        </section>
        <SeasonCharts
          v-if="isSeasonLong"
          :logbook
          :from-ms="seasonMs"
          :kind-of="kindOf"
          :groups="library.groups"
        />
        <div class="search no-print">
          <Labelled :label="say.search"><el-input v-model="text" clearable /></Labelled>
          <Labelled :label="words.evenings.group"
            ><el-select v-model="groupId"
              ><el-option value="" :label="say.everybody" /><el-option
                v-for="one in library.groups"
                :key="one.id"
                :value="one.id"
                :label="one.name" /></el-select
          ></Labelled>
        </div>
        <el-table :data="rows" row-key="id">
          <el-table-column prop="when" :label="say.when" min-width="120" />
          <el-table-column :label="say.dance" min-width="140">
            <template #default="{ row }">
              <RouterLink v-if="row.callId" :to="{ name: 'call', params: { id: row.callId } }">{{
                row.title
              }}</RouterLink>
              <template v-else>{{ row.title }}</template>
            </template>
          </el-table-column>
          <el-table-column prop="how" :label="say.howColumn" min-width="110" />
          <el-table-column
            v-if="!narrow"
            prop="hall"
            :label="words.evenings.hall"
            min-width="110"
          />
          <el-table-column
            v-if="!narrow"
            prop="groupName"
            :label="words.evenings.group"
            min-width="120"
          />
          <el-table-column prop="remarks" :label="say.remarks" min-width="140" />
          <el-table-column width="150" class-name="no-print">
            <template #default="{ row }">
              <el-button link type="primary" @click="opened = row as LogEntry">{{
                say.correct
              }}</el-button>
              <el-button link type="danger" @click="takeOut(row as LogEntry)">{{
                say.takeOut
              }}</el-button>
            </template>
          </el-table-column>
        </el-table>
        <el-button v-if="found.length > most" class="no-print" @click="most += 100">{{
          say.more(found.length - most)
        }}</el-button>
      </template>
      <div class="actions no-print">
        <el-button :disabled="entries.length === 0" @click="csv">{{ say.toCsv }}</el-button>
        <el-button :disabled="entries.length === 0" @click="json">{{ say.toJson }}</el-button>
        <PickFile
          accept=".csv,text/csv,.json,application/json"
          :label="say.bringIn"
          @pick="bring"
        />
        <el-button :disabled="entries.length === 0" @click="print">{{ say.report }}</el-button>
      </div>
    </template>
    <EntryDialog
      v-if="opened"
      :entry="opened === 'new' ? null : opened"
      :groups="library.groups"
      @keep="keep"
      @close="opened = null"
    />
  </div>
</template>

<style scoped>
.answers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(17rem, 1fr));
  gap: 0 2rem;
}
h2 {
  margin: 0.6rem 0 0.2rem;
  font-size: 1.15rem;
}
ul {
  margin: 0 0 0.6rem;
  padding-left: 1.2rem;
}
.search {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  margin: 0.8rem 0;
}
.search > * {
  width: min(100%, 18rem);
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  margin-top: 1rem;
}
.actions :deep(.el-button) {
  margin: 0;
}
@media print {
  .no-print,
  :deep(.no-print) {
    display: none !important;
  }
}
</style>
