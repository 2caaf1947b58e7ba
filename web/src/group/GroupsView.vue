<script setup lang="ts">
import { LEVELS, searchFigures, type Figure } from '@dellop/core/figure'
import { cover, emptyGroup, knownFigures, type Group } from '@dellop/core/group'
import { logbookOf, type LogEntry } from '@dellop/core/logbook'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { useLoadedLibrary } from '../app/loadedLibrary.ts'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'
import EntryInput from '../ui/EntryInput.vue'

/**
 * Who dances: how far each group is and what it has been taught. One can be chosen, for all lists
 * and sheets.
 */
const { library, failure, loaded } = useLoadedLibrary(
  () => void (openId.value = library.settings.groupId ?? library.groups[0]?.id ?? null),
)
const say = words.figures.groups
const openId = ref<string | null>(null)
const removed = shallowRef<Group | null>(null)
const search = ref('')
const taughtOnly = ref(false)
const PAGE = 60
const most = ref(PAGE)

const open = computed(() => library.groups.find(({ id }) => id === openId.value) ?? null)
const known = computed(() => open.value && knownFigures(open.value))
const shown = computed(() => {
  const asked = known.value
  if (!asked) return []
  const order = { covered: 0, within: 1, beyond: 2 }
  const found = searchFigures(library.figures, search.value).map((figure) => ({
    figure,
    coverage: asked.of(figure),
  }))
  const wanted = taughtOnly.value ? found.filter(({ coverage }) => coverage === 'covered') : found
  return search.value.trim() === ''
    ? wanted.sort((a, b) => order[a.coverage] - order[b.coverage])
    : wanted
})

/** Whether it was kept; where not, it is said why. */
async function kept(work: () => Promise<void>): Promise<boolean> {
  failure.value = ''
  try {
    await work()
    return true
  } catch (error) {
    failure.value = say.notKept + sentenceOf(error)
    return false
  }
}
const keep = (group: Group): Promise<boolean> => kept(() => library.saveGroup(group))
async function add(): Promise<void> {
  const group = emptyGroup(randomId(), say.title.replace(/s$/, ` ${library.groups.length + 1}`))
  if (!(await kept(() => library.addGroup(group)))) return
  // What is written next is meant for the new one.
  openId.value = group.id
  if (library.settings.groupId === null) await choose(group.id)
}
/** The one that is chosen is the one that is shown. */
async function choose(groupId: string | null): Promise<void> {
  failure.value = ''
  if (groupId !== null) openId.value = groupId
  try {
    await library.saveSettings({ groupId })
  } catch (error) {
    failure.value = say.notKept + sentenceOf(error)
  }
}
async function forget(group: Group): Promise<void> {
  failure.value = ''
  try {
    await library.removeGroup(group.id)
    removed.value = group
    if (library.settings.groupId === group.id) await choose(null)
    openId.value = library.groups[0]?.id ?? null
  } catch (error) {
    failure.value = say.notKept + sentenceOf(error)
  }
}
async function putBack(): Promise<void> {
  const group = removed.value!
  if (!(await kept(() => library.addGroup(group)))) return
  removed.value = null
  openId.value = group.id
}
function rename(group: Group, text: string): void {
  const name = text.trim()
  if (name !== '') void keep({ ...group, name })
}
/** Without a school of its own a group is called as each sheet has it. */
function setSchool({ schoolId: _, ...group }: Group, schoolId: string): void {
  void keep(schoolId === '' ? group : { ...group, schoolId })
}
function setTimes(group: Group, figureId: string, text: string): void {
  const times = Math.max(0, Math.min(100_000, Math.round(Number(text) || 0)))
  void keep({
    ...group,
    taught: group.taught.map((one) => (one.id === figureId ? { ...one, times } : one)),
  })
}
const isTaught = (figureId: string): boolean => open.value!.taught.some(({ id }) => id === figureId)
const listed = computed(() =>
  shown.value.slice(0, most.value).map((one) => ({ id: one.figure.id, ...one })),
)
const levelNamed = ({ level }: Figure): string => words.level[level]
const entries = shallowRef<readonly LogEntry[]>([])
onMounted(async () => {
  const found = await api('listEntries').catch(() => null)
  entries.value = found?.entries ?? []
})
/** Figures the logbook has seen this group dance. */
const danced = computed(() => {
  const list = open.value ? logbookOf(entries.value).danced(open.value.id) : []
  return new Map(list.map((one) => [one.id, one]))
})
/** How sure that is: on how many evenings, and since when. */
function dancedTold(figureId: string): string {
  const one = danced.value.get(figureId)
  return one ? say.danced(one.days, words.format.shortDate(one.firstMs)) : ''
}
const stateOf = (coverage: keyof typeof say.state): string => say.state[coverage]
</script>

<template>
  <div class="view">
    <p>
      <RouterLink to="/figures">{{ words.figures.back }}</RouterLink>
    </p>
    <header class="view-head">
      <div>
        <h1>{{ say.title }}</h1>
        <p class="soft">{{ say.lead }}</p>
      </div>
      <el-button type="primary" size="large" :disabled="!loaded" @click="add">{{
        say.add
      }}</el-button>
    </header>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-if="removed" class="told" role="status">
      {{ say.removed(removed.name) }}
      <el-button link @click="putBack">{{ say.undo }}</el-button>
    </p>
    <p v-if="!loaded && !failure" role="status">{{ words.app.loading }}</p>
    <p v-else-if="library.groups.length === 0" class="empty">{{ say.empty }}</p>
    <template v-else>
      <Labelled class="chosen" :label="say.chosen"
        ><el-select
          class="pick"
          :model-value="library.settings.groupId ?? ''"
          @change="choose($event || null)"
          ><el-option value="" :label="say.nobody" />
          <el-option
            v-for="group in library.groups"
            :key="group.id"
            :value="group.id"
            :label="group.name" /></el-select
      ></Labelled>
      <div class="columns">
        <ul class="groups">
          <li v-for="group in library.groups" :key="group.id">
            <el-button size="large" :aria-pressed="group.id === openId" @click="openId = group.id">
              {{ group.name }}
            </el-button>
            <span class="soft"
              >{{ words.level[group.level] }}, {{ say.covered(group.taught.length) }}</span
            >
          </li>
        </ul>
        <section v-if="open && known" :aria-label="open.name">
          <div class="row">
            <Labelled :label="say.name"
              ><EntryInput :value="open.name" maxlength="60" @change="rename(open, $event)"
            /></Labelled>
            <Labelled :label="say.level"
              ><el-select
                :model-value="open.level"
                @change="keep({ ...open, level: $event as Group['level'] })"
                ><el-option
                  v-for="level in LEVELS"
                  :key="level"
                  :value="level"
                  :label="words.level[level]" /></el-select
            ></Labelled>
            <Labelled :label="say.school"
              ><el-select :model-value="open.schoolId ?? ''" @change="setSchool(open, $event)"
                ><el-option value="" :label="say.ownSchool" />
                <el-option
                  v-for="school in library.schools"
                  :key="school.id"
                  :value="school.id"
                  :label="words.shipped.style(school)" /></el-select
            ></Labelled>
            <Labelled :label="say.search"><el-input v-model="search" type="search" /></Labelled>
          </div>
          <el-checkbox v-model="taughtOnly">{{ say.only }}</el-checkbox>
          <el-table
            :data="listed"
            :show-header="false"
            row-key="id"
            :empty-text="words.figures.nothing(search)"
          >
            <el-table-column min-width="220">
              <template #default="{ row }">
                <el-checkbox
                  :model-value="isTaught(row.figure.id)"
                  @change="keep(cover(open!, row.figure.id, !isTaught(row.figure.id)))"
                  >{{ row.figure.name }}</el-checkbox
                >
              </template>
            </el-table-column>
            <el-table-column min-width="180">
              <template #default="{ row }"
                ><span class="soft"
                  >{{ words.dance(row.figure.family) }}, {{ levelNamed(row.figure) }}</span
                ></template
              >
            </el-table-column>
            <el-table-column min-width="130">
              <template #default="{ row }"
                ><span class="soft">{{ stateOf(row.coverage) }}</span>
                <span v-if="dancedTold(row.figure.id)" class="soft danced">{{
                  dancedTold(row.figure.id)
                }}</span></template
              >
            </el-table-column>
            <el-table-column width="230">
              <template #default="{ row }">
                <EntryInput
                  v-if="isTaught(row.figure.id)"
                  class="count"
                  :value="known.times(row.figure.id)"
                  type="number"
                  min="0"
                  max="100000"
                  :aria-label="say.timesOf(row.figure.name)"
                  @change="setTimes(open!, row.figure.id, $event)"
                  ><template #prefix>{{ say.times }}</template></EntryInput
                >
              </template>
            </el-table-column>
          </el-table>
          <el-button v-if="shown.length > most" @click="most += PAGE">
            {{ words.figures.more(Math.min(PAGE, shown.length - most)) }}
          </el-button>
          <p class="end">
            <el-button @click="forget(open)">{{ say.remove }}</el-button>
          </p>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.danced {
  display: block;
  font-size: 0.85rem;
}
.chosen {
  display: block;
  margin-bottom: 1rem;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 14rem) minmax(0, 1fr);
  gap: 2rem;
}
.groups {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.75rem;
  align-content: start;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
  margin-bottom: 0.6rem;
}
.row > :deep(.labelled) {
  flex: 1 1 10rem;
}
/* Names of groups are long. */
.row > :deep(.labelled:first-child) {
  flex: 2 1 16rem;
}
.columns :deep(.el-input__prefix) {
  padding-right: 0.5rem;
}
.end {
  margin-top: 1rem;
}
@media (max-width: 700px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
