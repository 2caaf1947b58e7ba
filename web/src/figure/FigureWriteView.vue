<script setup lang="ts">
import { applyVariation, checkFigure, countedBar, variationSchema } from '@dellop/core/figure'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { useLoadedLibrary } from '../app/loadedLibrary.ts'
import BeatChart from '../beats/BeatChart.vue'
import { changeFigure } from './changeFigure.ts'
import { words } from '../words/index.ts'
import BeginEndFields from './BeginEndFields.vue'
import { figureFacts } from './facts.ts'
import { useFigureDraft, type DraftStart, type FigureDraft } from './figureDraft.ts'
import FigureStages from './FigureStages.vue'
import SayFields from './SayFields.vue'
import StepsFields from './StepsFields.vue'
import WhatFields from './WhatFields.vue'

const route = useRoute()
const router = useRouter()
const say = words.figures.write
const saving = ref(false)
const draft = shallowRef<FigureDraft | null>(null)
const roles = words.role

const { library, failure } = useLoadedLibrary(async () => {
  const start = await startOf()
  if (start) draft.value = useFigureDraft(start, library.figures)
  else failure.value = words.figures.unknown
})

/**
 * What the address asks for: a change of a figure, one from another, one made of a varied one, or
 * an empty page.
 */
async function startOf(): Promise<DraftStart | null> {
  const edited = route.params['id']
  if (edited !== undefined) {
    const figure = library.book.get(String(edited))
    if (!figure) return null
    const { versions } = await api('figureHistory', { params: { id: figure.id } })
    return { kind: 'edit', figure, version: versions[0]!.version }
  }
  const from = library.book.get(String(route.query['from'] ?? ''))
  if (from) return { kind: 'from', figure: from }
  const part = library.book.get(String(route.query['part'] ?? ''))
  const variation = part ? variationSchema.safeParse(parsed(String(route.query['as']))) : null
  return part && variation?.success
    ? { kind: 'part', figure: part, variation: variation.data }
    : { kind: 'new' }
}
function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}

const written = computed(() => draft.value!.written.value)
const figure = computed(() => draft.value?.made.value.figure ?? null)
const isEdit = computed(() => draft.value?.start.kind === 'edit')
const title = computed(() =>
  draft.value?.start.kind === 'edit'
    ? words.figures.edit.title(draft.value.start.figure.name)
    : say.title,
)
const danced = computed(() => {
  const result = figure.value ? applyVariation(figure.value) : null
  return result?.ok ? result.value : null
})
/** The chart stays while a line cannot be read for a moment. */
const charted = shallowRef(danced.value)
watch(danced, (now) => (charted.value = now ?? charted.value), { immediate: true })
const facts = computed(() => (figure.value ? figureFacts(figure.value, roles) : null))
const findings = computed(() => (figure.value ? checkFigure(figure.value) : []))
const stops = computed(() => findings.value.some(({ severity }) => severity === 'stop'))
const beatsPerBar = computed(() => countedBar(written.value.family).beatsPerBar)
async function save(): Promise<void> {
  if (!figure.value || !draft.value || saving.value) return
  saving.value = true
  failure.value = ''
  try {
    const { version } = draft.value
    const kept =
      version === null
        ? (await api('newFigure', { body: { figure: figure.value } })).figure
        : await changeFigure(figure.value, version)
    library.putFigures([kept])
    draft.value.forget()
    await router.push({ name: 'figure', params: { id: kept.id } })
  } catch (error) {
    failure.value = say.notKept + sentenceOf(error)
  } finally {
    saving.value = false
  }
}
function leave(): void {
  draft.value!.forget()
  void router.push({ name: 'figure', params: { id: String(route.params['id']) } })
}
</script>

<template>
  <div class="view">
    <p>
      <RouterLink to="/figures">{{ words.figures.back }}</RouterLink>
    </p>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <form v-if="draft" class="columns" @submit.prevent="save">
      <div class="fields">
        <h1>{{ title }}</h1>
        <p v-if="draft.wasKept" class="soft">
          {{ say.kept }} <template v-if="draft.isStale">{{ words.figures.edit.stale }}</template>
        </p>
        <WhatFields :draft="draft" />
        <StepsFields :draft="draft" />
        <BeginEndFields :draft="draft" />
        <SayFields :draft="draft" />
        <div class="actions">
          <el-button
            type="primary"
            size="large"
            native-type="submit"
            :disabled="!figure || stops || saving"
          >
            {{ isEdit ? words.figures.edit.keep : say.keep }}
          </el-button>
          <el-button size="large" :disabled="!draft.canUndo.value" @click="draft.undo">
            {{ words.sheet.undo }}
          </el-button>
          <el-button size="large" @click="draft.startOver">{{ say.startOver }}</el-button>
          <el-button v-if="isEdit" size="large" @click="leave">
            {{ words.figures.edit.leave }}
          </el-button>
        </div>
      </div>
      <div class="shown">
        <section class="chart-box" :aria-label="words.beats.title">
          <h2>{{ words.beats.title }}</h2>
          <p v-if="charted && !danced" class="soft">{{ say.lastChart }}</p>
          <BeatChart
            v-if="charted"
            :danced="charted"
            :beats-per-bar="beatsPerBar"
            :division="draft.division.value"
            :roles="roles"
            :beats-per-line="beatsPerBar === 3 ? 6 : 4"
          />
          <p v-else class="soft">{{ say.nothing }}</p>
        </section>
        <section v-if="figure">
          <h2>{{ words.sheet.mend }}</h2>
          <p v-if="findings.length === 0" class="told">{{ say.sound }}</p>
          <ul v-else class="findings">
            <li v-for="finding in findings" :key="finding.message">
              <strong>{{ words.severity[finding.severity] }}.</strong> {{ words.problem(finding) }}
            </li>
          </ul>
        </section>
        <section v-if="facts">
          <h2>{{ words.figures.derived }}</h2>
          <p>
            <strong>{{ words.figures.entry }}</strong>{{ ' '
            }}<span class="soft">{{ facts.begins.join(' · ') }}</span>
          </p>
          <p>
            <strong>{{ words.figures.exit }}</strong>{{ ' '
            }}<span class="soft">{{ facts.ends.join(' · ') }}</span>
          </p>
        </section>
        <FigureStages v-if="figure && danced" :figure="figure" :roles="roles" open />
      </div>
    </form>
    <p v-else-if="!failure" role="status">{{ words.app.loading }}</p>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
  gap: 2rem;
}
.fields {
  display: grid;
  gap: 1rem;
  align-content: start;
}
.fields :deep(fieldset) {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.5rem;
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
}
.fields :deep(legend) {
  font-family: var(--font-head);
  font-weight: 700;
  font-size: 1.1rem;
  padding: 0;
}
.fields :deep(.row) {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
}
.fields :deep(.row > label) {
  flex: 1 1 8rem;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
.shown {
  display: grid;
  gap: 1.25rem;
  align-content: start;
}
.chart-box {
  background: var(--sheet);
  border: 1px solid var(--rule);
  padding: 1.25rem 1.5rem;
}
.shown p {
  margin: 0.1rem 0;
}
.findings {
  margin: 0;
  padding-left: 1.2rem;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
