<script setup lang="ts">
import { diff } from '@dellop/core/document'
import {
  cueMidi,
  cuesCsv,
  cuesLrc,
  cuesMarkdown,
  cuesSrt,
  cuesVtt,
  sheetMarkdown,
  figureBlocks,
  sheetText,
} from '@dellop/core/file'
import { routineShape, type Routine } from '@dellop/core/routine'
import { changeWords, cueLines, type Sheet } from '@dellop/core/sheet'
import type { Revision } from '@dellop/wire'
import type { Figure } from '@dellop/core/figure'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { download } from '../app/download.ts'
import { words } from '../words/index.ts'
import CallsOfSheet from './CallsOfSheet.vue'
import Labelled from '../ui/Labelled.vue'

/** What was changed when, how it was then, branches, and ways out of Dellop. */
const props = defineProps<{ sheet: Sheet; figures: readonly Figure[]; saved: boolean }>()
const emit = defineEmits<{ back: [routine: Routine]; away: [isAway: boolean] }>()
const router = useRouter()

const MOST_WORDS = 4
const revisions = ref<readonly Revision[] | null>(null)
const createdAtMs = ref(0)
const failure = ref('')
const told = ref('')
const compared = ref<{ readonly words: readonly string[]; readonly toNow: boolean } | null>(null)
const title = ref('')

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
      words: changeWords(then, diff(routineShape, then, later), props.sheet.book),
      toNow: last === null,
    }
  })
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
const branch = (): Promise<void> =>
  tried(async () => {
    const { routine } = await api('branchSheet', { params: { id }, body: { title: title.value } })
    await router.push({ name: 'sheet', params: { id: routine.id } })
  })

const asText = (): void =>
  download(
    `${id}.txt`,
    'text/plain',
    figureBlocks(props.sheet.routine, props.figures) +
      sheetText(props.sheet.routine, props.figures),
  )
const asMarkdown = (): void =>
  download(
    `${id}.md`,
    'text/markdown',
    sheetMarkdown(props.sheet.routine, props.figures, props.sheet.tune?.title ?? null),
  )
/** The cues alone, with their times, as other programs read them. */
const CUE_FILES = {
  vtt: () =>
    download(`${id}.vtt`, 'text/vtt', cuesVtt(props.sheet.routine.title, cueLines(props.sheet))),
  srt: () => download(`${id}.srt`, 'application/x-subrip', cuesSrt(cueLines(props.sheet))),
  lrc: () =>
    download(`${id}.lrc`, 'text/plain', cuesLrc(props.sheet.routine.title, cueLines(props.sheet))),
  markdown: () =>
    download(
      `${id}-cues.md`,
      'text/markdown',
      cuesMarkdown(props.sheet.routine.title, cueLines(props.sheet)),
    ),
  midi: () => download(`${id}.mid`, 'audio/midi', cueMidi(props.sheet)),
  csv: () => download(`${id}-cues.csv`, 'text/csv', cuesCsv(cueLines(props.sheet))),
} as const
</script>

<template>
  <section aria-labelledby="history-head">
    <h2 id="take-head">{{ words.sheets.history.takeAlong }}</h2>
    <div class="row">
      <el-button tag="router-link" :to="{ name: 'sheet-print', params: { id } }">{{
        words.sheets.history.print
      }}</el-button>
      <a class="button small" :href="`/api/sheets/${id}/file`" download>{{
        words.sheets.history.asFile
      }}</a>
      <el-button @click="asText">{{ words.sheets.history.asText }}</el-button>
      <el-button @click="asMarkdown">
        {{ words.sheets.history.asMarkdown }}
      </el-button>
    </div>
    <div class="row" role="group" :aria-label="words.sheets.history.cues">
      <span class="soft">{{ words.sheets.history.cues }}</span>
      <el-button v-for="(write, kind) in CUE_FILES" :key="kind" @click="write">
        {{ words.sheets.history.cueFiles[kind] }}
      </el-button>
    </div>
    <p v-if="sheet.routine.archived" class="told">{{ words.sheets.history.isAway }}</p>
    <form class="branch" @submit.prevent="branch">
      <label class="field-label" for="branch-title">{{ words.sheets.history.branchTitle }}</label>
      <el-input id="branch-title" v-model="title" maxlength="120" />
      <p class="soft">{{ words.sheets.history.branchNote }}</p>
      <div class="row">
        <el-button native-type="submit" :disabled="title.trim() === ''">
          {{ words.sheets.history.branch }}
        </el-button>
        <el-button @click="emit('away', !sheet.routine.archived)">
          {{ sheet.routine.archived ? words.sheets.history.takeOut : words.sheets.history.putAway }}
        </el-button>
      </div>
    </form>
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
    <p v-if="!revisions && !failure" role="status">{{ words.sheets.history.loading }}</p>
    <p v-if="revisions?.length === 0">{{ words.sheets.history.none }}</p>
    <ol class="revisions">
      <li v-for="revision in revisions ?? []" :key="revision.revision">
        <p class="when">
          {{ words.sheets.history.state(revision.revision, words.format.moment(revision.atMs)) }}
        </p>
        <ul>
          <li v-for="line in revision.words.slice(0, MOST_WORDS)" :key="line">{{ line }}</li>
          <li v-if="revision.words.length > MOST_WORDS" class="soft">
            {{ words.sheets.history.more(revision.words.length - MOST_WORDS) }}
          </li>
        </ul>
        <p class="row">
          <el-button link @click="compare(revision.revision - 1)">
            {{ words.sheets.history.compare }}
          </el-button>
          <el-button link @click="goBack(revision.revision - 1)">
            {{ words.sheets.history.back }}
          </el-button>
        </p>
      </li>
    </ol>
    <p v-if="revisions" class="soft">
      {{ words.sheets.history.came(words.format.date(createdAtMs)) }}
    </p>
    <CallsOfSheet :sheet-id="id" />
  </section>
</template>

<style scoped>
section,
.branch {
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
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.8rem;
}
.revisions > li {
  border-left: 4px solid var(--rule-strong);
  padding-left: 0.7rem;
}
.when {
  font-weight: 600;
}
ul {
  margin: 0.15rem 0;
  padding-left: 1.1rem;
  font-size: 0.95rem;
}
</style>
