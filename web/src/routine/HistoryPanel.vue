<script setup lang="ts">
import { diff } from '@dellop/core/document'
import type { LogEntry } from '@dellop/core/logbook'
import { routineShape, type Routine } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import type { Revision } from '@dellop/wire'
import { computed, ref, watch } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { dancedFrom } from '../app/danced.ts'
import { words } from '../words/index.ts'
import AskedFor from '../ui/AskedFor.vue'
import LastTime from '../ui/LastTime.vue'
import CallsOfSheet from './CallsOfSheet.vue'
import Labelled from '../ui/Labelled.vue'

/** What was changed when, how it was then, and back to it. */
const props = defineProps<{ sheet: Sheet; saved: boolean }>()
const emit = defineEmits<{ back: [routine: Routine] }>()

const MOST_WORDS = 4
const revisions = ref<readonly Revision[] | null>(null)
const createdAtMs = ref(0)
/** When it was danced: what was changed after each evening is read between them. */
const danced = ref<readonly LogEntry[]>([])
const failure = ref('')
const told = ref('')
const compared = ref<{ readonly words: readonly string[]; readonly toNow: boolean } | null>(null)

async function tried(work: () => Promise<void>): Promise<void> {
  failure.value = ''
  await work().catch((error: unknown) => (failure.value = sentenceOf(error)))
}
const { id } = props.sheet.routine
const read = (): Promise<void> =>
  tried(async () => {
    const answer = await api('sheetRevisions', { params: { id } })
    revisions.value = answer.revisions
    createdAtMs.value = answer.createdAtMs
    danced.value = (await dancedFrom(id)) ?? []
  })
watch(
  () => props.saved,
  (saved) => saved && void read(),
  { immediate: true },
)

const at = async (revision: number): Promise<Routine> =>
  (await api('sheetAt', { params: { id, revision: String(revision) } })).routine
/** The two states that are set beside each other: revisions, or null for as it is now. */
const from = ref<number | null>(null)
const to = ref<number | null>(null)
const compare = (first: number, last: number | null = null): Promise<void> =>
  tried(async () => {
    ;[from.value, to.value] = [first, last]
    const [then, later] = [await at(first), last === null ? props.sheet.routine : await at(last)]
    compared.value = {
      words: words.changes(then, diff(routineShape, then, later), props.sheet.book),
      toNow: last === null,
    }
  })
/** Changes and evenings as they followed each other, the newest first. */
const moments = computed(() =>
  [
    ...(revisions.value ?? []).map((revision) => ({ atMs: revision.atMs, revision, evening: '' })),
    ...danced.value
      .filter(({ atMs }) => atMs >= (revisions.value?.at(-1)?.atMs ?? Infinity))
      .map((one) => ({
        atMs: one.atMs,
        revision: null,
        evening: words.sheets.history.danced(
          words.format.date(one.atMs),
          [one.groupName, one.hall].filter(Boolean).join(', '),
        ),
      })),
  ].sort((a, b) => b.atMs - a.atMs),
)
const chosen = (value: string | number): number | null => (value === '' ? null : Number(value))
/** All states that can be compared, newest first; 0 is as it came to the shelf. */
const states = computed(() => [
  ...(revisions.value ?? []).map(({ revision, atMs }) => ({
    revision,
    label: words.sheets.history.state(revision, words.format.moment(atMs)),
  })),
  { revision: 0, label: words.sheets.history.first },
])
const goBack = (revision: number): Promise<void> =>
  tried(async () => {
    emit('back', await at(revision))
    told.value = words.sheets.history.goneBack
  })
</script>

<template>
  <section aria-labelledby="history-head">
    <h2 id="history-head">{{ words.sheets.history.title }}</h2>
    <p class="soft">{{ words.sheets.history.here }}</p>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-if="told" class="told" role="status">{{ told }}</p>
    <form
      v-if="revisions && revisions.length > 0"
      class="pair"
      @submit.prevent="from !== null && compare(from, to)"
    >
      <Labelled :label="words.sheets.history.from"
        ><el-select class="pick" :model-value="from ?? ''" @change="from = chosen($event)"
          ><el-option value="" :label="''" />
          <el-option
            v-for="state in states"
            :key="state.revision"
            :value="state.revision"
            :label="state.label" /></el-select
      ></Labelled>
      <Labelled :label="words.sheets.history.to"
        ><el-select class="pick" :model-value="to ?? ''" @change="to = chosen($event)"
          ><el-option value="" :label="words.sheets.history.now" />
          <el-option
            v-for="state in states"
            :key="state.revision"
            :value="state.revision"
            :label="state.label" /></el-select
      ></Labelled>
      <el-button native-type="submit" :disabled="from === null">
        {{ words.sheets.history.compareThese }}
      </el-button>
    </form>
    <div v-if="compared" class="told" role="status">
      <p>{{ words.sheets.history.compared(compared.words.length, compared.toNow) }}</p>
      <ul>
        <li v-for="line in compared.words" :key="line">{{ line }}</li>
      </ul>
      <el-button link @click="compared = null">{{ words.sheets.history.close }}</el-button>
    </div>
    <el-skeleton
      v-if="!revisions && !failure"
      role="status"
      :rows="4"
      animated
      :aria-label="words.sheets.history.loading"
    />
    <p v-if="revisions?.length === 0">{{ words.sheets.history.none }}</p>
    <el-timeline v-if="revisions && revisions.length > 0" class="revisions">
      <template v-for="{ atMs, revision, evening } in moments" :key="`${atMs} ${evening}`">
        <el-timeline-item v-if="!revision" hollow type="primary">{{ evening }}</el-timeline-item>
        <el-timeline-item
          v-else
          placement="top"
          :timestamp="words.sheets.history.state(revision.revision, words.format.moment(atMs))"
        >
          <ul>
            <li v-for="line in revision.words.slice(0, MOST_WORDS)" :key="line">{{ line }}</li>
            <li v-if="revision.words.length > MOST_WORDS" class="soft">
              {{ words.sheets.history.more(revision.words.length - MOST_WORDS) }}
            </li>
          </ul>
          <p class="row">
            <el-button link type="primary" @click="compare(revision.revision - 1)">
              {{ words.sheets.history.compare }}
            </el-button>
            <el-button link type="primary" @click="goBack(revision.revision - 1)">
              {{ words.sheets.history.back }}
            </el-button>
          </p>
        </el-timeline-item>
      </template>
    </el-timeline>
    <p v-if="revisions" class="soft">
      {{ words.sheets.history.came(words.format.date(createdAtMs)) }}
    </p>
    <LastTime :sheet-id="id" />
    <AskedFor :sheet-id="id" />
    <CallsOfSheet :sheet-id="id" />
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.6rem;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
}
.pair {
  display: grid;
  gap: 0.4rem;
  justify-items: start;
}
.pair label {
  display: grid;
  grid-template-columns: 3.5rem 1fr;
  align-items: center;
  width: 100%;
}
.revisions {
  padding-left: 2px;
}
.revisions :deep(.el-timeline-item__timestamp) {
  color: var(--ink);
  font-weight: 600;
  font-size: 0.95rem;
}
.revisions :deep(.el-timeline-item__content) {
  color: var(--ink);
}
ul {
  margin: 0.15rem 0;
  padding-left: 1.1rem;
  font-size: 0.95rem;
}
</style>
