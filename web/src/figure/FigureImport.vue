<script setup lang="ts">
import { readFigureFile } from '@dellop/core/file'
import { importPreview, readFigureCsv, type ImportRow } from '@dellop/core/figure'
import { computed, ref, shallowRef } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { randomId } from '../app/randomId.ts'
import PickFile from '../ui/PickFile.vue'
import { words } from '../words/index.ts'

/** Figures from a file, looked through row by row before any is brought in. */
const library = useLibrary()
const say = words.figures.bringIn
const rows = shallowRef<readonly ImportRow[] | null>(null)
const chosen = ref<ReadonlySet<number>>(new Set())
const failure = ref('')
const told = ref('')
const busy = ref(false)
const LARGEST_BYTES = 20 * 1024 * 1024
const PAGE = 200
const most = ref(PAGE)

const canCome = ({ state, findings }: ImportRow): boolean =>
  state !== 'same' && findings.every(({ severity }) => severity !== 'stop')
const count = (state: ImportRow['state']): number =>
  rows.value?.filter((row) => row.state === state).length ?? 0
const sum = computed(() =>
  say.sum(count('new'), count('changed'), count('conflict'), count('same')),
)
const why = ({ state, against, findings }: ImportRow): string =>
  [say.state[state](against?.name ?? ''), ...findings.map(({ message }) => message)].join(' ')

async function take(file: File): Promise<void> {
  failure.value = told.value = ''
  rows.value = null
  if (file.size > LARGEST_BYTES) return void (failure.value = say.refused + say.large)
  const text = await file.text()
  try {
    // Each row is compared with the book, which may still be on its way.
    await library.load()
  } catch (error) {
    return void (failure.value = say.refused + sentenceOf(error))
  }
  const name = `“${file.name}”`
  const read = /\.csv$/i.test(file.name)
    ? readFigureCsv(text, randomId, name, library.figures)
    : readFigureFile(text, name)
  if (!read.ok) return void (failure.value = say.refused + words.problem(read.problem))
  rows.value = importPreview(library.figures, read.value)
  most.value = PAGE
  // What is new comes unless it is left out; what is there already stays unless it is asked for.
  chosen.value = new Set(
    rows.value.flatMap((row, i) => (row.state === 'new' && canCome(row) ? [i] : [])),
  )
}
function toggle(i: number): void {
  const next = new Set(chosen.value)
  if (!next.delete(i)) next.add(i)
  chosen.value = next
}
async function bring(): Promise<void> {
  const wanted = rows.value!.filter((_, i) => chosen.value.has(i))
  busy.value = true
  failure.value = ''
  try {
    const { figures } = await api('importFigures', {
      body: {
        figures: wanted.map(({ figure }) => figure),
        replace: wanted.flatMap(({ state, figure }) => (state === 'changed' ? [figure.id] : [])),
      },
    })
    library.putFigures(figures)
    told.value = say.done(figures.length)
    rows.value = null
  } catch (error) {
    failure.value = say.refused + sentenceOf(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="import">
    <PickFile size="large" :label="say.button" accept=".csv,.json" @pick="take" />
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-if="told" class="told" role="status">{{ told }}</p>
    <section v-if="rows" class="preview" aria-labelledby="import-head">
      <h2 id="import-head">{{ say.title }}</h2>
      <p>{{ sum }}</p>
      <ul>
        <li v-for="(row, i) in rows.slice(0, most)" :key="i">
          <el-checkbox :model-value="chosen.has(i)" :disabled="!canCome(row)" @change="toggle(i)"
            >{{ ' ' }}<strong>{{ row.figure.name }}</strong
            >{{ ' ' }}<span class="soft">{{ words.dance(row.figure.family) }}</span></el-checkbox
          >
          <span>{{ why(row) }}</span>
        </li>
      </ul>
      <el-button v-if="rows.length > most" @click="most += PAGE">
        {{ words.figures.more(Math.min(PAGE, rows.length - most)) }}
      </el-button>
      <div class="actions">
        <el-button type="primary" size="large" :disabled="busy || chosen.size === 0" @click="bring">
          {{ say.take(chosen.size) }}
        </el-button>
        <el-button size="large" :disabled="busy" @click="rows = null">{{ say.leave }}</el-button>
      </div>
    </section>
  </div>
</template>

<style scoped>
.import {
  display: contents;
}
.failure,
.told,
.preview {
  flex: 1 1 100%;
  order: 1;
}
.preview {
  padding: 1rem 1.25rem;
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
}
ul {
  list-style: none;
  margin: 0.5rem 0;
  padding: 0;
  max-height: 24rem;
  overflow: auto;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1rem;
  justify-content: space-between;
  padding: 0.3rem 0;
  border-bottom: 1px solid var(--rule);
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-top: 0.75rem;
}
</style>
