<script setup lang="ts">
import type { Level } from '@dellop/core/figure'
import { shelfOf } from '@dellop/core/routine'
import type { SheetSummary } from '@dellop/wire'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ApiProblem, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { keptSheets, type KeptSheet } from '../app/packStore.ts'
import BroughtAgain from './BroughtAgain.vue'
import { useBringSheet } from './bringSheet.ts'
import FillDemo from './FillDemo.vue'
import NewSheet from './NewSheet.vue'
import SheetTable from './SheetTable.vue'
import SetAsideNote from '../document/SetAsideNote.vue'
import { words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'
import PickFile from '../ui/PickFile.vue'
import { useQueryState } from '../ui/queryState.ts'

const library = useLibrary()
const sheets = ref<SheetSummary[] | null>(null)
const failure = ref('')
/** Who is here for the first time is offered to be shown round. */
const KNOWN = 'dellop-toured'
const isNew = ref(localStorage.getItem(KNOWN) === null)
const touring = ref(false)
function knowsItNow(): void {
  localStorage.setItem(KNOWN, 'yes')
  isNew.value = touring.value = false
}
const search = useQueryState('search', '')
const writing = ref(false)
/** What can be called all the same while the server is not reached. */
const kept = ref<readonly KeptSheet[]>([])

const dance = useQueryState('dance', '')
const level = useQueryState('level', '')
const tag = useQueryState('tag', '')
const archived = useQueryState<'yes' | ''>('archived', '', (text) => text === 'yes')
const away = computed({
  get: () => archived.value === 'yes',
  set: (now) => (archived.value = now ? 'yes' : ''),
})

const shelf = computed(() => shelfOf(sheets.value ?? []))
const anyAway = computed(() => sheets.value?.some(({ archived }) => archived) ?? false)
const shown = computed(() =>
  shelf.value.search({
    text: search.value,
    dance: dance.value || null,
    level: level.value || null,
    tag: tag.value || null,
    archived: away.value,
    order: 'title',
  }),
)
const all = computed(
  () => sheets.value?.filter(({ archived }) => archived === away.value).length ?? 0,
)

async function load(): Promise<void> {
  failure.value = ''
  try {
    sheets.value = (await api('listSheets')).sheets
    await library.load()
  } catch (error) {
    failure.value = sentenceOf(error)
    if (error instanceof ApiProblem && error.offline) kept.value = await keptSheets()
  }
}
onMounted(load)

const {
  failure: notBrought,
  told,
  broughtIn,
  again,
  bring,
  keepBoth,
  mergeIn,
} = useBringSheet(sheets, load)
const router = useRouter()
async function merge(): Promise<void> {
  const sheet = await mergeIn()
  if (sheet) await router.push({ name: 'sheet', params: { id: sheet.id } })
}

/** The demo has tunes and a group as well. */
async function filled(): Promise<void> {
  await Promise.all([library.readTunes(), library.readGroups()])
  await load()
}
</script>

<template>
  <div class="view">
    <header class="view-head">
      <div>
        <h1>{{ words.shelf.title }}</h1>
        <p class="soft">{{ words.shelf.lead }}</p>
      </div>
      <div class="actions">
        <PickFile
          size="large"
          :label="words.shelf.bring"
          accept=".json,.txt,application/json,text/plain"
          @pick="bring"
        />
        <el-button tag="router-link" size="large" :to="{ name: 'free' }">{{
          words.lectern.free.open
        }}</el-button>
        <el-button type="primary" size="large" data-tour="new" @click="writing = true">{{
          words.shelf.write
        }}</el-button>
      </div>
    </header>
    <p v-if="isNew" class="told first">
      {{ words.shelf.tour.offer }}
      <el-button link @click="touring = true">{{ words.shelf.tour.start }}</el-button>
      <el-button link @click="knowsItNow">{{ words.shelf.tour.no }}</el-button>
    </p>
    <el-tour v-model="touring" @close="knowsItNow">
      <el-tour-step
        v-for="step in words.shelf.tour.steps"
        :key="step.title"
        :target="step.target"
        :title="step.title"
        :description="step.text"
      />
    </el-tour>
    <NewSheet v-model="writing" />
    <p v-if="told" class="told" role="status">
      {{ told }}
      <RouterLink v-if="broughtIn" :to="{ name: 'sheet', params: { id: broughtIn.id } }">{{
        words.shelf.openIt(broughtIn.title)
      }}</RouterLink>
    </p>
    <BroughtAgain :again="again" @keep-both="keepBoth" @merge="merge" @leave="again = null" />
    <p v-if="notBrought" class="failure" role="alert">{{ notBrought }}</p>
    <div v-if="failure" class="failure" role="alert">
      <p>{{ failure }}</p>
      <el-button v-if="!sheets" @click="load">{{ words.app.again }}</el-button>
    </div>
    <section v-if="!sheets && kept.length > 0" class="kept" aria-labelledby="kept-head">
      <h2 id="kept-head">{{ words.shelf.kept }}</h2>
      <ul>
        <li v-for="one in kept" :key="one.id">
          <RouterLink :to="{ name: 'lectern', params: { id: one.id } }">{{
            words.shelf.callOf(one.title)
          }}</RouterLink>
          <span class="soft"> {{ words.dance(one.dance) }}</span>
        </li>
      </ul>
    </section>
    <SetAsideNote />
    <div v-if="!sheets && !failure" role="status" :aria-label="words.app.loading">
      <el-skeleton :rows="6" animated />
    </div>
    <template v-if="sheets">
      <el-empty v-if="sheets.length === 0" :description="words.shelf.empty">
        <p class="soft beside">{{ words.shelf.emptyDemo }}</p>
        <el-button type="primary" size="large" @click="writing = true">{{
          words.shelf.write
        }}</el-button>
        <FillDemo @filled="filled" />
      </el-empty>
      <template v-else>
        <div class="wishes">
          <div class="grow">
            <label class="field-label" for="shelf-search">{{ words.shelf.search }}</label>
            <el-input id="shelf-search" v-model="search" clearable />
          </div>
          <Labelled v-if="shelf.dances.length > 1" :label="words.sheets.shelf.dance"
            ><el-select v-model="dance" class="pick"
              ><el-option value="" :label="words.sheets.shelf.any" />
              <el-option
                v-for="one in shelf.dances"
                :key="one"
                :value="one"
                :label="words.dance(one)" /></el-select
          ></Labelled>
          <Labelled v-if="shelf.levels.length > 0" :label="words.sheets.shelf.level"
            ><el-select v-model="level" class="pick"
              ><el-option value="" :label="words.sheets.shelf.any" />
              <el-option
                v-for="one in shelf.levels"
                :key="one"
                :value="one"
                :label="words.level[one as Level]" /></el-select
          ></Labelled>
          <Labelled v-if="shelf.tags.length > 0" :label="words.sheets.shelf.tag"
            ><el-select v-model="tag" class="pick"
              ><el-option value="" :label="words.sheets.shelf.any" />
              <el-option
                v-for="one in shelf.tags"
                :key="one"
                :value="one"
                :label="one" /></el-select
          ></Labelled>
          <el-button v-if="anyAway || away" :aria-pressed="away" @click="away = !away">
            {{ words.sheets.shelf.away }}
          </el-button>
        </div>
        <p class="soft" role="status">{{ words.sheets.shelf.found(shown.length, all) }}</p>
        <p v-if="shown.length === 0">
          {{ search ? words.shelf.nothing(search) : words.sheets.shelf.notAway }}
        </p>
        <SheetTable v-if="shown.length > 0" :sheets="shown" :search="search" />
      </template>
    </template>
  </div>
</template>

<style scoped>
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
}
.wishes {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1rem;
  align-items: end;
  margin-bottom: 0.5rem;
}
.wishes .pick {
  width: 11rem;
}
.beside {
  margin-bottom: 1.2rem;
}
.grow {
  flex: 1 1 16rem;
  max-width: 26rem;
}
.first {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1.2rem;
}
</style>
