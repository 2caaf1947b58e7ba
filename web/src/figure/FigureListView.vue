<script setup lang="ts">
import { browseFigures, figureCsv, namesOf, startFoot, type Figure } from '@dellop/core/figure'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { download } from '../app/download.ts'
import { useLoadedLibrary } from '../app/loadedLibrary.ts'
import { words } from '../words/index.ts'
import FigureImport from './FigureImport.vue'

const wish = reactive({
  text: '',
  family: '',
  level: '' as '' | Figure['level'],
  startFoot: '' as '' | 'left' | 'right',
  endHold: '',
  beats: '',
  after: '',
  group: '' as '' | 'covered' | 'within',
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
/** Rows that are drawn at once: thousands would hold up every key. */
const PAGE = 200
const most = ref(PAGE)
watch(shown, () => (most.value = PAGE))
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
const begins = (figure: Figure): string =>
  [starts(figure), ...figure.entry.holds.filter((hold) => hold !== 'none')].join(', ')
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
      <RouterLink class="button main" :to="{ name: 'figure-write' }">{{
        words.figures.write.button
      }}</RouterLink>
      <RouterLink class="button" :to="{ name: 'glossary' }">{{
        words.figures.glossary.title
      }}</RouterLink>
      <RouterLink class="button" :to="{ name: 'groups' }">{{
        words.figures.groups.title
      }}</RouterLink>
      <FigureImport />
      <button
        class="button"
        :disabled="shown.length === 0"
        @click="download('figures.csv', 'text/csv', figureCsv(shown))"
      >
        {{ words.figures.bringIn.asCsv }}
      </button>
    </div>
    <p v-if="told" class="told" role="status">
      {{ told }} <button class="textlink" @click="putBack">{{ words.figures.remove.undo }}</button>
    </p>
    <div v-if="failure" role="alert">
      <p>{{ failure }}</p>
      <button class="button small" @click="load">{{ words.app.again }}</button>
    </div>
    <p v-else-if="!loaded" role="status">{{ words.app.loading }}</p>
    <template v-else>
      <div class="wishes" role="group" :aria-label="words.figures.narrow">
        <label
          >{{ words.figures.columns.family }}
          <select v-model="wish.family" class="pick">
            <option value="">{{ words.figures.all }}</option>
            <option v-for="family in families" :key="family">{{ family }}</option>
          </select></label
        >
        <label
          >{{ words.figures.columns.level }}
          <select v-model="wish.level" class="pick">
            <option value="">{{ words.figures.all }}</option>
            <option v-for="(text, level) in words.level" :key="level" :value="level">
              {{ text }}
            </option>
          </select></label
        >
        <label
          >{{ words.figures.startsOn }}
          <select v-model="wish.startFoot" class="pick">
            <option value="">{{ words.figures.all }}</option>
            <option value="left">{{ words.figures.onFoot('left') }}</option>
            <option value="right">{{ words.figures.onFoot('right') }}</option>
          </select></label
        >
        <label
          >{{ words.figures.endsIn }}
          <select v-model="wish.endHold" class="pick">
            <option value="">{{ words.figures.all }}</option>
            <option v-for="hold in holds" :key="hold">{{ hold }}</option>
          </select></label
        >
        <label
          >{{ words.figures.columns.length }}
          <select v-model="wish.beats" class="pick">
            <option value="">{{ words.figures.all }}</option>
            <option v-for="n in lengths" :key="n" :value="String(n)">{{ n }}</option>
          </select></label
        >
        <label v-if="before.length > 0"
          >{{ words.figures.afterLabel }}
          <select v-model="wish.after" class="pick">
            <option value="">{{ words.figures.all }}</option>
            <option v-for="figure in before" :key="figure.id" :value="figure.id">
              {{ figure.name }}
            </option>
          </select></label
        >
        <label v-if="library.group"
          >{{ library.group.name }}
          <select v-model="wish.group" class="pick">
            <option value="">{{ words.figures.all }}</option>
            <option v-for="(text, only) in words.figures.groups.wishes" :key="only" :value="only">
              {{ text }}
            </option>
          </select></label
        >
        <button v-if="isWishing" class="textlink" @click="clear">{{ words.figures.clear }}</button>
        <span class="soft" role="status">{{
          words.figures.found(shown.length, library.figures.length)
        }}</span>
      </div>
      <p v-if="shown.length === 0">
        {{ library.figures.length === 0 ? words.figures.empty : words.figures.nothing(wish.text) }}
      </p>
      <table v-else>
        <thead>
          <tr>
            <th scope="col">{{ words.figures.columns.name }}</th>
            <th scope="col">{{ words.figures.columns.family }}</th>
            <th scope="col" class="number">{{ words.figures.columns.length }}</th>
            <th scope="col">{{ words.figures.columns.starts }}</th>
            <th scope="col">{{ words.figures.columns.ends }}</th>
            <th scope="col">{{ words.figures.columns.level }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="figure in shown.slice(0, most)" :key="figure.id">
            <th scope="row">
              <RouterLink :to="{ name: 'figure', params: { id: figure.id } }">{{
                figure.name
              }}</RouterLink>
              <span v-if="figure.aliases.length > 0" class="soft alias">{{
                namesOf(figure).slice(1).join(', ')
              }}</span>
            </th>
            <td>{{ figure.family }}</td>
            <td class="count number">{{ counts(figure) }}</td>
            <td>{{ begins(figure) }}</td>
            <td>{{ words.figures.endsShort(figure.exitHold) }}</td>
            <td>{{ words.level[figure.level] }}</td>
          </tr>
        </tbody>
      </table>
      <button v-if="shown.length > most" class="button" @click="most += PAGE">
        {{ words.figures.more(Math.min(PAGE, shown.length - most)) }}
      </button>
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
table {
  width: 100%;
  border-collapse: collapse;
  background: var(--sheet);
}
th,
td {
  text-align: left;
  padding: 0.55rem 0.8rem;
  border-bottom: 1px solid var(--rule);
  font-weight: 400;
  vertical-align: baseline;
}
thead th {
  font-weight: 600;
  color: var(--ink-soft);
  border-bottom: 2px solid var(--rule-strong);
}
tbody th a {
  font-weight: 700;
  font-size: 1.05rem;
  color: var(--feet-ink);
}
.alias {
  margin-left: 0.6rem;
  font-size: 0.9rem;
}
.number {
  text-align: right;
}
@media (max-width: 700px) {
  td:nth-child(n + 3),
  thead th:nth-child(n + 3) {
    display: none;
  }
}
</style>
