<script setup lang="ts">
import { eveningCsv, eveningMarkdown, eveningsCalendar } from '@dellop/core/evening'
import { ArrowLeft, Redo2, Undo2 } from '@lucide/vue'
import { tinykeys } from 'tinykeys'
import { usualChangeover } from '@dellop/core/logbook'
import { computed, onBeforeUnmount, onMounted, onScopeDispose, ref } from 'vue'
import { useRoute } from 'vue-router'
import { ApiProblem, sentenceOf } from '../app/api.ts'
import { download } from '../app/download.ts'
import ConflictNote from '../document/ConflictNote.vue'
import { travel } from '../document/travel.ts'
import { useQueryState } from '../ui/queryState.ts'
import { words } from '../words/index.ts'
import EveningFields from './EveningFields.vue'
import { useEveningDocument } from './eveningDocument.ts'
import { useEveningFacts } from './eveningFacts.ts'
import ProgrammePane from './ProgrammePane.vue'
import TonightPane from './TonightPane.vue'

/** One evening: its programme as it is planned, and while it goes on. */
const say = words.evenings
const route = useRoute()
const id = String(route.params['id'])
const document_ = useEveningDocument(id)
const { evening } = document_
const facts = useEveningFacts()
const failure = ref('')

async function load(): Promise<void> {
  failure.value = ''
  try {
    await Promise.all([facts.load(), document_.open()])
    window.document.title = `${evening.value!.title} · Dellop`
  } catch (error) {
    failure.value =
      error instanceof ApiProblem && error.code === 'not-found' ? say.notThere : sentenceOf(error)
  }
}
onMounted(load)
onBeforeUnmount(() => document_.close())

const TABS = ['programme', 'tonight'] as const
type Tab = (typeof TABS)[number]
const tab = useQueryState<Tab>('do', 'programme', (text): text is Tab =>
  (TABS as readonly string[]).includes(text),
)
const halls = computed(() => [
  ...new Set([
    ...facts.library.settings.halls.map(({ name }) => name),
    ...facts.entries.value.map(({ hall }) => hall).filter(Boolean),
  ]),
])

const usual = computed(() => usualChangeover(facts.entries.value))

/** What is written in a field has its own undo. */
const travelBy = (way: 'undo' | 'redo') => (event: KeyboardEvent) => {
  if (event.target instanceof HTMLElement && event.target.closest('input, textarea')) return
  event.preventDefault()
  travel(document_, way)
}
onScopeDispose(
  tinykeys(window, {
    '$mod+z': travelBy('undo'),
    '$mod+y': travelBy('redo'),
    '$mod+Shift+z': travelBy('redo'),
  }),
)

function take(what: string): void {
  const one = evening.value!
  const name = one.date
  if (what === 'ics')
    download(`${name}.ics`, 'text/calendar', eveningsCalendar([one], facts.facts.value, Date.now()))
  if (what === 'csv') download(`${name}.csv`, 'text/csv', eveningCsv(one, facts.facts.value))
  if (what === 'md')
    download(`${name}.md`, 'text/markdown', eveningMarkdown(one, facts.facts.value))
  if (what === 'json') download(`${name}.json`, 'application/json', JSON.stringify(one, null, 2))
}
const PAPERS = ['door', 'band', 'cuer'] as const
</script>

<template>
  <div class="view">
    <div v-if="failure" class="failure" role="alert">
      <p>{{ failure }}</p>
      <el-button @click="load">{{ words.app.again }}</el-button>
    </div>
    <el-skeleton v-else-if="!evening" :rows="8" animated role="status" />
    <template v-else>
      <header class="head">
        <el-button tag="router-link" text :to="{ name: 'evenings' }"
          ><ArrowLeft :size="18" aria-hidden="true" />{{ say.title }}</el-button
        >
        <h1>{{ evening.title }}</h1>
        <span class="soft" role="status">{{ document_.saving.value }}</span>
        <span class="tools">
          <el-button
            :disabled="!document_.canUndo.value"
            :aria-label="words.sheet.undo"
            @click="travel(document_, 'undo')"
            ><Undo2 :size="18"
          /></el-button>
          <el-button
            :disabled="!document_.canRedo.value"
            :aria-label="words.sheet.redo"
            @click="travel(document_, 'redo')"
            ><Redo2 :size="18"
          /></el-button>
          <el-dropdown trigger="click" @command="take">
            <el-button>{{ say.takeAlong }}</el-button>
            <template #dropdown>
              <el-dropdown-menu>
                <el-dropdown-item v-for="(label, what) in say.files" :key="what" :command="what">{{
                  label
                }}</el-dropdown-item>
              </el-dropdown-menu>
            </template>
          </el-dropdown>
          <el-button
            v-for="paper in PAPERS"
            :key="paper"
            tag="router-link"
            :to="{ name: 'evening-print', params: { id }, query: { for: paper } }"
            >{{ say.print[paper] }}</el-button
          >
        </span>
      </header>
      <ConflictNote
        :conflicts="document_.conflicts.value"
        @use-mine="document_.takeMine($event, say.done.changed)"
        @dismiss="document_.settle($event)"
      />
      <el-tabs v-model="tab">
        <el-tab-pane v-for="one in TABS" :key="one" :name="one" :label="say.tabs[one]" />
      </el-tabs>
      <template v-if="tab === 'programme'">
        <EveningFields
          class="about"
          :document="document_"
          :groups="facts.library.groups"
          :halls="halls"
          :usual-changeover="usual"
        />
        <ProgrammePane :document="document_" :facts="facts" />
      </template>
      <TonightPane v-else :document="document_" :facts="facts" />
    </template>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.8rem;
}
.head :deep(svg) {
  margin-right: 6px;
}
.tools :deep(.el-button > span > svg:only-child) {
  margin: 0;
}
h1 {
  margin: 0;
  font-size: 1.5rem;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  margin-left: auto;
}
.tools :deep(.el-button) {
  margin: 0;
}
.about {
  margin-bottom: 1rem;
}
</style>
