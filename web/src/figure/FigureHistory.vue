<script setup lang="ts">
import { stepLineText, type Figure } from '@dellop/core/figure'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import type { FigureVersion } from '@dellop/wire'
import { ref, shallowRef, watch } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { changeFigure } from './changeFigure.ts'
import { words } from '../words/index.ts'
import Folded from '../ui/Folded.vue'

/** What a figure was, newest first; each can be made what it is again. */
const props = defineProps<{ figure: Figure }>()
const library = useLibrary()
const say = words.figures.history
const isOpen = ref(false)
const versions = shallowRef<readonly FigureVersion[] | null>(null)
const failure = ref('')
const told = ref('')

async function load(): Promise<void> {
  failure.value = ''
  try {
    versions.value = (await api('figureHistory', { params: { id: props.figure.id } })).versions
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
watch(
  () => [props.figure, isOpen.value],
  () => void (isOpen.value ? load() : (told.value = '')),
)

async function goBack({ figure }: FigureVersion): Promise<void> {
  told.value = ''
  try {
    const kept = await changeFigure(figure, versions.value![0]!.version)
    library.putFigures([kept])
    await load()
    told.value = say.done
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
</script>

<template>
  <Folded heading :title="say.title" @toggle="isOpen = $event">
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-if="told" class="told" role="status">{{ told }}</p>
    <p v-if="versions?.length === 1" class="soft">{{ say.none }}</p>
    <ol v-if="versions">
      <li v-for="(version, i) in versions" :key="version.version">
        <span
          ><strong>{{ words.format.date(version.atMs) }}</strong
          >, {{ say.how[version.how] }}: {{ version.figure.name }},
          {{ words.format.counts(version.figure.lengthTicks / TICKS_PER_BEAT) }}</span
        >
        <el-button v-if="i > 0" @click="goBack(version)">{{ say.back }}</el-button>
        <p class="soft line">{{ stepLineText(version.figure.lead) }}</p>
      </li>
    </ol>
  </Folded>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0.4rem 0 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 0.75rem;
  align-items: center;
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--rule);
}
.line {
  width: 100%;
  font-size: 0.9rem;
  overflow-wrap: anywhere;
}
</style>
