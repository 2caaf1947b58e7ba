<script setup lang="ts">
import type { Figure } from '@dellop/core/figure'
import {
  cueMidi,
  cuesCsv,
  cuesLrc,
  cuesMarkdown,
  cuesSrt,
  cuesVtt,
  figureBlocks,
  fileName,
  sheetMarkdown,
  sheetText,
} from '@dellop/core/file'
import { cueLines, type Sheet } from '@dellop/core/sheet'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { download } from '../app/download.ts'
import { language, words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'
import DeleteSheet from './DeleteSheet.vue'

/** The ways out of Dellop: on paper, as a file, as text, the cues alone; a copy, and the archive. */
const props = defineProps<{ sheet: Sheet; figures: readonly Figure[] }>()
const emit = defineEmits<{ away: [isAway: boolean] }>()
const router = useRouter()
const say = words.sheets.handOn

const failure = ref('')
const title = ref('')
const { id } = props.sheet.routine
async function copy(): Promise<void> {
  failure.value = ''
  try {
    const { routine } = await api('branchSheet', { params: { id }, body: { title: title.value } })
    await router.push({ name: 'sheet', params: { id: routine.id } })
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}

/** Files are named after the dance. */
const named = (ending: string): string => fileName(props.sheet.routine.title, ending)
const asText = (): void =>
  download(
    named('.txt'),
    'text/plain',
    figureBlocks(props.sheet.routine, props.figures) +
      sheetText(props.sheet.routine, props.figures, language),
  )
const asMarkdown = (): void =>
  download(
    named('.md'),
    'text/markdown',
    sheetMarkdown(props.sheet.routine, props.figures, props.sheet.tune?.title ?? null),
  )
/** The cues alone, with their times, as other programs read them. */
const CUE_FILES = {
  vtt: () =>
    download(named('.vtt'), 'text/vtt', cuesVtt(props.sheet.routine.title, cueLines(props.sheet))),
  srt: () => download(named('.srt'), 'application/x-subrip', cuesSrt(cueLines(props.sheet))),
  lrc: () =>
    download(
      named('.lrc'),
      'text/plain',
      cuesLrc(props.sheet.routine.title, cueLines(props.sheet)),
    ),
  markdown: () =>
    download(
      named('-cues.md'),
      'text/markdown',
      cuesMarkdown(props.sheet.routine.title, cueLines(props.sheet)),
    ),
  midi: () => download(named('.mid'), 'audio/midi', cueMidi(props.sheet)),
  csv: () => download(named('-cues.csv'), 'text/csv', cuesCsv(cueLines(props.sheet))),
} as const
</script>

<template>
  <section aria-labelledby="hand-on-head">
    <h2 id="hand-on-head">{{ say.title }}</h2>
    <p class="soft">{{ say.lead }}</p>
    <div class="row">
      <el-button tag="router-link" :to="{ name: 'sheet-print', params: { id } }">{{
        say.print
      }}</el-button>
      <el-button tag="a" :href="`/api/sheets/${id}/file`" download>{{ say.asFile }}</el-button>
      <el-button @click="asText">{{ say.asText }}</el-button>
      <el-button @click="asMarkdown">{{ say.asMarkdown }}</el-button>
    </div>
    <h3>{{ say.cues }}</h3>
    <div class="row" role="group" :aria-label="say.cues">
      <el-button v-for="(write, kind) in CUE_FILES" :key="kind" @click="write">
        {{ say.cueFiles[kind] }}
      </el-button>
    </div>
    <h3>{{ say.branch }}</h3>
    <form @submit.prevent="copy">
      <Labelled :label="say.branchTitle"><el-input v-model="title" maxlength="120" /></Labelled>
      <p class="soft">{{ say.branchNote }}</p>
      <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
      <el-button native-type="submit" :disabled="title.trim() === ''">{{ say.branch }}</el-button>
    </form>
    <h3>{{ say.archive }}</h3>
    <p class="soft">{{ sheet.routine.archived ? say.isAway : say.archiveNote }}</p>
    <el-button @click="emit('away', !sheet.routine.archived)">
      {{ sheet.routine.archived ? say.takeOut : say.putAway }}
    </el-button>
    <DeleteSheet v-if="sheet.routine.archived" :id="id" :title="sheet.routine.title" />
  </section>
</template>

<style scoped>
section,
form {
  display: grid;
  gap: 0.6rem;
  justify-items: start;
}
form > :deep(.labelled) {
  width: 100%;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
.row .el-button {
  margin: 0;
}
h3 {
  margin-top: 0.6rem;
}
</style>
