<script setup lang="ts">
import { LEVELS, type Level } from '@dellop/core/figure'
import type { SheetSummary } from '@dellop/wire'
import { computed } from 'vue'
import { useLibrary } from '../app/library.ts'
import LongTable, { type LongColumn } from '../ui/LongTable.vue'
import { words } from '../words/index.ts'
import FavouriteStar from './FavouriteStar.vue'

/** Sheets as a table: favourites first, and why a search has found each. */
const props = defineProps<{ sheets: readonly SheetSummary[]; search: string }>()
const library = useLibrary()
const isFavourite = (id: string): boolean => library.settings.favourites.includes(id)
const listed = computed(() => [
  ...props.sheets.filter(({ id }) => isFavourite(id)),
  ...props.sheets.filter(({ id }) => !isFavourite(id)),
])
/** Those of some names that the search has found, at most three. */
function foundIn(names: readonly string[]): string {
  const typed = props.search.trim().toLowerCase()
  return typed.length < 2
    ? ''
    : names
        .filter((name) => typed.split(/\s+/).every((word) => name.toLowerCase().includes(word)))
        .slice(0, 3)
        .join(', ')
}
/** Why the search has found a sheet; who made it, where its title says enough. */
function foundBy(sheet: SheetSummary): string {
  const [other, figures] = [foundIn(sheet.otherNames), foundIn(sheet.figures)]
  if (other) return words.sheets.shelf.alsoCalled(other)
  return figures ? words.sheets.shelf.figures(figures) : words.shelf.by(sheet.by)
}

const columns: readonly LongColumn<SheetSummary>[] = [
  {
    key: 'star',
    title: words.shelf.favourite.head,
    width: 56,
    by: (one) => (isFavourite(one.id) ? 0 : 1),
    always: true,
  },
  {
    key: 'title',
    title: words.shelf.columns.title,
    width: 230,
    grow: 2,
    by: (one) => one.title,
    always: true,
  },
  {
    key: 'dance',
    title: words.shelf.columns.kind,
    width: 135,
    grow: 1,
    by: (one) => words.dance(one.dance),
  },
  {
    key: 'level',
    title: words.sheets.shelf.level,
    width: 145,
    by: (one) => (one.level ? LEVELS.indexOf(one.level as never) : -1),
  },
  {
    key: 'tune',
    title: words.shelf.columns.tune,
    width: 170,
    grow: 1,
    by: (one) => one.tuneTitle ?? '',
  },
  { key: 'tags', title: words.sheets.shelf.tag, width: 150, by: (one) => one.tags.join(' ') },
  { key: 'changed', title: words.shelf.columns.changed, width: 120, by: (one) => one.updatedAtMs },
  { key: 'call', title: words.shelf.callHead, width: 124, always: true },
]
</script>

<template>
  <LongTable :columns="columns" :rows="listed" :label="words.shelf.title" :row-height="56">
    <template #star="{ row }"><FavouriteStar :id="row.id" :title="row.title" /></template>
    <template #title="{ row }">
      <span class="names">
        <RouterLink class="title" :to="{ name: 'sheet', params: { id: row.id } }">{{
          row.title
        }}</RouterLink>
        <span class="soft small">{{ foundBy(row) }}</span>
      </span>
    </template>
    <template #dance="{ row }">{{ words.dance(row.dance) }}</template>
    <template #level="{ row }">{{ row.level ? words.level[row.level as Level] : '' }}</template>
    <template #tune="{ row }">{{ row.tuneTitle }}</template>
    <template #tags="{ row }"
      ><span class="tags"
        ><el-tag v-for="one in row.tags" :key="one" type="info" size="small">{{
          one
        }}</el-tag></span
      ></template
    >
    <template #changed="{ row }">{{ words.format.shortDate(row.updatedAtMs) }}</template>
    <template #call="{ row }"
      ><el-button
        tag="router-link"
        :to="{ name: 'lectern', params: { id: row.id } }"
        :aria-label="words.shelf.callOf(row.title)"
        >{{ words.shelf.call }}</el-button
      ></template
    >
  </LongTable>
</template>

<style scoped>
.names {
  display: grid;
  min-width: 0;
}
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
}
.small {
  overflow: hidden;
  font-size: 0.85rem;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.title {
  font-family: var(--font-head);
  font-weight: 700;
  display: -webkit-box;
  overflow: hidden;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  font-size: 1.1rem;
  line-height: 1.2;
  color: var(--ink);
}
</style>
