<script setup lang="ts">
import { applyVariation, CAUTION_KINDS, checkFigure, HOLD_IDS, type FieldProblem, type Figure, type WrittenFigure } from '@dellop/core/figure'
import { danceTempo } from '@dellop/core/tune'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import BeatChart from '../beats/BeatChart.vue'
import { words } from '../words/index.ts'
import { figureFacts } from './facts.ts'
import { useFigureDraft, type FigureDraft } from './figureDraft.ts'
import StepLineField from './StepLineField.vue'

const route = useRoute()
const router = useRouter()
const library = useLibrary()
const say = words.figures.write
const failure = ref('')
const saving = ref(false)
const draft = shallowRef<FigureDraft | null>(null)
const roles = words.role
const EIGHT = 8

onMounted(async () => {
  try {
    await library.load()
    const from = String(route.query['from'] ?? '')
    draft.value = useFigureDraft(library.book.get(from) ?? null)
  } catch (error) {
    failure.value = sentenceOf(error)
  }
})

const written = computed(() => draft.value!.written.value)
const figure = computed(() => draft.value?.made.value.figure ?? null)
const problemOf = (field: keyof WrittenFigure): FieldProblem | null => draft.value?.made.value.problems.find((one) => one.field === field) ?? null
const families = computed(() => [...new Set(library.figures.map(({ family }) => family))].sort())
const danced = computed(() => {
  const result = figure.value ? applyVariation(figure.value) : null
  return result?.ok ? result.value : null
})
const facts = computed(() => (figure.value ? figureFacts(figure.value, roles) : null))
const findings = computed(() => (figure.value ? checkFigure(figure.value) : []))
const stops = computed(() => findings.value.some(({ severity }) => severity === 'stop'))
const beatsPerBar = computed(() => danceTempo(written.value.family)?.metre.beatsPerBar ?? EIGHT)
/** The same name in the same dance: two figures, never one, so the cuer is told. */
const namesake = computed(() => library.figures.find(({ name, family }) => family === written.value.family && name.toLowerCase() === written.value.name.trim().toLowerCase()) ?? null)

const change = (field: keyof WrittenFigure, event: Event): void => draft.value!.change(field, (event.target as HTMLInputElement).value)
function toggleHold(hold: string): void {
  const { holds } = written.value
  draft.value!.change('holds', holds.includes(hold) ? holds.filter((one) => one !== hold) : [...holds, hold])
}

type Caution = Figure['cautions'][number]
const cautionOf = (kind: Caution['kind']): Caution | undefined => written.value.cautions.find((one) => one.kind === kind)
function toggleCaution(kind: Caution['kind']): void {
  const { cautions } = written.value
  draft.value!.change('cautions', cautionOf(kind) ? cautions.filter((one) => one.kind !== kind) : [...cautions, { kind, text: say.caution[kind] }])
}
function wordCaution(kind: Caution['kind'], event: Event): void {
  const text = (event.target as HTMLInputElement).value
  draft.value!.change(
    'cautions',
    written.value.cautions.map((one) => (one.kind === kind ? { kind, text } : one)),
  )
}

async function save(): Promise<void> {
  if (!figure.value || saving.value) return
  saving.value = true
  failure.value = ''
  try {
    const { figure: kept } = await api('newFigure', { body: { figure: figure.value } })
    library.putFigures([kept as Figure])
    draft.value!.forget()
    await router.push({ name: 'figure', params: { id: kept.id } })
  } catch (error) {
    failure.value = say.notKept + sentenceOf(error)
  } finally {
    saving.value = false
  }
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
        <h1>{{ say.title }}</h1>
        <p v-if="draft.wasKept" class="soft">{{ say.kept }}</p>
        <label class="field-label" for="figure-name">{{ say.name }}</label>
        <input id="figure-name" :value="written.name" maxlength="60" :aria-invalid="problemOf('name') !== null" @input="change('name', $event)" />
        <p v-if="namesake" class="soft">{{ say.namesake(namesake.name) }}</p>
        <div class="row">
          <label
            ><span class="field-label">{{ words.figures.columns.family }}</span>
            <input :value="written.family" list="families" maxlength="40" @input="change('family', $event)" />
          </label>
          <datalist id="families">
            <option v-for="family in families" :key="family" :value="family" />
          </datalist>
          <label
            ><span class="field-label">{{ words.figures.columns.length }}</span>
            <input class="short" :value="written.beats" inputmode="decimal" maxlength="6" :aria-invalid="problemOf('beats') !== null" @input="change('beats', $event)" />
          </label>
          <label
            ><span class="field-label">{{ words.figures.columns.level }}</span>
            <select :value="written.level" @change="change('level', $event)">
              <option v-for="(text, level) in words.level" :key="level" :value="level">{{ text }}</option>
            </select>
          </label>
        </div>
        <p v-if="written.beats !== '' && problemOf('beats')" class="wrong">{{ problemOf('beats')!.message }}</p>
        <StepLineField id="lead-line" :label="say.leadLine" :text="written.lead" :problem="written.lead === '' ? null : problemOf('lead')" :hint="say.example" @change="(text) => draft!.change('lead', text)" />
        <label
          ><span class="field-label">{{ say.followLine }}</span>
          <select :value="written.followKind" @change="change('followKind', $event)">
            <option value="opposite">{{ words.figures.opposite }}</option>
            <option value="same">{{ words.figures.sameSteps }}</option>
            <option value="own">{{ say.own }}</option>
          </select>
        </label>
        <StepLineField
          v-if="written.followKind === 'own'"
          id="follow-line"
          :label="say.followSteps"
          :text="written.follow"
          :problem="written.follow === '' ? null : problemOf('follow')"
          :hint="say.example"
          @change="(text) => draft!.change('follow', text)"
        />
        <fieldset>
          <legend class="field-label">{{ say.holds }}</legend>
          <label v-for="hold in HOLD_IDS" :key="hold" class="hold"><input type="checkbox" :checked="written.holds.includes(hold)" @change="toggleHold(hold)" /> {{ hold }}</label>
        </fieldset>
        <label
          ><span class="field-label">{{ words.figures.endsIn }}</span>
          <select :value="written.exitHold ?? ''" @change="draft.change('exitHold', ($event.target as HTMLSelectElement).value || null)">
            <option value="">{{ words.figures.keepsHold }}</option>
            <option v-for="hold in HOLD_IDS" :key="hold">{{ hold }}</option>
          </select>
        </label>
        <div class="row">
          <label v-for="kind in ['full', 'short', 'prompt'] as const" :key="kind"
            ><span class="field-label">{{ say.words(words.sheet[kind]) }}</span>
            <input :value="written[kind]" maxlength="60" :placeholder="written.name.toLowerCase()" @input="change(kind, $event)" />
          </label>
        </div>
        <label class="field-label" for="figure-remarks">{{ words.figures.remarks }}</label>
        <input id="figure-remarks" :value="written.remarks" maxlength="500" @input="change('remarks', $event)" />
        <fieldset>
          <legend class="field-label">{{ words.figures.cautions }}</legend>
          <div v-for="kind in CAUTION_KINDS" :key="kind" class="caution" :class="{ on: cautionOf(kind) }">
            <label class="hold"><input type="checkbox" :checked="cautionOf(kind) !== undefined" @change="toggleCaution(kind)" /> {{ words.caution[kind] }}</label>
            <input v-if="cautionOf(kind)" :value="cautionOf(kind)!.text" maxlength="200" :aria-label="say.cautionText(words.caution[kind])" @input="wordCaution(kind, $event)" />
          </div>
          <p class="soft">{{ words.figures.careFooter }}</p>
        </fieldset>
        <div class="actions">
          <button class="button main" :disabled="!figure || stops || saving">{{ say.keep }}</button>
          <button type="button" class="button" :disabled="!draft.canUndo.value" @click="draft.undo">{{ words.sheet.undo }}</button>
          <button type="button" class="button" @click="draft.startOver">{{ say.startOver }}</button>
        </div>
      </div>
      <div class="shown">
        <section class="chart-box" :aria-label="words.beats.title">
          <h2>{{ words.beats.title }}</h2>
          <BeatChart v-if="danced" :danced="danced" :beats-per-bar="beatsPerBar" :roles="roles" :together="written.followKind === 'same'" :beats-per-line="beatsPerBar === 3 ? 6 : 4" />
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
            <strong>{{ words.figures.entry }}</strong> <span class="soft">{{ facts.begins.join(' · ') }}</span>
          </p>
          <p>
            <strong>{{ words.figures.exit }}</strong> <span class="soft">{{ facts.ends.join(' · ') }}</span>
          </p>
        </section>
      </div>
    </form>
    <p v-else-if="!failure" role="status">{{ words.app.loading }}</p>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 1fr 1.1fr;
  gap: 2rem;
}
.fields {
  display: grid;
  gap: 0.5rem;
  align-content: start;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
}
.row > label {
  flex: 1 1 8rem;
}
label > .field-label {
  display: block;
}
input:not([type='checkbox']),
select {
  width: 100%;
  min-height: 40px;
  font: inherit;
  padding: 0 0.6rem;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  border-radius: 6px;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
}
.hold {
  display: inline-block;
  margin: 0 0.9rem 0.2rem 0;
  white-space: nowrap;
}
.caution {
  display: inline-block;
}
.caution.on {
  display: block;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-top: 0.5rem;
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
