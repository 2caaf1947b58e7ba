<script setup lang="ts">
import { readSheetFile } from '@dellop/core/file'
import type { SheetSummary } from '@dellop/wire'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
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

const shown = computed(() => {
  const text = search.value.trim().toLowerCase()
  return (sheets.value ?? []).filter((sheet) => text === '' || `${sheet.title} ${sheet.by} ${sheet.dance} ${sheet.tuneTitle ?? ''}`.toLowerCase().includes(text))
})

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
    const { routine } = await api('newSheet', { body: { title: title.value, tuneId: tuneId.value === '' ? null : tuneId.value } })
    await router.push({ name: 'sheet', params: { id: routine.id } })
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}

async function bring(event: Event): Promise<void> {
  const box = event.target as HTMLInputElement
  const file = box.files?.[0]
  box.value = ''
  if (!file) return
  failure.value = told.value = ''
  const read = readSheetFile(await file.text(), `“${file.name}”`)
  if (!read.ok) return void (failure.value = words.shelf.notBrought + read.problem.message)
  try {
    const answer = await api('importSheet', { body: { file: read.value } })
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
        <input ref="fileBox" class="unseen" type="file" accept=".json,application/json" tabindex="-1" :aria-label="words.shelf.bring" @change="bring" />
        <button class="button main" @click="writing = true">{{ words.shelf.write }}</button>
      </div>
    </header>
    <form v-if="writing" class="new" @submit.prevent="create" @keydown.esc.prevent="writing = false">
      <div>
        <label class="field-label" for="new-title">{{ words.shelf.name }}</label>
        <el-input id="new-title" v-model="title" maxlength="120" autofocus />
      </div>
      <div>
        <label class="field-label" for="new-tune">{{ words.shelf.tune }}</label>
        <select id="new-tune" v-model="tuneId" class="select">
          <option value="">{{ words.shelf.noTune }}</option>
          <option v-for="tune in library.tunes" :key="tune.id" :value="tune.id">{{ tune.title }}</option>
        </select>
      </div>
      <div class="actions">
        <button class="button main" :disabled="title.trim() === ''">{{ words.shelf.create }}</button>
        <button type="button" class="button" @click="writing = false">{{ words.shelf.cancel }}</button>
      </div>
    </form>
    <p v-if="told" class="told" role="status">{{ told }}</p>
    <div v-if="failure" class="failure" role="alert">
      <p>{{ failure }}</p>
      <button v-if="!sheets" class="button small" @click="load">{{ words.app.again }}</button>
    </div>
    <p v-if="!sheets && !failure" role="status">{{ words.app.loading }}</p>
    <template v-if="sheets">
      <div v-if="sheets.length === 0" class="empty">
        <p>{{ words.shelf.empty }}</p>
        <p class="soft">{{ words.shelf.emptyDemo }}</p>
      </div>
      <template v-else>
        <label class="field-label" for="shelf-search">{{ words.shelf.search }}</label>
        <el-input id="shelf-search" v-model="search" class="search" clearable />
        <p v-if="shown.length === 0">{{ words.shelf.nothing(search) }}</p>
        <ul class="shelf">
          <li v-for="sheet in shown" :key="sheet.id">
            <div class="names">
              <RouterLink class="title" :to="{ name: 'sheet', params: { id: sheet.id } }">{{ sheet.title }}</RouterLink>
              <p class="soft">{{ words.shelf.by(sheet.by) }}</p>
            </div>
            <p>
              {{ sheet.dance }}<template v-if="sheet.tuneTitle"> · {{ sheet.tuneTitle }}</template>
            </p>
            <p class="soft">{{ words.shelf.changed(words.format.date(sheet.updatedAtMs)) }}</p>
            <RouterLink class="button small" :to="{ name: 'lectern', params: { id: sheet.id } }" :aria-label="words.shelf.callOf(sheet.title)">{{ words.shelf.call }}</RouterLink>
          </li>
        </ul>
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
.search {
  max-width: 26rem;
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
