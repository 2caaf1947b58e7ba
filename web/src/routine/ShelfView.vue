<script setup lang="ts">
import { readSheetFile, sheetFileOfText } from '@dellop/core/file'
import { shelfOf, type ShelfOrder } from '@dellop/core/routine'
import { randomId } from '../app/randomId.ts'
import type { SheetSummary } from '@dellop/wire'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import SetAsideNote from '../document/SetAsideNote.vue'
import { words } from '../words/index.ts'

const router = useRouter()
const library = useLibrary()
const sheets = ref<SheetSummary[] | null>(null)
const failure = ref('')
const told = ref('')
const search = ref('')
const writing = ref(false)
const title = ref('')
const tuneId = ref<string>('')
const fileBox = ref<HTMLInputElement | null>(null)

const dance = ref('')
const level = ref('')
const tag = ref('')
const order = ref<ShelfOrder>('title')
const away = ref(false)
/** Sheets that are drawn at once; a longer shelf is drawn as far as it is asked for. */
const STEP = 60
const drawn = ref(STEP)

const shelf = computed(() => shelfOf(sheets.value ?? []))
const anyAway = computed(() => sheets.value?.some(({ archived }) => archived) ?? false)
const shown = computed(() =>
  shelf.value.search({
    text: search.value,
    dance: dance.value || null,
    level: level.value || null,
    tag: tag.value || null,
    archived: away.value,
    order: order.value,
  }),
)
const all = computed(
  () => sheets.value?.filter(({ archived }) => archived === away.value).length ?? 0,
)
const levelName = (id: string): string =>
  (words.sheets.head.levels as Record<string, string>)[id] ?? id
/** Figures of a sheet that the search has found it by. */
const foundBy = (sheet: SheetSummary): string => {
  const typed = search.value.trim().toLowerCase()
  return typed.length < 2
    ? ''
    : sheet.figures
        .filter((name) => typed.split(/\s+/).every((word) => name.toLowerCase().includes(word)))
        .slice(0, 3)
        .join(', ')
}
watch([search, dance, level, tag, order, away], () => (drawn.value = STEP))

async function load(): Promise<void> {
  failure.value = ''
  try {
    sheets.value = (await api('listSheets')).sheets
    await library.load()
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
onMounted(load)

async function create(): Promise<void> {
  try {
    const { routine } = await api('newSheet', {
      body: { title: title.value, tuneId: tuneId.value === '' ? null : tuneId.value },
    })
    await router.push({ name: 'sheet', params: { id: routine.id } })
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}

/** A sheet file, or a sheet typed as text; figures of a text are looked up in the book. */
function readAny(text: string, name: string) {
  if (!/\.txt$/i.test(name)) return readSheetFile(text, `“${name}”`)
  return sheetFileOfText(text, {
    id: randomId(),
    title: name.replace(/\.txt$/i, '').slice(0, 120),
    figures: library.figures,
  })
}

async function bring(event: Event): Promise<void> {
  const box = event.target as HTMLInputElement
  const file = box.files?.[0]
  box.value = ''
  if (!file) return
  failure.value = told.value = ''
  // The names of a text are looked up in the book: it must be here first.
  await library.load().catch((error: unknown) => (failure.value = sentenceOf(error)))
  if (failure.value) return
  const read = readAny(await file.text(), file.name)
  if (!read.ok) return void (failure.value = words.shelf.notBrought + read.problem.message)
  try {
    const answer = await api('importSheet', { body: { file: read.value } })
    const { school } = read.value
    if (school) await library.bringSchool(school.id)
    told.value = words.shelf.brought(read.value.routine.title, answer.newFigures.length)
    await load()
  } catch (error) {
    failure.value = words.shelf.notBrought + sentenceOf(error)
  }
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
        <button class="button" @click="fileBox?.click()">{{ words.shelf.bring }}</button>
        <input
          ref="fileBox"
          class="unseen"
          type="file"
          accept=".json,.txt,application/json,text/plain"
          tabindex="-1"
          :aria-label="words.shelf.bring"
          @change="bring"
        />
        <RouterLink class="button" :to="{ name: 'free' }">{{ words.lectern.free.open }}</RouterLink>
        <button class="button main" @click="writing = true">{{ words.shelf.write }}</button>
      </div>
    </header>
    <form
      v-if="writing"
      class="new"
      @submit.prevent="create"
      @keydown.esc.prevent="writing = false"
    >
      <div>
        <label class="field-label" for="new-title">{{ words.shelf.name }}</label>
        <el-input id="new-title" v-model="title" maxlength="120" autofocus />
      </div>
      <div>
        <label class="field-label" for="new-tune">{{ words.shelf.tune }}</label>
        <select id="new-tune" v-model="tuneId" class="select">
          <option value="">{{ words.shelf.noTune }}</option>
          <option v-for="tune in library.tunes" :key="tune.id" :value="tune.id">
            {{ tune.title }}
          </option>
        </select>
      </div>
      <div class="actions">
        <button class="button main" :disabled="title.trim() === ''">
          {{ words.shelf.create }}
        </button>
        <button type="button" class="button" @click="writing = false">
          {{ words.shelf.cancel }}
        </button>
      </div>
    </form>
    <p v-if="told" class="told" role="status">{{ told }}</p>
    <div v-if="failure" class="failure" role="alert">
      <p>{{ failure }}</p>
      <button v-if="!sheets" class="button small" @click="load">{{ words.app.again }}</button>
    </div>
    <SetAsideNote />
    <p v-if="!sheets && !failure" role="status">{{ words.app.loading }}</p>
    <template v-if="sheets">
      <div v-if="sheets.length === 0" class="empty">
        <p>{{ words.shelf.empty }}</p>
        <p class="soft">{{ words.shelf.emptyDemo }}</p>
      </div>
      <template v-else>
        <div class="wishes">
          <div class="grow">
            <label class="field-label" for="shelf-search">{{ words.shelf.search }}</label>
            <el-input id="shelf-search" v-model="search" clearable />
          </div>
          <label v-if="shelf.dances.length > 1"
            >{{ words.sheets.shelf.dance }}
            <select v-model="dance" class="pick">
              <option value="">{{ words.sheets.shelf.any }}</option>
              <option v-for="one in shelf.dances" :key="one" :value="one">{{ one }}</option>
            </select></label
          >
          <label v-if="shelf.levels.length > 0"
            >{{ words.sheets.shelf.level }}
            <select v-model="level" class="pick">
              <option value="">{{ words.sheets.shelf.any }}</option>
              <option v-for="one in shelf.levels" :key="one" :value="one">
                {{ levelName(one) }}
              </option>
            </select></label
          >
          <label v-if="shelf.tags.length > 0"
            >{{ words.sheets.shelf.tag }}
            <select v-model="tag" class="pick">
              <option value="">{{ words.sheets.shelf.any }}</option>
              <option v-for="one in shelf.tags" :key="one" :value="one">{{ one }}</option>
            </select></label
          >
          <label
            >{{ words.sheets.shelf.order }}
            <select v-model="order" class="pick">
              <option v-for="(label, id) in words.sheets.shelf.orders" :key="id" :value="id">
                {{ label }}
              </option>
            </select></label
          >
          <button
            v-if="anyAway || away"
            class="button small"
            :aria-pressed="away"
            @click="away = !away"
          >
            {{ words.sheets.shelf.away }}
          </button>
        </div>
        <p class="soft" role="status">{{ words.sheets.shelf.found(shown.length, all) }}</p>
        <p v-if="shown.length === 0">
          {{ search ? words.shelf.nothing(search) : words.sheets.shelf.notAway }}
        </p>
        <ul class="shelf">
          <li v-for="sheet in shown.slice(0, drawn)" :key="sheet.id">
            <div class="names">
              <RouterLink class="title" :to="{ name: 'sheet', params: { id: sheet.id } }">{{
                sheet.title
              }}</RouterLink>
              <p class="soft">{{ words.shelf.by(sheet.by) }}</p>
              <p v-if="foundBy(sheet)" class="soft">
                {{ words.sheets.shelf.figures(foundBy(sheet)) }}
              </p>
            </div>
            <p>
              {{ sheet.dance }}<template v-if="sheet.level">, {{ levelName(sheet.level) }}</template
              ><template v-if="sheet.tuneTitle"> · {{ sheet.tuneTitle }}</template>
              <span v-for="one in sheet.tags" :key="one" class="tag">{{ one }}</span>
            </p>
            <p class="soft">{{ words.shelf.changed(words.format.date(sheet.updatedAtMs)) }}</p>
            <RouterLink
              class="button small"
              :to="{ name: 'lectern', params: { id: sheet.id } }"
              :aria-label="words.shelf.callOf(sheet.title)"
              >{{ words.shelf.call }}</RouterLink
            >
          </li>
        </ul>
        <button v-if="shown.length > drawn" class="button" @click="drawn += STEP">
          {{ words.sheets.shelf.more(Math.min(STEP, shown.length - drawn)) }}
        </button>
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
.new {
  display: grid;
  grid-template-columns: 2fr 2fr auto;
  gap: 1rem;
  align-items: end;
  padding: 1rem;
  border: 2px solid var(--voice-edge);
  border-radius: 8px;
  background: var(--sheet);
  margin-bottom: 1.25rem;
}
.select {
  width: 100%;
  min-height: 40px;
  font: inherit;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--el-border-color);
  border-radius: 6px;
  padding: 0 0.5rem;
}
.wishes {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1rem;
  align-items: end;
  margin-bottom: 0.5rem;
}
.wishes label {
  display: grid;
  gap: 0.25rem;
  font-size: 0.9rem;
  color: var(--ink-soft);
}
.wishes .pick {
  min-height: 40px;
}
.grow {
  flex: 1 1 16rem;
  max-width: 26rem;
}
.tag {
  display: inline-block;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  padding: 0 0.35rem;
  margin-left: 0.35rem;
  font-size: 0.85rem;
}
.shelf {
  list-style: none;
  margin: 1rem 0 0;
  padding: 0;
}
.shelf li {
  display: grid;
  grid-template-columns: 2.2fr 2.4fr 1.4fr auto;
  gap: 1rem;
  align-items: center;
  padding: 0.9rem 1rem;
  background: var(--sheet);
  border-bottom: 1px solid var(--rule);
  border-left: 6px solid var(--feet);
}
.title {
  font-family: var(--font-head);
  font-weight: 700;
  font-size: 1.2rem;
  color: var(--ink);
}
@media (max-width: 700px) {
  .new,
  .shelf li {
    grid-template-columns: 1fr;
    gap: 0.4rem;
  }
}
</style>
