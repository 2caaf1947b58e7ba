<script setup lang="ts">
import {
  browseFigures,
  figureCsv,
  LEVELS,
  namesOf,
  startFoot,
  type Figure,
} from '@dellop/core/figure'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { download } from '../app/download.ts'
import { useLoadedLibrary } from '../app/loadedLibrary.ts'
import { words } from '../words/index.ts'
import FigureImport from './FigureImport.vue'
import Labelled from '../ui/Labelled.vue'
import LongTable, { type LongColumn } from '../ui/LongTable.vue'
import { useQueryState } from '../ui/queryState.ts'

const oneOf =
  <Text extends string>(texts: readonly Text[]) =>
  (text: string): text is Text =>
    (texts as readonly string[]).includes(text)
const wish = reactive({
  text: useQueryState('search', ''),
  family: useQueryState('dance', ''),
  level: useQueryState<'' | Figure['level']>('level', '', oneOf(['', ...LEVELS])),
  startFoot: useQueryState<'' | 'left' | 'right'>('foot', '', oneOf(['', 'left', 'right'])),
  endHold: useQueryState('ends', ''),
  beats: useQueryState('counts', ''),
  after: useQueryState('after', ''),
  group: useQueryState<'' | 'covered' | 'within'>('group', '', oneOf(['', 'covered', 'within'])),
})

const { library, failure, loaded, load } = useLoadedLibrary(async () => {
  wish.group = library.group ? 'within' : ''
  await lookForGone()
})

/** One that was just taken out can be put back as it was. */
const route = useRoute()
const gone = shallowRef<Figure | null>(null)
const told = ref('')
async function lookForGone(): Promise<void> {
  const id = route.query['gone']
  if (typeof id !== 'string' || library.book.has(id)) return
  gone.value = (await api('figureHistory', { params: { id } })).versions[0]!.figure
  told.value = words.figures.remove.done(gone.value.name)
}
async function putBack(): Promise<void> {
  try {
    const { figure } = await api('newFigure', { body: { figure: gone.value! } })
    library.putFigures([figure])
    gone.value = null
    told.value = ''
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}

const shown = computed(() =>
  browseFigures(library.figures, {
    text: wish.text,
    family: wish.family || null,
    level: wish.level || null,
    startFoot: wish.startFoot || null,
    endHold: wish.endHold || null,
    lengthTicks: wish.beats === '' ? null : Number(wish.beats) * TICKS_PER_BEAT,
    after: library.book.get(wish.after) ?? null,
    group: library.known && wish.group !== '' ? { known: library.known, only: wish.group } : null,
  }),
)
const columns: readonly LongColumn<Figure>[] = [
  {
    key: 'name',
    title: words.figures.columns.name,
    width: 250,
    grow: 2,
    by: (one) => one.name,
    always: true,
  },
  {
    key: 'family',
    title: words.figures.columns.family,
    width: 150,
    by: (one) => words.dance(one.family),
    always: true,
  },
  { key: 'counts', title: words.figures.columns.length, width: 90, by: counts, number: true },
  { key: 'starts', title: words.figures.columns.starts, width: 250, grow: 2, by: begins },
  {
    key: 'ends',
    title: words.figures.columns.ends,
    width: 140,
    grow: 1,
    by: (one) => one.exitHold ?? '',
  },
  {
    key: 'level',
    title: words.figures.columns.level,
    width: 160,
    by: (one) => LEVELS.indexOf(one.level),
  },
]
const sorted = (list: readonly string[]): string[] =>
  [...new Set(list)].sort((a, b) => a.localeCompare(b))
const families = computed(() => sorted(library.figures.map(({ family }) => family)))
const holds = computed(() =>
  sorted(
    library.figures.flatMap(({ exitHold, entry }) => [
      ...(exitHold === null ? [] : [exitHold]),
      ...entry.holds,
    ]),
  ),
)
const lengths = computed(() => [...new Set(library.figures.map(counts))].sort((a, b) => a - b))
/** Figures that another may follow: those of the dance that is asked for. */
const before = computed(() =>
  library.figures
    .filter(({ family }) => wish.family !== '' && family === wish.family)
    .sort((a, b) => a.name.localeCompare(b.name)),
)
watch(() => wish.family, () => (wish.after = '')) // prettier-ignore
const isWishing = computed(() => Object.values(wish).some((one) => one !== ''))
const clear = (): void =>
  void Object.assign(wish, {
    text: '',
    family: '',
    level: '',
    startFoot: '',
    endHold: '',
    beats: '',
    after: '',
    group: '',
  })
function counts(figure: Figure): number {
  return figure.lengthTicks / TICKS_PER_BEAT
}
function starts(figure: Figure): string {
  const foot = startFoot(figure)
  return foot ? words.figures.onFoot(foot) : words.figures.eitherShort
}
/** Where and how it begins: holds only for those who hold on to somebody. */
function begins(figure: Figure): string {
  return [
    starts(figure),
    ...figure.entry.holds.filter((hold) => hold !== 'none').map(words.hold),
  ].join(', ')
}
</script>

<template>
  <div class="view">
    <header class="view-head">
      <div>
        <h1>{{ words.figures.title }}</h1>
        <p class="soft">{{ words.figures.lead }}</p>
      </div>
      <div class="search">
        <label class="field-label" for="figure-search">{{ words.figures.search }}</label>
        <el-input
          id="figure-search"
          v-model="wish.text"
          :placeholder="words.figures.searchHint"
          clearable
        />
      </div>
    </header>
    <div class="files">
      <el-button tag="router-link" type="primary" size="large" :to="{ name: 'figure-write' }">{{
        words.figures.write.button
      }}</el-button>
      <el-button tag="router-link" size="large" :to="{ name: 'glossary' }">{{
        words.figures.glossary.title
      }}</el-button>
      <el-button tag="router-link" size="large" :to="{ name: 'groups' }">{{
        words.figures.groups.title
      }}</el-button>
      <FigureImport />
      <el-button
        size="large"
        :disabled="shown.length === 0"
        @click="download('figures.csv', 'text/csv', figureCsv(shown))"
      >
        {{ words.figures.bringIn.asCsv }}
      </el-button>
    </div>
    <p v-if="told" class="told" role="status">
      {{ told }} <el-button link @click="putBack">{{ words.figures.remove.undo }}</el-button>
    </p>
    <div v-if="failure" role="alert">
      <p>{{ failure }}</p>
      <el-button @click="load">{{ words.app.again }}</el-button>
    </div>
    <div v-else-if="!loaded" role="status" :aria-label="words.app.loading">
      <el-skeleton :rows="8" animated />
    </div>
    <template v-else>
      <div class="wishes" role="group" :aria-label="words.figures.narrow">
        <Labelled :label="words.figures.columns.family"
          ><el-select v-model="wish.family" class="pick"
            ><el-option value="" :label="words.figures.all" />
            <el-option
              v-for="family in families"
              :key="family"
              :value="family"
              :label="words.dance(family)" /></el-select
        ></Labelled>
        <Labelled :label="words.figures.columns.level"
          ><el-select v-model="wish.level" class="pick"
            ><el-option value="" :label="words.figures.all" />
            <el-option
              v-for="(text, level) in words.level"
              :key="level"
              :value="level"
              :label="text" /></el-select
        ></Labelled>
        <Labelled :label="words.figures.startsOn"
          ><el-select v-model="wish.startFoot" class="pick"
            ><el-option value="" :label="words.figures.all" />
            <el-option value="left" :label="words.figures.onFoot('left')" />
            <el-option value="right" :label="words.figures.onFoot('right')" /></el-select
        ></Labelled>
        <Labelled :label="words.figures.endsIn"
          ><el-select v-model="wish.endHold" class="pick"
            ><el-option value="" :label="words.figures.all" />
            <el-option
              v-for="hold in holds"
              :key="hold"
              :value="hold"
              :label="words.hold(hold)" /></el-select
        ></Labelled>
        <Labelled :label="words.figures.columns.length"
          ><el-select v-model="wish.beats" class="pick"
            ><el-option value="" :label="words.figures.all" />
            <el-option v-for="n in lengths" :key="n" :value="String(n)" :label="n" /></el-select
        ></Labelled>
        <Labelled v-if="before.length > 0" :label="words.figures.afterLabel"
          ><el-select v-model="wish.after" class="pick"
            ><el-option value="" :label="words.figures.all" />
            <el-option
              v-for="figure in before"
              :key="figure.id"
              :value="figure.id"
              :label="figure.name" /></el-select
        ></Labelled>
        <Labelled v-if="library.group" :label="library.group.name"
          ><el-select v-model="wish.group" class="pick"
            ><el-option value="" :label="words.figures.all" />
            <el-option
              v-for="(text, only) in words.figures.groups.wishes"
              :key="only"
              :value="only"
              :label="text" /></el-select
        ></Labelled>
        <el-button v-if="isWishing" link @click="clear">{{ words.figures.clear }}</el-button>
        <span class="soft" role="status">{{
          words.figures.found(shown.length, library.figures.length)
        }}</span>
      </div>
      <p v-if="shown.length === 0">
        {{ library.figures.length === 0 ? words.figures.empty : words.figures.nothing(wish.text) }}
      </p>
      <LongTable v-else :columns="columns" :rows="shown" :label="words.figures.title" :above="290">
        <template #name="{ row }">
          <span
            ><RouterLink class="name" :to="{ name: 'figure', params: { id: row.id } }">{{
              row.name
            }}</RouterLink>
            <span v-if="row.aliases.length > 0" class="soft alias">{{
              namesOf(row).slice(1).join(', ')
            }}</span></span
          >
        </template>
        <template #family="{ row }">{{ words.dance(row.family) }}</template>
        <template #counts="{ row }"
          ><span class="count">{{ counts(row) }}</span></template
        >
        <template #starts="{ row }">{{ begins(row) }}</template>
        <template #ends="{ row }">{{ words.figures.endsShort(row.exitHold) }}</template>
        <template #level="{ row }">{{ words.level[row.level] }}</template>
      </LongTable>
    </template>
  </div>
</template>

<style scoped>
.search {
  width: min(24rem, 100%);
}
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: flex-start;
  margin-bottom: 0.75rem;
}
.wishes {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
  margin-bottom: 0.75rem;
}
.wishes .pick {
  width: 9.5rem;
}
.name {
  font-weight: 700;
  color: var(--feet-ink);
}
.alias {
  margin-left: 0.4rem;
  font-size: 0.85rem;
}
</style>
