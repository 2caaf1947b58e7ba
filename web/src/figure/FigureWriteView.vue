<script setup lang="ts">
import {
  applyVariation,
  checkFigure,
  countedBar,
  namesakes,
  variationSchema,
  type FieldProblem,
  type WrittenFigure,
} from '@dellop/core/figure'
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
/** A field that is still empty is not yet wrong, but for what every figure needs. */
const problemOf = (field: keyof WrittenFigure): FieldProblem | null =>
  draft.value?.made.value.problems.find((one) => one.field === field) ?? null
const shownProblem = (field: keyof WrittenFigure): FieldProblem | null =>
  written.value[field] === '' ? null : problemOf(field)
const families = computed(() => [...new Set(library.figures.map(({ family }) => family))].sort())
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
const isMade = computed(() => written.value.parts.trim() !== '')
/** The same name in the same dance: two figures, never one, so the cuer is told. */
const namesake = computed(
  () =>
    library.figures.find(
      ({ id, name, family }) =>
        id !== figure.value?.id &&
        family === written.value.family &&
        name.toLowerCase() === written.value.name.trim().toLowerCase(),
    ) ?? null,
)

const otherwise = computed(() =>
  figure.value
    ? namesakes(figure.value, library.figures).filter(({ id }) => id !== namesake.value?.id)
    : [],
)

const text = (event: Event): string => (event.target as HTMLInputElement).value
const change = <Field extends keyof WrittenFigure>(
  field: Field,
  value: WrittenFigure[Field],
): void => draft.value!.change(field, value)
/** Those who dance alone all do the same, in no hold of a couple. */
function setDancers(dancers: WrittenFigure['dancers']): void {
  change('dancers', dancers)
  if (dancers === 'couple') return
  change('followKind', 'same')
  if (dancers === 'solo') change('holds', ['none'])
}

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
        <fieldset>
          <legend class="unseen">{{ say.whatItIs }}</legend>
          <label
            ><span class="field-label">{{ say.name }}</span
            >{{ ' '
            }}<input
              id="figure-name"
              :value="written.name"
              maxlength="60"
              :aria-invalid="problemOf('name') !== null"
              @input="change('name', text($event))"
          /></label>
          <p v-if="namesake" class="soft">{{ say.namesake(namesake.name) }}</p>
          <p v-if="otherwise.length > 0" class="soft">
            {{ say.otherwise(otherwise.map((one) => `${one.name} (${one.family})`)) }}
          </p>
          <div class="row">
            <label
              ><span class="field-label">{{ words.figures.columns.family }}</span>
              <input
                :value="written.family"
                list="families"
                maxlength="40"
                @input="change('family', text($event))"
              />
            </label>
            <datalist id="families">
              <option v-for="family in families" :key="family" :value="family" />
            </datalist>
            <label v-if="!isMade"
              ><span class="field-label">{{ words.figures.columns.length }}</span>
              <input
                class="short"
                :value="written.beats"
                inputmode="decimal"
                maxlength="6"
                :aria-invalid="problemOf('beats') !== null"
                @input="change('beats', text($event))"
              />
            </label>
            <label
              ><span class="field-label">{{ words.figures.columns.level }}</span>
              <select
                :value="written.level"
                @change="change('level', text($event) as WrittenFigure['level'])"
              >
                <option v-for="(name, level) in words.level" :key="level" :value="level">
                  {{ name }}
                </option>
              </select>
            </label>
          </div>
          <p v-if="shownProblem('beats')" class="wrong">{{ shownProblem('beats')!.message }}</p>
          <div class="row">
            <label
              ><span class="field-label">{{ say.dancers }}</span>
              <select
                :value="written.dancers"
                @change="setDancers(text($event) as WrittenFigure['dancers'])"
              >
                <option v-for="(name, kind) in say.dancersKinds" :key="kind" :value="kind">
                  {{ name }}
                </option>
              </select>
            </label>
            <label v-if="written.dancers === 'set'"
              ><span class="field-label">{{ say.couples }}</span>
              <input
                class="short"
                :value="written.couples"
                maxlength="5"
                :aria-invalid="problemOf('couples') !== null"
                @input="change('couples', text($event))"
              />
            </label>
            <label
              ><span class="field-label">{{ say.countFrom }}</span>
              <input
                class="short"
                :value="written.countFrom"
                inputmode="numeric"
                maxlength="2"
                placeholder="1"
                :aria-invalid="problemOf('countFrom') !== null"
                @input="change('countFrom', text($event))"
              />
            </label>
          </div>
          <p
            v-for="field in (['couples', 'countFrom'] as const).filter((one) => shownProblem(one))"
            :key="field"
            class="wrong"
          >
            {{ shownProblem(field)!.message }}
          </p>
          <label
            ><span class="field-label">{{ say.aliases }}</span>
            <input
              id="figure-aliases"
              :value="written.aliases"
              :placeholder="say.aliasesExample"
              maxlength="1200"
              :aria-invalid="problemOf('aliases') !== null"
              @input="change('aliases', text($event))"
          /></label>
          <p v-if="shownProblem('aliases')" class="wrong" role="status">
            {{ shownProblem('aliases')!.message }}
          </p>
        </fieldset>
        <StepsFields :draft="draft" />
        <BeginEndFields :draft="draft" />
        <SayFields :draft="draft" />
        <div class="actions">
          <button class="button main" :disabled="!figure || stops || saving">
            {{ isEdit ? words.figures.edit.keep : say.keep }}
          </button>
          <button type="button" class="button" :disabled="!draft.canUndo.value" @click="draft.undo">
            {{ words.sheet.undo }}
          </button>
          <button type="button" class="button" @click="draft.startOver">{{ say.startOver }}</button>
          <button v-if="isEdit" type="button" class="button" @click="leave">
            {{ words.figures.edit.leave }}
          </button>
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
              <strong>{{ words.severity[finding.severity] }}.</strong> {{ finding.message }}
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
.fields :deep(summary) {
  cursor: pointer;
  font-weight: 600;
}
.fields :deep(.row) {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
}
.fields :deep(.row > label) {
  flex: 1 1 8rem;
}
.fields :deep(label > .field-label) {
  display: block;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
.wrong {
  margin: 0;
  color: var(--wrong);
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
