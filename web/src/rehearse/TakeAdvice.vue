<script setup lang="ts">
import { DEFAULT_VOICES } from '@dellop/core/cue'
import { invertEdit, type Edit } from '@dellop/core/document'
import {
  mendsOf,
  ownLengths,
  type CueScore,
  type Mend,
  type TakeScore,
} from '@dellop/core/rehearse'
import type { Sheet } from '@dellop/core/sheet'
import { computed, ref, shallowRef } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'

/** The worst three of a take and what to do about each: edits to preview, taken and taken back. */
const props = defineProps<{ sheet: Sheet; score: TakeScore; spoken: boolean }>()
const emit = defineEmits<{ again: [cue: CueScore]; changed: [] }>()
const say = words.rehearse
const library = useLibrary()
const failure = ref('')
const told = ref('')

const worst = computed(() =>
  props.score.worst.map((cue) => ({ cue, mends: mendsOf(props.sheet, cue) })),
)
const mendTold = ({ kind, text, startBeats }: Mend): string =>
  say.mends[kind](text, words.format.decimal(startBeats, 1))

const taken = shallowRef<readonly Edit[] | null>(null)
async function send(edits: readonly Edit[]): Promise<void> {
  const id = props.sheet.routine.id
  const { revision } = await api('getSheet', { params: { id } })
  await api('editSheet', {
    params: { id },
    body: { clientId: randomId(), batchId: randomId(), base: revision, edits: [...edits] },
  })
  emit('changed')
}
async function take({ edits }: Mend): Promise<void> {
  failure.value = ''
  try {
    await send(edits)
    taken.value = edits
    told.value = say.mended
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
async function takeBack(): Promise<void> {
  if (!taken.value) return
  try {
    await send([...taken.value].reverse().map(invertEdit))
    taken.value = null
    told.value = ''
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}

const lengths = computed(() => ownLengths(props.score))
const count = computed(() => Object.keys(lengths.value.lengths).length)
async function useLengths(): Promise<void> {
  failure.value = ''
  const { language } = props.sheet.routine
  const { settings } = library
  const own = settings.ownVoices[language] ?? {
    ...DEFAULT_VOICES[language],
    id: `own-${language}`,
    wordsPerMinute: settings.wordsPerMinute,
  }
  const voice = { ...own, lengths: { ...own.lengths, ...lengths.value.lengths } }
  try {
    await library.saveSettings({
      voice: 'mine',
      ownVoices: { ...settings.ownVoices, [language]: voice },
    })
    told.value = say.lengthsKept(count.value)
    emit('changed')
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
</script>

<template>
  <ol v-if="worst.length > 0" class="worst">
    <li v-for="{ cue, mends } in worst" :key="cue.utterance.key">
      <strong>{{ cue.utterance.text }}</strong>: {{ say.verdicts[cue.verdict] }}.
      {{ say.advice[cue.verdict] }}
      <el-button link type="primary" @click="emit('again', cue)">{{ say.againFrom }}</el-button>
      <ul v-if="mends.length > 0" class="mends">
        <li v-for="(mend, i) in mends" :key="i">
          {{ mendTold(mend) }}
          <el-button size="small" @click="take(mend)">{{ say.takeMend }}</el-button>
        </li>
      </ul>
    </li>
  </ol>
  <p v-if="spoken && count > 0" class="lengths">
    <el-button @click="useLengths">{{ say.useLengths }}</el-button>
    <span class="soft">{{
      say.lengthsHint(
        count,
        lengths.leftOut.map(({ text }) => text),
      )
    }}</span>
  </p>
  <p v-if="told" role="status">
    {{ told }}
    <el-button v-if="taken" size="small" @click="takeBack">{{ say.takeBack }}</el-button>
  </p>
  <p v-if="failure" class="wrong" role="alert">{{ failure }}</p>
</template>

<style scoped>
.worst,
.mends {
  margin: 0;
  padding-left: 1.3rem;
}
.mends {
  display: grid;
  gap: 0.3rem;
  padding-block: 0.2rem 0.4rem;
}
.lengths {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.6rem;
}
p {
  margin: 0;
}
.wrong {
  color: var(--wrong);
}
</style>
