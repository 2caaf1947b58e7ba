<script setup lang="ts">
import { bookOf } from '@dellop/core/figure'
import {
  carriedOver,
  instalmentsOf,
  knownBefore,
  newHolds,
  orderProblems,
  proposedOrder,
  requestsAbout,
  spreadOverWeeks,
  weekAfter,
  type DancerRequest,
  type SeriesLesson,
  type Topic,
} from '@dellop/core/lesson'
import { logbookOf, type LogEntry } from '@dellop/core/logbook'
import type { Routine } from '@dellop/core/routine'
import { ArrowLeft, Redo2, Undo2 } from '@lucide/vue'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { api, ApiProblem, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { randomId } from '../app/randomId.ts'
import EntryInput from '../ui/EntryInput.vue'
import Labelled from '../ui/Labelled.vue'
import { travel } from '../document/travel.ts'
import { useQueryState } from '../ui/queryState.ts'
import { words } from '../words/index.ts'
import CoverageTable from './CoverageTable.vue'
import LessonCard from './LessonCard.vue'
import RequestsPane from './RequestsPane.vue'
import { useSeriesDocument } from './seriesDocument.ts'

/** One series: its weeks, what is covered, what dancers ask for. */
const say = words.lessons
const route = useRoute()
const library = useLibrary()
const id = String(route.params['id'])
const document_ = useSeriesDocument(id)
const { series } = document_
const failure = ref('')
const entries = shallowRef<readonly LogEntry[]>([])
const sheets = shallowRef<ReadonlyMap<string, Routine>>(new Map())
const titles = shallowRef<readonly { readonly value: string; readonly label: string }[]>([])

async function load(): Promise<void> {
  failure.value = ''
  try {
    const [log, list] = await Promise.all([
      api('listEntries'),
      api('listSheets'),
      library.load(),
      document_.open(),
    ])
    entries.value = log.entries
    titles.value = list.sheets
      .filter(({ archived }) => !archived)
      .map((one) => ({ value: one.id, label: one.title }))
    await readSheets()
  } catch (error) {
    failure.value =
      error instanceof ApiProblem && error.code === 'not-found' ? say.notThere : sentenceOf(error)
  }
}
/** Sheets that topics name, so that their order can be proved. */
async function readSheets(): Promise<void> {
  const wanted = new Set(
    series.value?.lessons.flatMap(({ topics }) => topics.flatMap(({ sheetId }) => sheetId ?? [])),
  )
  const read = await Promise.all(
    [...wanted]
      .filter((one) => !sheets.value.has(one))
      .map((one) => api('getSheet', { params: { id: one } }).catch(() => null)),
  )
  const more = read.flatMap((one) => (one ? [[one.routine.id, one.routine] as const] : []))
  if (more.length > 0) sheets.value = new Map([...sheets.value, ...more])
}
onMounted(load)
onBeforeUnmount(() => document_.close())

const TABS = ['weeks', 'coverage', 'requests'] as const
type Tab = (typeof TABS)[number]
const tab = useQueryState<Tab>('do', 'weeks', (text): text is Tab =>
  (TABS as readonly string[]).includes(text),
)
const book = computed(() => bookOf(library.figures))
const figures = computed(() =>
  library.figures
    .map((figure) => ({ value: figure.id, label: figure.name }))
    .sort((a, b) => a.label.localeCompare(b.label)),
)
const logbook = computed(() => logbookOf(entries.value))
const group = computed(() => library.groups.find(({ id: one }) => one === series.value?.groupId))
/** What the group knew before the series began to teach it. */
const knows = (figureId: string): boolean =>
  group.value?.taught.some(({ id: one }) => one === figureId) ?? false
const figureName = (figureId: string): string => book.value.get(figureId)?.name ?? figureId
const instalments = computed(() =>
  series.value ? instalmentsOf(series.value, sheets.value, book.value) : new Map(),
)
function spread(topic: Topic): void {
  const routine = sheets.value.get(topic.sheetId ?? '')
  if (routine)
    document_.change(spreadOverWeeks(series.value!, topic.id, routine, randomId), say.done.spread)
}
const nameOf = ({ figureId, sheetId, text }: Topic): string =>
  figureId !== undefined
    ? figureName(figureId)
    : sheetId !== undefined
      ? (titles.value.find(({ value }) => value === sheetId)?.label ?? text)
      : text
const problems = computed(
  () =>
    new Map(
      series.value
        ? orderProblems(series.value, book.value, sheets.value, knows).map(
            ({ topicId, figures: missing }) =>
              [topicId, say.before(missing.map(figureName))] as const,
          )
        : [],
    ),
)
/** What dancers asked for or said, in this series, of what a topic is about. */
const asked = ({ sheetId, figureId }: Topic): readonly DancerRequest[] =>
  requestsAbout([series.value!], {
    sheetId,
    figureIds: new Set(figureId === undefined ? [] : [figureId]),
  })
const holds = computed(() =>
  newHolds(series.value?.lessons.flatMap(({ topics }) => topics) ?? [], book.value),
)

function addWeek(): void {
  const last = series.value!.lessons.at(-1)
  const lesson: SeriesLesson = last
    ? weekAfter(last, randomId())
    : { id: randomId(), date: new Date().toISOString().slice(0, 10), minutes: 60, topics: [] }
  document_.set({ lessons: [...series.value!.lessons, lesson] }, say.done.week)
}
function topics(lesson: SeriesLesson, next: readonly Topic[], label: string): void {
  document_.setTopics(lesson.id, next, label)
  void readSheets()
}
const propose = (lesson: SeriesLesson): void =>
  topics(lesson, proposedOrder(lesson.topics, book.value, sheets.value), say.done.proposed)
const carry = (lesson: SeriesLesson): void =>
  void document_.change(carriedOver(series.value!, lesson.id), say.done.carried)
const removeWeek = (lesson: SeriesLesson): void =>
  void document_.set(
    { lessons: series.value!.lessons.filter(({ id: one }) => one !== lesson.id) },
    say.done.weekRemoved,
  )
function setGroup(groupId: string): void {
  const { groupId: _, ...rest } = series.value!
  document_.change(groupId === '' ? rest : { ...rest, groupId }, say.done.changed)
}
</script>

<template>
  <div class="view">
    <div v-if="failure" class="failure" role="alert">
      <p>{{ failure }}</p>
      <el-button @click="load">{{ words.app.again }}</el-button>
    </div>
    <el-skeleton v-else-if="!series" :rows="8" animated role="status" />
    <template v-else>
      <header class="head">
        <el-button tag="router-link" text :to="{ name: 'lessons' }"
          ><ArrowLeft :size="18" aria-hidden="true" />{{ words.evenings.lessons }}</el-button
        >
        <h1>{{ series.title }}</h1>
        <span class="soft" role="status">{{ document_.saving.value }}</span>
        <span class="tools">
          <el-button
            :disabled="!document_.canUndo.value"
            :aria-label="words.sheet.undo"
            @click="travel(document_, 'undo')"
            ><Undo2 :size="18" /></el-button
          ><el-button
            :disabled="!document_.canRedo.value"
            :aria-label="words.sheet.redo"
            @click="travel(document_, 'redo')"
            ><Redo2 :size="18"
          /></el-button>
        </span>
      </header>
      <div class="fields">
        <Labelled :label="say.series"
          ><EntryInput
            :value="series.title"
            maxlength="120"
            @change="
              $event.trim() !== '' && document_.set({ title: $event.trim() }, say.done.changed)
            "
        /></Labelled>
        <Labelled :label="words.evenings.group"
          ><el-select :model-value="series.groupId ?? ''" @change="setGroup"
            ><el-option value="" :label="words.evenings.nobody" /><el-option
              v-for="one in library.groups"
              :key="one.id"
              :value="one.id"
              :label="one.name" /></el-select
        ></Labelled>
        <Labelled :label="say.dueWeeks"
          ><el-input-number
            :model-value="series.dueWeeks"
            :min="1"
            :max="52"
            @change="document_.set({ dueWeeks: $event ?? 6 }, say.done.changed)"
        /></Labelled>
      </div>
      <el-tabs v-model="tab">
        <el-tab-pane v-for="one in TABS" :key="one" :name="one" :label="say.tabs[one]" />
      </el-tabs>
      <div v-if="tab === 'weeks'" class="weeks">
        <el-empty v-if="series.lessons.length === 0" :description="say.noWeeks" />
        <LessonCard
          v-for="(lesson, i) in series.lessons"
          :key="lesson.id"
          :lesson="lesson"
          :number="i + 1"
          :name-of="nameOf"
          :problems="problems"
          :holds="holds"
          :asked="asked"
          :known="[...knownBefore(series, lesson.id)].map(figureName)"
          :figures="figures"
          :sheets="titles"
          :routines="sheets"
          :instalments
          :has-next="i < series.lessons.length - 1"
          @topics="(next, label) => topics(lesson, next, label)"
          @set="document_.setLesson(lesson.id, (one) => ({ ...one, ...$event }), say.done.changed)"
          @spread="spread"
          @propose="propose(lesson)"
          @carry="carry(lesson)"
          @remove="removeWeek(lesson)"
        />
        <el-button type="primary" @click="addWeek">{{ say.addWeek }}</el-button>
        <p class="soft">{{ words.rehearse.walk.care }}</p>
      </div>
      <CoverageTable
        v-else-if="tab === 'coverage'"
        :series="series"
        :book="book"
        :logbook="logbook"
        :name-of="nameOf"
      />
      <RequestsPane
        v-else
        :document="document_"
        :figures="figures"
        :sheets="titles"
        :figure-name="figureName"
      />
    </template>
  </div>
</template>

<style scoped>
.head,
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.8rem;
}
.tools {
  margin-left: auto;
}
.head > :deep(.el-button svg) {
  margin-right: 6px;
}
.tools :deep(.el-button) {
  margin: 0;
}
h1 {
  margin: 0;
  font-size: 1.5rem;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
  gap: 0.5rem 0.9rem;
}
.weeks {
  display: grid;
  gap: 0.8rem;
}
.weeks > .el-button {
  justify-self: start;
}
</style>
