<script setup lang="ts">
import { callReport, type CallLog, type CallReport, type Happening } from '@dellop/core/call'
import { bookOf } from '@dellop/core/figure'
import { setSlotField, type DancedSlot, type Routine } from '@dellop/core/routine'
import { callChoices, deriveSheet, type Sheet } from '@dellop/core/sheet'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { api, ApiProblem, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import { keptCall, sendCalls } from './callKeeper.ts'
import EntryInput from '../ui/EntryInput.vue'
import Labelled from '../ui/Labelled.vue'
import { useNarrow } from '../ui/narrow.ts'
import SavedBy from './SavedBy.vue'

/**
 * After the dance: what was planned against what was called, and what went wrong made into remarks
 * of the sheet.
 */
const route = useRoute()
const library = useLibrary()
const id = String(route.params['id'])
const log = shallowRef<CallLog | null>(null)
const sheet = shallowRef<Sheet | null>(null)
const loaded = ref(false)
const isSent = ref(true)
const forgotten = ref(false)
const failure = ref('')
const remarked = ref<ReadonlySet<number>>(new Set())

async function load(): Promise<void> {
  failure.value = ''
  try {
    await sendCalls()
    log.value = await readLog()
    await library.load()
    if (log.value.sheetId !== null) sheet.value = await sheetOf(log.value)
  } catch (error) {
    failure.value =
      error instanceof ApiProblem && error.code === 'not-found'
        ? words.lectern.report.notThere
        : sentenceOf(error)
  } finally {
    loaded.value = true
  }
}

async function readLog(): Promise<CallLog> {
  const here = await keptCall(id)
  isSent.value = here === null
  return here ?? (await api('getCall', { params: { id } })).call
}

/** The sheet as it was when it was called. */
async function sheetOf({ sheetId, revision }: CallLog): Promise<Sheet> {
  const params = { id: sheetId!, revision: String(revision) }
  const { routine } = await api('sheetAt', { params }).catch(() => api('getSheet', { params }))
  return deriveSheet({
    ...library.inputFor(routine),
    book: bookOf(library.figures),
    choices: callChoices(routine),
  })
}

const report = computed(
  (): CallReport | null => log.value && sheet.value && callReport(log.value, sheet.value),
)
const narrow = useNarrow()
const when = computed(() => (log.value ? words.format.moment(log.value.startedAtMs) : ''))
const date = computed(() => (log.value ? words.format.date(log.value.startedAtMs) : ''))
const given = computed(() => report.value?.cues.filter((cue) => cue.given > 0).length ?? 0)
const nameOf = (slot: DancedSlot): string =>
  words.format.slotName(slot.slot.content, slot.figure?.name ?? null)
const timeOf = ({ at }: Happening): string =>
  words.format.clock(Math.max(0, at - (log.value?.events[0]?.at ?? 0)))
const partOf = (key: string): string => {
  const pass = sheet.value?.timeline.passes.find(({ slots }) =>
    slots.some((slot) => slot.key === key),
  )
  return pass ? words.format.passName(pass) : ''
}

/** A mark becomes a remark of its slot, in the sheet as it is now. */
async function remark(happening: Happening, index: number): Promise<void> {
  const slotId = happening.slot?.slot.id
  try {
    const { routine, revision } = await api('getSheet', { params: { id: log.value!.sheetId! } })
    const slot = slotIn(routine, slotId)
    const text = words.lectern.report.remarkText(date.value)
    const edits =
      slot && setSlotField(slot, 'remark', slot.remark === '' ? text : `${slot.remark} ${text}`)
    if (!edits) return void (failure.value = words.lectern.report.notThere)
    await api('editSheet', {
      params: { id: routine.id },
      body: { clientId: randomId(), batchId: randomId(), base: revision, edits: [...edits] },
    })
    remarked.value = new Set([...remarked.value, index])
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
const slotIn = (routine: Routine, slotId: string | undefined) =>
  routine.parts.flatMap(({ slots }) => slots).find((slot) => slot.id === slotId)

async function keep(field: 'where' | 'caller', typed: string): Promise<void> {
  const text = typed.trim()
  localStorage.setItem(`dellop-${field}`, text)
  log.value = { ...log.value!, [field]: text }
  await api('putCall', { params: { id }, body: { call: log.value } }).catch(
    (error: unknown) => (failure.value = sentenceOf(error)),
  )
}

/** Forgets the call, or keeps it again as long as this page is open. */
async function setForgotten(isForgotten: boolean): Promise<void> {
  failure.value = ''
  try {
    await (isForgotten
      ? api('removeCall', { params: { id } })
      : api('putCall', { params: { id }, body: { call: log.value! } }))
    forgotten.value = isForgotten
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
onMounted(load)
/** What became of a planned cue, in words. */
type ReportedCue = NonNullable<typeof report.value>['cues'][number]
const becameOf = ({ why, given }: ReportedCue): string =>
  why ? words.lectern.report.why[why] : words.lectern.report.given(given)
</script>

<template>
  <div class="view">
    <header class="view-head">
      <div>
        <h1>{{ words.lectern.report.title }}</h1>
        <p v-if="log" class="soft">
          {{ words.lectern.report.lead(log.title, when, words.format.clock(report?.seconds ?? 0)) }}
        </p>
      </div>
    </header>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-if="!loaded" role="status">{{ words.app.loading }}</p>
    <template v-else-if="log && forgotten">
      <p class="told" role="status">
        {{ words.lectern.report.forgotten }}
        <el-button link @click="setForgotten(false)">
          {{ words.lectern.report.keepAgain }}
        </el-button>
      </p>
      <p class="actions">
        <el-button
          tag="router-link"
          size="large"
          :to="log.sheetId ? { name: 'sheet', params: { id: log.sheetId } } : { name: 'sheets' }"
          >{{ log.sheetId ? words.lectern.report.back : words.lectern.free.leave }}</el-button
        >
      </p>
    </template>
    <template v-else-if="log">
      <p v-if="!isSent" class="told">{{ words.lectern.report.notSent }}</p>
      <el-descriptions v-if="report" :column="narrow ? 1 : 2" border class="facts">
        <el-descriptions-item :label="words.lectern.report.cuesHead">{{
          words.lectern.report.cues(given, report.cues.length)
        }}</el-descriptions-item>
        <el-descriptions-item :label="words.lectern.report.tempoHead">{{
          words.lectern.report.tempo(report.lowBpm, report.highBpm)
        }}</el-descriptions-item>
      </el-descriptions>
      <div class="fields two">
        <Labelled :label="words.lectern.report.where"
          ><EntryInput :value="log.where" maxlength="120" @change="keep('where', $event)"
        /></Labelled>
        <Labelled :label="words.lectern.report.caller"
          ><EntryInput :value="log.caller" maxlength="120" @change="keep('caller', $event)"
        /></Labelled>
      </div>
      <template v-if="report">
        <h2>{{ words.lectern.report.happened }}</h2>
        <p v-if="report.happenings.length === 0">{{ words.lectern.report.nothing }}</p>
        <ol class="happenings">
          <li v-for="(one, i) in report.happenings" :key="i" :class="one.kind">
            <span class="count">{{ timeOf(one) }}</span>
            <span
              >{{ words.lectern.report.happenings(one)
              }}<template v-if="one.slot"
                >, {{ words.lectern.report.near(nameOf(one.slot)) }}</template
              ></span
            >
            <template v-if="one.kind === 'marked' && one.slot">
              <span v-if="remarked.has(i)">{{ words.lectern.report.remarked }}</span>
              <el-button v-else @click="remark(one, i)">
                {{ words.lectern.report.toRemark }}
              </el-button>
            </template>
          </li>
        </ol>
        <SavedBy v-if="sheet" :sheet="sheet" :report="report" />
        <h2>{{ words.lectern.report.planned }}</h2>
        <el-table
          class="planned"
          :data="[...report.cues]"
          row-key="key"
          :row-class-name="({ row }: { row: { given: number } }) => (row.given === 1 ? '' : 'not')"
        >
          <el-table-column :label="words.lectern.report.part" min-width="140">
            <template #default="{ row }">{{ partOf(row.slot.key) }}</template>
          </el-table-column>
          <el-table-column prop="text" :label="words.lectern.report.cue" min-width="220" />
          <el-table-column :label="words.lectern.report.became" min-width="180">
            <template #default="{ row }">{{ becameOf(row as ReportedCue) }}</template>
          </el-table-column>
        </el-table>
      </template>
      <p v-else-if="log.sheetId === null">{{ words.lectern.report.free }}</p>
      <p class="actions">
        <el-button
          v-if="log.sheetId"
          tag="router-link"
          size="large"
          :to="{ name: 'sheet', params: { id: log.sheetId } }"
          >{{ words.lectern.report.back }}</el-button
        >
        <el-button
          v-if="log.sheetId"
          tag="router-link"
          size="large"
          :to="{ name: 'lectern', params: { id: log.sheetId } }"
          >{{ words.lectern.report.callAgain }}</el-button
        >
        <el-button size="large" @click="setForgotten(true)">
          {{ words.lectern.report.forget }}
        </el-button>
      </p>
    </template>
  </div>
</template>

<style scoped>
.facts {
  max-width: 54rem;
  margin-bottom: 1rem;
  --el-font-size-base: 1rem;
}
h2 {
  margin: 1.2rem 0 0.4rem;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(14rem, 1fr));
  gap: 1rem;
  max-width: 40rem;
}
.happenings {
  list-style: none;
  margin: 0;
  padding: 0;
  max-width: 54rem;
}
.happenings li {
  display: grid;
  grid-template-columns: 4rem 1fr auto;
  gap: 0.8rem;
  align-items: center;
  padding: 0.35rem 0.6rem;
  border-bottom: 1px solid var(--rule);
}
.happenings .marked {
  border-left: 6px solid var(--wrong);
  background: var(--wrong-tint);
}
.planned {
  max-width: 54rem;
}
.planned :deep(.not td) {
  font-weight: 700;
  background: var(--voice-tint);
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  margin-top: 1rem;
}
</style>
