<script setup lang="ts">
import { searchFigures } from '@dellop/core/figure'
import { ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { words } from '../words/index.ts'
import { api } from './api.ts'
import { useLibrary } from './library.ts'
import { recents, type Recent } from './recent.ts'

/** Sheets, tunes and figures searched from one place; before anything is typed, what was last open. */
const router = useRouter()
const library = useLibrary()
const shown = defineModel<boolean>({ required: true })
/** What has been typed, also before the box was here. */
const typed = defineModel<string>('typed', { required: true })
const sheets = ref<readonly (Recent & { readonly otherNames: readonly string[] })[]>([])

interface Found extends Recent {
  readonly value: string
  readonly kind: string
}
const MOST_OF_A_KIND = 6

/** Once what is searched is here: who types sooner has it searched as it comes. */
let ready: Promise<void> = Promise.resolve()

watch(
  shown,
  (isShown) => {
    if (isShown) ready = load()
  },
  { immediate: true },
)

async function load(): Promise<void> {
  await library.load().catch(() => undefined)
  const all = await api('listSheets').catch(() => null)
  sheets.value = (all?.sheets ?? []).map(({ id, title, otherNames }) => ({
    path: `/sheets/${id}`,
    name: title,
    otherNames,
  }))
}

const matches = (name: string, wanted: readonly string[]): boolean =>
  wanted.every((word) => name.toLowerCase().includes(word))
const found = (list: readonly Recent[], kind: string): Found[] =>
  list.slice(0, MOST_OF_A_KIND).map((one) => ({ ...one, value: one.name, kind }))

async function search(text: string, show: (list: Found[]) => void): Promise<void> {
  const { search: say } = words.nav
  const wanted = text.trim().toLowerCase().split(/\s+/).filter(Boolean)
  if (wanted.length === 0) return show(found(recents(), say.recent))
  await ready
  // What has been typed on meanwhile is searched by itself.
  if (text !== typed.value) return
  const tunes = library.tunes.map(({ id, title }) => ({ path: `/tunes/${id}`, name: title }))
  const figures = searchFigures(library.figures, text).map(({ id, name, family }) => ({
    path: `/figures/${id}`,
    name: `${name}, ${family}`,
  }))
  show([
    ...found(
      sheets.value.flatMap(({ path, name, otherNames }) => {
        if (matches(name, wanted)) return [{ path, name }]
        // The name that was looked for stands beside the one it has here.
        const other = otherNames.find((one) => matches(one, wanted))
        return other ? [{ path, name: `${name} (${other})` }] : []
      }),
      say.sheet,
    ),
    ...found(
      tunes.filter(({ name }) => matches(name, wanted)),
      say.tune,
    ),
    ...found(figures, say.figure),
  ])
}
function go(picked: Record<string, unknown>): void {
  shown.value = false
  void router.push((picked as unknown as Found).path)
}

const box = ref<{ focus: () => void } | null>(null)
</script>

<template>
  <el-dialog
    v-model="shown"
    :title="words.nav.search.label"
    width="min(36rem, 94vw)"
    append-to-body
    @opened="box?.focus()"
  >
    <el-autocomplete
      ref="box"
      v-model="typed"
      class="box"
      :fetch-suggestions="search"
      :placeholder="words.nav.search.hint"
      :aria-label="words.nav.search.label"
      :debounce="0"
      :trigger-on-focus="true"
      highlight-first-item
      clearable
      @select="go"
    >
      <template #default="{ item }">
        <strong>{{ item.value }}</strong> <span class="soft kind">{{ item.kind }}</span>
      </template>
    </el-autocomplete>
  </el-dialog>
</template>

<style scoped>
.box {
  width: 100%;
}
.kind {
  margin-left: 0.5rem;
  font-size: 0.85rem;
}
</style>
